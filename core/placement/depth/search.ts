/**
 * From a first plan to better ones: bins of one size change places, a bin goes elsewhere, and compartments are emptied
 * and filled anew (ruin and recreate), all under one falling temperature (annealing).
 */
import { Random } from '../../engine/random.ts';
import { groupedBy } from '../../model/grouped-by.ts';
import { UNPLACED } from '../problem.ts';
import type { Arrangement, Box } from './arrangement.ts';
import { Spots, type Spot } from './spots.ts';

/** Changes that are undone when a try is given up: what was put is taken, what was taken is put back. */
type Act = { put: number } | { taken: Box };

/** A change may cost about this share of a bin's mean effort at first, and in the end; found by trial on rooms of 50 to 1,700 bins. */
export const HOT = 1;
/** From what stands already: what is as good stays where it is. */
export const WARM = 0.03;
const COLD = 0.01;
/** Shares of the tries. */
const SHARE = { swap: 0.6, move: 0.7, eject: 0.97 };
/** Bins that are taken out at once, at most. */
const MOST_OUT = 40;
/** Of a bin's cheapest places one of the first so many is aimed at. */
const AIMED_AT = 12;
/** Bins that are looked at to find one that wants elsewhere. */
const LOOKED_AT = 4;
/** How often a bin looks at all places though what was emptied has one for it. */
const ELSEWHERE = 0.1;
/** What costs exactly as much as is allowed is not lost to rounding, s. */
const TIE = 1e-9;
/** Orders of refilling are drawn: a bin's weight is changed by up to that share. */
const NOISE = 0.5;
/** Share of the spots in what was emptied that are passed over, so that it is not filled as it was (Christiaens and Vanden Berghe 2020). */
const BLINK = 0.02;

export class DepthSearch {
  readonly now: Arrangement;
  private readonly spots: Spots;
  private readonly random: Random;
  /** Bins that stay where they stand, and what they stand on. */
  private readonly fixed: Uint8Array;
  private readonly hot: number;
  /** How much a bin wants to be first: large and often used. */
  private readonly weight: Float64Array;
  /** Bins of one size with each bin, itself among them; and bins that have such. */
  private readonly alikeOf: number[][] = [];
  private readonly swappable: number[] = [];
  /** By bin: seconds a week in its cheapest place. */
  private readonly cheapest: Float64Array;
  private readonly rate: Float64Array;
  bestEffort = Infinity;
  bestSpots: (Omit<Spot, 'on' | 'cost'> | null)[] = [];

  /** @param fixed bins that stay where they stand, what they stand on among them @param hot how far it may get worse at first */
  constructor(now: Arrangement, seed: number, fixed: ReadonlySet<number> = new Set(), hot = HOT) {
    this.now = now;
    this.random = new Random(seed);
    this.spots = new Spots(now, this.random);
    this.fixed = Uint8Array.from(now.boxes, (_, bin) => Number(fixed.has(bin)));
    this.hot = hot;
    const { place } = now;
    this.rate = Float64Array.from(now.uses, (uses) => uses.reduce((sum, { twice }) => sum + twice / 2, 0));
    this.weight = Float64Array.from(
      { length: place.bins },
      (_, bin) => place.width[bin]! * place.depth[bin]! * (1 + this.rate[bin]!),
    );
    const key = (bin: number) =>
      [place.width[bin], place.depth[bin], place.height[bin], place.turnable[bin], place.stackable[bin]].join(' ');
    const bins = Array.from({ length: place.bins }, (_, bin) => bin);
    for (const own of groupedBy(bins, key).values())
      for (const bin of own) {
        this.alikeOf[bin] = own;
        if (own.length > 1) this.swappable.push(bin);
      }
    this.cheapest = Float64Array.from(bins, (bin) => {
      const [first] = place.order[bin]!;
      return first === undefined ? UNPLACED : place.least[bin * place.spaces + first]!;
    });
  }

  /**
   * Every bin in its cheapest spot, what is large and often used first. Gives way every few bins.
   * @param locked bins that get the locked places before anything else, as far as there are any
   */
  *construct(locked: readonly number[] = []): Generator<void, void> {
    const { now } = this;
    const byWeight = (a: number, b: number) => this.weight[b]! - this.weight[a]!;
    const isLocked = (space: number) => now.place.locked[space] === 1;
    for (const bin of [...locked].sort(byWeight)) {
      if (!now.boxes[bin]) this.insert(bin, null, isLocked);
      if (now.boxes[bin]) this.keepLocked(bin);
    }
    const order = Array.from({ length: now.place.bins }, (_, bin) => bin).sort(byWeight);
    let count = 0;
    for (const bin of order) {
      if (!now.boxes[bin]) this.insert(bin, null);
      if (++count % 8 === 0) yield;
    }
    this.keep();
  }
  /** From now on nothing but what is locked is a place for it. */
  private keepLocked(bin: number): void {
    const { place, boxes } = this.now;
    for (let space = 0; space < place.spaces; space++)
      if (!place.locked[space] && boxes[bin]!.space !== space) {
        place.base[bin * place.spaces + space] = Infinity;
        place.least[bin * place.spaces + space] = Infinity;
      }
    place.order[bin] = place.order[bin]!.filter((space) => place.least[bin * place.spaces + space]! < Infinity);
  }

  /** @param most what it may cost at the most */
  private insert(bin: number, acts: Act[] | null, only?: (space: number) => boolean, most: number = UNPLACED): void {
    const spot = this.spots.bestSpot(bin, Math.min(UNPLACED, most), only);
    if (!spot) return;
    this.now.put(this.spots.boxAt(bin, spot));
    acts?.push({ put: bin });
  }
  /** Into what was emptied, else wherever there is room; what stood elsewhere would have gone there by itself. */
  private refit(bin: number, acts: Act[], spaces: ReadonlySet<number>, most: number): void {
    const { now } = this;
    let best: Spot | null = null;
    let limit = Math.min(UNPLACED, most);
    this.spots.blink = BLINK;
    for (const space of spaces) {
      if (now.place.least[bin * now.place.spaces + space]! >= limit) continue;
      const spot = this.spots.spotIn(bin, space, limit);
      if (spot) [best, limit] = [spot, spot.cost];
    }
    this.spots.blink = 0;
    const elsewhere = this.random.next() < ELSEWHERE || !best ? this.spots.bestSpot(bin, limit) : null;
    const spot = elsewhere ?? best;
    if (!spot) return;
    now.put(this.spots.boxAt(bin, spot));
    acts.push({ put: bin });
  }
  private remove(bin: number, acts: Act[]): void {
    acts.push({ taken: this.now.take(bin) });
  }
  private undo(acts: Act[]): void {
    for (let i = acts.length - 1; i >= 0; i--) {
      const act = acts[i]!;
      if ('put' in act) this.now.take(act.put);
      else this.now.put(act.taken);
    }
  }

  /** Remembers what is better than all before. */
  private keep(): void {
    if (this.now.effort >= this.bestEffort - 1e-9) return;
    this.bestEffort = this.now.effort;
    this.bestSpots = this.now.boxes.map((box) =>
      box ? { space: box.space, x: box.x0, y: box.y0, z: box.z0, turned: box.turned } : null,
    );
  }

  /** @param done how much of the time is over, 0 … 1 @param tries how many are made */
  step(done: number, tries: number): void {
    const { now, random } = this;
    const mean = Math.max(1, (now.effort - UNPLACED * now.unplaced) / Math.max(1, now.place.bins));
    const heat = mean * this.hot * (COLD / this.hot) ** done;
    for (let n = 0; n < tries; n++) {
      // How much worse it may get is drawn first.
      const allowed = -heat * Math.log(1 - random.next());
      const draw = random.next();
      if (draw < SHARE.swap && this.swappable.length) this.trySwap(allowed);
      else if (draw < SHARE.move) this.tryMove(allowed);
      else if (draw < SHARE.eject) this.tryEject(allowed);
      else this.tryRefill(allowed);
    }
    this.keep();
  }

  private trySwap(allowed: number): void {
    const { now, random } = this;
    const first = this.swappable[random.below(this.swappable.length)]!;
    const own = this.alikeOf[first]!;
    const a = now.boxes[first];
    const b = now.boxes[own[random.below(own.length)]!];
    if (!a || !b || a === b || this.fixed[a.bin] || this.fixed[b.bin]) return;
    const change = now.swap(a, b);
    if (change === null || change <= allowed) return;
    // Back again: the same rules held a moment ago.
    now.swap(a, b);
  }

  private tryMove(allowed: number): void {
    const { now, random } = this;
    const bin = random.below(now.place.bins);
    const box = now.boxes[bin];
    if (box?.carries || this.fixed[bin]) return;
    const before = now.effort;
    const acts: Act[] = [];
    if (box) this.remove(bin, acts);
    const most = before + allowed - now.effort;
    const spot = this.spots.bestSpot(bin, Math.min(UNPLACED, UNPLACED + most), (space) => space !== box?.space);
    if (spot && now.effort - UNPLACED + spot.cost <= before + allowed) {
      now.put(this.spots.boxAt(bin, spot));
      if (now.effort <= before + allowed) return;
      now.take(bin);
    }
    this.undo(acts);
  }

  /** A bin goes to a place it would rather have, whatever one of those there has to make room; that one finds another. */
  private tryEject(allowed: number): void {
    const { now, random } = this;
    const { place } = now;
    const wanting = this.wanting();
    const box = now.boxes[wanting];
    if (box?.carries || this.fixed[wanting]) return;
    const ways = place.order[wanting]!;
    if (!ways.length) return;
    const space = ways[Math.floor(random.next() ** 2 * Math.min(ways.length, AIMED_AT))]!;
    const there = now.inside[space]!;
    if (!there.length) return;
    const other = there[random.below(there.length)]!;
    if (other.carries || other.bin === wanting || this.fixed[other.bin]) return;
    const before = now.effort;
    const acts: Act[] = [];
    const ejected = other.bin;
    this.remove(ejected, acts);
    if (now.boxes[wanting]) this.remove(wanting, acts);
    // Whatever costs more is not kept: it need not be found.
    const limit = before + allowed - now.effort + 2 * UNPLACED - this.cheapest[ejected]!;
    const spot = this.spots.spotIn(wanting, space, Math.min(UNPLACED, limit));
    if (spot) {
      now.put(this.spots.boxAt(wanting, spot));
      acts.push({ put: wanting });
      this.insert(ejected, acts, undefined, before + allowed - now.effort + UNPLACED + TIE);
      if (now.effort <= before + allowed) return;
    }
    this.undo(acts);
  }

  /** Empties a compartment or two, with bins beside that would rather be there, and fills all anew. */
  private tryRefill(allowed: number): void {
    const { now, random } = this;
    const { place } = now;
    const before = now.effort;
    const spaces = new Set<number>();
    const wanting = this.wanting();
    const box = now.boxes[wanting];
    const ways = place.order[wanting]!;
    if (ways.length) spaces.add(ways[Math.floor(random.next() ** 2 * Math.min(ways.length, AIMED_AT))]!);
    if (box) spaces.add(box.space);
    const acts: Act[] = [];
    const out: number[] = [];
    const takeAll = (space: number): void => {
      const list = [...now.inside[space]!].sort((a, b) => b.z0 - a.z0);
      for (const one of list) {
        if (this.fixed[one.bin]) continue;
        out.push(one.bin);
        this.remove(one.bin, acts);
      }
    };
    for (const space of spaces) if (now.inside[space]!.length + out.length <= MOST_OUT) takeAll(space);
    if (!now.boxes[wanting] && !out.includes(wanting) && !this.fixed[wanting]) out.push(wanting);
    for (const bin of this.waiting(3)) if (!out.includes(bin)) out.push(bin);
    const weights = new Map(out.map((bin) => [bin, this.weight[bin]! * (1 + NOISE * (random.next() - 0.5) * 2)]));
    // The one that wanted in goes first every other time.
    if (random.next() < 0.5) weights.set(wanting, Infinity);
    out.sort((a, b) => weights.get(b)! - weights.get(a)!);
    // What the rest could cost at the least in what was emptied: as soon as it cannot be good any more, it is given up.
    const least = out.map((bin) => this.leastIn(bin, spaces) - UNPLACED);
    let rest = least.reduce((sum, cost) => sum + cost, 0);
    for (const [i, bin] of out.entries()) {
      rest -= least[i]!;
      this.refit(bin, acts, spaces, before + allowed - now.effort - rest + UNPLACED + TIE);
      if (now.effort + rest > before + allowed) {
        this.undo(acts);
        return;
      }
    }
  }

  private leastIn(bin: number, spaces: ReadonlySet<number>): number {
    const { place } = this.now;
    let least = Infinity;
    for (const space of spaces) least = Math.min(least, place.least[bin * place.spaces + space]!);
    return least < UNPLACED ? least : this.cheapest[bin]!;
  }

  /** Of a few bins the one that is furthest from its cheapest place. */
  private wanting(): number {
    const { now, random } = this;
    let most = -Infinity;
    let found = 0;
    for (let n = 0; n < LOOKED_AT; n++) {
      const bin = random.below(now.place.bins);
      if (this.fixed[bin] && n > 0) continue;
      const box = now.boxes[bin];
      const far = (box ? now.costOf(box) : UNPLACED) - this.cheapest[bin]!;
      if (far > most) [most, found] = [far, bin];
    }
    return found;
  }

  /** Some of the bins that have no place. */
  private waiting(most: number): number[] {
    if (!this.now.unplaced) return [];
    const found: number[] = [];
    const start = this.random.below(this.now.place.bins);
    for (let i = 0; i < this.now.place.bins && found.length < most; i++) {
      const bin = (start + i) % this.now.place.bins;
      if (!this.now.boxes[bin]) found.push(bin);
    }
    return found;
  }
}
