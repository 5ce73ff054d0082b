/** The best spells of one thing against what the others leave it: dynamic programming over the ends of spells. */
import { inSinceStart, overRested, type CompiledRotation, type Spell } from './compiled.ts';
import { INTEREST_KEPT } from './problem.ts';

export interface Offers {
  /** By group and week: what being out there is worth beside interest; -Infinity where there is no slot. */
  worth: readonly Float64Array[];
  /** By week: what coming newly out costs; Infinity where no more may. */
  start: Float64Array;
  /** It may not come out before this week (what must have been out before it). */
  earliest: number;
  /** It has to have been out in some week before this one; Infinity where nothing waits for it. */
  latest: number;
}

export interface Scheduled {
  value: number;
  spells: Spell[];
}

/** @returns null where it cannot be out in time for what waits for it */
export function scheduleThing(compiled: CompiledRotation, t: number, offers: Offers): Scheduled | null {
  const { weeks, groupsOf, any, inSeason, out, had, problem, aims } = compiled;
  const { longestSpell, shortestSpell, leastRest } = problem.rules;
  // In consecutive weeks it would be the same spell.
  const rests = Math.max(1, leastRest);
  const interest = aims.interest * problem.things[t]!.interest;
  /** Best from an end on, and the spell that follows there. */
  const best = new Float64Array(weeks + 1);
  const next: (Spell | null)[] = new Array<Spell | null>(weeks + 1).fill(null);
  /** In since a week; the next spell begins no earlier than `ready`. @returns value, spell */
  const follow = (inSince: number, from: number, ready: number, deadline: number): [number, Spell | null] => {
    const penalty: number[] = [0];
    for (let week = from; week < weeks; week++)
      penalty.push(penalty.at(-1)! + aims.overRested * overRested(compiled, t, inSince, week, week + 1));
    let value = deadline === Infinity ? -penalty[weeks - from]! : -Infinity;
    let spell: Spell | null = null;
    const last = Math.min(weeks - 1, deadline - 1);
    for (let begin = Math.max(from, ready, offers.earliest); begin <= last; begin++) {
      if (offers.start[begin] === Infinity) continue;
      const before = -penalty[begin - from]! - aims.swap - offers.start[begin]!;
      for (const group of groupsOf[t]!) {
        const worth = offers.worth[group]!;
        let sum = 0;
        let kept = interest;
        for (let week = begin; week < Math.min(weeks, begin + longestSpell); week++) {
          if (!inSeason[t]![week] || worth[week] === -Infinity) break;
          sum += worth[week]! + (any[t]![week] ? kept : 0);
          kept *= INTEREST_KEPT;
          const end = week + 1;
          if (end - begin < shortestSpell && end < weeks) continue;
          const total = before + sum + best[end]!;
          if (total > value) {
            value = total;
            spell = { group, from: begin, to: end };
          }
        }
      }
    }
    return [value, spell];
  };
  // Spells that begin in the plan end in week 1 at the earliest.
  for (let end = weeks - 1; end >= 1; end--) [best[end], next[end]] = follow(end, end, end + rests, Infinity);

  const spells: Spell[] = [];
  let value: number;
  let at: Spell | null;
  const now = out[t];
  if (now) {
    // It goes on for some weeks, in its own slot, and then as after any other end.
    const firstSpell = -now.for;
    value = -Infinity;
    at = null;
    let first: Spell | null = null;
    let sum = 0;
    for (let to = 0; to <= Math.max(0, Math.min(weeks, longestSpell - now.for)); to++) {
      if (to > 0) {
        const week = to - 1;
        const worth = offers.worth[now.group]![week]!;
        if (offers.earliest > 0 || !groupsOf[t]!.includes(now.group) || !inSeason[t]![week] || worth === -Infinity)
          break;
        sum += worth + (any[t]![week] ? interest * INTEREST_KEPT ** (week - firstSpell) : 0);
      }
      const [rest, spell] = to === 0 ? follow(0, 0, rests, Infinity) : [best[to]!, next[to]!];
      if (sum + rest > value) {
        value = sum + rest;
        first = to > 0 ? { group: now.group, from: firstSpell, to } : null;
        at = spell;
      }
    }
    if (first) spells.push(first);
  } else {
    const inSince = inSinceStart(compiled, t);
    [value, at] = follow(inSince, 0, had[t] ? inSince + leastRest : 0, had[t] ? Infinity : offers.latest);
  }
  if (value === -Infinity) return null;
  for (; at; at = next[at.to] ?? null) {
    spells.push(at);
    if (at.to >= weeks) break;
  }
  return { value, spells };
}
