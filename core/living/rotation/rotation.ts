/** A plan under way: who is out when, what that leaves the others, and its value, kept true at every change. */
import { minutesOf, ownValue, type CompiledRotation, type Spell } from './compiled.ts';
import { startsIn } from './problem.ts';
import { scheduleThing, type Offers, type Scheduled } from './schedule-thing.ts';

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
  /** By area, week and child: fitting things out. */
  private readonly fitting: Int32Array[][];

  constructor(compiled: CompiledRotation) {
    this.compiled = compiled;
    const { weeks, groups, areas, problem } = compiled;
    this.spells = problem.things.map(() => null);
    this.taken = groups.map(() => new Int32Array(weeks));
    this.starts = new Int32Array(weeks);
    this.minutes = new Float64Array(weeks);
    this.fitting = areas.map(() => Array.from({ length: weeks }, () => new Int32Array(problem.children.length)));
  }

  /** The first week in which a thing is out; 0 where it was before, Infinity where it never is. */
  firstOut(t: number): number {
    if (this.compiled.had[t]) return -1;
    return this.spells[t]?.[0]?.from ?? Infinity;
  }

  /** What one more fitting thing brings, by how many there are. */
  private gain(count: number): number {
    const { covered, coveredTwice } = this.compiled.aims;
    return count === 0 ? covered : count === 1 ? coveredTwice : 0;
  }

  private change(t: number, spells: readonly Spell[], by: 1 | -1): void {
    const { compiled } = this;
    this.value += by * ownValue(compiled, t, spells);
    for (const { group, from, to } of spells) {
      if (from >= 0) {
        this.starts[from]! += by;
        this.minutes[from]! += by * minutesOf(compiled, t);
      }
      const area = compiled.groups[group]!.area;
      for (let week = Math.max(0, from); week < to; week++) {
        this.taken[group]![week]! += by;
        const counts = this.fitting[area]![week]!;
        for (const k of compiled.kids[t]![week]!) {
          this.value += by === 1 ? this.gain(counts[k]!) : -this.gain(counts[k]! - 1);
          counts[k]! += by;
        }
      }
    }
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

  /** What the others leave a thing that is not planned now. @param noise what each week is worth more or less, by chance */
  offersTo(t: number, noise: () => number = () => 0): Offers {
    const { compiled } = this;
    const { weeks, groups, groupsOf, kids, after, before, problem } = compiled;
    const worth: Float64Array[] = [];
    for (const g of groupsOf[t]!) {
      const own = new Float64Array(weeks);
      const { area, slots } = groups[g]!;
      for (let week = 0; week < weeks; week++) {
        if (this.taken[g]![week]! >= slots.length) own[week] = -Infinity;
        else {
          const counts = this.fitting[area]![week]!;
          let sum = noise();
          for (const k of kids[t]![week]!) sum += this.gain(counts[k]!);
          own[week] = sum;
        }
      }
      worth[g] = own;
    }
    const start = new Float64Array(weeks);
    const most = problem.rules.minutesAWeek ?? Infinity;
    for (let week = 0; week < weeks; week++)
      if (
        this.starts[week]! >= startsIn(problem.rules, week) ||
        this.minutes[week]! + minutesOf(compiled, t) > most + 1e-9
      )
        start[week] = Infinity;
    const earliest = Math.max(0, ...after[t]!.map((a) => this.firstOut(a) + 1));
    let latest = Infinity;
    for (const b of before[t]!) {
      const first = this.spells[b]?.[0];
      if (first) latest = Math.min(latest, Math.max(0, first.from));
    }
    return { worth, start, earliest, latest };
  }

  /** The best schedule against the others; null where what waits for it cannot be kept. */
  best(t: number, noise?: () => number): Scheduled | null {
    return scheduleThing(this.compiled, t, this.offersTo(t, noise));
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
