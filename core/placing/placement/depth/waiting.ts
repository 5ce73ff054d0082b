/** Bins that have no place and could have one. */
import type { Random } from '../../../ground/engine/random.ts';
import type { Arrangement } from './arrangement.ts';

export class Waiting {
  private readonly now: Arrangement;
  private readonly random: Random;
  /** How many no compartment takes, by their rules or their size. */
  private readonly hopeless: number;

  /** @param fixed by bin: it stays where it stands, whatever rule it breaks */
  constructor(now: Arrangement, random: Random, fixed: Uint8Array) {
    this.now = now;
    this.random = random;
    this.hopeless = now.place.order.filter((ways, bin) => !ways.length && !fixed[bin]).length;
  }

  get any(): boolean {
    return this.now.unplaced > this.hopeless;
  }
  /** Some of them, from anywhere on. */
  some(most: number): number[] {
    const { space, place, unplaced } = this.now;
    const { bins, order } = place;
    const wanted = Math.min(most, unplaced - this.hopeless);
    const found: number[] = [];
    const from = wanted > 0 ? this.random.below(bins) : 0;
    for (let i = 0; i < bins && found.length < wanted; i++) {
      const bin = (from + i) % bins;
      if (space[bin]! < 0 && order[bin]!.length) found.push(bin);
    }
    return found;
  }
}
