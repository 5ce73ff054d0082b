/** Weeks of the year by the months people speak of: a week belongs to the month of its Thursday (ISO 8601). */
export const MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
] as const;
const WEEKS = 53;
/** Middle of the month that a week belongs to: week 1 has the year's first Thursday, the 4th on the mean. */
const monthOfWeek = (week: number): number => new Date(Date.UTC(2001, 0, 4 + 7 * (week - 1))).getUTCMonth();

/** Weeks of these months, 0 to 11; week 53 goes with week 52. @example weeksOfMonths([11]) // [49, …, 53] */
export const weeksOfMonths = (months: readonly number[]): number[] =>
  Array.from({ length: WEEKS }, (_, i) => i + 1).filter((week) => months.includes(monthOfWeek(Math.min(52, week))));
/** Months of which any week is among them, 0 to 11. */
export const monthsOfWeeks = (weeks: readonly number[]): number[] =>
  [...new Set(weeks.map((week) => monthOfWeek(Math.min(52, week))))].sort((a, b) => a - b);
