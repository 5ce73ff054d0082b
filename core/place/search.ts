/**
 * Looks for the plan with the least effort: a start by regret (who loses most by waiting goes first), then annealing
 * over moves, swaps and ejections with the group term kept up to date. Anytime: `step` as long as you like, `best` is
 * always a whole plan. Repeatable: the same seed and number of steps give the same plan.
 */
import { Random } from '../random.ts';
import { assignmentEffort, type CompiledPlace } from './compile.ts';
import { GROUP_SPLIT, UNPLACED } from './problem.ts';

export class PlaceSearch {
  readonly best: Int32Array;
  bestEffort = Infinity;
  private readonly place: CompiledPlace;
  private readonly random: Random;
  private readonly at: Int32Array;
  private readonly freeWidth: Int32Array;
  private readonly freeLoad: Float64Array;
  private readonly members: number[][];
  /** Bins of each group in each unit. */
  private readonly spread: Int32Array;
  private readonly movable: number[];
  private effort = 0;
  private heat: number;
  private readonly startHeat: number;

  constructor(place: CompiledPlace, seed: number) {
    this.place = place;
    this.random = new Random(seed);
    this.at = new Int32Array(place.bins).fill(-1);
    this.freeWidth = place.roomWidth.slice();
    this.freeLoad = place.roomLoad.slice();
    this.members = Array.from({ length: place.compartments }, () => []);
    this.spread = new Int32Array(place.groups * place.units);
    for (let b = 0; b < place.bins; b++) if (place.pinned[b]! >= 0) this.put(b, place.pinned[b]!);
    this.movable = Array.from({ length: place.bins }, (_, b) => b).filter(
      (b) => place.pinned[b]! < 0 && place.choices[b]!.length > 0,
    );
    this.start();
    this.effort = assignmentEffort(place, this.at);
    this.best = this.at.slice();
    this.bestEffort = this.effort;
    this.startHeat = Math.max(1, (this.effort / Math.max(1, place.bins)) * 0.3);
    this.heat = this.startHeat;
  }

  private put(b: number, c: number): void {
    const { place } = this;
    this.at[b] = c;
    this.freeWidth[c]! -= place.width[b]!;
    this.freeLoad[c]! -= place.mass[b]!;
    this.members[c]!.push(b);
    const group = place.groupOf[b]!;
    if (group >= 0) this.spread[group * place.units + place.unitOf[c]!]!++;
  }

  private take(b: number): void {
    const { place } = this;
    const c = this.at[b]!;
    if (c < 0) return;
    this.at[b] = -1;
    this.freeWidth[c]! += place.width[b]!;
    this.freeLoad[c]! += place.mass[b]!;
    const members = this.members[c]!;
    members[members.indexOf(b)] = members.at(-1)!;
    members.pop();
    const group = place.groupOf[b]!;
    if (group >= 0) this.spread[group * place.units + place.unitOf[c]!]!--;
  }

  private fits(b: number, c: number): boolean {
    return this.place.width[b]! <= this.freeWidth[c]! && this.place.mass[b]! <= this.freeLoad[c]!;
  }

  /** Seconds a week that putting b (now nowhere) into c would cost, with what it does to its group. */
  private priceOf(b: number, c: number): number {
    const { place } = this;
    const own = place.cost[b * place.compartments + c]!;
    const group = place.groupOf[b]!;
    if (group < 0) return own;
    const row = group * place.units;
    if (this.spread[row + place.unitOf[c]!]! > 0) return own;
    for (let u = 0; u < place.units; u++) if (this.spread[row + u]! > 0) return own + GROUP_SPLIT;
    return own;
  }

  /** What the current place of b costs, as if it were put there last. */
  private priceNow(b: number): number {
    const c = this.at[b]!;
    if (c < 0) return UNPLACED;
    this.take(b);
    const price = this.priceOf(b, c);
    this.put(b, c);
    return price;
  }

  private bestFree(b: number, except = -1): number {
    let best = -1;
    let least = Infinity;
    for (const c of this.place.choices[b]!) {
      if (this.place.cost[b * this.place.compartments + c]! >= least) break;
      if (c === except || !this.fits(b, c)) continue;
      const price = this.priceOf(b, c);
      if (price < least) [best, least] = [c, price];
    }
    return best;
  }

  private start(): void {
    const { place } = this;
    const scarce = (b: number) => {
      const choices = place.choices[b]!;
      const second = choices.length > 3 ? place.cost[b * place.compartments + choices[3]!]! : UNPLACED;
      return second - place.cost[b * place.compartments + choices[0]!]!;
    };
    const order = [...this.movable].sort((x, y) => scarce(y) - scarce(x) || x - y);
    for (const b of order) {
      const c = this.bestFree(b);
      if (c >= 0) this.put(b, c);
    }
  }

  private accept(change: number): boolean {
    return change <= 1e-9 || this.random.next() < Math.exp(-change / this.heat);
  }

  /** Tries `count` changes; `cooled` says how much of the whole run is over, 0 … 1. */
  step(count: number, cooled: number): void {
    this.heat = this.startHeat * Math.pow(0.0005, cooled);
    if (!this.movable.length) return;
    for (let i = 0; i < count; i++) this.tryChange();
  }

  private tryChange(): void {
    const { place, random } = this;
    const b = this.movable[random.below(this.movable.length)]!;
    const choices = place.choices[b]!;
    // Cheap places are tried more often than dear ones.
    const c = choices[Math.floor(choices.length * random.next() ** 2)]!;
    const from = this.at[b]!;
    if (c === from) return;
    const was = this.priceNow(b);
    this.take(b);
    if (this.fits(b, c)) {
      const change = this.priceOf(b, c) - was;
      this.put(b, this.accept(change) ? c : from);
      if (this.at[b] === c) this.changed(change);
      else if (from < 0) this.take(b);
      return;
    }
    this.eject(b, c, from, was);
  }

  /** b wants into c, which is full: one of its bins goes to b's old place, or to the best free one. */
  private eject(b: number, c: number, from: number, was: number): void {
    const { place, random } = this;
    const restore = () => {
      if (from >= 0) this.put(b, from);
    };
    const others = this.members[c]!;
    if (!others.length) return restore();
    const other = others[random.below(others.length)]!;
    if (
      place.pinned[other]! >= 0 ||
      this.freeWidth[c]! + place.width[other]! < place.width[b]! ||
      this.freeLoad[c]! + place.mass[other]! < place.mass[b]!
    )
      return restore();
    const otherWas = this.priceNow(other);
    this.take(other);
    const gain = this.priceOf(b, c) - was;
    this.put(b, c);
    let to =
      from >= 0 && place.cost[other * place.compartments + from]! < Infinity && this.fits(other, from) ? from : -1;
    if (to < 0 || random.next() < 0.5) {
      const free = this.bestFree(other);
      if (free >= 0 && (to < 0 || this.priceOf(other, free) < this.priceOf(other, to))) to = free;
    }
    const change = gain + (to >= 0 ? this.priceOf(other, to) : UNPLACED) - otherWas;
    if (this.accept(change)) {
      if (to >= 0) this.put(other, to);
      this.changed(change);
      return;
    }
    this.take(b);
    this.put(other, c);
    restore();
  }

  private changed(_change: number): void {
    this.effort += _change;
    if (this.effort >= this.bestEffort - 1e-9) return;
    // Prices of two bins of one group overlap a little: count afresh before a plan is called better.
    this.effort = assignmentEffort(this.place, this.at);
    if (this.effort >= this.bestEffort - 1e-9) return;
    this.bestEffort = this.effort;
    this.best.set(this.at);
  }
}
