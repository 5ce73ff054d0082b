import { entity, pointsTo, pointsToMany, type RowOfSite } from './entity.ts';

export const DECISIONS = [
  'keep',
  'give away',
  'pass on',
  'return',
  'sell',
  'recycle',
  'bin',
  'other room',
  'decide later',
] as const;
export type Decision = (typeof DECISIONS)[number];

export const CONDITIONS = ['sealed', 'good', 'worn', 'broken', 'dried out', 'incomplete'] as const;
export type Condition = (typeof CONDITIONS)[number];

/** The sides from which a thing can be grouped (practice G1). */
export const ATTRIBUTES = [
  'kind',
  'activity',
  'material',
  'person',
  'stage',
  'colour',
  'size',
  'theme',
  'weekday',
  'number',
] as const;
export type Attribute = (typeof ATTRIBUTES)[number];

export interface Line extends RowOfSite {
  roomId: string;
  categoryId: string | null;
  name: string;
  amount: number;
  /** `pieces` or the key of an everyday measure. */
  measure: string;
  /** Size of one piece in mm, where it was told. */
  length: number | null;
  width: number | null;
  height: number | null;
  decision: Decision;
  note: string;
  sort: number;
  condition: Condition | null;
  /** Decide, return or exchange by this day, ISO. */
  due: string | null;
  /** Who or where it goes to: a friend, a shop, another room. */
  destination: string;
  /** Papers: to be kept until then, ISO. */
  keepUntil: string | null;
  /** When it was decided, ISO date and time; null while it is open. */
  decidedAt: string | null;
  /** Pieces that were tried out and those that were dead; null before anybody tried. */
  tested: number | null;
  dead: number | null;
  /** Pieces of a set that only works complete, and how many are missing. */
  setPieces: number | null;
  setMissing: number;
  /** Ids of other categories it should be found under. */
  also: string[];
  /** A set that is split on purpose: where how much of it is. */
  spread: { where: string; amount: number }[];
  /** What was said by hand; the rest is read from its name and category. */
  attributes: Partial<Record<Attribute, string>>;
  /** Answers to the questions that help with a doubtful one. */
  doubts: Partial<Record<string, boolean>>;
}

/** Lines are made by what a person types (pile) or by a list (import), so that every one is read the same way. */
export const line = entity<Line>()({
  words: { one: 'line', many: 'lines' },
  routes: { create: false, remove: true },
  fields: {
    roomId: pointsTo('room', 'remove'),
    categoryId: pointsTo('category', 'clear'),
    name: {},
    amount: {},
    measure: {},
    length: {},
    width: {},
    height: {},
    decision: {},
    note: {},
    sort: { computed: true },
    condition: { default: null, since: 2 },
    due: { default: null, since: 2 },
    destination: { default: '', since: 2 },
    keepUntil: { default: null, since: 2 },
    decidedAt: { default: null, since: 2 },
    tested: { default: null, since: 2 },
    dead: { default: null, since: 2 },
    setPieces: { default: null, since: 2 },
    setMissing: { default: 0, since: 2 },
    also: pointsToMany('category', { since: 2 }),
    spread: { default: [], since: 2 },
    attributes: { default: {}, since: 2 },
    doubts: { default: {}, since: 2 },
  },
});
