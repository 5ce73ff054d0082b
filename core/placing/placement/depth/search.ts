/**
 * From a first plan to better ones: bins of one size change places, a bin goes elsewhere, what stands in its way makes
 * room, and compartments are emptied and filled anew (ruin and recreate), all under one falling temperature (annealing).
 */
import { Random } from '../../../ground/engine/random.ts';
import type { Arrangement } from './arrangement.ts';
import { ChangeLog } from './change-log.ts';
import { cheapestOf } from './compiled.ts';
import { weightsOf } from './construct.ts';
import { Refill } from './refill.ts';
import { Regroup } from './regroup.ts';
import { alikeIn, TIE } from './searching.ts';
import { Spots } from './spots.ts';
import { Waiting } from './waiting.ts';

/** A change may cost about this share of a bin's mean effort at first, and in the end; found by trial on rooms of 50 to 1,700 bins. */
export const HOT = 0.3;
/** From what stands already: what is as good stays where it is. */
export const WARM = 0.03;
const COLD = 0.01;
/** Shares of the tries, each with those before it; the rest are swaps. */
const SHARE = { move: 0.05, near: 0.15, eject: 0.25, refill: 0.253, regroup: 0.273 };
/** Of a bin's cheapest places one of the first so many is aimed at. */
const AIMED_AT = 12;
/** How often a swap is looked for where a bin would rather be, not among all of its size. */
const AIMED_SWAPS = 0.5;
/** Bins that are looked at to find one that wants elsewhere. */
const LOOKED_AT = 4;
/** How often the one that wants elsewhere is one without a place, as long as there are such. */
const WAITING_FIRST = 0.7;
/** How often what makes room is two bins, or three, each with all that stands on it. */
const MAKING_ROOM = { two: 0.3, three: 0.2 };
/** Bins on one that makes room, at most. */
const MOST_ABOVE = 7;
/** Share of the spots passed over where a bin stands, and in another space, so that it is not put as it was (Christiaens and Vanden Berghe 2020). */
const BLINK = { own: 0.3, other: 0.1 };

/** Where every bin stands in the best plan: its space (-1: none) and its box. */
export type Kept = Pick<Arrangement, 'space' | 'x0' | 'y0' | 'z0' | 'turned'>;

export class DepthSearch {
  readonly now: Arrangement;
  private readonly spots: Spots;
  private readonly random: Random;
  private readonly log: ChangeLog;
  private readonly refill: Refill;
  private readonly regroup: Regroup;
  private readonly waiting: Waiting;
  /** Bins that stay where they stand, and what they stand on. */
  private readonly fixed: Uint8Array;
  private readonly hot: number;
  /** How much a bin wants to be first: large and often used. */
  private readonly weight: Float64Array;
  /** Bins of one size with each bin, itself among them; and bins that have such. */
  private readonly alike: readonly Int32Array[];
  private readonly swappable: Int32Array;
  /** By bin: seconds a week in its cheapest place. */
  private readonly cheapest: Float64Array;
  /** Bins that are out, in a try. */
  private readonly out: number[] = [];
  bestEffort = Infinity;
  /** Bins without a place in the best plan, and what they count for. */
  bestUnplaced = 0;
  bestLeft = 0;
  /** A plan is better only with less than this without a place. */
  leftBelow = Infinity;
  readonly best: Kept;

  /** @param now a first whole plan @param fixed bins that stay where they stand, what they stand on among them @param hot how far it may get worse at first */
  constructor(now: Arrangement, seed: number, fixed: ReadonlySet<number> = new Set(), hot = HOT) {
    const { place } = now;
    const bins = Int32Array.from({ length: place.bins }, (_, bin) => bin);
    this.now = now;
    this.random = new Random(seed);
    this.spots = new Spots(now, this.random);
    this.log = new ChangeLog(now, this.spots);
    this.fixed = Uint8Array.from(bins, (bin) => Number(fixed.has(bin)));
    this.hot = hot;
    this.weight = weightsOf(place);
    this.cheapest = cheapestOf(place);
    this.alike = alikeIn(place);
    this.swappable = bins.filter((bin) => this.alike[bin]!.length > 1);
    this.waiting = new Waiting(now, this.random, this.fixed);
    const { spots, random, log, alike, cheapest, waiting } = this;
    const aim = (bin: number) => this.aim(bin);
    const searching = { now, spots, log, random, alike, cheapest, fixed: this.fixed, aim };
    this.regroup = new Regroup(searching);
    this.refill = new Refill({ ...searching, waiting, weight: this.weight, wanting: () => this.wanting() });
    this.best = {
      space: now.space.slice(),
      x0: now.x0.slice(),
      y0: now.y0.slice(),
      z0: now.z0.slice(),
      turned: now.turned.slice(),
    };
    this.keep();
  }

  /** Remembers what is better than all before. */
  private keep(): void {
    const { now, best } = this;
    if (now.effort >= this.bestEffort - TIE || now.left >= this.leftBelow - TIE) return;
    this.bestEffort = now.effort;
    this.bestUnplaced = now.unplaced;
    this.bestLeft = now.left;
    best.space.set(now.space);
    best.x0.set(now.x0);
    best.y0.set(now.y0);
    best.z0.set(now.z0);
    best.turned.set(now.turned);
  }

  /** @param done how much of the time is over, 0 … 1 @param tries how many are made */
  step(done: number, tries: number): void {
    const { now, random } = this;
    const mean = Math.max(1, (now.effort - now.left) / Math.max(1, now.place.bins));
    const heat = mean * this.hot * (COLD / this.hot) ** done;
    for (let n = 0; n < tries; n++) {
      // How much worse it may get is drawn first.
      const allowed = -heat * Math.log(1 - random.next());
      const draw = random.next();
      if (draw < SHARE.move) this.tryMove(allowed);
      else if (draw < SHARE.near) this.tryNear(allowed);
      else if (draw < SHARE.eject) this.tryEject(allowed);
      else if (draw < SHARE.refill) this.refill.try(allowed);
      else if (draw < SHARE.regroup) this.regroup.try(allowed);
      else this.trySwap(allowed);
    }
    this.keep();
  }

  private trySwap(allowed: number): void {
    const { now, random, swappable, fixed } = this;
    if (!swappable.length) return;
    const a = swappable[random.below(swappable.length)]!;
    const alike = this.alike[a]!;
    const b = random.next() < AIMED_SWAPS ? this.alikeWhereAimed(a) : alike[random.below(alike.length)]!;
    if (b < 0 || a === b || now.space[a]! < 0 || now.space[b]! < 0 || fixed[a] || fixed[b]) return;
    const change = now.swapCost(a, b, allowed);
    if (change < Infinity) now.swap(a, b, change);
  }

  /** One of a bin's size in one of its cheapest spaces; -1 where none is there. */
  private alikeWhereAimed(bin: number): number {
    const { now, alike, random } = this;
    const space = this.aim(bin);
    if (space === undefined) return -1;
    const there = now.inside[space]!;
    const from = random.below(Math.max(1, there.length));
    for (let i = 0; i < there.length; i++) {
      const other = there[(from + i) % there.length]!;
      if (other !== bin && alike[other] === alike[bin]) return other;
    }
    return -1;
  }

  /** Takes a bin on which nothing stands out of its place, if it has one. @returns the bin, or -1 where it is not to be moved */
  private lift(): number {
    const { now, log } = this;
    const bin = this.random.below(now.place.bins);
    if (this.fixed[bin] || (now.space[bin]! >= 0 && now.carries[bin]! > 0)) return -1;
    log.clear();
    this.from = now.space[bin]!;
    if (this.from >= 0) log.take(bin);
    return bin;
  }
  /** The space from which a bin was lifted, -1 for none. */
  private from = -1;
  /** To the cheapest spot of all others. */
  private tryMove(allowed: number): void {
    const { now, spots, log } = this;
    const before = now.effort;
    const bin = this.lift();
    if (bin < 0) return;
    const left = now.place.leftOut[bin]!;
    const most = Math.min(left, before + allowed - now.effort + left + TIE);
    if (spots.best(bin, most, now.place.order[bin], this.from)) log.put(bin);
    else log.undo();
  }
  /** To one space, the more likely the cheaper it could be there; its own too. */
  private tryNear(allowed: number): void {
    const { now, random, spots, log } = this;
    const before = now.effort;
    const bin = this.lift();
    if (bin < 0) return;
    const ways = now.place.order[bin]!;
    const left = now.place.leftOut[bin]!;
    const most = Math.min(left, before + allowed - now.effort + left + TIE);
    const space = ways[Math.floor(random.next() ** 2 * ways.length)];
    spots.blink = space === this.from ? BLINK.own : BLINK.other;
    const found = space !== undefined && spots.spotIn(bin, space, most);
    spots.blink = 0;
    if (found) log.put(bin);
    else log.undo();
  }
  /** One of a bin's cheapest spaces, the more likely the cheaper; any of its spaces while it has no place. */
  private aim(bin: number): number | undefined {
    const ways = this.now.place.order[bin]!;
    if (this.now.space[bin]! < 0) return ways[this.random.below(ways.length)];
    return ways[Math.floor(this.random.next() ** 2 * Math.min(ways.length, AIMED_AT))];
  }
  /** One that has no place, else of a few bins the one that is furthest from its cheapest place. */
  private wanting(): number {
    const { now, random, cheapest, fixed, waiting } = this;
    if (waiting.any && random.next() < WAITING_FIRST) return waiting.some(1)[0]!;
    let most = -Infinity;
    let found = 0;
    for (let n = 0; n < LOOKED_AT; n++) {
      const bin = random.below(now.place.bins);
      if (fixed[bin] && n > 0) continue;
      const far = (now.space[bin]! < 0 ? now.place.leftOut[bin]! : now.costOf(bin)) - cheapest[bin]!;
      if (far > most) {
        most = far;
        found = bin;
      }
    }
    return found;
  }

  /** Takes a bin and what stands on it out, the topmost first; they are added to `out`. @returns false where that may not be */
  private takeWithAbove(bin: number): boolean {
    const { now, log, out, fixed } = this;
    const first = out.length;
    out.push(bin);
    const there = now.inside[now.space[bin]!]!;
    for (let i = first; i < out.length; i++) {
      const under = out[i]!;
      if (fixed[under] || out.length - first > 1 + MOST_ABOVE) return false;
      if (!now.carries[under]) continue;
      for (let k = 0; k < there.length; k++) if (now.on[there[k]!] === under) out.push(there[k]!);
    }
    for (let i = out.length - 1; i >= first; i--) log.take(out[i]!);
    return true;
  }

  /** A bin goes to a place it would rather have, whatever some of those there have to make room; these find another. */
  private tryEject(allowed: number): void {
    const { now, random, spots, log, out, cheapest } = this;
    const wanting = this.wanting();
    const space = this.aim(wanting);
    if (space === undefined || !now.inside[space]!.length) return;
    const end = now.effort + allowed + TIE;
    log.clear();
    out.length = 0;
    const draw = random.next();
    const others = draw < MAKING_ROOM.three ? 3 : draw < MAKING_ROOM.three + MAKING_ROOM.two ? 2 : 1;
    let fine = true;
    const there = now.inside[space]!;
    const other = there[random.below(there.length)]!;
    if (other === wanting) return;
    if (now.space[wanting]! >= 0) fine = this.takeWithAbove(wanting);
    else if (this.fixed[wanting]) return;
    else out.push(wanting);
    if (fine && now.space[other]! >= 0) fine = this.takeWithAbove(other);
    for (let i = 1; i < others && fine && there.length; i++) {
      const more = there[random.below(there.length)]!;
      fine = this.takeWithAbove(more);
    }
    // Whatever costs more is not kept: it need not be found.
    const { leftOut } = now.place;
    let rest = 0;
    for (let i = 1; i < out.length; i++) rest += cheapest[out[i]!]! - leftOut[out[i]!]!;
    const left = leftOut[wanting]!;
    fine = fine && spots.spotIn(wanting, space, Math.min(left, end - now.effort - rest + left));
    if (fine) {
      log.put(wanting);
      this.sortByWeight(1);
      for (let i = 1; i < out.length && fine; i++) {
        const bin = out[i]!;
        const most = leftOut[bin]!;
        rest -= cheapest[bin]! - most;
        if (spots.best(bin, Math.min(most, end - now.effort - rest + most))) log.put(bin);
        fine = now.effort + rest <= end;
      }
    }
    if (!fine) log.undo();
  }
  /** What is out, from a place in the list on. */
  private sortByWeight(from: number): void {
    const { out, weight } = this;
    for (let i = from + 1; i < out.length; i++) {
      const bin = out[i]!;
      let k = i;
      for (; k > from && weight[out[k - 1]!]! < weight[bin]!; k--) out[k] = out[k - 1]!;
      out[k] = bin;
    }
  }
}
