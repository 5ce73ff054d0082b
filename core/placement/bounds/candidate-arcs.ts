/** What the compartments gain at the prices: each, for itself, takes the bins that bring it most. */
import type { CompiledPlace } from '../compiled/compile.ts';
import { Knapsack } from './knapsack.ts';
import type { Prices } from './assignment-multipliers.ts';
import type { Reach } from './candidate-lists.ts';

/** How much more being taken counts in each round than in the one before; and when the counts are made small again. */
const LATER = 1.1;
const LARGE = 1e100;

const gcd = (a: number, b: number): number => (b ? gcd(b, a % b) : a);

export class Takers {
  // The bins that can pay for compartment c are entries from[c] … from[c + 1] − 1: bin, which of its choices this is,
  // place of its price, cost there, width.
  readonly who: Int32Array;
  readonly nth: Int32Array;
  readonly payer: Int32Array;
  readonly asked: Float64Array;
  readonly wide: Int32Array;
  readonly from: Int32Array;
  readonly room: Int32Array;
  /** How often each was taken, late rounds counting more. */
  readonly often: Float64Array;
  /** The entries that bring the compartment in hand something. */
  readonly taken: Int32Array;
  readonly knapsack: Knapsack;
  private readonly prices: Prices;
  /** What taking counts in this round. */
  private weight = 1;

  /** @param before those so far, where lists were made longer */
  constructor(place: CompiledPlace, { choices, asked }: Reach, prices: Prices, before?: Takers) {
    const { bins, compartments } = place;
    this.prices = prices;
    // Widths in their common measure make the knapsacks small.
    const measure = Math.max(1, place.width.reduce(gcd, 0));
    this.room = place.roomWidth.map((room) => Math.floor(room / measure));
    this.from = new Int32Array(compartments + 1);
    for (let b = 0; b < bins; b++) {
      const own = choices[b]!;
      for (let i = 0; i < own.length; i++) this.from[own[i]! + 1]!++;
    }
    for (let c = 0; c < compartments; c++) this.from[c + 1]! += this.from[c]!;
    const to = this.from.slice(0, compartments);
    const entries = this.from[compartments]!;
    this.who = new Int32Array(entries);
    this.nth = new Int32Array(entries);
    this.payer = new Int32Array(entries);
    this.asked = new Float64Array(entries);
    this.wide = new Int32Array(entries);
    this.often = new Float64Array(entries);
    this.taken = new Int32Array(bins);
    this.knapsack = new Knapsack(bins);
    for (let b = 0; b < bins; b++) {
      const own = choices[b]!;
      const payAt = prices.payAt[b]!;
      const its = asked[b]!;
      const wide = place.width[b]! / measure;
      for (let i = 0; i < own.length; i++) {
        const entry = to[own[i]!]!++;
        this.who[entry] = b;
        this.nth[entry] = i;
        this.payer[entry] = payAt[i]!;
        this.asked[entry] = its[i]!;
        this.wide[entry] = wide;
      }
    }
    if (before) this.carryOn(before);
  }

  /** Takes over how often each was taken. */
  private carryOn(before: Takers): void {
    this.weight = before.weight;
    const its = new Float64Array(this.taken.length);
    for (let c = 0; c < this.room.length; c++) {
      for (let i = before.from[c]!; i < before.from[c + 1]!; i++) its[before.who[i]!] = before.often[i]!;
      for (let i = this.from[c]!; i < this.from[c + 1]!; i++) this.often[i] = its[this.who[i]!]!;
      for (let i = before.from[c]!; i < before.from[c + 1]!; i++) its[before.who[i]!] = 0;
    }
  }

  /** Sum of what they gain; takes 1 from the gap at each price that is taken. */
  gained(): number {
    const { payer, room, taken, often } = this;
    const { gap } = this.prices;
    const { chosen } = this.knapsack;
    let sum = 0;
    this.weight *= LATER;
    if (this.weight > LARGE) {
      for (let i = 0; i < often.length; i++) often[i]! /= LARGE;
      this.weight /= LARGE;
    }
    for (let c = 0; c < room.length; c++) {
      const count = this.paying(c);
      if (!count) continue;
      sum += this.knapsack.most(count, room[c]!);
      for (let i = 0; i < count; i++) {
        if (!chosen[i]) continue;
        gap[payer[taken[i]!]!]! -= 1;
        often[taken[i]!]! += this.weight;
      }
    }
    return sum;
  }

  /** By bin, how often each of its choices was taken, late rounds counting more. */
  oftenByBin(): Float64Array[] {
    const { who, nth, often } = this;
    const lengths = new Int32Array(this.taken.length);
    for (let i = 0; i < who.length; i++) lengths[who[i]!]!++;
    const lists = Array.from(lengths, (length) => new Float64Array(length));
    for (let i = 0; i < who.length; i++) lists[who[i]!]![nth[i]!] = often[i]!;
    return lists;
  }

  /** Lays out the bins that pay compartment c more than is asked; returns their number. */
  paying(c: number): number {
    const { payer, asked, wide, from, taken } = this;
    const { price } = this.prices;
    const { profit, width } = this.knapsack;
    let count = 0;
    for (let i = from[c]!; i < from[c + 1]!; i++) {
      const net = price[payer[i]!]! - asked[i]!;
      if (net <= 0) continue;
      taken[count] = i;
      profit[count] = net;
      width[count++] = wide[i]!;
    }
    return count;
  }
}
