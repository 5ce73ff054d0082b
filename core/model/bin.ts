import { entity, pointsTo, type RowOfSite } from './entity.ts';

export interface Bin extends RowOfSite {
  roomId: string;
  categoryId: string;
  containerTypeId: string;
  code: string;
  name: string;
  /** Bulk litres meant to be in it. */
  litres: number;
  compartmentId: string | null;
  /** Stays where it is when a new plan is made. */
  pinned: boolean;
  /** What its printed label says; null when none was printed. */
  printed: string | null;
  /** How full it was last seen, 0 … 1.5; null when nobody has looked. */
  seenFull: number | null;
  sort: number;
}

/** Bins are made by what a room's categories need (containers); one whose compartment goes is back on the bench. */
export const bin = entity<Bin>()({
  words: { one: 'bin', many: 'bins' },
  routes: { create: false, remove: true },
  fields: {
    roomId: pointsTo('room', 'remove'),
    categoryId: pointsTo('category', 'remove'),
    containerTypeId: pointsTo('containerType', 'refuse'),
    code: {},
    name: {},
    litres: {},
    compartmentId: pointsTo('compartment', 'clear', { clears: { pinned: false } }),
    pinned: {},
    printed: {},
    seenFull: {},
    sort: {},
  },
});
