/** What is kept out of the reach of the children who come into a room: by its hazards, and by how young they are. */
import type { Category, HazardId, Person } from '../model/entities.ts';
import { ageInMonths, THREE_YEARS } from './ages.ts';

/** Hazards that are kept locked or out of reach of all children (practice H3, H4, H5, H15). */
export const OUT_OF_REACH: readonly HazardId[] = ['H3', 'H4', 'H5', 'H15'];
/** Those of them that are locked away, and do not lie about: they poison, cut or burn. */
export const KEPT_LOCKED: readonly HazardId[] = ['H3', 'H4', 'H5'];
/** Those that matter for the very young: small parts, and bags and cords. */
export const FOR_THE_YOUNGEST: readonly HazardId[] = ['H2', 'H6'];
/** Median stature at 36 months, girls 951 and boys 961 mm (WHO Child Growth Standards 2006): below it a child counts as under three. */
export const STATURE_AT_THREE = 960;

/** Whether somebody comes in who tastes what is found: under three by the month of birth, else by stature, or said so. */
export const isYoung = (
  people: readonly Pick<Person, 'kind' | 'stature' | 'born' | 'mouths'>[],
  today: string,
): boolean =>
  people.some(
    (person) =>
      person.kind === 'child' &&
      (person.mouths || (person.born ? ageInMonths(person, today) < THREE_YEARS : person.stature < STATURE_AT_THREE)),
  );

/** @param young whether somebody comes in who tastes what is found */
export const keptFromChildren = (category: Pick<Category, 'hazards' | 'supervised'>, young: boolean): boolean =>
  category.supervised ||
  category.hazards.some((hazard) => OUT_OF_REACH.includes(hazard) || (young && FOR_THE_YOUNGEST.includes(hazard)));
