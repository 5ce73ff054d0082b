/**
 * A proven upper bound: slots, swaps and coverage get prices (Lagrange multipliers), each thing then plans for itself, and
 * the prices are moved by the subgradient as long as the bound falls. What must come before what, and
 * minutes a week, are left out.
 */
import { ownValue, type CompiledRotation, type Spell } from './compiled.ts';
import { startsIn } from './problem.ts';
import { scheduleThing } from './schedule-thing.ts';

export class RotationBound {
  bound = Infinity;
  /** Prices of the bound, by group and week, by week, by area, week and child. */
  private readonly slot: Float64Array[];
  private readonly swap: Float64Array;
  private readonly cover: Float64Array[][];
  private step = 1;
  private stalled = 0;
  private readonly compiled: CompiledRotation;

  constructor(compiled: CompiledRotation) {
    this.compiled = compiled;
    const { weeks, groups, areas, problem, aims } = compiled;
    this.slot = groups.map(() => new Float64Array(weeks));
    this.swap = new Float64Array(weeks);
    this.cover = areas.map(() =>
      Array.from({ length: weeks }, () => new Float64Array(problem.children.length).fill(aims.coveredTwice)),
    );
  }

  /** One round of prices. @param value of the best plan that is known */
  improve(value: number): void {
    const { compiled, slot, swap, cover } = this;
    const { weeks, groups, groupsOf, kids, problem, aims } = compiled;
    let sum = 0;
    /** What spells that are set by hand bring at the prices. */
    const priceOf = (spells: readonly Spell[], worth: readonly Float64Array[]): number =>
      spells.reduce((total, { group, from, to }) => {
        for (let week = Math.max(0, from); week < to; week++) total += worth[group]?.[week] ?? 0;
        return total - (from >= 0 ? swap[from]! : 0);
      }, 0);
    const taken = groups.map(({ slots }) => new Float64Array(weeks).fill(-slots.length));
    const starts = Float64Array.from({ length: weeks }, (_, week) => -startsIn(problem.rules, week));
    const fitting = cover.map((own) => own.map((counts) => new Float64Array(counts.length)));
    groups.forEach(({ slots }, g) => {
      for (let week = 0; week < weeks; week++) sum += slots.length * slot[g]![week]!;
    });
    for (let week = 0; week < weeks; week++) sum += startsIn(problem.rules, week) * swap[week]!;
    cover.forEach((own, area) =>
      own.forEach((prices, week) =>
        prices.forEach((price, k) => {
          sum += Math.max(0, aims.covered - price) + Math.max(0, aims.coveredTwice - price);
          fitting[area]![week]![k] = -(price < aims.covered ? 1 : 0) - (price < aims.coveredTwice ? 1 : 0);
        }),
      ),
    );
    problem.things.forEach((_, t) => {
      const worth: Float64Array[] = [];
      for (const g of groupsOf[t]!) {
        const own = new Float64Array(weeks);
        const prices = cover[groups[g]!.area]!;
        for (let week = 0; week < weeks; week++) {
          let value = -slot[g]![week]!;
          for (const k of kids[t]![week]!) value += prices[week]![k]!;
          own[week] = value;
        }
        worth[g] = own;
      }
      const own = compiled.fixed[t];
      const planned = own
        ? { spells: own, value: ownValue(compiled, t, own) + priceOf(own, worth) }
        : scheduleThing(compiled, t, { worth, start: swap, earliest: 0, latest: Infinity });
      if (!planned) return;
      sum += planned.value;
      for (const { group, from, to } of planned.spells) {
        if (from >= 0) starts[from]! += 1;
        for (let week = Math.max(0, from); week < to; week++) {
          taken[group]![week]! += 1;
          for (const k of kids[t]![week]!) fitting[groups[group]!.area]![week]![k]! += 1;
        }
      }
    });
    if (sum < this.bound - 1e-9) {
      if (sum > this.bound - 1e-4 * Math.abs(sum)) this.stalled++;
      else this.stalled = 0;
      this.bound = sum;
    } else this.stalled++;
    if (this.stalled > 8) {
      this.step /= 1.6;
      this.stalled = 0;
    }
    // Capacities are left free (negative) or overrun (positive); what covers more than is counted lowers its price.
    let norm = 0;
    const each = (use: (price: Float64Array, excess: Float64Array, sign: 1 | -1) => void): void => {
      slot.forEach((prices, g) => use(prices, taken[g]!, 1));
      use(swap, starts, 1);
      cover.forEach((own, area) => own.forEach((prices, week) => use(prices, fitting[area]![week]!, -1)));
    };
    each((prices, excess, sign) => {
      for (let i = 0; i < excess.length; i++)
        if (prices[i]! > 0 || sign * excess[i]! > 0) norm += excess[i]! * excess[i]!;
    });
    if (!norm) return;
    const length = (this.step * Math.max(1e-3, sum - value)) / norm;
    each((prices, excess, sign) => {
      for (let i = 0; i < excess.length; i++) prices[i] = Math.max(0, prices[i]! + sign * length * excess[i]!);
    });
  }
}
