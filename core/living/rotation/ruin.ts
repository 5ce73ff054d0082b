/** Some things are taken out of a plan by chance and planned anew, one after the other, each the best way that is left. */
import type { Random } from '../../ground/engine/random.ts';
import type { CompiledRotation, Spell } from './compiled.ts';
import type { Rotation, Whim } from './rotation.ts';

/** Things taken out beyond the first and its chain: fewer than this. */
const MOST_MORE = 4;
/** Share of the rounds that take out what a thing waits for and what waits for it. */
const CHAINED = 0.15;
/** Share of the rounds that take out what begins or ends in one week: where few may come out, they share that. */
const SAME_WEEK = 0.3;
/** Of those that are taken out beside the first, so many are any at all. */
const ANY = 1 / 6;
/** Share of the rounds in which each thing has some weeks in a row closed to it, and in which it passes over some here and there. */
const CLOSED = 0.4;
const BLINKING = 0.5;
/** Weeks closed at most, and the largest share that is passed over. */
const MOST_CLOSED = 4;
const MOST_BLINKS = 0.3;

interface Replanned {
  /** What had to be out before is, everywhere. */
  holds: boolean;
  back(): void;
}

export class Ruin {
  private readonly rotation: Rotation;
  private readonly compiled: CompiledRotation;
  private readonly random: Random;
  /** Things in an order in which what must be out before comes first, and by thing where it comes in it. */
  private readonly order: readonly number[];
  private readonly rank: number[] = [];
  /** By thing: those that contend with it for slots, or come before or after it. */
  private readonly near: number[][];
  private readonly whim: Whim;

  constructor(rotation: Rotation, random: Random) {
    this.rotation = rotation;
    this.random = random;
    const { compiled } = rotation;
    this.compiled = compiled;
    this.whim = { from: 0, to: 0, blink: 0, before: Infinity, random };
    this.order = inOrder(compiled);
    this.order.forEach((t, i) => (this.rank[t] = i));
    this.near = neighbours(compiled);
  }

  /** Everything that is not set by hand, for the first time. */
  begin(): void {
    const { rotation, compiled } = this;
    for (const t of this.order) if (!compiled.fixed[t]) rotation.put(t, rotation.best(t)?.spells ?? []);
  }

  /** One round. */
  replan(): Replanned {
    const { rotation, compiled, random, rank, whim } = this;
    const chained = random.next() < CHAINED;
    const removed = this.related(chained);
    const kept = removed.map((t) => rotation.spells[t]!);
    for (const t of removed) rotation.take(t);
    const again = [...removed].sort((a, b) => rank[a]! - rank[b]!);
    if (random.below(2)) shuffle(again, random);
    const kind = random.next();
    const closed = kind < CLOSED;
    whim.blink = !closed && kind < CLOSED + BLINKING ? random.next() * MOST_BLINKS : 0;
    let holds = true;
    for (const t of again) {
      whim.from = closed ? random.below(compiled.weeks) : 0;
      whim.to = closed ? whim.from + 1 + random.below(MOST_CLOSED) : 0;
      // What others wait for comes out in time for them, though it may not pay by itself.
      const forced = chained && !compiled.had[t] && compiled.before[t]!.length > 0;
      whim.before = forced ? 1 + random.below(Math.max(1, compiled.weeks - 1)) : Infinity;
      const planned = rotation.best(t, whim) ?? (forced ? rotation.best(t) : null);
      if (!planned) holds = false;
      rotation.put(t, planned?.spells ?? []);
    }
    return { holds: holds && this.holds(removed), back: () => this.putBack(removed, kept) };
  }
  private putBack(removed: readonly number[], kept: readonly Spell[][]): void {
    for (const t of removed) this.rotation.take(t);
    removed.forEach((t, i) => this.rotation.put(t, kept[i]!));
  }

  /** What was planned before what it waits for may have come too early: such a plan is not kept. */
  private holds(changed: readonly number[]): boolean {
    const { rotation } = this;
    const { after, before } = this.compiled;
    const early = (t: number): boolean => {
      const first = rotation.spells[t]?.[0];
      return !!first && after[t]!.some((a) => rotation.firstOut(a) >= Math.max(0, first.from));
    };
    return changed.every((t) => !early(t) && !before[t]!.some(early));
  }

  /** One by chance, and some that contend with it for slots, weeks or their order. */
  private related(chained: boolean): number[] {
    const { rotation, random, near } = this;
    const { fixed, after, before, weeks, problem } = this.compiled;
    const count = problem.things.length;
    let first = random.below(count);
    while (fixed[first]) first = (first + 1) % count;
    const chosen = [first];
    const add = (t: number): void => {
      if (!fixed[t] && !chosen.includes(t)) chosen.push(t);
    };
    if (chained) {
      for (let i = 0; i < chosen.length; i++) after[chosen[i]!]!.forEach(add);
      const waiting = before[first]!;
      if (waiting.length) add(waiting[random.below(waiting.length)]!);
    }
    const wanted = chosen.length + random.below(MOST_MORE);
    const week = random.next() < SAME_WEEK ? random.below(weeks) : -1;
    const others = near[first]!;
    for (let tries = 0; chosen.length < wanted && tries < 3 * wanted; tries++) {
      const any = week >= 0 || !others.length || random.next() < ANY;
      const t = any ? random.below(count) : others[random.below(others.length)]!;
      if (week < 0 || rotation.spells[t]!.some(({ from, to }) => from === week || to === week)) add(t);
    }
    return chosen;
  }
}

function shuffle<T>(list: T[], random: Random): void {
  for (let i = list.length - 1; i > 0; i--) {
    const j = random.below(i + 1);
    [list[i], list[j]] = [list[j]!, list[i]!];
  }
}

/** Things in an order in which what must be out before comes first; what is out at the start leads. */
function inOrder({ problem, after, out }: CompiledRotation): number[] {
  const order: number[] = [];
  const seen = new Set<number>();
  const visit = (t: number): void => {
    if (seen.has(t)) return;
    seen.add(t);
    after[t]!.forEach(visit);
    order.push(t);
  };
  const all = problem.things
    .map((_, t) => t)
    .sort((a, b) => Number(out[b] !== null) - Number(out[a] !== null) || a - b);
  all.forEach(visit);
  return order;
}

function neighbours({ problem, groupsOf, after, before, fixed }: CompiledRotation): number[][] {
  return problem.things.map((_, t) =>
    problem.things.flatMap((_other, other) =>
      other !== t &&
      !fixed[other] &&
      (groupsOf[t]!.some((g) => groupsOf[other]!.includes(g)) ||
        after[t]!.includes(other) ||
        before[t]!.includes(other))
        ? [other]
        : [],
    ),
  );
}
