/** How old who comes in is: by the month of birth where it is known, else roughly by the stature. */
import type { Person } from '../model/entities.ts';
import { MEDIANS, monthsOld } from '../body/stature.ts';

/** Before that no child gets anywhere by itself: the earliest to crawl do at 5.2 months (WHO motor development study 2006, first percentile of hands-and-knees crawling). */
export const CRAWLS = 5;
/** Before that a child fetches nothing: 95 of 100 walk alone by then (WHO motor development study 2006). */
export const WALKS = 16;
/** Months from which on small parts and loose cords are no longer a usual danger. */
export const THREE_YEARS = 36;
/** Below that age children climb after what they want and taste what they find, if not always. */
export const SIX_YEARS = 72;

/** @param today ISO date @returns months; of an adult Infinity */
export function ageInMonths(person: Pick<Person, 'kind' | 'born' | 'stature'>, today: string): number {
  if (person.kind === 'adult') return Infinity;
  if (person.born) return Math.max(0, monthsOld(person.born, new Date(`${today}T00:00:00Z`)));
  return MEDIANS.findLast(([, mm]) => mm <= person.stature)?.[0] ?? 0;
}
