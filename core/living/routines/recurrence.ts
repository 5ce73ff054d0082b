/** When something comes again: recurrences as RFC 5545 writes them, read by rrule. */
import * as library from 'rrule';
import type { RRule as RuleClass } from 'rrule';
import { addDays, isoDay } from '../../ground/calendar/day.ts';
import type { Holiday } from '../../ground/model/entities.ts';

// The package has its names one level down in Node, and at the top in a browser.
const names: Record<string, unknown> = library;
const { RRule } = (names.default ?? names) as { RRule: typeof RuleClass };

const DAY_MS = 86_400_000;
const dateOf = (day: string): Date => new Date(`${day}T00:00:00Z`);
/** What each may be narrowed by. No more often than daily: hours and minutes are not what a house is kept by. */
const NARROWED: Readonly<Record<string, readonly string[]>> = {
  DAILY: [],
  WEEKLY: ['BYDAY'],
  MONTHLY: ['BYDAY', 'BYMONTHDAY'],
  YEARLY: ['BYDAY', 'BYMONTHDAY', 'BYMONTH'],
};
const WEEKDAY = /^(MO|TU|WE|TH|FR|SA|SU)$/;
/** In a month there are at most five of a weekday. */
const NTH_WEEKDAY = /^([+-]?[1-5])?(MO|TU|WE|TH|FR|SA|SU)$/;
const MONTH_DAY = /^-?([1-9]|[12]\d|3[01])$/;
const MONTH = /^([1-9]|1[0-2])$/;
const LONGEST = [31, 29, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];
/** Every month has as many days. */
const SHORTEST = 28;
const MAX_INTERVAL = 120;

const NOT_UNDERSTOOD = 'must be a recurrence like FREQ=WEEKLY;BYDAY=FR';
const NEVER = 'never comes due: choose days and an interval that there are';

/**
 * Why a text is no recurrence that can be kept, null where it is one. Only what surely comes due is: a search for the first
 * day of one that never does would not end.
 * @example ruleProblem('FREQ=WEEKLY;BYDAY=FR') // null
 */
export function ruleProblem(rule: string): string | null {
  const parts = rule.split(';').map((part) => part.split('='));
  if (parts.some((part) => part.length !== 2)) return NOT_UNDERSTOOD;
  const said = new Map(parts.map(([name, value]) => [name!, value!]));
  const narrowed = NARROWED[said.get('FREQ') ?? ''];
  if (parts[0]![0] !== 'FREQ' || !narrowed || said.size !== parts.length) return NOT_UNDERSTOOD;
  const known = ['FREQ', 'INTERVAL', 'WKST', ...narrowed];
  if ([...said.keys()].some((name) => !known.includes(name))) return NOT_UNDERSTOOD;
  const list = (name: string): string[] => said.get(name)?.split(',') ?? [];
  const weekday = said.get('FREQ') === 'WEEKLY' ? WEEKDAY : NTH_WEEKDAY;
  if (!list('BYDAY').every((day) => weekday.test(day)) || !list('WKST').every((day) => WEEKDAY.test(day)))
    return NOT_UNDERSTOOD;
  const interval = Number(said.get('INTERVAL') ?? 1);
  if (!Number.isInteger(interval) || interval < 1 || interval > MAX_INTERVAL) return NEVER;
  const monthDays = list('BYMONTHDAY');
  const months = list('BYMONTH');
  if (!monthDays.every((day) => MONTH_DAY.test(day)) || !months.every((month) => MONTH.test(month))) return NEVER;
  if (monthDays.length && list('BYDAY').length) return NOT_UNDERSTOOD;
  // With pauses between, a day that only some months or years have may always fall into a pause.
  const longest =
    interval > 1 ? SHORTEST : Math.max(...(months.length ? months : ['1']).map((month) => LONGEST[Number(month) - 1]!));
  const exists = (day: string) => Math.abs(Number(day)) <= longest;
  return monthDays.length && !monthDays.some(exists) ? NEVER : null;
}

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

/** Whether a text is a recurrence that is understood and comes due: `FREQ=WEEKLY;BYDAY=FR`. */
export const isRule = (rule: string): boolean => ruleProblem(rule) === null;

/** In words: `every week on Friday`. */
export const wordsOfRule = (rule: string): string => (isRule(rule) ? ruleOf(rule, '2026-01-01').toText() : rule);

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
  // Kept by an earlier version, which took what never comes due.
  if (!isRule(recurring.rule)) return [];
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
