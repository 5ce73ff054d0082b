/** The most valuable content of every bar at once: a bounded knapsack over all lengths (Kellerer et al. 2004, ch. 7). */
import type { Material } from './material.ts';

export class Pricing {
  private readonly best: Float64Array;
  /** How many of kind i lie in the best content of length c, at i × (longest + 1) + c. */
  private readonly taken: Uint16Array;
  private readonly material: Material;
  private readonly longest: number;
  private readonly before: Float64Array;

  constructor(material: Material) {
    this.material = material;
    this.longest = Math.max(...material.bars);
    this.best = new Float64Array(this.longest + 1);
    this.before = new Float64Array(this.longest + 1);
    this.taken = new Uint16Array(material.lengths.length * (this.longest + 1));
  }

  /**
   * @param values what one piece of each kind is worth; those of no worth are left out
   * @param most of each kind
   */
  run(values: ArrayLike<number>, most: ArrayLike<number>): void {
    const { best, before, taken, longest } = this;
    const { lengths } = this.material;
    best.fill(0);
    for (let i = 0; i < lengths.length; i++) {
      const row = i * (longest + 1);
      const value = values[i]!;
      const length = lengths[i]!;
      const count = Math.min(most[i]!, Math.floor(longest / length));
      if (!(value > 1e-12) || count < 1) {
        taken.fill(0, row, row + longest + 1);
        continue;
      }
      before.set(best);
      for (let c = 0; c <= longest; c++) {
        let top = before[c]!;
        let n = 0;
        for (
          let k = 1, rest = c - length, worth = value;
          k <= count && rest >= 0;
          k++, rest -= length, worth += value
        ) {
          const total = before[rest]! + worth;
          if (total > top + 1e-12) [top, n] = [total, k];
        }
        best[c] = top;
        taken[row + c] = n;
      }
    }
  }

  /** What the best content of that kind of stock is worth. */
  worth(stock: number): number {
    return this.best[this.material.bars[stock]!]!;
  }

  content(stock: number): Uint16Array {
    const pieces = new Uint16Array(this.material.lengths.length);
    let rest = this.material.bars[stock]!;
    for (let i = pieces.length - 1; i >= 0; i--) {
      pieces[i] = this.taken[i * (this.longest + 1) + rest]!;
      rest -= pieces[i]! * this.material.lengths[i]!;
    }
    return pieces;
  }
}
