/**
 * Stature by age: medians of the WHO Child Growth Standards (length or height for age, birth to 5 years, 2006) and of the
 * WHO Growth Reference (height for age, 5 to 19 years, 2007), the mean of girls' and boys' medians, in mm by month of age.
 */
import { counted } from '../notation/plural.ts';
export const MEDIANS: readonly (readonly [months: number, mm: number])[] = [
  [0, 495],
  [6, 667],
  [12, 749],
  [18, 815],
  [24, 864],
  [30, 913],
  [36, 956],
  [42, 995],
  [48, 1030],
  [54, 1065],
  [60, 1097],
  [72, 1156],
  [84, 1213],
  [96, 1270],
  [108, 1326],
  [120, 1382],
  [132, 1441],
  [144, 1502],
  [156, 1562],
  [168, 1615],
  [180, 1654],
  [192, 1677],
  [204, 1691],
  [216, 1696],
  [228, 1699],
];
export const STATURE_SOURCE = 'WHO growth standards, median of girls and boys';

/** Whole months between a month of birth (`2021-04`) and a day; negative before birth. */
export function monthsOld(born: string, today: Date): number {
  const [year, month] = born.split('-').map(Number) as [number, number];
  return (today.getUTCFullYear() - year) * 12 + today.getUTCMonth() + 1 - month;
}

/**
 * Median stature in mm at an age in months, between the ages of the table in proportion; of 19 years beyond.
 * @example medianStature(36) // 956
 */
export function medianStature(months: number): number {
  const next = MEDIANS.findIndex(([age]) => age >= months);
  if (next === 0) return MEDIANS[0]![1];
  if (next < 0) return MEDIANS.at(-1)![1];
  const [from, low] = MEDIANS[next - 1]!;
  const [to, high] = MEDIANS[next]!;
  return Math.round(low + ((high - low) * (months - from)) / (to - from));
}

/** `3 years 7 months`, `8 months`, `11 years`. */
export function formatAge(months: number): string {
  if (months < 24) return `${Math.max(0, months)} months`;
  const [years, rest] = [Math.floor(months / 12), months % 12];
  return rest && years < 6 ? `${years} years ${counted(rest, 'month')}` : `${years} years`;
}
