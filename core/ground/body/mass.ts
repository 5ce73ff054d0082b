/**
 * Mass by age: medians of the WHO Child Growth Standards (weight for age, birth to 5 years, 2006), the mean of girls' and
 * boys' medians, in grams by month of age.
 */
export const MEDIAN_MASSES: readonly (readonly [months: number, grams: number])[] = [
  [0, 3300],
  [1, 4350],
  [2, 5350],
  [3, 6100],
  [4, 6700],
  [5, 7200],
  [6, 7600],
  [9, 8550],
  [12, 9300],
  [15, 9950],
  [18, 10_550],
  [21, 11_200],
  [24, 11_850],
  [30, 13_000],
  [36, 14_100],
  [42, 15_150],
  [48, 16_200],
  [54, 17_250],
  [60, 18_250],
];
export const MASS_SOURCE = 'WHO growth standards, median of girls and boys';

/** Median mass in grams at an age in months (a part of a month counts); of five years beyond. */
export function medianMass(months: number): number {
  const next = MEDIAN_MASSES.findIndex(([age]) => age >= months);
  if (next === 0) return MEDIAN_MASSES[0]![1];
  if (next < 0) return MEDIAN_MASSES.at(-1)![1];
  const [from, low] = MEDIAN_MASSES[next - 1]!;
  const [to, high] = MEDIAN_MASSES[next]!;
  return Math.round(low + ((high - low) * (months - from)) / (to - from));
}

/** The age in months at which the median reaches a mass; null where it does not within five years. */
export function monthsAtMass(grams: number): number | null {
  const next = MEDIAN_MASSES.findIndex(([, mass]) => mass >= grams);
  if (next < 0) return null;
  if (next === 0) return 0;
  const [from, low] = MEDIAN_MASSES[next - 1]!;
  const [to, high] = MEDIAN_MASSES[next]!;
  return from + ((to - from) * (grams - low)) / (high - low);
}
