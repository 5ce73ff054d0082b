/** Which scheme is suggested for the people of a room, and why; and what is in the way of the others. */
import { SCHEMES, type SchemeKey, type SchemeResult } from './schemes.ts';

export interface Suggestion {
  scheme: SchemeKey;
  reason: string;
}

/** What each trouble is worth in seconds a week, so that schemes can be weighed. */
const WORTH = { bin: 4, orphan: 12, giant: 20, torn: 10, untold: 40, class: 60 };

export const penaltyOf = (result: SchemeResult): number =>
  result.finding +
  result.tidying +
  result.bins * WORTH.bin +
  result.orphans * WORTH.orphan +
  result.giants * WORTH.giant +
  result.torn * WORTH.torn +
  result.untold.length * WORTH.untold +
  Math.max(0, result.classes - (result.ceiling ?? Infinity)) * WORTH.class;

/** Share of the lines that a scheme has to know, or it cannot be answered. */
export const MIN_COVERAGE = 0.5;
export const isAnswerable = (result: SchemeResult): boolean => result.told >= MIN_COVERAGE;

/** A class that holds more than this share of the lines is a heap: one bin for everything is no sorting. */
const HEAP = 0.6;
const sorts = (result: SchemeResult): boolean => {
  const lines = result.groups.reduce((sum, group) => sum + group.lineIds.length, 0);
  return result.classes > 1 && result.groups.every((group) => group.lineIds.length <= Math.max(1, lines * HEAP));
};
/** Orders rather than schools: chosen by hand where they suit, never suggested. */
const ORDERS: readonly SchemeKey[] = ['size', 'number', 'alphabet', 'weekday'];

const NAMES = new Map<string, string>(SCHEMES.map((scheme) => [scheme.key, scheme.name.toLowerCase()]));

/**
 * The scheme to suggest, and in one sentence why rather than the next best. Every class is safe by itself; then it is
 * what the youngest who tidy keep apart that counts, then the least penalty. Null where nothing sorts.
 */
export function suggestScheme(results: readonly SchemeResult[]): Suggestion | null {
  const ranked = results
    .filter((result) => isAnswerable(result) && sorts(result) && !ORDERS.includes(result.scheme))
    .sort((a, b) => Number(tooMany(a)) - Number(tooMany(b)) || penaltyOf(a) - penaltyOf(b));
  const [best, next] = ranked;
  if (!best) return null;
  const week = (result: SchemeResult) => `${Math.round((result.finding + result.tidying) / 60)} min a week`;
  const reasons = [`${best.classes} classes in ${best.bins} bins, ${week(best)} to find and tidy`];
  if (next) {
    const other = NAMES.get(next.scheme)!;
    if (!tooMany(best) && tooMany(next))
      reasons.push(`the youngest who tidy keep ${best.ceiling} classes apart, and ${other} asks for ${next.classes}`);
    else if (best.told > next.told + 0.05)
      reasons.push(
        `it knows where ${Math.round(best.told * 100)} % of the lines go, ${other} ${Math.round(next.told * 100)} %`,
      );
    else if (best.finding + best.tidying < next.finding + next.tidying - 30)
      reasons.push(`${other} takes ${week(next)}`);
    else if (best.orphans < next.orphans) reasons.push(`${next.orphans - best.orphans} fewer orphans than by ${other}`);
    else if (best.torn < next.torn) reasons.push(`no kind is torn apart that ${other} spreads over several bins`);
  }
  if (tooMany(best)) reasons.push(`the youngest who tidy keep ${best.ceiling} classes apart: give them fewer in sight`);
  if (best.groups.some((group) => group.safe)) reasons.push('what children must not reach keeps a class of its own');
  return { scheme: best.scheme, reason: `${reasons.join('; ')}.` };
}

const tooMany = (result: SchemeResult): boolean => result.ceiling !== null && result.classes > result.ceiling;
