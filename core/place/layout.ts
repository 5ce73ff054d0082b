/** An assignment that is being changed: what is free where, who stands where, how far groups are spread. */
import { GROUP_SPLIT, UNPLACED } from './problem.ts';
import type { CompiledPlace } from './compile.ts';

export class PlaceLayout {
  readonly place: CompiledPlace;
  /** Compartment of each bin, −1 for none. */
  readonly at: Int32Array;
  readonly freeWidth: Int32Array;
  readonly freeLoad: Float64Array;
  readonly members: number[][];
  /** Bins of each group in each unit. */
  private readonly spread: Uint16Array;
  /** Units over which each group is spread. */
  private readonly spreads: Int32Array;

  constructor(place: CompiledPlace) {
    this.place = place;
    this.at = new Int32Array(place.bins).fill(-1);
    this.freeWidth = place.roomWidth.slice();
    this.freeLoad = place.roomLoad.slice();
    this.members = Array.from({ length: place.compartments }, () => []);
    this.spread = new Uint16Array(place.groups * place.units);
    this.spreads = new Int32Array(place.groups);
    for (let b = 0; b < place.bins; b++) if (place.pinned[b]! >= 0) this.put(b, place.pinned[b]!);
  }

  fits(b: number, c: number): boolean {
    return this.place.width[b]! <= this.freeWidth[c]! && this.place.mass[b]! <= this.freeLoad[c]!;
  }

  /** Seconds a week that putting b, now nowhere, into c adds; Infinity where a rule forbids it. */
  priceOf(b: number, c: number): number {
    const { place } = this;
    const own = place.cost[b * place.compartments + c]!;
    const group = place.groupOf[b]!;
    if (group < 0 || this.spreads[group] === 0 || this.spread[group * place.units + place.unitOf[c]!]! > 0) return own;
    return own + GROUP_SPLIT;
  }

  /** Puts b, now nowhere, into c; returns what that adds. */
  put(b: number, c: number): number {
    const { place } = this;
    const price = this.priceOf(b, c);
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
    return UNPLACED - this.priceOf(b, c);
  }

  /** The cheapest compartment with room, −1 when there is none: of the nearest, else of all. */
  bestFree(b: number, except = -1): number {
    const { place } = this;
    let best = -1;
    let least = Infinity;
    for (const c of place.choices[b]!) {
      if (place.cost[b * place.compartments + c]! >= least) return best;
      if (c === except || !this.fits(b, c)) continue;
      const price = this.priceOf(b, c);
      if (price < least) [best, least] = [c, price];
    }
    if (best < 0)
      for (let c = 0; c < place.compartments; c++) {
        if (c === except || place.cost[b * place.compartments + c]! >= least || !this.fits(b, c)) continue;
        const price = this.priceOf(b, c);
        if (price < least) [best, least] = [c, price];
      }
    return best;
  }
}
