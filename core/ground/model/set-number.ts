import { entity, pointsTo, type RowOfSite } from './entity.ts';

/** One numbered set of a line (practice L4): pouch 12, disc 40. */
export interface SetNumber extends RowOfSite {
  lineId: string;
  /** What is counted: `pouch`, `disc`, `puzzle`; each counts by itself over the whole site. */
  series: string;
  /** From 1 on. */
  number: number;
  /** What is in it; empty: what its line says. */
  name: string;
}

/** Numbers are given in runs. */
export const setNumber = entity<SetNumber>()({
  words: { one: 'number', many: 'numbers' },
  routes: { create: false, remove: true },
  fields: {
    lineId: pointsTo('line', 'remove'),
    series: {},
    number: {},
    name: { default: '' },
  },
  since: 9,
});
