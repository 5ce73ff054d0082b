/** How long the makeover of a room has taken, and how long the rest will take at its pace (practices E1, E9). */
import { addDays, daysBetween } from '../../ground/calendar/day.ts';
import { isOpen } from '../../sorting/pile/fate.ts';
import type { Deferral, Line, Session } from '../../ground/model/entities.ts';

/** Before there is a pace: seconds a line, and how many lines that guess weighs. */
export const USUAL_SECONDS = 40;
export const USUAL_WEIGHT = 5;
/** Lines that a part left for later is taken to hold, until it is looked into. */
export const LINES_IN_A_PART = 12;

/** Seconds worked in one session, up to `now` where it still runs. */
export const secondsOf = (session: Pick<Session, 'seconds' | 'runningSince'>, now: Date): number =>
  session.seconds + (session.runningSince ? Math.max(0, (now.getTime() - Date.parse(session.runningSince)) / 1000) : 0);

export interface Pace {
  /** Seconds worked on this room. */
  worked: number;
  /** Lines decided while a session ran. */
  decided: number;
  /** Seconds a line, learned from what was done so far. */
  perLine: number;
  /** Lines without a decision, and parts left for later. */
  open: number;
  parts: number;
  /** Seconds that the rest will take. */
  left: number;
}

export function paceOf(
  sessions: readonly Session[],
  lines: readonly Pick<Line, 'decision' | 'decidedAt'>[],
  deferrals: readonly Pick<Deferral, 'done'>[],
  now: Date,
): Pace {
  const worked = sessions.reduce((sum, session) => sum + secondsOf(session, now), 0);
  const spans = sessions.map((session) => [
    Date.parse(session.startedAt),
    session.endedAt ? Date.parse(session.endedAt) : now.getTime(),
  ]);
  const decided = lines.filter((line) => {
    const at = line.decidedAt ? Date.parse(line.decidedAt) : NaN;
    return spans.some(([from, to]) => at >= from! && at <= to!);
  }).length;
  const perLine = (worked + USUAL_SECONDS * USUAL_WEIGHT) / (decided + USUAL_WEIGHT);
  const open = lines.filter(isOpen).length;
  const parts = deferrals.filter((deferral) => !deferral.done).length;
  return { worked, decided, perLine, open, parts, left: (open + parts * LINES_IN_A_PART) * perLine };
}

export interface PlannedDay {
  /** ISO date. */
  date: string;
  minutes: number;
  what: string;
}
export interface DayPlan {
  days: PlannedDay[];
  /** Whether all is done by the deadline. */
  enough: boolean;
  /** Minutes a day that would be needed to finish on the deadline. */
  needed: number;
}

/** Days from `from` to `deadline`, both counted. */
export const daysUntil = (from: string, deadline: string): number => Math.max(0, daysBetween(from, deadline) + 1);

export interface Portion {
  what: string;
  /** ISO date on which it is done, where it waits for that day. */
  on?: string;
  /** Seconds. */
  seconds: number;
}

/**
 * Spreads the portions over days of so many minutes; a portion that does not fit a day goes on the next day.
 * @param from ISO date of the first day
 * @param deadline ISO date, null where there is none
 * @param restDays days of the week on which nobody works, 0 is Sunday
 * @example planDays([{ what: 'decide', seconds: 5400 }], 60, '2026-11-26', null).days.length // 2
 */
export function planDays(
  portions: readonly Portion[],
  minutesADay: number,
  from: string,
  deadline: string | null,
  restDays: readonly number[] = [],
): DayPlan {
  const total = portions.reduce((sum, portion) => sum + portion.seconds, 0);
  const days: PlannedDay[] = [];
  const queue = portions.filter((portion) => !portion.on).map((portion) => ({ ...portion }));
  const dated = portions.filter((portion) => portion.on).map((portion) => ({ ...portion, on: portion.on! }));
  // All days at rest is no rule: then every day counts.
  const rests = (day: string) => restDays.length < 7 && restDays.includes(new Date(`${day}T00:00:00Z`).getUTCDay());
  let passed = 0;
  const most = deadline ? daysUntil(from, deadline) : 366;
  let date = from;
  while ((queue.length || dated.length) && passed < most) {
    passed++;
    if (rests(date)) {
      date = addDays(date, 1);
      continue;
    }
    let room = minutesADay * 60;
    const words: string[] = [];
    // What was put off comes on its day, or on the first day of work after it.
    while (dated.length && room > 0.5) {
      const at = dated.findIndex((portion) => portion.on <= date);
      if (at < 0) break;
      const taken = Math.min(room, dated[at]!.seconds);
      words.push(dated[at]!.what);
      dated[at]!.seconds -= taken;
      room -= taken;
      if (dated[at]!.seconds <= 0.5) dated.splice(at, 1);
    }
    while (queue.length && room > 0.5) {
      const next = queue[0]!;
      const taken = Math.min(room, next.seconds);
      if (!words.includes(next.what)) words.push(next.what);
      next.seconds -= taken;
      room -= taken;
      if (next.seconds <= 0.5) queue.shift();
    }
    if (words.length)
      days.push({ date, minutes: Math.max(1, Math.round((minutesADay * 60 - room) / 60)), what: words.join(', ') });
    date = addDays(date, 1);
  }
  const working = Array.from({ length: Math.min(most, 366) }, (_, i) => addDays(from, i)).filter(
    (day) => !rests(day),
  ).length;
  return { days, enough: !queue.length && !dated.length, needed: working ? Math.ceil(total / 60 / working) : Infinity };
}
