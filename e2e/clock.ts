/**
 * The clock of the end-to-end tests: servers, pages and tests go by it, so that none depends on the day it runs.
 * `STUBE_NOW` sets it; the time zone is that of the machine (`TZ`).
 */
import { addDays, dayIn } from '@stube/core/calendar';

/** A Wednesday; early enough that no time zone comes to midnight while the tests run. */
const START = process.env.STUBE_NOW ?? '2026-11-18T08:00:00Z';
const ahead = new Date(START).getTime() - Date.now();

export const now = (): Date => new Date(Date.now() + ahead);
/** So many days from today, ISO. */
export const day = (from: number): string => addDays(dayIn(null, now()), from);
/** The month of birth of who is so many months old. */
export function born(months: number): string {
  const [year, month] = day(0).split('-').map(Number) as [number, number];
  return new Date(Date.UTC(year, month - 1 - months, 1)).toISOString().slice(0, 7);
}
