/** Signs that a room's system fails, measured from what was seen, each with its trend and its way out (practice U2). */
import { addDays, dayIn } from '../../ground/calendar/day.ts';
import { mondayOf } from '../today/done.ts';
import { isOpen } from '../../sorting/pile/fate.ts';
import type { Bin, Line, Observation, RoutineDay, Stray } from '../../ground/model/entities.ts';
import { overFullBins } from './over-full.ts';

export type SignKind =
  | 'over-full'
  | 'on the floor'
  | 'strays'
  | 'never opened'
  | 'out of reach'
  | 'labels out of date'
  | 'doubles'
  | 'lying still'
  | 'catch-all'
  | 'misplaced'
  | 'routines left';

export interface Sign {
  kind: SignKind;
  /** How many now. */
  count: number;
  /** Of so many; null where there is no whole. */
  of: number | null;
  /** Week by week, the oldest first, the last one this week; null where the past is not known. */
  trend: number[] | null;
  /** Serious enough to be named first; 0 to 1. */
  weight: number;
}

export interface RoomFacts {
  bins: readonly Pick<Bin, 'id' | 'compartmentId'>[];
  lines: readonly Line[];
  observations: readonly Observation[];
  strays: readonly Stray[];
  /** Days of the room's routines that were due by today, done or not. */
  routineDays: readonly { day: string; row: RoutineDay | null }[];
  /** Bins that a child who uses them does not reach. */
  outOfReach: number;
  labelsDue: number;
  labelsPrinted: number;
  doubles: number;
  /** Bins of odds and ends, and how full they are together. */
  catchAll: { bins: readonly string[]; full: number };
  /** ISO date. */
  today: string;
  /** In which instants become days (Site). */
  timeZone: string | null;
}

export const WEEKS = 8;
/** Nothing was opened in so many weeks of looking: it is in the way. */
const NEVER_WEEKS = 4;
/** A decision that is put off, or a project that waits, lies still after so many days. */
const STILL_DAYS = 60;

/** The Mondays of the last weeks, the oldest first. */
export const lastWeeks = (today: string): string[] =>
  Array.from({ length: WEEKS }, (_, i) => addDays(mondayOf(today), -7 * (WEEKS - 1 - i)));

/** @returns every sign there is, the worst first; what cannot be told yet is left out */
export function signsOf(facts: RoomFacts): Sign[] {
  const weeks = lastWeeks(facts.today);
  const weekly = (days: readonly string[]): number[] =>
    weeks.map((monday) => days.filter((day) => mondayOf(day) === monday).length);
  const dayOf = (at: string): string => dayIn(facts.timeZone, at);
  const daysOf = (kind: Observation['kind']): string[] =>
    facts.observations.filter((one) => one.kind === kind).map(({ at }) => dayOf(at));
  const signs: Sign[] = [];
  const add = (kind: SignKind, count: number, of: number | null, trend: number[] | null, weight: number): void => {
    if (count > 0 || trend?.some((week) => week > 0))
      signs.push({ kind, count, of, trend, weight: count ? weight : 0 });
  };
  const all = facts.bins.length;
  const overFull = overFullBins(facts.observations).size;
  add('over-full', overFull, all, weekly(daysOf('over-full')), share(overFull, all, 0.1));
  const loose = facts.bins.filter(({ compartmentId }) => !compartmentId).length;
  add('on the floor', loose, all, null, share(loose, all, 0.05));
  const lying = facts.strays.filter(({ settled }) => !settled).length;
  add('strays', lying, null, weekly(facts.strays.map(({ foundOn }) => foundOn)), Math.min(1, lying / 20));
  const lookedFrom = facts.observations
    .map(({ at }) => dayOf(at))
    .reduce((least, day) => (day < least ? day : least), facts.today);
  if (lookedFrom <= addDays(facts.today, -7 * NEVER_WEEKS)) {
    const opened = new Set(facts.observations.map(({ binId }) => binId));
    const never = facts.bins.filter(({ id }) => !opened.has(id)).length;
    add('never opened', never, all, null, share(never, all, 0.5));
  }
  add('out of reach', facts.outOfReach, all, null, share(facts.outOfReach, all, 0.1));
  add(
    'labels out of date',
    facts.labelsDue,
    facts.labelsPrinted,
    null,
    share(facts.labelsDue, facts.labelsPrinted, 0.2),
  );
  add('doubles', facts.doubles, null, null, Math.min(0.4, facts.doubles / 20));
  const still = facts.lines.filter(
    (line) => isOpen(line) && line.decidedAt !== null && dayOf(line.decidedAt) < addDays(facts.today, -STILL_DAYS),
  ).length;
  add('lying still', still, null, null, Math.min(0.6, still / 10));
  if (facts.catchAll.bins.length) {
    const own = new Set(facts.catchAll.bins);
    const filled = facts.observations.filter(
      ({ binId, kind }) => own.has(binId) && (kind === 'over-full' || kind === 'put back'),
    );
    const percent = Math.round(facts.catchAll.full * 100);
    if (percent > 100)
      signs.push({
        kind: 'catch-all',
        count: percent,
        of: 100,
        trend: weekly(filled.map(({ at }) => dayOf(at))),
        weight: 0.6,
      });
  }
  const elsewhere = [...daysOf('elsewhere'), ...daysOf('not here')];
  const recent = elsewhere.filter((day) => day >= weeks.at(-1)!).length;
  add('misplaced', recent, null, weekly(elsewhere), Math.min(1, recent / 10));
  const left = facts.routineDays.filter(({ day, row }) => day < facts.today && !row?.doneAt && !row?.skipped);
  const leftNow = left.filter(({ day }) => day >= weeks.at(-2)!).length;
  add('routines left', leftNow, null, weekly(left.map(({ day }) => day)), Math.min(0.8, leftNow / 6));
  return signs.sort((a, b) => b.weight - a.weight || a.kind.localeCompare(b.kind));
}

/** 1 where so large a share of all is wrong, in proportion below it. */
const share = (count: number, all: number, serious: number): number => (all ? Math.min(1, count / all / serious) : 0);

/** `rising`, `falling` or `steady`: the last two weeks against those before; null with fewer than three weeks of looking. */
export function direction(trend: readonly number[] | null): 'rising' | 'falling' | 'steady' | null {
  const from = trend?.findIndex((week) => week > 0) ?? -1;
  if (!trend || from < 0 || trend.length - from < 3) return null;
  const seen = trend.slice(from);
  const mean = (weeks: readonly number[]): number => weeks.reduce((sum, week) => sum + week, 0) / weeks.length;
  const [before, now] = [mean(seen.slice(0, -2)), mean(seen.slice(-2))];
  if (now > before * 1.25 + 0.25) return 'rising';
  return now < before * 0.8 - 0.25 ? 'falling' : 'steady';
}

export interface Health {
  state: 'well' | 'fair' | 'failing' | 'not known';
  /** The facts behind it, no more than three. */
  facts: Sign[];
}
const FAILING = 0.75;
const FAIR = 0.25;

/** @param observed times anything was seen in the room: without any, nothing is claimed */
export function healthOf(signs: readonly Sign[], observed: number): Health {
  const facts = signs.filter(({ weight }) => weight > 0).slice(0, 3);
  const worst = facts[0]?.weight ?? 0;
  if (!observed && worst < FAILING) return { state: 'not known', facts };
  const sum = facts.reduce((total, { weight }) => total + weight, 0);
  return { state: worst >= FAILING || sum >= 1.5 ? 'failing' : sum >= FAIR ? 'fair' : 'well', facts };
}
