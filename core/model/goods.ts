/** What is sorted: lines of the pile, the categories and families they belong to, and what is said of each. */
import type { Row, ZoneKind } from './entities.ts';

/** The container is the limit: so many of that type. */
export interface Limit {
  containerTypeId: string;
  count: number;
}

export interface Family extends Row {
  siteId: string;
  name: string;
  hue: string;
  pictogram: string;
  sort: number;
  /** Classes it is to be sorted into, chosen by hand; null leaves that to the curve. */
  fine: number | null;
}

export type Lie = 'neat' | 'rigid' | 'small' | 'long' | 'soft' | 'nesting';
export type HazardId = 'H2' | 'H3' | 'H4' | 'H5' | 'H6' | 'H14' | 'H15';

export interface CategoryTraits {
  name: string;
  pictogram: string;
  /** Other words for the same thing. */
  synonyms: string[];
  lie: Lie;
  hazards: HazardId[];
  /** Must be seen, should be hidden, or no matter. */
  view: 'show' | 'hide' | null;
  lid: boolean;
  lightSensitive: boolean;
  /** Grams a bulk litre. */
  density: number;
  zoneKind: ZoneKind;
  /** How often a week it is fetched, all its users together. */
  perWeek: number;
}

export interface Category extends Row, CategoryTraits {
  siteId: string;
  familyId: string;
  /** Key in the starter library, null for one of the site's own. */
  starter: string | null;
  /** Ids of those who use it; empty means everybody who comes into the room. */
  users: string[];
  /** A container chosen by hand; null leaves the choice to Stube. */
  containerTypeId: string | null;
  /** What the site has learned of its bulk: 1 is as reckoned. */
  factor: number;
  /** Ids of those who tidy it; empty means those who use it. */
  tidiers: string[];
  /** What it has to fit into, null where there is no limit. */
  limit: Limit | null;
  /** The school of sorting that made it, null for one of the library or made by hand. */
  school: string | null;
}

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

export const FACETS = [
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
export type Facet = (typeof FACETS)[number];

export interface Line extends Row {
  siteId: string;
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
  whereto: string;
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
  facets: Partial<Record<Facet, string>>;
  /** Answers to the questions that help with a doubtful one. */
  doubts: Partial<Record<string, boolean>>;
}
