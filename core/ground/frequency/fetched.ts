/** What observations teach: how often a thing is really fetched, and which bins are not where they belong (docs/daily-life.md, What goes wrong where). */
import type { Bin, Category, Observation } from '../model/entities.ts';
import { groupedBy } from '../model/grouped-by.ts';

/** The estimate is worth so many weeks of looking (our own judgement). */
export const PRIOR_WEEKS = 4;
const DAY_MS = 86_400_000;
const WEEK_DAYS = 7;
/** 1 January 1970 was a Thursday: weeks begin on Monday. */
const TO_MONDAY = 3;

const weekOf = (at: string): number => Math.floor((Math.floor(Date.parse(at) / DAY_MS) + TO_MONDAY) / WEEK_DAYS);

export interface Fetched {
  /** Times a week, as learned. */
  perWeek: number;
  /** How often it was seen; 0: the estimate alone. */
  seen: number;
  /** Weeks in which anybody observed anything in the room. */
  weeks: number;
}

/**
 * How often each class of a room is fetched: the estimate, worth so many weeks, and what was seen in the weeks in which
 * people looked. Weeks in which nobody tapped say nothing.
 * @returns by category; absent where nothing of it was seen
 */
export function fetchedOf(
  observations: readonly Observation[],
  bins: readonly Pick<Bin, 'id' | 'categoryId'>[],
  categories: ReadonlyMap<string, Pick<Category, 'perWeek'>>,
): Map<string, Fetched> {
  const categoryOf = new Map(bins.map((bin) => [bin.id, bin.categoryId]));
  const weeks = new Set(observations.map(({ at }) => weekOf(at))).size;
  const found = new Map<string, Fetched>();
  for (const [id, own] of groupedBy(observations, ({ binId }) => categoryOf.get(binId))) {
    const count = (kind: Observation['kind']) => own.filter((one) => one.kind === kind).length;
    // Whoever puts back has used it: the one or the other may have been forgotten.
    const seen = Math.max(count('used'), count('put back'));
    const category = categories.get(id);
    if (!seen || !category) continue;
    found.set(id, { perWeek: (category.perWeek * PRIOR_WEEKS + seen) / (PRIOR_WEEKS + weeks), seen, weeks });
  }
  return found;
}

/** Bins that were last seen missing: nobody has used, put back or found them since. */
export function missingBins(observations: readonly Observation[]): Map<string, Observation> {
  const last = new Map<string, Observation>();
  for (const one of observations) {
    if (one.kind === 'empty' || one.kind === 'over-full') continue;
    const before = last.get(one.binId);
    if (!before || before.at < one.at) last.set(one.binId, one);
  }
  return new Map([...last].filter(([, { kind }]) => kind === 'not here'));
}
