/**
 * How a group divides itself over units at given prices: exactly, by the least over all its divisions. A member can be
 * left out for what a bin without a place costs; every unit beyond the first costs a split.
 */
import { GROUP_SPLIT, UNPLACED } from '../problem.ts';
import type { GroupFits } from './group-fits.ts';

/** Groups up to this size are divided in every way: 3^n of them. */
const MAX_MEMBERS = 8;
/** Divisions tried until every part has room; the last one is taken as it is, which only makes the bound lower. */
const MAX_TRIES = 20;

/** A group: its members' prices stand in rows of one column for each unit near any of them, and one for all others. */
export interface PricedGroup {
  members: number;
  columns: number;
  /** The unit of each column but the last. */
  units: readonly number[];
  /** Where its first row begins. */
  at: number;
  fits: GroupFits;
}

export class GroupPartition {
  private readonly price: Float64Array;
  // By set of members: their sum in one unit; the least such sum, and its unit.
  private readonly sums = new Float64Array(1 << MAX_MEMBERS);
  private readonly one = new Float64Array(1 << MAX_MEMBERS);
  private readonly oneUnit = new Int32Array(1 << MAX_MEMBERS);
  // By set: the least when others of the group stand elsewhere, and the part that goes into one unit (none: the first is left out).
  private readonly rest = new Float64Array(1 << MAX_MEMBERS);
  private readonly restPart = new Int32Array(1 << MAX_MEMBERS);
  /** By member, what it pays at the least anywhere; by unit, what all pay there. */
  private readonly least = new Float64Array(MAX_MEMBERS);
  private together = new Float64Array(64);

  /** @param price all prices, read anew at every call */
  constructor(price: Float64Array) {
    this.price = price;
  }

  /** What the group pays at the least; adds 1 to `wanted` at each price that is paid. */
  pays(group: PricedGroup, wanted: Float64Array): number {
    const { members, columns, at, fits } = group;
    if (members > MAX_MEMBERS) return this.largePays(group, wanted);
    const { one, oneUnit, rest, restPart } = this;
    const all = (1 << members) - 1;
    for (let tries = 0; ; tries++) {
      // All in one unit: what any other division has to go below.
      let [least, together] = this.inOneUnit(group);
      let parts = [all];
      if (this.divide(group, least)) {
        // The first part is not split off; before it, any number are left out.
        let first = 0;
        let left = 0;
        for (let set = all, out = 0; set > 0; set &= set - 1, out += UNPLACED) {
          if (out >= least) break;
          const lowest = set & -set;
          for (let part = set; part > 0; part = (part - 1) & set) {
            if (!(part & lowest)) continue;
            const sum = out + one[part]! + rest[set ^ part]!;
            if (sum < least) [least, first, left] = [sum, part, set ^ part];
          }
        }
        if (first) {
          together = -1;
          parts = [first];
          while (left > 0) {
            const part = restPart[left]!;
            if (part) parts.push(part);
            left = part ? left ^ part : left & (left - 1);
          }
        }
      }
      if (members * UNPLACED < least) return members * UNPLACED;
      // Whether there is room is asked only for what is chosen; each refusal is remembered.
      const unitOf = (part: number): number => (together < 0 ? oneUnit[part]! : together);
      let holds = true;
      for (const part of parts) if (!fits.holds(unitOf(part), part)) holds = false;
      if (!holds && tries < MAX_TRIES) continue;
      for (const part of parts)
        for (let m = 0; m < members; m++) if (part & (1 << m)) wanted[at + m * columns + unitOf(part)]! += 1;
      return least;
    }
  }

  /** What all members pay at the least in one unit with room for them, and its column; notes what each pays at the least. */
  private inOneUnit({ members, columns, at, fits }: PricedGroup): [number, number] {
    const { price, least } = this;
    if (this.together.length < columns) this.together = new Float64Array(2 * columns);
    const { together } = this;
    const all = (1 << members) - 1;
    together.fill(0, 0, columns);
    for (let m = 0, i = at; m < members; m++) {
      let low = Infinity;
      for (let u = 0; u < columns; u++, i++) {
        const own = price[i]!;
        together[u]! += own;
        if (own < low) low = own;
      }
      least[m] = low;
    }
    let best = Infinity;
    let unit = -1;
    for (let u = 0; u < columns; u++)
      if (together[u]! < best && !fits.refuses(u, all)) [best, unit] = [together[u]!, u];
    return [best, unit];
  }

  /**
   * Divides all sets of members; needs `least`.
   * @returns false when no division into several parts can cost less than `most`: then nothing is done
   */
  private divide({ members, columns, at, fits }: PricedGroup, most: number): boolean {
    const { price, sums, one, oneUnit, rest, restPart, least } = this;
    // What stands apart pays a split, or another is left out.
    let sum = 0;
    let dearest = 0;
    for (let m = 0; m < members; m++) {
      sum += least[m]!;
      dearest = Math.max(dearest, least[m]!);
    }
    const spare = most - sum - Math.min(GROUP_SPLIT, UNPLACED - dearest);
    if (spare <= 0) return false;
    const sets = 1 << members;
    one.fill(Infinity, 1, sets);
    for (let u = 0; u < columns; u++) {
      // A member that pays too much here is in no such part.
      let near = 0;
      for (let m = 0; m < members; m++) if (price[at + m * columns + u]! - least[m]! < spare) near |= 1 << m;
      for (let set = near & -near; set !== 0; set = (set - near) & near) {
        const member = 31 - Math.clz32(set & -set);
        const sum = sums[set & (set - 1)]! + price[at + member * columns + u]!;
        sums[set] = sum;
        // The last column stands for many units: taking it for one only makes the bound lower.
        if (sum < one[set]! && !fits.refuses(u, set)) {
          one[set] = sum;
          oneUnit[set] = u;
        }
      }
    }
    for (let set = 1; set < sets; set++) {
      const lowest = set & -set;
      let least = UNPLACED + rest[set ^ lowest]!;
      let best = 0;
      for (let part = set; part > 0; part = (part - 1) & set) {
        if (!(part & lowest)) continue;
        const sum = one[part]! + GROUP_SPLIT + rest[set ^ part]!;
        if (sum < least) [least, best] = [sum, part];
      }
      rest[set] = least;
      restPart[set] = best;
    }
    return true;
  }

  /** Sets in `extra`, for each price of the group, how much more the group pays at least when it has to pay that one. */
  forced(group: PricedGroup, pays: number, extra: Float64Array): void {
    const { members, columns, at, fits } = group;
    if (members > MAX_MEMBERS) return;
    const { price, sums, rest } = this;
    this.inOneUnit(group);
    this.divide(group, Infinity);
    const sets = 1 << members;
    for (let u = 0; u < columns; u++) {
      for (let m = 0; m < members; m++) extra[at + m * columns + u] = Infinity;
      for (let set = 1; set < sets; set++) {
        const lowest = 31 - Math.clz32(set & -set);
        sums[set] = sums[set & (set - 1)]! + price[at + lowest * columns + u]!;
        if (fits.refuses(u, set)) continue;
        const more = Math.max(0, sums[set]! + rest[sets - 1 - set]! - pays);
        for (let m = 0; m < members; m++)
          if (set & (1 << m)) extra[at + m * columns + u] = Math.min(extra[at + m * columns + u]!, more);
      }
    }
  }

  /** A group too large to be divided in every way: all in one unit, or each where it pays least for one split. */
  private largePays({ members, columns, at }: PricedGroup, wanted: Float64Array): number {
    const { price } = this;
    const cheapest: number[] = [];
    let apart = GROUP_SPLIT;
    for (let m = 0; m < members; m++) {
      const row = at + m * columns;
      let best = 0;
      for (let u = 1; u < columns; u++) if (price[row + u]! < price[row + best]!) best = u;
      cheapest.push(best);
      apart += price[row + best]!;
    }
    let pays = apart;
    let unit = -1;
    for (let u = 0; u < columns; u++) {
      let sum = 0;
      for (let m = 0; m < members && sum < pays; m++) sum += price[at + m * columns + u]!;
      if (sum < pays) [pays, unit] = [sum, u];
    }
    for (let m = 0; m < members; m++) wanted[at + m * columns + (unit < 0 ? cheapest[m]! : unit)]! += 1;
    return pays;
  }
}
