/**
 * A lower bound on the week's effort: every bin in the cheapest compartment at its best height, where room has a price.
 * Relaxed are where things stand inside (volume and load are kept on the whole), digging and groups (Lagrangian
 * relaxation; prices follow the subgradient, Held, Wolfe and Crowder 1974).
 */
import { UNPLACED } from '../problem.ts';
import type { CompiledDepth } from './compiled.ts';

export class DepthBound {
  best: number;
  private readonly place: CompiledDepth;
  /** Share of a compartment's volume, and of its load, that a bin takes: by bin, per unit of either. */
  private readonly volume: Float64Array;
  private readonly room: Float64Array;
  private readonly price: Float64Array;
  private readonly weightPrice: Float64Array;
  private step = 2;
  private since = 0;

  constructor(place: CompiledDepth) {
    this.place = place;
    this.best = 0;
    // In litres, so that prices are of the size of seconds.
    this.volume = Float64Array.from(
      { length: place.bins },
      (_, bin) => (place.width[bin]! * place.depth[bin]! * place.height[bin]!) / 1e6,
    );
    this.room = Float64Array.from(
      { length: place.spaces },
      (_, space) => (place.roomWidth[space]! * place.roomDepth[space]! * place.roomHeight[space]!) / 1e6,
    );
    this.price = new Float64Array(place.spaces);
    this.weightPrice = new Float64Array(place.spaces);
  }

  /** One round of prices. @param target the effort of the best plan so far */
  round(target: number): void {
    const { place, price, weightPrice } = this;
    const used = new Float64Array(place.spaces);
    const load = new Float64Array(place.spaces);
    let sum = 0;
    for (let space = 0; space < place.spaces; space++)
      sum -= price[space]! * this.room[space]! + weightPrice[space]! * (place.maxLoad[space]! / 1000);
    for (let bin = 0; bin < place.bins; bin++) {
      let least: number = UNPLACED;
      let chosen = -1;
      const row = bin * place.spaces;
      const [litres, kilos] = [this.volume[bin]!, place.mass[bin]! / 1000];
      for (const space of place.order[bin]!) {
        if (place.least[row + space]! >= least) break;
        const cost = place.least[row + space]! + price[space]! * litres + weightPrice[space]! * kilos;
        if (cost < least) {
          least = cost;
          chosen = space;
        }
      }
      sum += least;
      if (chosen >= 0) {
        used[chosen]! += litres;
        load[chosen]! += kilos;
      }
    }
    if (sum > this.best + 1e-6 * Math.abs(sum)) {
      this.best = sum;
      this.since = 0;
    } else if (++this.since > 12) {
      this.step /= 2;
      this.since = 0;
    }
    let norm = 0;
    for (let space = 0; space < place.spaces; space++) {
      const over = used[space]! - this.room[space]!;
      const heavy = load[space]! - place.maxLoad[space]! / 1000;
      if (over > 0 || price[space]! > 0) norm += over * over;
      if (heavy > 0 || weightPrice[space]! > 0) norm += heavy * heavy;
    }
    if (norm <= 0) return;
    const by = (this.step * Math.max(1, target - sum)) / norm;
    for (let space = 0; space < place.spaces; space++) {
      price[space] = Math.max(0, price[space]! + by * (used[space]! - this.room[space]!));
      weightPrice[space] = Math.max(0, weightPrice[space]! + by * (load[space]! - place.maxLoad[space]! / 1000));
    }
  }
}
