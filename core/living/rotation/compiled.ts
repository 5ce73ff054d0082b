/** The problem in arrays: slots that take the same things are one group, in which only their number counts. */
import { groupedBy } from '../../ground/model/grouped-by.ts';
import { aimsOf, fitsSlot, INTEREST_KEPT, suits, type Aims, type RotateProblem } from './problem.ts';

/** One time a thing is out. `from` is negative where it was out before the plan begins. */
export interface Spell {
  group: number;
  from: number;
  /** The first week it is in again. */
  to: number;
}

export interface CompiledRotation {
  problem: RotateProblem;
  weeks: number;
  aims: Aims;
  /** By group: its slots by index, and its area. */
  groups: { slots: number[]; area: number }[];
  areas: string[];
  /** By thing: the groups it fits. */
  groupsOf: number[][];
  /** By thing and week: whether it fits any child. */
  any: boolean[][];
  /** By thing and week: the children it fits, by index. */
  kids: number[][][];
  /** By thing and week: it may be out by its season. */
  inSeason: boolean[][];
  /** By thing: weeks before each one in which it fits some child and is in season, so that it should not rest too long. */
  dueBefore: Int32Array[];
  /** By thing: those that must have been out before, where that is not so already. */
  after: number[][];
  /** By thing: those that wait for it. */
  before: number[][];
  /** By thing: the group in which it is out at the start, and for how long; null: it is in. */
  out: ({ group: number; slot: number; for: number } | null)[];
  /** By thing: its spells, where they are set by hand. */
  fixed: (Spell[] | null)[];
  /** By thing: some spell came before, so that it has to rest. */
  had: boolean[];
}

export function compileRotation(problem: RotateProblem): CompiledRotation {
  const { weeks, slots, things, children, pinned = [] } = problem;
  const areas = [...new Set(slots.map(({ area }) => area))];
  const keyed = slots.map((slot, i) => ({
    i,
    // What is set by hand has that very slot.
    key: `${pinned.some((pin) => pin.slot === slot.id) ? slot.id : ''} ${slot.area} ${things.map((thing) => (fitsSlot(thing, slot) ? '1' : '0')).join('')}`,
  }));
  const groups = [...groupedBy(keyed, ({ key }) => key).values()].map((own) => ({
    slots: own.map(({ i }) => i),
    area: areas.indexOf(slots[own[0]!.i]!.area),
  }));
  const indexOf = new Map(things.map(({ id }, i) => [id, i]));
  const slotOf = new Map(slots.map(({ id }, i) => [id, i]));
  const out: CompiledRotation['out'] = things.map(() => null);
  for (const [slotId, thingId] of Object.entries(problem.out)) {
    const slot = slotOf.get(slotId)!;
    const t = indexOf.get(thingId)!;
    out[t] = { group: groups.findIndex((group) => group.slots.includes(slot)), slot, for: things[t]!.outFor };
  }
  const fixed: CompiledRotation['fixed'] = things.map(() => null);
  for (const { slot, thing, from, to } of pinned) {
    const t = indexOf.get(thing)!;
    const group = groups.findIndex((own) => own.slots.includes(slotOf.get(slot)!));
    const now = out[t];
    // What stands there already goes on.
    const begins = from <= 0 && now?.group === group ? -now.for : Math.max(0, from);
    fixed[t] = [...(fixed[t] ?? []), { group, from: begins, to: Math.min(weeks, to) }].sort((a, b) => a.from - b.from);
  }
  const had = things.map(({ shown }, t) => shown || out[t] !== null);
  const after = things.map((thing) => thing.after.map((id) => indexOf.get(id)!).filter((a) => !had[a]));
  const before: number[][] = things.map(() => []);
  after.forEach((own, t) => own.forEach((a) => before[a]!.push(t)));
  const each = Array.from({ length: weeks }, (_, week) => week);
  const kids = things.map((thing) =>
    each.map((week) => children.flatMap((child, k) => (suits(thing, child, week) ? [k] : []))),
  );
  const any = kids.map((own) => own.map((list) => list.length > 0));
  const inSeason = things.map(({ season }) => each.map((week) => season === null || season.includes(week)));
  return {
    problem,
    weeks,
    aims: aimsOf(problem),
    groups,
    areas,
    groupsOf: things.map((thing) =>
      groups.flatMap((group, g) => (fitsSlot(thing, slots[group.slots[0]!]!) ? [g] : [])),
    ),
    any,
    kids,
    inSeason,
    dueBefore: things.map((_, t) => {
      const before = new Int32Array(weeks + 1);
      for (const week of each) before[week + 1] = before[week]! + Number(any[t]![week] && inSeason[t]![week]);
      return before;
    }),
    after,
    before,
    out,
    fixed,
    had,
  };
}

/** What a spell is worth by its interest, without coverage, week by week from `from` on. */
export function interestOf(compiled: CompiledRotation, t: number, spell: Spell): number {
  let sum = 0;
  for (let week = Math.max(0, spell.from); week < spell.to; week++)
    if (compiled.any[t]![week])
      sum += compiled.aims.interest * compiled.problem.things[t]!.interest * INTEREST_KEPT ** (week - spell.from);
  return sum;
}

/** The first week, from one on, that is beyond the most it should rest. @param inSince the first week it is in */
export const overFrom = ({ problem }: CompiledRotation, inSince: number, from: number): number =>
  Math.max(from, inSince + problem.rules.mostRest, 0);

/** Weeks beyond the most it should rest, while it is in from one week to another. @param inSince the first week it is in */
export function overRested(compiled: CompiledRotation, t: number, inSince: number, from: number, to: number): number {
  const { dueBefore } = compiled;
  const first = overFrom(compiled, inSince, from);
  return first >= to ? 0 : dueBefore[t]![to]! - dueBefore[t]![first]!;
}

/** Minutes that a thing takes to be set out. */
export const minutesOf = ({ problem }: CompiledRotation, t: number): number => problem.things[t]!.minutes ?? 0;

/** The first week in which a thing is in, by the start: negative where it has rested. */
export const inSinceStart = (compiled: CompiledRotation, t: number): number =>
  -(compiled.problem.things[t]!.rested ?? 0);

/** What the spells of a thing are worth by themselves: interest, swaps and weeks of rest too many. */
export function ownValue(compiled: CompiledRotation, t: number, spells: readonly Spell[]): number {
  let value = 0;
  let inSince = compiled.out[t] ? 0 : inSinceStart(compiled, t);
  let from = 0;
  for (const spell of spells) {
    value -= compiled.aims.overRested * overRested(compiled, t, inSince, from, spell.from);
    value += interestOf(compiled, t, spell) - (spell.from >= 0 ? compiled.aims.swap : 0);
    inSince = from = spell.to;
  }
  return value - compiled.aims.overRested * overRested(compiled, t, inSince, from, compiled.weeks);
}
