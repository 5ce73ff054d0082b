/** What the compartments gain at the prices: each, for itself, takes the bins that bring it most. */
import type { CompiledPlace } from './compile.ts';
import { Knapsack } from './knapsack.ts';
import type { Prices } from './prices.ts';

const gcd = (a: number, b: number): number => (b ? gcd(b, a % b) : a);

export class Takers {
  // The bins that can pay for compartment c are entries from[c] … to[c] − 1: bin, place of its price, cost there, width.
  readonly who: Int32Array;
  readonly payer: Int32Array;
  readonly asked: Float64Array;
  readonly wide: Int32Array;
  readonly from: Int32Array;
  readonly to: Int32Array;
  readonly room: Int32Array;
  /** The entries that bring the compartment in hand something. */
  readonly taken: Int32Array;
  readonly knapsack: Knapsack;
  private readonly prices: Prices;

  constructor(place: CompiledPlace, choices: readonly Int32Array[], prices: Prices) {
    const { bins, compartments } = place;
    this.prices = prices;
    // Widths in their common measure make the knapsacks small.
    const measure = Math.max(1, place.width.reduce(gcd, 0));
    this.room = place.roomWidth.map((room) => Math.floor(room / measure));
    this.from = new Int32Array(compartments + 1);
    for (const own of choices) for (const c of own) this.from[c + 1]!++;
    for (let c = 0; c < compartments; c++) this.from[c + 1]! += this.from[c]!;
    this.to = this.from.slice(0, compartments);
    const entries = this.from[compartments]!;
    this.who = new Int32Array(entries);
    this.payer = new Int32Array(entries);
    this.asked = new Float64Array(entries);
    this.wide = new Int32Array(entries);
    this.taken = new Int32Array(bins);
    this.knapsack = new Knapsack(bins);
    for (let b = 0; b < bins; b++)
      choices[b]!.forEach((c, i) => {
        const entry = this.to[c]!++;
        this.who[entry] = b;
        this.payer[entry] = prices.payAt[b]![i]!;
        this.asked[entry] = place.costs.at(b, c);
        this.wide[entry] = place.width[b]! / measure;
      });
  }

  /** Sum of what they gain; takes 1 from the gap at each price that is taken. */
  gained(): number {
    const { payer, to, taken } = this;
    const { gap } = this.prices;
    const { chosen } = this.knapsack;
    let sum = 0;
    for (let c = 0; c < to.length; c++) {
      const count = this.paying(c);
      if (!count) continue;
      sum += this.knapsack.most(count, this.room[c]!);
      for (let i = 0; i < count; i++) if (chosen[i]) gap[payer[taken[i]!]!]! -= 1;
    }
    return sum;
  }

  /** Lays out the bins that pay compartment c more than is asked; returns their number. */
  paying(c: number): number {
    const { payer, asked, wide, from, to, taken } = this;
    const { price } = this.prices;
    const { profit, width } = this.knapsack;
    let count = 0;
    for (let i = from[c]!; i < to[c]!; i++) {
      const net = price[payer[i]!]! - asked[i]!;
      if (net <= 0) continue;
      taken[count] = i;
      profit[count] = net;
      width[count++] = wide[i]!;
    }
    return count;
  }
}
