import { entity, pointsToMany, type RowOfSite } from './entity.ts';

export interface Room extends RowOfSite {
  name: string;
  /** One or two letters that begin the codes of the bins in this room. */
  code: string;
  width: number;
  depth: number;
  height: number;
  /** Where the chamber lies in the cut-away of the house, from the ground up. */
  sort: number;
  /** Ids of the persons who come into this room; hazards count the children among them. */
  people: string[];
  /** What is meant to be spent on its makeover each day, and the day it should be done; null where nothing is planned. */
  minutesADay: number | null;
  deadline: string | null;
}

export const room = entity<Room>()({
  words: { one: 'room', many: 'rooms' },
  routes: { create: true, remove: true },
  fields: {
    name: {},
    code: { computed: true },
    width: {},
    depth: {},
    height: {},
    sort: { computed: true },
    people: pointsToMany('person'),
    minutesADay: { default: null, since: 2 },
    deadline: { default: null, since: 2 },
  },
});
