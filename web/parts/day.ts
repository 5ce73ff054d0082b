/** Days as people speak of them. */
import { shallowRef } from 'vue';
import { dayIn, daysBetween, type Moment, momentIn } from '@stube/core/calendar';

/** The time zone of the site that is open; null is that of this device. */
const zone = shallowRef<string | null>(null);
export const keepDaysOf = (timeZone: string | null): void => void (zone.value = timeZone);

/** Today on the calendar of the site, ISO. */
export const today = (): string => dayIn(zone.value, new Date());
/** The day of an instant on the calendar of the site, ISO. */
export const dayOf = (at: string): string => dayIn(zone.value, at);
/** Now, as the site has it. */
export const moment = (): Moment => momentIn(zone.value, new Date());
/** Today as ages are counted by it. */
export const dateToday = (): Date => new Date(`${today()}T00:00:00Z`);

/** `today`, `tomorrow`, `3 days ago`, `12 Dec`. */
export function formatDay(date: string): string {
  const apart = daysBetween(today(), date);
  if (apart === 0) return 'today';
  if (apart === 1) return 'tomorrow';
  if (apart === -1) return 'yesterday';
  if (apart < 0 && apart > -60) return `${-apart} days ago`;
  const year = date.slice(0, 4) === today().slice(0, 4) ? undefined : ('numeric' as const);
  return new Date(`${date}T12:00:00Z`).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year });
}

/** `45 s`, `12 min`, `1 h 20 min`. */
export function formatTime(seconds: number): string {
  if (seconds < 90) return `${Math.round(seconds)} s`;
  const minutes = Math.round(seconds / 60);
  return minutes < 90 ? `${minutes} min` : `${Math.floor(minutes / 60)} h ${minutes % 60} min`;
}

/** `3 Dec 2026`: with its year, for fields. */
export const formatDate = (date: string): string =>
  new Date(`${date}T12:00:00Z`).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });

/** `March 2022`. */
export const formatMonth = (month: string): string =>
  new Date(`${month}-15T12:00:00Z`).toLocaleDateString('en-GB', { month: 'long', year: 'numeric' });
