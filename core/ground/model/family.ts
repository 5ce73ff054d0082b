import { entity, type RowOfSite } from './entity.ts';

export interface Family extends RowOfSite {
  name: string;
  hue: string;
  pictogram: string;
  sort: number;
  /** Classes it is to be sorted into, chosen by hand; null leaves that to the curve. */
  granularity: number | null;
}

export const family = entity<Family>()({
  words: { one: 'family', many: 'families' },
  routes: { create: true, remove: true },
  fields: {
    name: {},
    hue: { default: 'oak' },
    pictogram: { default: 'package-open' },
    sort: { default: 99 },
    granularity: { default: null, since: 2 },
  },
});
