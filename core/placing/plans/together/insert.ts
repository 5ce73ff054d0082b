/** One need is put into the room: every option is tried as a whole, and the cheapest is taken. */
import type { Selection } from './selection.ts';

export class Insert {
  private readonly chosen: Selection;
  /** Of the best option so far: bin, space, x, y, z, turned, on. */
  private spots: number[] = [];
  private trial: number[] = [];
  /** By type: its options are passed over, where others are to be had. */
  readonly barred: Uint8Array;
  /** By need: what it costs at the least more than without an option, seconds a week; below 0. */
  readonly least: Float64Array;
  /** By option of the need in hand. */
  private readonly order: number[] = [];

  constructor(chosen: Selection) {
    this.chosen = chosen;
    const { optionsOf, least } = chosen.plan;
    this.least = Float64Array.from(optionsOf, (own) =>
      own.reduce((most, one) => Math.min(most, least[one]!), Infinity),
    );
    this.barred = new Uint8Array(chosen.plan.owned.length);
  }

  /** @param blink share of spots that are passed over */
  put(need: number, blink = 0): void {
    const { chosen, order, barred } = this;
    const { plan, now, spots, log } = chosen;
    const { place, type, least, leastOf, unhandy, bins } = plan;
    order.length = 0;
    for (const option of plan.optionsOf[need]!) if (!barred[type[option]!]) order.push(option);
    if (!order.length) order.push(...plan.optionsOf[need]!);
    order.sort((a, b) => least[a]! + chosen.buyingOf(a) - least[b]! - chosen.buyingOf(b));
    let best = Infinity;
    let option = -1;
    spots.blink = blink;
    for (const one of order) {
      const buying = chosen.buyingOf(one);
      if (least[one]! + buying >= best) break;
      const before = now.effort;
      const own = bins[one]!;
      const limit = best - buying;
      this.trial.length = 0;
      let put = 0;
      let isOver = false;
      // What the rest could save at the most: as soon as the option cannot be the cheapest any more, it is given up.
      let rest = least[one]! - unhandy[one]!;
      for (let i = 0; i < own.length; i++) {
        const bin = own[i]!;
        const left = place.leftOut[bin]!;
        rest -= leastOf[bin]!;
        const most = limit - (now.effort - before) - rest;
        if (spots.best(bin, Math.min(left, most + left))) {
          const { space, x, y, z, turned, on } = spots;
          this.trial.push(bin, space, x, y, z, turned, on);
          log.put(bin);
          put++;
        } else if (most <= 0) {
          isOver = true;
          break;
        }
      }
      const cost = isOver ? Infinity : now.effort - before;
      while (put-- > 0) log.undoLast();
      if (cost >= limit) continue;
      best = cost + buying;
      option = one;
      [this.spots, this.trial] = [this.trial, this.spots];
    }
    spots.blink = 0;
    const to = this.spots;
    chosen.choose(need, option);
    for (let i = 0; i < to.length; i += 7) {
      spots.space = to[i + 1]!;
      spots.x = to[i + 2]!;
      spots.y = to[i + 3]!;
      spots.z = to[i + 4]!;
      spots.turned = to[i + 5]!;
      spots.on = to[i + 6]!;
      log.put(to[i]!);
    }
  }
}
