/** What a typed line says besides its amount and name: condition, decision, to whom, by when, how many pieces a set has. */
import { addDays } from '../deadlines/day.ts';
import type { Condition, Decision } from '../model/entities.ts';
import { DECISIONS } from '../model/entities.ts';

/** What was taken out of the text, and what it means. */
export interface Token<T> {
  value: T;
  said: string;
  rest: string;
}

export const tidy = (text: string): string =>
  text
    .replace(/\s+/g, ' ')
    .replace(/\s+([,;:])/g, '$1')
    .replace(/([,;:])(?:\s*[,;:])+/g, '$1')
    .replace(/^[\s,:;–-]+|[\s,:;–-]+$/g, '')
    .trim();

const without = (text: string, found: RegExpExecArray): string =>
  tidy(
    `${text.slice(0, found.index)} , ${text.slice(found.index + found[0].length)}`
      .replace(/^ , | , $/g, ' ')
      .replace(' , ', ' '),
  );

const CONDITION_WORDS: readonly (readonly [RegExp, Condition])[] = [
  [/\b(?:sealed|unopened|still in its wrapping)\b/i, 'sealed'],
  [/\b(?:dried[ -]out|dried[ -]up|gone dry)\b/i, 'dried out'],
  [/\b(?:broken|torn apart|does not work|not working)\b/i, 'broken'],
  [/\b(?:incomplete|parts? missing)\b/i, 'incomplete'],
  [/\b(?:worn|shabby|scuffed)\b/i, 'worn'],
  [/\b(?:like new|in good condition|good condition)\b/i, 'good'],
];

export function readCondition(text: string): Token<Condition> | null {
  for (const [pattern, value] of CONDITION_WORDS) {
    const found = pattern.exec(text);
    if (found && found[0].length < text.length) return { value, said: found[0], rest: without(text, found) };
  }
  return null;
}

const DECISION_WORDS: readonly (readonly [RegExp, Decision])[] = [
  [/\b(?:give (?:it |them )?away|donate|charity)\b/i, 'give away'],
  [/\bpass (?:it |them )?on\b/i, 'pass on'],
  [/\b(?:return|exchange|take back)\b/i, 'return'],
  [/\bsell\b/i, 'sell'],
  [/\brecycle\b/i, 'recycle'],
  [/\b(?:throw (?:it |them )?(?:away|out)|rubbish)\b/i, 'bin'],
  [/\b(?:other room|another room|belongs in)\b/i, 'other room'],
  [/\b(?:decide later|undecided|not sure)\b/i, 'decide later'],
  [/\bkeep\b/i, 'keep'],
];
/** `bin` alone is also a container; as a decision it stands after a comma, a dash or an arrow, at the end. */
const TRAILING_DECISION = new RegExp(`(?:,|;|->|→|–|—|\\s-\\s|:)\\s*(${DECISIONS.join('|')})\\s*$`, 'i');
/** To whom or where, up to the next comma or a date. */
const TO = /^\s*(?:to |in )?(?:the )?([\p{L}\p{N}' -]{2,60}?)\s*(?=$|[,;]|\s(?:by|until|till|before)\s)/iu;

export function readDecision(text: string): (Token<Decision> & { destination: string }) | null {
  const trailing = TRAILING_DECISION.exec(text);
  if (trailing)
    return {
      value: trailing[1]!.toLowerCase() as Decision,
      said: trailing[1]!,
      destination: '',
      rest: tidy(text.slice(0, trailing.index)),
    };
  for (const [pattern, value] of DECISION_WORDS) {
    const found = pattern.exec(text);
    if (!found || found[0].length === text.length) continue;
    let end = found.index + found[0].length;
    let destination = '';
    const after = text.slice(end);
    // `give away to the school`: only what follows a `to` is a destination, else it is the name of the thing.
    const to = /^\s*to\s/i.test(after) || /belongs in/i.test(found[0]) ? TO.exec(after) : null;
    if (to) {
      destination = to[1]!.trim();
      end += to[0].length;
    }
    return {
      value,
      said: text.slice(found.index, end).trim(),
      destination,
      rest: tidy(`${text.slice(0, found.index)} ${text.slice(end)}`),
    };
  }
  return null;
}

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];
const DAYS = ['sunday', 'monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday'];
const MONTH = '(jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*';
const DATE = new RegExp(
  String.raw`\b(?:by|until|till|before|due)\s+(?:the\s+)?(?:(\d{4})-(\d{1,2})-(\d{1,2})|(\d{1,2})[./](\d{1,2})[./](\d{4})|(\d{1,2})(?:st|nd|rd|th)?\s+${MONTH}(?:\s+(\d{4}))?|${MONTH}\s+(\d{1,2})(?:st|nd|rd|th)?(?:,?\s+(\d{4}))?|(${DAYS.join('|')})|(tomorrow)|(\d{4})(?!-))\b|\bin\s+(\d{1,2}|a|one|two|three)\s+(day|week|month|year)s?\b`,
  'i',
);

const iso = (date: Date): string => date.toISOString().slice(0, 10);
/** The day, or null where there is none such. */
export function dayOf(year: number, month: number, day: number): string | null {
  const date = new Date(Date.UTC(year, month - 1, day));
  return date.getUTCMonth() === month - 1 && date.getUTCDate() === day && year >= 1900 && year < 2200
    ? iso(date)
    : null;
}
/** The next such day from today on. */
function next(month: number, day: number, today: string): string | null {
  const year = Number(today.slice(0, 4));
  const own = dayOf(year, month, day);
  return own && own < today ? dayOf(year + 1, month, day) : own;
}
const COUNTS: Record<string, number> = { a: 1, one: 1, two: 2, three: 3 };

/** A day by which something is to be done: `by 3 Dec`, `until friday`, `in 2 weeks`, `by 2026-12-03`. */
export function readDay(text: string, today: string): Token<string> | null {
  const found = DATE.exec(text);
  if (!found) return null;
  const [, y, m, d, d2, m2, y2, d3, mon3, y3, mon4, d4, y4, weekday, tomorrow, year, count, span] = found;
  const monthOf = (word: string) => MONTHS.indexOf(word.slice(0, 3).toLowerCase()) + 1;
  const now = new Date(`${today}T00:00:00Z`);
  let value: string | null = null;
  if (y) value = dayOf(Number(y), Number(m), Number(d));
  else if (y2) value = dayOf(Number(y2), Number(m2), Number(d2));
  else if (mon3) value = y3 ? dayOf(Number(y3), monthOf(mon3), Number(d3)) : next(monthOf(mon3), Number(d3), today);
  else if (mon4) value = y4 ? dayOf(Number(y4), monthOf(mon4), Number(d4)) : next(monthOf(mon4), Number(d4), today);
  else if (weekday) {
    const ahead = (DAYS.indexOf(weekday.toLowerCase()) - now.getUTCDay() + 7) % 7 || 7;
    value = addDays(today, ahead);
  } else if (tomorrow) value = addDays(today, 1);
  else if (year) value = dayOf(Number(year), 12, 31);
  else if (count && span) {
    const n = COUNTS[count.toLowerCase()] ?? Number(count);
    const then = new Date(now);
    if (/day/i.test(span)) then.setUTCDate(then.getUTCDate() + n);
    else if (/week/i.test(span)) then.setUTCDate(then.getUTCDate() + 7 * n);
    else if (/month/i.test(span)) then.setUTCMonth(then.getUTCMonth() + n);
    else then.setUTCFullYear(then.getUTCFullYear() + n);
    value = iso(then);
  }
  return value ? { value, said: found[0], rest: without(text, found) } : null;
}

/** `60-piece`, `set of 48`, `2 missing`. */
export function readSet(text: string): Token<{ pieces: number | null; missing: number }> | null {
  const pieces = /\b(\d{1,5})-pieces?\b|\bset of (\d{1,5})\b/i.exec(text);
  let rest = pieces ? without(text, pieces) : text;
  const missing = /\b(\d{1,4})\s+(?:pieces? |cards? |parts? )?missing\b/i.exec(rest);
  if (missing) rest = without(rest, missing);
  if ((!pieces && !missing) || !rest) return null;
  return {
    value: { pieces: pieces ? Number(pieces[1] ?? pieces[2]) : null, missing: missing ? Number(missing[1]) : 0 },
    said: [pieces?.[0], missing?.[0]].filter(Boolean).join(', '),
    rest,
  };
}
