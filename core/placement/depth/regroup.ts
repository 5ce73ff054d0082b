/**
 * What belongs together goes to another piece of furniture as a whole. Bin by bin it would never go: the first that
 * leaves the others costs a minute a week, far more than is allowed when the search has cooled down.
 */
import type { Random } from '../../engine/random.ts';
import { groupedBy } from '../../model/grouped-by.ts';
import { GROUP_SPLIT, UNPLACED } from '../problem.ts';
import type { Arrangement } from './arrangement.ts';
import type { ChangeLog } from './change-log.ts';
import type { Spots } from './spots.ts';

export interface Searching {
  now: Arrangement;
  spots: Spots;
  log: ChangeLog;
  random: Random;
  /** By bin: it stays where it stands. */
  fixed: Uint8Array;
  /** By bin: all of its size. */
  alike: readonly Int32Array[];
  /** By bin: seconds a week in its cheapest place. */
  cheapest: Float64Array;
  /** One of a bin's cheapest spaces. */
  aim(bin: number): number | undefined;
}

export class Regroup {
  private readonly search: Searching;
  /** Groups of two and more of which none stays where it stands. */
  private readonly groups: number[][];
  /** By unit: its spaces. */
  private readonly spaces: number[][];
  /** Bins that gave their place to one of the group. */
  private readonly displaced: number[] = [];

  constructor(search: Searching) {
    const { place } = search.now;
    this.search = search;
    const members = groupedBy([...search.fixed.keys()], (bin) =>
      place.group[bin]! < 0 ? null : String(place.group[bin]),
    );
    this.groups = [...members.values()].filter((own) => own.length > 1 && own.every((bin) => !search.fixed[bin]));
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
    const end = now.effort + allowed;
    log.clear();
    this.displaced.length = 0;
    const elsewhere = group.filter((bin) => !this.isIn(bin, unit));
    // The least that the rest could still bring: each its cheapest place, and every split ended.
    const couldGain = (bin: number) => (now.space[bin]! < 0 ? UNPLACED : now.costOf(bin)) - cheapest[bin]!;
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
    const { now, log, spots, fixed } = this.search;
    const { group } = now.place;
    const before = now.effort;
    const isPlaced = now.space[bin]! >= 0;
    const joins = (other: number) => this.isIn(other, unit) && !fixed[other] && group[other] !== group[bin];
    const other = isPlaced ? this.bestSwap(bin, most, joins) : -1;
    const least = other < 0 ? most : this.change;
    if (!isPlaced || !now.carries[bin]) {
      if (isPlaced) log.take(bin);
      if (spots.best(bin, Math.min(UNPLACED, before + least - now.effort + UNPLACED), this.spaces[unit]!)) {
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
    const { now, log, fixed } = this.search;
    const other = this.bestSwap(bin, 0, (one) => one !== bin && now.space[one]! >= 0 && !fixed[one]);
    if (other >= 0) log.swap(bin, other, this.change);
  }

  /** What the swap that was found last costs. */
  private change = 0;
  /** With whom of its size it costs a bin least to change places, less than `most`; -1 for none. */
  private bestSwap(bin: number, most: number, may: (other: number) => boolean): number {
    const { now, alike } = this.search;
    let found = -1;
    this.change = most;
    for (const other of alike[bin]!) {
      if (!may(other)) continue;
      const change = now.swapCost(bin, other, this.change);
      if (change >= this.change) continue;
      this.change = change;
      found = other;
    }
    return found;
  }
}
