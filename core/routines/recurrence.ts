/** When something comes again: recurrences as RFC 5545 writes them, read by rrule. */
import * as library from 'rrule';
import type { RRule as RuleClass } from 'rrule';
import { addDays, isoDay } from '../deadlines/day.ts';
import type { Holiday } from '../model/entities.ts';

// The package has its names one level down in Node, and at the top in a browser.
const names: Record<string, unknown> = library;
const { RRule } = (names.default ?? names) as { RRule: typeof RuleClass };

const DAY_MS = 86_400_000;
const dateOf = (day: string): Date => new Date(`${day}T00:00:00Z`);
/** No more often than daily: hours and minutes are not what a house is kept by. */
const FREQUENCIES = /^FREQ=(DAILY|WEEKLY|MONTHLY|YEARLY)\b/;

/** Rules that were read, by text and first day: a screen asks for the same ones again and again. */
const read = new Map<string, RuleClass>();
const MOST_READ = 500;

function ruleOf(rule: string, from: string): RuleClass {
  const key = `${from} ${rule}`;
  const known = read.get(key);
  if (known) return known;
  const made = new RRule({ ...RRule.parseString(rule), dtstart: dateOf(from) });
  if (read.size >= MOST_READ) read.clear();
  read.set(key, made);
  return made;
}

/** Whether a text is a recurrence that is understood: `FREQ=WEEKLY;BYDAY=FR`. */
export function isRule(rule: string): boolean {
  if (!FREQUENCIES.test(rule) || /BY(HOUR|MINUTE|SECOND)|DTSTART|COUNT|UNTIL/.test(rule)) return false;
  try {
    new RRule({ ...RRule.parseString(rule), dtstart: dateOf('2026-01-01') });
    return true;
  } catch {
    return false;
  }
}

/** In words: `every week on Friday`. */
export const wordsOfRule = (rule: string): string => ruleOf(rule, '2026-01-01').toText();

export const isHoliday = (day: string, holidays: readonly Pick<Holiday, 'from' | 'to'>[]): boolean =>
  holidays.some(({ from, to }) => day >= from && day <= to);

export interface Recurring {
  rule: string;
  /** First day, ISO. */
  from: string;
  onHolidays: boolean;
}

/**
 * The days on which it is due, first and last day of the span among them. What falls on a holiday is left out, or, where
 * it comes less often than weekly, comes on the first open day after it: a monthly check is not lost to a closed week.
 * @returns ISO dates, the earliest first
 */
export function daysDue(
  recurring: Recurring,
  span: { from: string; to: string },
  holidays: readonly Pick<Holiday, 'from' | 'to'>[],
): string[] {
  const rule = ruleOf(recurring.rule, recurring.from);
  const moves = /^FREQ=(MONTHLY|YEARLY)/.test(recurring.rule);
  // What was due within a closed time before the span may have moved into it.
  const early = moves ? addDays(span.from, -LONGEST_HOLIDAY) : span.from;
  const days = rule.between(dateOf(early), new Date(dateOf(span.to).getTime() + DAY_MS - 1), true).map(isoDay);
  if (recurring.onHolidays) return days.filter((day) => day >= span.from);
  const open = days.flatMap((day) => {
    if (!isHoliday(day, holidays)) return [day];
    if (!moves) return [];
    let next = day;
    for (let i = 0; i < LONGEST_HOLIDAY && isHoliday(next, holidays); i++) next = addDays(next, 1);
    return [next];
  });
  return [...new Set(open)].filter((day) => day >= span.from && day <= span.to);
}
/** Days; the summer of a school. */
const LONGEST_HOLIDAY = 70;
