import type { PackingKind } from './category.ts';
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
  /** What kind of thing it is, a key of the starter library: it stays with the line wherever it is sorted. Null: unknown. */
  kind: string | null;
  /** How it lies, where that was taken along from a category it left; null: as its kind does. */
  lies: PackingKind | null;
  /** Litres that one piece holds, where that was told. */
  litresEach: number | null;
  /** Told sides of one piece in mm; null where not told. A height alone is how thick it is. */
  length: number | null;
  width: number | null;
  height: number | null;
  /** What becomes of it; null: nobody has decided yet. */
  decision: Decision | null;
  note: string;
  /** The cell it lies in, from 1 on, where its bin is a sorting case or divided; null: any. */
  cell: number | null;
  sort: number;
  condition: Condition | null;
  /** Decide, return or exchange by this day, ISO. */
  due: string | null;
  /** Who or where it goes to: a friend, a shop, another room. */
  destination: string;
  /** Papers: to be kept until then, ISO. */
  keepUntil: string | null;
  /** Who it is a keepsake of: it counts against that person's limit. Null: it is none. */
  keepsakeOf: string | null;
  /** How often its decision was put off. */
  putOff: number;
  /** The day it was handed over, ISO; null while it is still here. */
  handedOver: string | null;
  /** What came for it in exchange or by selling, minor units. */
  gained: number | null;
  /** When it was decided, ISO date and time; null while it is open. */
  decidedAt: string | null;
  /** Pieces that were tried out and those that were dead; null before anybody tried. */
  tested: number | null;
  dead: number | null;
  /** The day it was tried out, ISO. */
  testedOn: string | null;
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
  /** The thing it lies in, where that is its container (dolls in the doll's house, practice F5). */
  insideId: string | null;
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
    kind: { default: null, since: 4 },
    lies: { default: null, since: 4 },
    litresEach: { default: null, since: 4 },
    length: {},
    width: {},
    height: {},
    decision: {},
    note: {},
    cell: { default: null, since: 7 },
    sort: { computed: true },
    condition: { default: null, since: 2 },
    due: { default: null, since: 2 },
    destination: { default: '', since: 2 },
    keepUntil: { default: null, since: 2 },
    keepsakeOf: pointsTo('person', 'clear', { default: null, since: 4 }),
    putOff: { default: 0, since: 4 },
    handedOver: { default: null, since: 4 },
    gained: { default: null, since: 4 },
    decidedAt: { default: null, since: 2 },
    tested: { default: null, since: 2 },
    dead: { default: null, since: 2 },
    testedOn: { default: null, since: 4 },
    setPieces: { default: null, since: 2 },
    setMissing: { default: 0, since: 2 },
    also: pointsToMany('category', { since: 2 }),
    spread: { default: [], since: 2 },
    attributes: { default: {}, since: 2 },
    doubts: { default: {}, since: 2 },
    insideId: pointsTo('line', 'clear', { default: null, since: 10 }),
  },
});
