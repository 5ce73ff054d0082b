/** An assignment that is being changed: what is free where, who stands where, how far groups are spread. */
import { GROUP_SPLIT, UNPLACED } from '../problem.ts';
import type { CompiledPlace } from './compile.ts';

export class Assignment {
  readonly place: CompiledPlace;
  /** Compartment of each bin, −1 for none. */
  readonly at: Int32Array;
  readonly freeWidth: Int32Array;
  readonly freeLoad: Float64Array;
  readonly members: number[][];
  /** What each bin costs where it is, without its group. */
  readonly paid: Float64Array;
  /** Bins of each group in each unit. */
  private readonly spread: Uint16Array;
  /** Units over which each group is spread. */
  private readonly spreads: Int32Array;

  constructor(place: CompiledPlace) {
    this.place = place;
    this.at = new Int32Array(place.bins).fill(-1);
    this.freeWidth = place.widthCapacity.slice();
    this.freeLoad = place.loadCapacity.slice();
    this.members = Array.from({ length: place.compartments }, () => []);
    this.paid = new Float64Array(place.bins).fill(UNPLACED);
    this.spread = new Uint16Array(place.groups * place.units);
    this.spreads = new Int32Array(place.groups);
    for (let b = 0; b < place.bins; b++) if (place.pinned[b]! >= 0) this.put(b, place.pinned[b]!);
  }

  /** Units over which a group is spread now. */
  spreadOf(group: number): number {
    return this.spreads[group]!;
  }

  fits(b: number, c: number): boolean {
    return this.place.width[b]! <= this.freeWidth[c]! && this.place.mass[b]! <= this.freeLoad[c]!;
  }

  /** Seconds a week that putting b, now nowhere, into c adds; Infinity where a rule forbids it. */
  priceOf(b: number, c: number): number {
    return this.place.costs.at(b, c) + this.splitOf(b, c);
  }

  private splitOf(b: number, c: number): number {
    const { place } = this;
    const group = place.groupOf[b]!;
    return group < 0 || this.spreads[group] === 0 || this.spread[group * place.units + place.unitOf[c]!]! > 0
      ? 0
      : GROUP_SPLIT;
  }

  /** What moving b to c, wherever it is now, would add. */
  changeOf(b: number, c: number): number {
    const { place } = this;
    const change = place.costs.at(b, c) - this.paid[b]!;
    const group = place.groupOf[b]!;
    if (group < 0) return change;
    const from = this.at[b]!;
    const to = group * place.units + place.unitOf[c]!;
    const own = from < 0 ? -1 : group * place.units + place.unitOf[from]!;
    if (own === to) return change;
    const leaves = own >= 0 && this.spread[own] === 1 ? 1 : 0;
    const enters = this.spread[to] === 0 ? 1 : 0;
    const before = this.spreads[group]!;
    return change + GROUP_SPLIT * (Math.max(0, before - leaves + enters - 1) - Math.max(0, before - 1));
  }

  /** Puts b, now nowhere, into c; returns what that adds. */
  put(b: number, c: number): number {
    const { place } = this;
    const own = place.costs.at(b, c);
    const price = own + this.splitOf(b, c);
    this.paid[b] = own;
    this.at[b] = c;
    this.freeWidth[c]! -= place.width[b]!;
    this.freeLoad[c]! -= place.mass[b]!;
    this.members[c]!.push(b);
    const group = place.groupOf[b]!;
    if (group >= 0 && this.spread[group * place.units + place.unitOf[c]!]!++ === 0) this.spreads[group]!++;
    return price - UNPLACED;
  }

  /** Takes b from its compartment, if it has one; returns what that adds. */
  take(b: number): number {
    const { place } = this;
    const c = this.at[b]!;
    if (c < 0) return 0;
    this.at[b] = -1;
    this.freeWidth[c]! += place.width[b]!;
    this.freeLoad[c]! += place.mass[b]!;
    const members = this.members[c]!;
    members[members.indexOf(b)] = members.at(-1)!;
    members.pop();
    const group = place.groupOf[b]!;
    if (group >= 0 && --this.spread[group * place.units + place.unitOf[c]!]! === 0) this.spreads[group]!--;
    const own = this.paid[b]!;
    this.paid[b] = UNPLACED;
    return UNPLACED - own - this.splitOf(b, c);
  }

  /** The cheapest compartment below `least` with room, −1 when there is none: of the nearest, else of all. */
  bestFree(b: number, least = Infinity): number {
    const { place } = this;
    let best = -1;
    const choices = place.choices[b]!;
    const costs = place.choiceCosts[b]!;
    for (let i = 0; i < choices.length; i++) {
      if (costs[i]! >= least) return best;
      const c = choices[i]!;
      if (!this.fits(b, c)) continue;
      const price = this.priceOf(b, c);
      if (price < least) [best, least] = [c, price];
    }
    if (best < 0 && choices.length >= place.nearest)
      for (let c = 0; c < place.compartments; c++) {
        if (!this.fits(b, c) || place.costs.at(b, c) >= least) continue;
        const price = this.priceOf(b, c);
        if (price < least) [best, least] = [c, price];
      }
    return best;
  }
}
