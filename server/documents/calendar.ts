/** Calendars, written here alone, so that whatever a house is called is text in them and nothing else. */
import ical from 'ical-generator';

export interface CalendarEvent {
  /** The same each time it is written. */
  id: string;
  /** ISO date. */
  day: string;
  /** From that hour of the day for so many minutes, wherever the calendar is read; without it the whole day. */
  at?: { hour: number; minutes: number };
  summary: string;
  description: string;
}

const MAX_SUMMARY = 200;

/** A text in one line: the writer of calendars takes names and ids as they are. */
const inOneLine = (text: string): string => text.replace(/[\s\p{Cc}\u2028\u2029]+/gu, ' ').trim();
const escaped = (text: string): string => inOneLine(text).replace(/[\\;,]/g, (sign) => `\\${sign}`);

/** @param now when it is written */
export function calendarText(name: string, events: readonly CalendarEvent[], now: Date): string {
  const calendar = ical({ name: escaped(name), prodId: { company: 'Stube', product: 'Stube' } });
  for (const { id, day, at, summary, description } of events) {
    // Dates and floating times are written as UTC has them: they mean the same in every time zone.
    const start = new Date(Date.parse(`${day}T00:00:00Z`) + (at?.hour ?? 0) * 3_600_000);
    calendar.createEvent({
      id: id.replace(/[^A-Za-z0-9._@-]+/g, '-'),
      start,
      ...(at
        ? { end: new Date(start.getTime() + at.minutes * 60_000), timezone: null, floating: true }
        : { allDay: true }),
      stamp: now,
      summary: inOneLine(summary).slice(0, MAX_SUMMARY),
      description: description.split('\n').map(inOneLine).join('\n'),
    });
  }
  return calendar.toString();
}
