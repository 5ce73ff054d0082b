/** A plan under way: who is out when, what that leaves the others, and its value, kept true at every change. */
import { minutesOf, ownValue, type CompiledRotation, type Spell } from './compiled.ts';
import { startsIn } from './problem.ts';
import type { Random } from '../../ground/engine/random.ts';
import { scheduleThing, type Offers, type Scheduled } from './schedule-thing.ts';

/** Weeks in which one thing is not put out this once, so that others find room and another plan comes of it. */
export interface Whim {
  /** Closed to it from one week to another. */
  from: number;
  to: number;
  /** Share of all other weeks and groups that are passed over. */
  blink: number;
  /** It is to be out in some week before this one; Infinity: it need not. */
  before: number;
  random: Random;
}

export class Rotation {
  readonly compiled: CompiledRotation;
  /** By thing; null: it is not planned now. */
  readonly spells: (Spell[] | null)[];
  value = 0;
  /** By group and week: slots taken. */
  private readonly taken: Int32Array[];
  /** By week: newly out. */
  private readonly starts: Int32Array;
  /** By week: minutes to set out what is newly out. */
  private readonly minutes: Float64Array;
  /** By area, then by week and child: fitting things out. */
  private readonly fitting: Int32Array[];
  /** What one more fitting thing brings a child, by how many there are. */
  private readonly gains: Float64Array;

  /** Filled anew for each thing. */
  private readonly offers: Offers;

  constructor(compiled: CompiledRotation) {
    this.compiled = compiled;
    const { weeks, groups, areas, problem } = compiled;
    this.spells = problem.things.map(() => null);
    this.taken = groups.map(() => new Int32Array(weeks));
    this.offers = {
      worth: groups.map(() => new Float64Array(weeks)),
      start: new Float64Array(weeks),
      earliest: 0,
      latest: Infinity,
    };
    this.starts = new Int32Array(weeks);
    this.minutes = new Float64Array(weeks);
    this.fitting = areas.map(() => new Int32Array(weeks * problem.children.length));
    this.gains = new Float64Array(problem.things.length + 1);
    this.gains.set([compiled.aims.covered, compiled.aims.coveredTwice].slice(0, this.gains.length));
  }

  /** The first week in which a thing is out; 0 where it was before, Infinity where it never is. */
  firstOut(t: number): number {
    if (this.compiled.had[t]) return -1;
    return this.spells[t]?.[0]?.from ?? Infinity;
  }

  private change(t: number, spells: readonly Spell[], by: 1 | -1): void {
    const { compiled, gains } = this;
    const { groups, kids, problem } = compiled;
    const children = problem.children.length;
    // Taken away, it brought what the count without it brings.
    const back = by === 1 ? 0 : 1;
    let value = ownValue(compiled, t, spells);
    for (const { group, from, to } of spells) {
      if (from >= 0) {
        this.starts[from]! += by;
        this.minutes[from]! += by * minutesOf(compiled, t);
      }
      const counts = this.fitting[groups[group]!.area]!;
      const taken = this.taken[group]!;
      for (let week = Math.max(0, from); week < to; week++) {
        taken[week]! += by;
        const fits = kids[t]![week]!;
        for (let i = 0; i < fits.length; i++) {
          const at = week * children + fits[i]!;
          value += gains[counts[at]! - back]!;
          counts[at]! += by;
        }
      }
    }
    this.value += by * value;
  }
  put(t: number, spells: Spell[]): void {
    this.change(t, spells, 1);
    this.spells[t] = spells;
  }
  take(t: number): void {
    const own = this.spells[t];
    if (!own) return;
    this.change(t, own, -1);
    this.spells[t] = null;
  }

  /** What the others leave a thing that is not planned now; good until the next is asked for. */
  offersTo(t: number, whim?: Whim): Offers {
    const { compiled, offers } = this;
    const { weeks, groups, groupsOf, kids, after, before, problem } = compiled;
    const { gains } = this;
    const children = problem.children.length;
    for (const g of groupsOf[t]!) {
      const own = offers.worth[g]!;
      const taken = this.taken[g]!;
      const { area, slots } = groups[g]!;
      const fitting = this.fitting[area]!;
      for (let week = 0; week < weeks; week++) {
        if (
          taken[week]! >= slots.length ||
          (whim && ((whim.from <= week && week < whim.to) || (whim.blink > 0 && whim.random.next() < whim.blink)))
        ) {
          own[week] = -Infinity;
          continue;
        }
        const fits = kids[t]![week]!;
        let sum = 0;
        for (let i = 0; i < fits.length; i++) sum += gains[fitting[week * children + fits[i]!]!]!;
        own[week] = sum;
      }
    }
    const most = (problem.rules.minutesAWeek ?? Infinity) + 1e-9;
    const minutes = minutesOf(compiled, t);
    for (let week = 0; week < weeks; week++)
      offers.start[week] =
        this.starts[week]! >= startsIn(problem.rules, week) || this.minutes[week]! + minutes > most ? Infinity : 0;
    offers.earliest = 0;
    for (const a of after[t]!) offers.earliest = Math.max(offers.earliest, this.firstOut(a) + 1);
    offers.latest = whim?.before ?? Infinity;
    for (const b of before[t]!) {
      const first = this.spells[b]?.[0];
      if (first) offers.latest = Math.min(offers.latest, Math.max(0, first.from));
    }
    return offers;
  }

  /** The best schedule against the others; null where what waits for it, or the whim, cannot be kept. */
  best(t: number, whim?: Whim): Scheduled | null {
    return scheduleThing(this.compiled, t, this.offersTo(t, whim));
  }

  /** Things with a real slot each, week by week: a spell keeps its slot. */
  plan(): Record<string, string>[] {
    const { problem, weeks, groups, out } = this.compiled;
    const until = problem.slots.map(() => 0);
    const rows: Record<string, string>[] = Array.from({ length: weeks }, () => ({}));
    const spells = this.spells.flatMap((own, t) => (own ?? []).map((spell) => ({ ...spell, t })));
    for (const { group, from, to, t } of spells.sort((a, b) => a.from - b.from)) {
      const slot = from < 0 ? out[t]!.slot : groups[group]!.slots.find((one) => until[one]! <= from)!;
      until[slot] = to;
      for (let week = Math.max(0, from); week < to; week++)
        rows[week]![problem.slots[slot]!.id] = problem.things[t]!.id;
    }
    return rows;
  }
}
