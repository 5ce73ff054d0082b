/** A day in a typed line: `by 3 Dec`, `until friday`, `in 2 weeks`, `keep until 2031`. */
import { addDays, isoDay } from '../../../ground/calendar/day.ts';
import { MONTHS } from '../../../ground/calendar/read-month.ts';
import type { LengthSystem } from '../../../ground/model/site.ts';
import { without, type Token } from './token.ts';

const DAYS = ['sunday', 'monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday'];
const MONTH = String.raw`(jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)(?:uary|ruary|ch|il|e|y|ust|t|tember|ober|ember)?\b\.?`;
const WHEN = [
  String.raw`(?<y>\d{4})-(?<m>\d{1,2})-(?<d>\d{1,2})`,
  String.raw`(?<d2>\d{1,2})[./](?<m2>\d{1,2})[./](?<y2>\d{4}|\d{2})`,
  String.raw`(?<d5>\d{1,2})\.(?<m5>\d{1,2})\.(?!\d)`,
  String.raw`(?<first>\d{1,2})\/(?<second>\d{1,2})(?![/\d])(?!\s*(?:["″']|inch|in\b|m\b|cm|mm|ft))`,
  String.raw`(?<d3>\d{1,2})(?:st|nd|rd|th)?(?:\s+of)?\s+${MONTH.replace('(', '(?<mon3>')}(?:,?\s+(?<y3>\d{4}))?`,
  String.raw`${MONTH.replace('(', '(?<mon4>')}\s+(?<d4>\d{1,2})(?:st|nd|rd|th)?(?:,?\s+(?<y4>\d{4}))?`,
  String.raw`(?:next |this |coming )?(?<weekday>${DAYS.map((day) => `${day}|${day.slice(0, 3)}(?=\\b)`).join('|')})`,
  '(?<tomorrow>tomorrow)',
  '(?<today>today|tonight)',
  String.raw`(?:the )?(?<weekend>weekend)`,
  String.raw`(?:the )?end of (?:the )?(?<endof>week|month|year)`,
  String.raw`(?:the )?end of ${MONTH.replace('(', '(?<monEnd>')}(?:\s+(?<yEnd>\d{4}))?`,
  String.raw`next (?<next>week|month|year)`,
  "(?<feast>christmas|new year|halloween|valentine(?:[’']s)?(?: day)?)",
  String.raw`${MONTH.replace('(', '(?<mon6>')}(?:\s+(?<y6>\d{4}))?`,
  String.raw`(?<year>\d{4})(?![-\d])`,
].join('|');
const DATE = new RegExp(
  String.raw`(?:\b(?:by|until|till?|before|due(?: (?:by|on|back))?|not later than|latest|on|keep for)\s+(?:the\s+)?(?:${WHEN})(?!\w)|\b(?:in|within|for)\s+(?<count>\d{1,2}|an?|one|two|three|four|six)\s+(?<span>day|week|month|year)s?\b|(?<=[,;(–-]\s*|^)(?:next (?:week|month)|tomorrow)\b)`,
  'i',
);

/** Groups that hold the month of a date which says day and month beyond doubt. */
const WRITTEN_OUT = ['m', 'm2', 'mon3', 'mon4'] as const;

/** The day, or null where there is none such. */
export function dayOf(year: number, month: number, day: number): string | null {
  const date = new Date(Date.UTC(year, month - 1, day));
  return date.getUTCMonth() === month - 1 && date.getUTCDate() === day && year >= 1900 && year < 2200
    ? isoDay(date)
    : null;
}
/** The next such day from today on. */
function next(month: number, day: number, today: string): string | null {
  const year = Number(today.slice(0, 4));
  const own = dayOf(year, month, day);
  return own && own < today ? dayOf(year + 1, month, day) : own;
}
const lastOf = (year: number, month: number): string => isoDay(new Date(Date.UTC(year, month, 0)));
const COUNTS: Record<string, number> = { a: 1, an: 1, one: 1, two: 2, three: 3, four: 4, six: 6 };
const FEASTS: Record<string, [number, number]> = {
  christmas: [12, 24],
  'new year': [12, 31],
  halloween: [10, 31],
  valentine: [2, 14],
};

function later(today: string, span: string, n: number): string {
  const then = new Date(`${today}T00:00:00Z`);
  if (/day/i.test(span)) then.setUTCDate(then.getUTCDate() + n);
  else if (/week/i.test(span)) then.setUTCDate(then.getUTCDate() + 7 * n);
  else if (/month/i.test(span)) then.setUTCMonth(then.getUTCMonth() + n);
  else then.setUTCFullYear(then.getUTCFullYear() + n);
  return isoDay(then);
}

/** What is due and was borrowed goes back. */
const isLent = (said: string, text: string): boolean =>
  /\bback\b/i.test(said) || (/\bdue\b/i.test(said) && /\b(?:library|borrowed|on loan|hired|rented)\b/i.test(text));

/**
 * A date that is named and does not exist, in words, such as `29 Feb 2027`; null where there is none such.
 * @param today ISO: where no year is said, it is the next one
 */
export function noSuchDay(text: string, today: string, system: LengthSystem = 'metric'): string | null {
  const found = DATE.exec(text);
  if (!found || !WRITTEN_OUT.some((month) => found.groups![month]) || readDay(text, today, system)) return null;
  return found[0].replace(/^.*?(?=\d|(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec))/i, '').trim();
}

/**
 * A day by which something is to be done, or until which it is kept. Days before months where both are numbers, but in `3/12` on imperial sites.
 * @param today ISO; days of the week and months are the next ones from it on
 */
export function readDay(text: string, today: string, system: LengthSystem = 'metric'): Token<string> | null {
  const found = DATE.exec(text);
  if (!found) return null;
  const g = found.groups as Record<string, string | undefined>;
  const monthOf = (word: string) => MONTHS.indexOf(word.slice(0, 3).toLowerCase()) + 1;
  const year = Number(today.slice(0, 4));
  const weekdayAfter = (index: number) =>
    addDays(today, (index - new Date(`${today}T00:00:00Z`).getUTCDay() + 7) % 7 || 7);
  const dated = (y: string | undefined, month: number, day: number) =>
    y ? dayOf(Number(y), month, day) : next(month, day, today);
  let value: string | null = null;
  if (g.y) value = dayOf(Number(g.y), Number(g.m), Number(g.d));
  else if (g.y2) value = dayOf(Number(g.y2.length === 2 ? `20${g.y2}` : g.y2), Number(g.m2), Number(g.d2));
  else if (g.m5) value = next(Number(g.m5), Number(g.d5), today);
  else if (g.first)
    value =
      system === 'imperial' || Number(g.second) > 12
        ? next(Number(g.first), Number(g.second), today)
        : next(Number(g.second), Number(g.first), today);
  else if (g.mon3) value = dated(g.y3, monthOf(g.mon3), Number(g.d3));
  else if (g.mon4) value = dated(g.y4, monthOf(g.mon4), Number(g.d4));
  else if (g.weekday)
    value = weekdayAfter(DAYS.findIndex((day) => day.startsWith(g.weekday!.toLowerCase().slice(0, 3))));
  else if (g.tomorrow || /tomorrow/i.test(found[0])) value = addDays(today, 1);
  else if (g.today) value = today;
  else if (g.weekend) value = weekdayAfter(0);
  else if (g.endof)
    value = /week/i.test(g.endof)
      ? weekdayAfter(0)
      : /month/i.test(g.endof)
        ? lastOf(year, Number(today.slice(5, 7)))
        : `${year}-12-31`;
  else if (g.monEnd)
    value = lastOf(
      g.yEnd ? Number(g.yEnd) : Number(next(monthOf(g.monEnd), 28, today)!.slice(0, 4)),
      monthOf(g.monEnd),
    );
  else if (g.next || /next (week|month)/i.test(found[0]))
    value = later(today, g.next ?? /week|month/i.exec(found[0])![0], 1);
  else if (g.feast) value = next(...FEASTS[g.feast.toLowerCase().replace(/[’']s.*| day$/g, '')]!, today);
  else if (g.mon6)
    value = lastOf(g.y6 ? Number(g.y6) : Number(next(monthOf(g.mon6), 28, today)!.slice(0, 4)), monthOf(g.mon6));
  else if (g.year) value = Number(g.year) >= year && Number(g.year) < 2200 ? dayOf(Number(g.year), 12, 31) : null;
  else if (g.count && g.span) value = later(today, g.span, COUNTS[g.count.toLowerCase()] ?? Number(g.count));
  if (!value) return null;
  const rest = without(text, found.index, found[0].length);
  // `due back 4 December` says when and what: the second is left to the reader of decisions.
  return { value, said: found[0].trim(), rest: isLent(found[0], text) ? `${rest}, back` : rest };
}
