/**
 * What belongs together goes to another piece of furniture as a whole. Bin by bin it would never go: the first that
 * leaves the others costs a minute a week, far more than is allowed when the search has cooled down.
 */
import { GROUP_SPLIT } from '../../../ground/problems/place-problem.ts';
import { looseGroups } from './group-spread.ts';
import { TIE, type Searching } from './searching.ts';

/** Bins of one size that are looked at for one that has to leave, at most. */
const LOOKED_AT = 60;

export class Regroup {
  private readonly search: Searching;
  private readonly groups: number[][];
  /** By unit: its spaces. */
  private readonly spaces: number[][];
  /** Bins that gave their place to one of the group. */
  private readonly displaced: number[] = [];

  constructor(search: Searching) {
    const { place } = search.now;
    this.search = search;
    this.groups = looseGroups(place, (bin) => search.fixed[bin] === 1);
    this.spaces = Array.from({ length: place.units }, () => []);
    place.unit.forEach((unit, space) => this.spaces[unit]!.push(space));
  }

  /** @param allowed how much worse it may get, seconds a week */
  try(allowed: number): void {
    const { now, log, random, aim, cheapest } = this.search;
    if (!this.groups.length) return;
    const group = this.groups[random.below(this.groups.length)]!;
    const space = aim(group[random.below(group.length)]!);
    if (space === undefined) return;
    const unit = now.place.unit[space]!;
    const end = now.effort + allowed + TIE;
    log.clear();
    this.displaced.length = 0;
    const elsewhere = group.filter((bin) => !this.isIn(bin, unit));
    // The least that the rest could still bring: each its cheapest place, and every split ended.
    const couldGain = (bin: number) =>
      (now.space[bin]! < 0 ? now.place.leftOut[bin]! : now.costOf(bin)) - cheapest[bin]!;
    let rest = GROUP_SPLIT * elsewhere.length;
    for (const bin of elsewhere) rest += couldGain(bin);
    for (const bin of elsewhere) {
      rest -= couldGain(bin);
      if (this.bring(bin, unit, end + rest - now.effort)) continue;
      log.undo();
      return;
    }
    for (let i = 0; i < this.displaced.length && now.effort > end; i++) this.settle(this.displaced[i]!);
    if (now.effort > end) log.undo();
  }

  private isIn(bin: number, unit: number): boolean {
    const { now } = this.search;
    return now.space[bin]! >= 0 && now.place.unit[now.space[bin]!] === unit;
  }

  /** One bin comes to a unit: to a free spot, or where one of its size stands. @returns false, and nothing is changed, where neither costs less than `most` */
  private bring(bin: number, unit: number, most: number): boolean {
    const { now, log, spots } = this.search;
    const before = now.effort;
    const left = now.place.leftOut[bin]!;
    const isPlaced = now.space[bin]! >= 0;
    const other = isPlaced ? this.bestThere(bin, unit, most) : -1;
    const least = other < 0 ? most : this.change;
    if (!isPlaced || !now.carries[bin]) {
      if (isPlaced) log.take(bin);
      if (spots.best(bin, Math.min(left, before + least - now.effort + left), this.spaces[unit]!)) {
        log.put(bin);
        return true;
      }
      if (isPlaced) log.undoLast();
    }
    if (other < 0) return false;
    log.swap(bin, other, least);
    this.displaced.push(other);
    return true;
  }
  /** What had to leave changes places with one of its size, if that is better. */
  private settle(bin: number): void {
    const { now, log, alike, random, fixed } = this.search;
    const list = alike[bin]!;
    this.change = 0;
    let found = -1;
    const from = random.below(list.length);
    for (let i = 0; i < list.length && i < LOOKED_AT; i++) {
      const other = list[(from + i) % list.length]!;
      if (other !== bin && now.space[other]! >= 0 && !fixed[other] && this.isCheaper(bin, other)) found = other;
    }
    if (found >= 0) log.swap(bin, found, this.change);
  }

  /** What the cheapest swap that was looked at costs. */
  private change = 0;
  private isCheaper(bin: number, other: number): boolean {
    const change = this.search.now.swapCost(bin, other, this.change);
    if (change >= this.change) return false;
    this.change = change;
    return true;
  }
  /** With whom of its size in a unit it costs a bin least to change places, less than `most`; -1 for none. */
  private bestThere(bin: number, unit: number, most: number): number {
    const { now, alike, fixed } = this.search;
    const { group } = now.place;
    this.change = most;
    let found = -1;
    for (const space of this.spaces[unit]!)
      for (const other of now.inside[space]!)
        if (alike[other] === alike[bin] && !fixed[other] && group[other] !== group[bin] && this.isCheaper(bin, other))
          found = other;
    return found;
  }
}
