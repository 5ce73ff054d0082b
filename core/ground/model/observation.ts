import { entity, pointsTo, type RowOfSite } from './entity.ts';

/** What somebody saw or did with a bin; estimates learn from it (docs/daily-life.md, What goes wrong where). */
export const OBSERVATIONS = [
  'used',
  'put back',
  'empty',
  'over-full',
  'not here',
  'found',
  'elsewhere',
  'tidied',
  'searched',
] as const;
export type ObservationKind = (typeof OBSERVATIONS)[number];

export interface Observation extends RowOfSite {
  roomId: string;
  binId: string;
  kind: ObservationKind;
  /** ISO date and time. */
  at: string;
  /** Where it, or a thing of it, was found instead of its home; null for all other kinds. */
  foundId: string | null;
  /** Who, where that matters: who tidied it. */
  personId: string | null;
  /** How long it took, where that was measured. */
  seconds: number | null;
}

/** Observations are made with one tap at a bin. */
export const observation = entity<Observation>()({
  words: { one: 'observation', many: 'observations' },
  routes: { create: false, remove: true },
  fields: {
    roomId: pointsTo('room', 'remove'),
    binId: pointsTo('bin', 'remove'),
    kind: {},
    at: {},
    foundId: pointsTo('compartment', 'clear', { default: null, since: 10 }),
    personId: pointsTo('person', 'clear', { default: null, since: 10 }),
    seconds: { default: null, since: 10 },
  },
  since: 9,
});
