/** The best spells of one thing against what the others leave it: dynamic programming over the ends of spells. */
import { inSinceStart, overFrom, type CompiledRotation, type Spell } from './compiled.ts';
import { INTEREST_KEPT } from './problem.ts';

export interface Offers {
  /** By group and week: what being out there is worth beside interest; -Infinity where there is no slot. */
  readonly worth: readonly Float64Array[];
  /** By week: what coming newly out costs; Infinity where no more may. */
  readonly start: Float64Array;
  /** It may not come out before this week (what must have been out before it). */
  earliest: number;
  /** It has to have been out in some week before this one; Infinity where nothing waits for it. */
  latest: number;
}

export interface Scheduled {
  value: number;
  spells: Spell[];
}

/** What is reckoned for one thing, week by week; kept, as it is asked for a hundred thousand times a second. */
class Scratch {
  /** Best of a spell that begins in a week with all that follows it; its end and its group. */
  readonly begun: Float64Array;
  readonly end: Int32Array;
  readonly group: Int32Array;
  /** Best from the end of a spell in a week on, and the week in which the next begins; -1: none does. */
  readonly best: Float64Array;
  readonly next: Int32Array;
  constructor(weeks: number) {
    this.begun = new Float64Array(weeks);
    this.end = new Int32Array(weeks);
    this.group = new Int32Array(weeks);
    this.best = new Float64Array(weeks + 1);
    this.next = new Int32Array(weeks + 1).fill(-1);
  }
}
const scratches = new WeakMap<CompiledRotation, Scratch>();
function scratchOf(compiled: CompiledRotation): Scratch {
  let scratch = scratches.get(compiled);
  if (!scratch) scratches.set(compiled, (scratch = new Scratch(compiled.weeks)));
  return scratch;
}

/** A spell that begins in that week, with what is best after it. */
function begin(compiled: CompiledRotation, t: number, offers: Offers, week: number, scratch: Scratch): void {
  const { weeks, groupsOf, inSeason, any, problem, aims } = compiled;
  const { longestSpell, shortestSpell } = problem.rules;
  const interest = aims.interest * problem.things[t]!.interest;
  let most = -Infinity;
  const cost = aims.swap + offers.start[week]!;
  if (cost !== Infinity) {
    const last = Math.min(weeks, week + longestSpell);
    for (const group of groupsOf[t]!) {
      const worth = offers.worth[group]!;
      let sum = -cost;
      let kept = interest;
      for (let at = week; at < last; at++) {
        if (!inSeason[t]![at] || worth[at] === -Infinity) break;
        sum += worth[at]!;
        if (any[t]![at]) sum += kept;
        kept *= INTEREST_KEPT;
        const end = at + 1;
        if (end - week < shortestSpell && end < weeks) continue;
        const total = sum + scratch.best[end]!;
        if (total > most) {
          most = total;
          scratch.end[week] = end;
          scratch.group[week] = group;
        }
      }
    }
  }
  scratch.begun[week] = most;
}

/** @returns null where it cannot be out in time for what waits for it */
export function scheduleThing(compiled: CompiledRotation, t: number, offers: Offers): Scheduled | null {
  const { weeks, groupsOf, any, inSeason, dueBefore, out, had, problem, aims } = compiled;
  const { longestSpell, leastRest } = problem.rules;
  // In consecutive weeks it would be the same spell.
  const rests = Math.max(1, leastRest);
  const scratch = scratchOf(compiled);
  const { begun, best, next } = scratch;
  const due = dueBefore[t]!;
  let first = -1;
  /** In since a week, the next spell beginning no earlier than `ready` and before `deadline`; its week is left in `first`. */
  const follow = (inSince: number, from: number, ready: number, deadline: number): number => {
    const over = overFrom(compiled, inSince, from);
    let most = deadline === Infinity ? (over < weeks ? -aims.overRested * (due[weeks]! - due[over]!) : 0) : -Infinity;
    first = -1;
    const last = Math.min(weeks, deadline);
    for (let week = Math.max(from, ready, offers.earliest); week < last; week++) {
      const total = over < week ? begun[week]! - aims.overRested * (due[week]! - due[over]!) : begun[week]!;
      if (total > most) {
        most = total;
        first = week;
      }
    }
    return most;
  };
  best[weeks] = 0;
  next[weeks] = -1;
  // Spells that begin in the plan end in week 1 at the earliest.
  for (let week = weeks - 1; week >= 1; week--) {
    best[week] = follow(week, week, week + rests, Infinity);
    next[week] = first;
    begin(compiled, t, offers, week, scratch);
  }
  begin(compiled, t, offers, 0, scratch);

  const spells: Spell[] = [];
  let value: number;
  let at: number;
  const now = out[t];
  if (now) {
    // It goes on for some weeks, in its own slot, and then as after any other end.
    value = follow(0, 0, rests, Infinity);
    at = first;
    let goesOn = 0;
    let sum = 0;
    const may = offers.earliest <= 0 && groupsOf[t]!.includes(now.group);
    const interest = aims.interest * problem.things[t]!.interest;
    const last = may ? Math.min(weeks, longestSpell - now.for) : 0;
    for (let to = 1; to <= last; to++) {
      const worth = offers.worth[now.group]![to - 1]!;
      if (!inSeason[t]![to - 1] || worth === -Infinity) break;
      sum += worth + (any[t]![to - 1] ? interest * INTEREST_KEPT ** (to - 1 + now.for) : 0);
      if (sum + best[to]! > value) {
        value = sum + best[to]!;
        goesOn = to;
        at = next[to]!;
      }
    }
    if (goesOn) spells.push({ group: now.group, from: -now.for, to: goesOn });
  } else {
    const inSince = inSinceStart(compiled, t);
    value = follow(inSince, 0, had[t] ? inSince + leastRest : 0, had[t] ? Infinity : offers.latest);
    at = first;
  }
  if (value === -Infinity) return null;
  while (at >= 0) {
    const to = scratch.end[at]!;
    spells.push({ group: scratch.group[at]!, from: at, to });
    at = next[to]!;
  }
  return { value, spells };
}
