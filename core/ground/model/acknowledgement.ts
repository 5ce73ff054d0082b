import { entity, pointsTo, type RowOfSite } from './entity.ts';

/** A caution that somebody has seen and answers for, with the reason. It is not raised again while its facts are the same. */
export interface Acknowledgement extends RowOfSite {
  roomId: string;
  /** The key of the caution, and the facts as they were: other facts raise it anew. */
  key: string;
  fact: string;
  /** What it was about, for the record: the bin, unit or compartment as it was called then. */
  about: string;
  hazard: string;
  reason: string;
  /** The day, ISO, and by whom. */
  on: string;
  by: string;
}

export const acknowledgement = entity<Acknowledgement>()({
  words: { one: 'acknowledged caution', many: 'acknowledged cautions' },
  routes: { create: true, remove: true },
  fields: {
    roomId: pointsTo('room', 'remove'),
    key: {},
    fact: {},
    about: {},
    hazard: {},
    reason: {},
    on: {},
    by: { default: '' },
  },
  since: 4,
});
