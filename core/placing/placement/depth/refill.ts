/** A compartment or two are emptied and filled anew (ruin and recreate). */
import { TIE, type Searching } from './searching.ts';
import type { Waiting } from './waiting.ts';

/** Bins that are taken out at once, at most. */
const MOST_OUT = 40;
/** Bins without a place that are tried with them, at most. */
const MOST_WAITING = 3;
/** How often a bin looks at all places though what was emptied has one for it. */
const ELSEWHERE = 0.1;
/** Orders of refilling are drawn: a bin's weight is changed by up to that share. */
const NOISE = 0.5;
/** Share of the spots passed over in what was emptied, so that it is not filled as it was (Christiaens and Vanden Berghe 2020). */
const BLINK = 0.02;

interface Refilling extends Searching {
  waiting: Waiting;
  /** By bin: how much it wants to be first. */
  weight: Float64Array;
  /** A bin that wants elsewhere. */
  wanting(): number;
}

export class Refill {
  private readonly search: Refilling;

  constructor(search: Refilling) {
    this.search = search;
  }

  /** Empties a compartment or two, with bins beside that would rather be there, and fills all anew. */
  try(allowed: number): void {
    const { now, random, log, cheapest, weight, fixed } = this.search;
    const { place } = now;
    const end = now.effort + allowed;
    const wanting = this.search.wanting();
    const aim = this.search.aim(wanting);
    const spaces = aim === undefined ? [] : [aim];
    const from = now.space[wanting]!;
    if (from >= 0 && from !== spaces[0]) spaces.push(from);
    const waiting = this.search.waiting.some(MOST_WAITING);
    log.clear();
    const out: number[] = [];
    for (const space of spaces) {
      if (now.inside[space]!.length + out.length > MOST_OUT) continue;
      const list = now.inside[space]!.filter((bin) => !fixed[bin]).sort((a, b) => now.z0[b]! - now.z0[a]!);
      for (const bin of list) log.take(bin);
      out.push(...list);
    }
    if (now.space[wanting]! < 0 && !out.includes(wanting) && !fixed[wanting]) out.push(wanting);
    for (const bin of waiting) if (!out.includes(bin)) out.push(bin);
    const weights = new Map(out.map((bin) => [bin, weight[bin]! * (1 + NOISE * (random.next() - 0.5) * 2)]));
    // The one that wanted in goes first every other time.
    if (random.next() < 0.5) weights.set(wanting, Infinity);
    out.sort((a, b) => weights.get(b)! - weights.get(a)!);
    // What the rest could cost at the least in what was emptied: as soon as it cannot be good any more, it is given up.
    const least = out.map((bin) => {
      const there = Math.min(...spaces.map((space) => place.least[bin * place.spaces + space]!));
      const left = place.leftOut[bin]!;
      return (there < left ? there : cheapest[bin]!) - left;
    });
    let rest = least.reduce((sum, cost) => sum + cost, 0);
    for (const [i, bin] of out.entries()) {
      rest -= least[i]!;
      this.refit(bin, spaces, end - now.effort - rest + place.leftOut[bin]! + TIE);
      if (now.effort + rest > end) {
        log.undo();
        return;
      }
    }
  }
  /** Into what was emptied, else wherever there is room; what stood elsewhere would have gone there by itself. */
  private refit(bin: number, spaces: readonly number[], most: number): void {
    const { now, spots, log, random } = this.search;
    const limit = Math.min(now.place.leftOut[bin]!, most);
    spots.blink = BLINK;
    const found = spots.best(bin, limit, spaces);
    spots.blink = 0;
    const elsewhere = (!found || random.next() < ELSEWHERE) && spots.best(bin, found ? spots.cost : limit);
    if (found || elsewhere) log.put(bin);
  }
}
