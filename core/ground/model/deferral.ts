import { entity, pointsTo, type RowOfSite } from './entity.ts';

/** A part of a room that is left for later on purpose: a drawer, a box. */
export interface Deferral extends RowOfSite {
  roomId: string;
  what: string;
  /** ISO date on which it comes back. */
  until: string;
  done: boolean;
}

export const deferral = entity<Deferral>()({
  words: { one: 'part put off', many: 'parts put off' },
  routes: { create: true, remove: true },
  fields: { roomId: pointsTo('room', 'remove'), what: {}, until: {}, done: { default: false } },
  since: 2,
});
