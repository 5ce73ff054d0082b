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

/** Writers of days, by zone: making one takes as long as a hundred days. */
const WRITERS = new Map<string | null, Intl.DateTimeFormat>();

function writerOf(zone: string | null): Intl.DateTimeFormat {
  let writer = WRITERS.get(zone);
  if (!writer)
    WRITERS.set(
      zone,
      (writer = new Intl.DateTimeFormat('en-GB', {
        timeZone: zone ?? undefined,
        year: 'numeric',
        month: '2-digit',
        day: '2-digit',
      })),
    );
  return writer;
}

/** Whether a name is one of the IANA time zones that are known here. */
export function isTimeZone(name: string): boolean {
  try {
    new Intl.DateTimeFormat('en-GB', { timeZone: name });
    return true;
  } catch {
    return false;
  }
}

/**
 * Returns the calendar day of an instant in a time zone, ISO.
 * @param zone IANA name; null is the zone of the machine
 * @param instant a date, or its ISO date and time
 * @example dayIn('Pacific/Kiritimati', '2026-11-25T10:30:00Z') // '2026-11-26'
 */
export function dayIn(zone: string | null, instant: Date | string): string {
  const parts = writerOf(zone).formatToParts(new Date(instant));
  const part = (type: string) => parts.find((part) => part.type === type)!.value;
  return `${part('year').padStart(4, '0')}-${part('month')}-${part('day')}`;
}

/** Longer than any day there is: where the clocks are put back it has 25 hours. */
const LONGEST_DAY = 26 * 3_600_000;

/**
 * Returns the first instant of a calendar day in a time zone.
 * @param day ISO
 * @param zone IANA name; null is the zone of the machine
 */
export function startOfDay(day: string, zone: string | null): Date {
  // Between an instant before it and one in it, halved until they meet.
  let before = Date.parse(`${day}T00:00:00Z`) - LONGEST_DAY;
  let within = before + 2 * LONGEST_DAY;
  while (within - before > 1) {
    const middle = Math.floor((before + within) / 2);
    if (dayIn(zone, new Date(middle)) < day) before = middle;
    else within = middle;
  }
  return new Date(within);
}

/** A point in time as a site has it. */
export interface Moment {
  /** ISO date and time. */
  at: string;
  /** The calendar day of the site, ISO. */
  today: string;
}
export const momentIn = (zone: string | null, instant: Date): Moment => ({
  at: instant.toISOString(),
  today: dayIn(zone, instant),
});
