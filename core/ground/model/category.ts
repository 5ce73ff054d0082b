import { entity, pointsTo, pointsToMany, type RowOfSite } from './entity.ts';
import { limitField, type Limit } from './limit.ts';
import type { ZoneKind } from './zone.ts';

/** How pieces lie together (docs/computing.md, How much room does it take?). */
export type PackingKind = 'neat' | 'rigid' | 'small' | 'long' | 'soft' | 'nesting' | 'flat';
export type HazardId = 'H2' | 'H3' | 'H4' | 'H5' | 'H6' | 'H14' | 'H15';

export interface CategoryTraits {
  name: string;
  pictogram: string;
  /** Other words for the same thing. */
  synonyms: string[];
  packingKind: PackingKind;
  hazards: HazardId[];
  /** Must be seen, should be hidden, or no matter. */
  view: 'show' | 'hide' | null;
  lid: boolean;
  lightSensitive: boolean;
  /** Children use it with an adult: it stands above their reach, or locked (practice P3). */
  supervised: boolean;
  /** Grams a bulk litre. */
  density: number;
  zoneKind: ZoneKind;
  /** How often a week it is fetched, all its users together. */
  perWeek: number;
}

export interface Category extends RowOfSite, CategoryTraits {
  familyId: string;
  /** Key in the starter library, null for one of the site's own. */
  starter: string | null;
  /** Ids of those who use it; empty means everybody who comes into the room. */
  users: string[];
  /** A container chosen by hand; null leaves the choice to Stube. */
  containerTypeId: string | null;
  /** Whether it stands, lies or hangs without a container; null leaves that to Stube. */
  standsAlone: boolean | null;
  /** What the site has learned of its bulk: 1 is as reckoned. */
  bulkCorrection: number;
  /** Ids of those who tidy it; empty means those who use it. */
  tidiers: string[];
  /** What it has to fit into, null where there is no limit. */
  limit: Limit | null;
  /** The grouping scheme that made it, null for one of the library or made by hand. */
  scheme: string | null;
  /** Its name in a second language, for labels; empty: none. */
  otherName: string;
  /** Why it is kept in several rooms on purpose (practices P11, P14); empty: nobody said. */
  severalRooms: string;
}

export const category = entity<Category>()({
  words: { one: 'category', many: 'categories' },
  routes: { create: true, remove: true },
  fields: {
    familyId: pointsTo('family', 'refuse'),
    starter: { default: null },
    name: {},
    pictogram: { default: 'package-open' },
    synonyms: { default: [] },
    packingKind: { default: 'rigid' },
    hazards: { default: [] },
    view: { default: null },
    lid: { default: false },
    lightSensitive: { default: false },
    density: { default: 300 },
    zoneKind: { default: 'whole room' },
    perWeek: { default: 2 },
    users: pointsToMany('person'),
    containerTypeId: pointsTo('containerType', 'clear', { default: null }),
    standsAlone: { default: null, since: 4 },
    bulkCorrection: { default: 1 },
    tidiers: pointsToMany('person', { since: 2 }),
    limit: limitField,
    scheme: { default: null, since: 2 },
    otherName: { default: '', since: 9 },
    supervised: { default: false, since: 9 },
    severalRooms: { default: '', since: 9 },
  },
});
