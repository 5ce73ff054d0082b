import { entity, pointsTo, type RowOfSite } from './entity.ts';

/** One step of a move plan (practice P13): a bin is carried from where it stands to its home, or out of the way first. */
export interface Move extends RowOfSite {
  roomId: string;
  binId: string;
  /** To its home, or to the floor or a table until its home is free. */
  to: 'place' | 'parking';
  /** Where it stands before the step: compartment and position, mm; null on the floor or on the bench. */
  fromId: string | null;
  x: number | null;
  y: number | null;
  z: number | null;
  turned: boolean;
  sort: number;
  done: boolean;
}

/** Steps come and go with their plan; they are made together. */
export const move = entity<Move>()({
  words: { one: 'move', many: 'moves' },
  routes: { create: false, remove: true },
  fields: {
    roomId: pointsTo('room', 'remove'),
    binId: pointsTo('bin', 'remove'),
    to: {},
    fromId: pointsTo('compartment', 'clear', { default: null, clears: { x: null, y: null, z: null, turned: false } }),
    x: { default: null },
    y: { default: null },
    z: { default: null },
    turned: { default: false },
    sort: {},
    done: { default: false },
  },
  since: 8,
});
