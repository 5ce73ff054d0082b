import { entity, pointsTo, type RowOfSite } from './entity.ts';

/** What somebody saw or did with a bin; estimates learn from it (design, 4.7). */
export const OBSERVATIONS = ['used', 'put back', 'empty', 'over-full', 'not here', 'found'] as const;
export type ObservationKind = (typeof OBSERVATIONS)[number];

export interface Observation extends RowOfSite {
  roomId: string;
  binId: string;
  kind: ObservationKind;
  /** ISO date and time. */
  at: string;
}

/** Observations are made with one tap at a bin. */
export const observation = entity<Observation>()({
  words: { one: 'observation', many: 'observations' },
  routes: { create: false, remove: true },
  fields: { roomId: pointsTo('room', 'remove'), binId: pointsTo('bin', 'remove'), kind: {}, at: {} },
  since: 9,
});
