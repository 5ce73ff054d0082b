import { entity, pointsTo, type RowOfSite } from './entity.ts';

export interface CompartmentSpace {
  name: string;
  /** Inside lower left corner in the unit's front elevation, mm from the unit's left side and underside. */
  x: number;
  z: number;
  /** Inside sizes, mm. */
  width: number;
  depth: number;
  height: number;
  /** Height of its inside bottom above the room's floor, mm. */
  floor: number;
  access: 'front' | 'top';
  door: boolean;
  drawer: boolean;
  /** Things hang in it: on a hook, a peg or a rod. */
  hangs: boolean;
  /** Grams. */
  maxLoad: number;
}

export const BLOCKED_SIDES = ['left', 'right', 'back', 'top'] as const;

/** A skirting, a pipe or a hinge that takes room away at one side of the inside, mm. */
export interface BlockedPart {
  side: (typeof BLOCKED_SIDES)[number];
  by: number;
  what: string;
}

export interface Compartment extends RowOfSite, CompartmentSpace {
  unitId: string;
  /** What goes in has to pass it where it is narrower than the inside (hinges, frame, drawer front), mm. */
  opening: number | null;
  /** What takes room away at its sides: already off the inside sizes, which are those that can be used. */
  blocked: BlockedPart[];
  /** The tape was there; otherwise its sizes are reckoned from the outside. */
  measured: boolean;
  sort: number;
}

/** Compartments follow from the shape of their unit: they come and go with it. */
export const compartment = entity<Compartment>()({
  words: { one: 'compartment', many: 'compartments' },
  routes: { create: false, remove: false },
  fields: {
    unitId: pointsTo('unit', 'remove'),
    name: {},
    x: {},
    z: {},
    width: {},
    depth: {},
    height: {},
    floor: {},
    access: {},
    door: {},
    drawer: {},
    hangs: { default: false, since: 6 },
    opening: { default: null, since: 6 },
    blocked: { default: [], since: 7 },
    measured: { default: false, since: 6 },
    maxLoad: {},
    sort: {},
  },
});
