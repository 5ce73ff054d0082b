/** Which bins would rather be elsewhere, and where: by what their place costs and by the bound's prices of room. */
import type { Random } from '../../engine/random.ts';
import { UNPLACED } from '../problem.ts';
import type { Arrangement } from './arrangement.ts';
import type { DepthBound } from './bound.ts';

/** Bins that are looked at to find one that wants elsewhere. */
const LOOKED_AT = 4;

export class Wants {
  private readonly now: Arrangement;
  private readonly random: Random;
  private readonly fixed: Uint8Array;
  private bound: DepthBound | null = null;
  /** By bin: seconds a week in its cheapest place. */
  readonly cheapest: Float64Array;
  /** By bin: its spaces, those it would rather have first; and what it costs in the first, with the price of the room. */
  aims: readonly Int32Array[];
  private fair: Float64Array;

  constructor(now: Arrangement, random: Random, fixed: Uint8Array) {
    this.now = now;
    this.random = random;
    this.fixed = fixed;
    const { place } = now;
    this.cheapest = Float64Array.from(place.order, ([first], bin) =>
      first === undefined ? UNPLACED : place.least[bin * place.spaces + first]!,
    );
    this.aims = place.order;
    this.fair = this.cheapest;
  }

  /** From now on by these prices: a bin aims where it is worth what the room costs, not where everybody would be. */
  aimBy(bound: DepthBound): void {
    const { place } = this.now;
    this.bound = bound;
    const cost = new Float64Array(place.spaces);
    const fair = new Float64Array(place.bins).fill(UNPLACED);
    this.aims = place.order.map((order, bin) => {
      for (const space of order) cost[space] = bound.pricedCost(bin, space);
      const aims = order.slice().sort((a, b) => cost[a]! - cost[b]!);
      if (aims.length) fair[bin] = cost[aims[0]!]!;
      return aims;
    });
    this.fair = fair;
  }

  /** Of a few bins the one that is furthest from where it would rather be. */
  wanting(): number {
    const { now, random, bound, fixed } = this;
    let most = -Infinity;
    let found = 0;
    for (let n = 0; n < LOOKED_AT; n++) {
      const bin = random.below(now.place.bins);
      if (fixed[bin] && n > 0) continue;
      const price = bound && now.space[bin]! >= 0 ? bound.priceOfPlace(now, bin) : 0;
      const far = (now.space[bin]! < 0 ? UNPLACED : now.costOf(bin) + price) - this.fair[bin]!;
      if (far > most) [most, found] = [far, bin];
    }
    return found;
  }
}
