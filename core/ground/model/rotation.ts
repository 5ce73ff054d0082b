import { entity, pointsTo, pointsToMany, type RowOfSite } from './entity.ts';

/** Areas of the usual work; one's own are as good (practice R2). */
export const AREAS = [
  'numbers',
  'language',
  'senses',
  'practical life',
  'nature',
  'art',
  'open-ended',
  'baby',
] as const;

/** A thing that takes its turn on the open shelves (practice R1). */
export interface Rotating extends RowOfSite {
  lineId: string;
  areas: string[];
  /** Ages it fits, months, both included. */
  fromMonths: number;
  toMonths: number;
  /** What must have been out before it: lines. */
  afterIds: string[];
  /** Weeks of the year in which it may be out; empty: any. */
  weeksOfYear: number[];
  /** How loved it is, 0 to 1; what is seen corrects it. */
  loved: number;
  /** Minutes to set it out. */
  minutes: number;
  /** Children for whom it is right, or not yet, or not any more, whatever their age. */
  readyIds: string[];
  notYetIds: string[];
  doneIds: string[];
}

export const rotating = entity<Rotating>()({
  words: { one: 'rotating thing', many: 'rotating things' },
  routes: { create: true, remove: true },
  fields: {
    lineId: pointsTo('line', 'remove'),
    areas: {},
    fromMonths: {},
    toMonths: {},
    afterIds: pointsToMany('line'),
    weeksOfYear: { default: [] },
    loved: { default: 0.5 },
    minutes: { default: 2 },
    readyIds: pointsToMany('person', { since: 12 }),
    notYetIds: pointsToMany('person', { since: 12 }),
    doneIds: pointsToMany('person', { since: 12 }),
  },
  since: 11,
});

/** A place on an open shelf for one thing of the rotation. */
export interface Slot extends RowOfSite {
  compartmentId: string;
  area: string;
  /** Which of so many side by side in the compartment, from 1. */
  part: number;
  parts: number;
}

export const slot = entity<Slot>()({
  words: { one: 'slot', many: 'slots' },
  routes: { create: true, remove: true },
  fields: { compartmentId: pointsTo('compartment', 'remove'), area: {}, part: { default: 1 }, parts: { default: 1 } },
  since: 11,
});

/** The time a thing is out: planned, begun, over. */
export interface Spell extends RowOfSite {
  slotId: string;
  lineId: string;
  /** The Monday of the week in which it comes out, and of that in which it is in again; null: nobody knows yet. */
  from: string;
  to: string | null;
  /** Set by hand: a plan goes around it. */
  pinned: boolean;
  /** It was really brought out, and really taken in. */
  begun: boolean;
  ended: boolean;
}

export const spell = entity<Spell>()({
  words: { one: 'spell', many: 'spells' },
  routes: { create: true, remove: true },
  fields: {
    slotId: pointsTo('slot', 'remove'),
    lineId: pointsTo('line', 'remove'),
    from: {},
    to: { default: null },
    pinned: { default: false },
    begun: { default: false },
    ended: { default: false },
  },
  since: 11,
});

export const INTERESTS = ['loved', 'used', 'not touched'] as const;
/** What was seen of a thing that is out, with one tap. */
export interface Interest extends RowOfSite {
  lineId: string;
  kind: (typeof INTERESTS)[number];
  /** ISO date. */
  on: string;
}

export const interest = entity<Interest>()({
  words: { one: 'interest seen', many: 'interests seen' },
  routes: { create: true, remove: true },
  fields: { lineId: pointsTo('line', 'remove'), kind: {}, on: {} },
  since: 11,
});

/** A bin that comes out on a date each year and goes back on another (practice R5). */
export interface Season extends RowOfSite {
  binId: string;
  name: string;
  /** Month and day, `11-20`. */
  comesOut: string;
  goesBack: string;
  out: boolean;
}

export const season = entity<Season>()({
  words: { one: 'seasonal box', many: 'seasonal boxes' },
  routes: { create: true, remove: true },
  fields: { binId: pointsTo('bin', 'remove'), name: {}, comesOut: {}, goesBack: {}, out: { default: false } },
  since: 11,
});

/** What a plan of the rotation weighs against each other. */
export const ROTATION_AIMS = ['balance', 'loved', 'rest', 'swaps'] as const;
export type RotationAim = (typeof ROTATION_AIMS)[number];

/** How a room rotates. */
export interface RotationRules {
  weeks: number;
  longestSpell: number;
  shortestSpell: number;
  leastRest: number;
  mostRest: number;
  swapsAWeek: number;
  /** Minutes of setting out that a week may take; absent or null: as many as the swaps need. */
  minutesAWeek?: number | null;
  /** How much each aim counts, 1 as usual; what is absent counts as usual. */
  weights?: Partial<Record<RotationAim, number>>;
}
