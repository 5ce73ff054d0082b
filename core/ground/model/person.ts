import { entity, type RowOfSite } from './entity.ts';
import { limitField, type Limit } from './limit.ts';

export interface Person extends RowOfSite {
  name: string;
  kind: 'adult' | 'child';
  /** Standing height in mm. */
  stature: number;
  colour: string;
  /** Month of birth, `2021-04`; null where nobody said. The stature of a child is then estimated from it. */
  born: string | null;
  /** Still puts things into the mouth, whatever the age: small parts are kept from it. */
  mouths: boolean;
  /** Finds its way by words; otherwise by pictures. */
  reads: boolean;
  /** How many they are: 1, or as many as the group has. */
  count: number;
  /** What this person's keepsakes have to fit into; null where there is no limit. */
  limit: Limit | null;
}

export const person = entity<Person>()({
  words: { one: 'person', many: 'persons' },
  routes: { create: true, remove: true },
  fields: {
    name: {},
    kind: {},
    stature: {},
    colour: { default: 'slate' },
    born: { default: null, since: 2 },
    mouths: { default: false, since: 4 },
    reads: { default: true, since: 2 },
    count: { default: 1, since: 13 },
    limit: limitField,
  },
});
