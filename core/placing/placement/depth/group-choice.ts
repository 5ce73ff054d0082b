/** What belongs together, chosen together: the units over which each group is spread, with what a further unit costs. */
import { GROUP_SPLIT } from '../../../ground/problems/place-problem.ts';
import type { CompiledDepth } from './compiled.ts';
import { looseGroups } from './group-spread.ts';

/** With more units than that, three at once are not looked through. */
const MOST_UNITS = 16;

type CostOf = (bin: number, space: number, most: number) => number;

export class GroupChoice {
  private readonly place: CompiledDepth;
  private readonly groups: number[][];
  private readonly grouped: Set<number>;
  /** Where each member went, of those that have a place. */
  chosen: { bin: number; space: number }[] = [];

  /** @param isFixed whether a bin stays: groups with one such have their members chosen one by one */
  constructor(place: CompiledDepth, isFixed: (bin: number) => boolean) {
    this.place = place;
    this.groups = looseGroups(place, isFixed);
    this.grouped = new Set(this.groups.flat());
  }
  has(bin: number): boolean {
    return this.grouped.has(bin);
  }

  /** @param costOf seconds a week of a bin in a space, where it is below `most` @returns the least of all groups, splits among them; never more than that */
  least(costOf: CostOf): number {
    this.chosen = [];
    return this.groups.reduce((sum, own) => sum + this.leastOf(own, costOf), 0);
  }
  private leastOf(own: readonly number[], costOf: CostOf): number {
    const { place } = this;
    const { units, leftOut } = place;
    const cost = Float64Array.from({ length: own.length * units }, (_, at) => leftOut[own[Math.floor(at / units)]!]!);
    const space = new Int32Array(own.length * units).fill(-1);
    /** Every one where it costs least, as if splitting were free; and all in one unit. */
    let apart = 0;
    const together = new Float64Array(units);
    own.forEach((bin, i) => {
      for (const one of place.order[bin]!) {
        const at = i * units + place.unit[one]!;
        const seconds = costOf(bin, one, cost[at]!);
        if (seconds < cost[at]!) [cost[at], space[at]] = [seconds, one];
      }
      let least = leftOut[bin]!;
      for (let unit = 0; unit < units; unit++) {
        least = Math.min(least, cost[i * units + unit]!);
        together[unit]! += cost[i * units + unit]!;
      }
      apart += least;
    });
    let best = own.reduce((sum, bin) => sum + leftOut[bin]!, 0);
    let chosen: number[] = [];
    /** @param c the same as b where there are two */
    const spread = (a: number, b: number, c: number, splits: number) => {
      let sum = GROUP_SPLIT * splits;
      for (let row = 0; row < cost.length && sum < best; row += units)
        sum += Math.min(cost[row + a]!, cost[row + b]!, cost[row + c]!);
      if (sum < best) [best, chosen] = [sum, [a, b, c]];
    };
    for (let unit = 0; unit < units; unit++) if (together[unit]! < best) [best, chosen] = [together[unit]!, [unit]];
    const thrice = units <= MOST_UNITS;
    if (apart + GROUP_SPLIT < best)
      for (let a = 0; a < units; a++) for (let b = a + 1; b < units; b++) spread(a, b, b, 1);
    if (thrice && apart + 2 * GROUP_SPLIT < best)
      for (let a = 0; a < units; a++)
        for (let b = a + 1; b < units; b++) for (let c = b + 1; c < units; c++) spread(a, b, c, 2);
    // Over more units it costs this at least.
    const more = apart + (thrice ? 3 : 2) * GROUP_SPLIT;
    if (more < best) [best, chosen] = [more, Array.from({ length: units }, (_, unit) => unit)];
    own.forEach((bin, i) => {
      let at = -1;
      for (const unit of chosen) if (at < 0 || cost[i * units + unit]! < cost[i * units + at]!) at = unit;
      if (at >= 0 && space[i * units + at]! >= 0) this.chosen.push({ bin, space: space[i * units + at]! });
    });
    return best;
  }
}
