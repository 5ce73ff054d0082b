/** Days as ISO dates, reckoned without a clock or a time zone. */
const DAY = 86_400_000;

/** Days after which an open decision comes back where nobody said when. */
export const LATER_DAYS = 30;

/** The day of an instant, as UTC has it. */
export const isoDay = (date: Date): string => date.toISOString().slice(0, 10);

/**
 * @param date ISO
 * @example addDays('2026-11-25', 7) // '2026-12-02'
 */
export const addDays = (date: string, days: number): string =>
  isoDay(new Date(Date.parse(`${date}T00:00:00Z`) + days * DAY));

/** Days from one date to another, negative where it lies before. */
export const daysBetween = (from: string, to: string): number => Math.round((Date.parse(to) - Date.parse(from)) / DAY);
