/**
 * Where every bin stands: boxes in each compartment and what stands on what, with the week's effort kept up to date.
 * What has to be moved first is a matter of pairs: a box is blocked by what stands on it, through any levels, and, from
 * the front, by what any part of stands before it.
 */
import { Apart } from './apart.ts';
import { gripAt, reaches, type CompiledDepth } from './compiled.ts';
import { GROUP_SPLIT } from '../../../ground/problems/place-problem.ts';
import { GroupSpread } from './group-spread.ts';
import { KindsInUnit } from './kinds-in-unit.ts';

/** What stands for *not allowed* where seconds are added up: far more than any week has, and still exact to the millisecond. */
export const NEVER = 1e12;

export class Arrangement {
  readonly place: CompiledDepth;
  /** By bin: its compartment, -1 for none. */
  readonly space: Int32Array;
  /** By bin: its box, mm. */
  readonly x0: Int32Array;
  readonly x1: Int32Array;
  readonly y0: Int32Array;
  readonly y1: Int32Array;
  readonly z0: Int32Array;
  readonly z1: Int32Array;
  readonly turned: Uint8Array;
  /** By bin: the bin it stands on, -1 for the bottom. */
  readonly on: Int32Array;
  /** By bin: how many stand on it, and how many have to be moved before it. */
  readonly carries: Int32Array;
  readonly blocked: Int32Array;
  /** By bin: seconds a week where it stands, without what has to be moved first. */
  readonly standingNow: Float64Array;
  /** By bin: seconds a week for each that has to be moved first; NEVER where a child would have to. */
  readonly burden: Float64Array;
  /** By space: its bins from the front to the back. */
  readonly inside: number[][];
  readonly load: Float64Array;
  effort: number;
  /** Bins without a place, and the seconds a week of the effort that are theirs. */
  unplaced: number;
  left: number;
  /** By space: which state it is in; the same number is the same state. */
  readonly version: Int32Array;
  private states = 1;
  /** What must stand apart from what. */
  readonly apart: Apart;
  /** Over which units and compartments what belongs together is spread, and families; which kinds stand in each unit. */
  private readonly spreads: readonly (GroupSpread | KindsInUnit)[];

  constructor(place: CompiledDepth) {
    this.place = place;
    const { bins, spaces } = place;
    const perBin = () => new Int32Array(bins);
    this.space = perBin().fill(-1);
    [this.x0, this.x1, this.y0, this.y1, this.z0, this.z1] = [
      perBin(),
      perBin(),
      perBin(),
      perBin(),
      perBin(),
      perBin(),
    ];
    this.turned = new Uint8Array(bins);
    this.on = perBin().fill(-1);
    this.carries = perBin();
    this.blocked = perBin();
    this.standingNow = new Float64Array(bins);
    this.burden = place.moving.map((seconds, bin) => (place.ofChild[bin] ? NEVER : seconds));
    this.inside = Array.from({ length: spaces }, () => []);
    this.load = new Float64Array(spaces);
    this.apart = new Apart(place);
    const spaceOf = { unit: Int32Array.from({ length: spaces }, (_, space) => space), units: spaces };
    this.spreads = [
      new GroupSpread(place, place.group, place.groups, GROUP_SPLIT),
      ...(place.sideBySide > 0 ? [new GroupSpread(spaceOf, place.group, place.groups, place.sideBySide)] : []),
      ...(place.familySpread > 0 ? [new GroupSpread(place, place.family, place.families, place.familySpread)] : []),
      ...(place.kindSeconds.some((seconds) => seconds > 0) ? [new KindsInUnit(place)] : []),
    ];
    this.version = new Int32Array(spaces).fill(1);
    this.left = place.leftOut.reduce((sum, seconds) => sum + seconds, 0);
    this.effort = this.left;
    this.unplaced = bins;
  }

  /** Seconds a week of a bin at a height, without what has to be moved first. */
  standing(bin: number, space: number, z: number): number {
    const { place } = this;
    return place.base[bin * place.spaces + space]! + place.bodies.week(bin, gripAt(place, bin, space, z));
  }

  /** Seconds a week of a bin where it stands, with what has to be moved first. */
  costOf(bin: number): number {
    return this.standingNow[bin]! + this.place.moving[bin]! * this.blocked[bin]!;
  }

  /** Whether one has to be moved before another of its compartment: it stands on it, or before it. */
  blocks(one: number, other: number): boolean {
    const { x0, x1, y0, z0, z1, on } = this;
    for (let under = on[one]!; under >= 0; under = on[under]!) if (under === other) return true;
    return (
      !this.place.top[this.space[one]!] &&
      y0[one]! < y0[other]! &&
      x0[one]! < x1[other]! &&
      x0[other]! < x1[one]! &&
      z0[one]! < z1[other]! &&
      z0[other]! < z1[one]!
    );
  }

  /** What a bin's group, family and kind cost more when it goes to a space. */
  joining(bin: number, space: number): number {
    let sum = 0;
    for (const spread of this.spreads) sum += spread.joining(bin, space);
    return sum;
  }
  private counted(bin: number, space: number, by: 1 | -1): number {
    let sum = 0;
    for (const spread of this.spreads) sum += spread.count(bin, space, by);
    return sum;
  }

  /** @param on the bin beneath, -1 for the bottom */
  put(bin: number, space: number, x: number, y: number, z: number, turned: number, on: number): void {
    const { place, x0, x1, y0, z0, z1, blocked } = this;
    const { moving } = place;
    const right = x + (turned ? place.depth[bin]! : place.width[bin]!);
    const top = z + place.height[bin]!;
    const list = this.inside[space]!;
    let own = 0;
    let more = 0;
    if (!place.top[space])
      for (let i = 0; i < list.length; i++) {
        const other = list[i]!;
        if (x0[other]! >= right || x >= x1[other]! || z0[other]! >= top || z >= z1[other]!) continue;
        if (y0[other]! < y) own++;
        else if (y0[other]! > y) {
          blocked[other]!++;
          more += moving[other]!;
        }
      }
    for (let under = on; under >= 0; under = this.on[under]!) {
      blocked[under]!++;
      more += moving[under]!;
    }
    if (on >= 0) this.carries[on]!++;
    x0[bin] = x;
    x1[bin] = right;
    y0[bin] = y;
    this.y1[bin] = y + (turned ? place.width[bin]! : place.depth[bin]!);
    z0[bin] = z;
    z1[bin] = top;
    this.turned[bin] = turned;
    this.on[bin] = on;
    this.space[bin] = space;
    this.carries[bin] = 0;
    blocked[bin] = own;
    let at = list.length;
    list.push(bin);
    for (; at > 0 && y0[list[at - 1]!]! > y; at--) list[at] = list[at - 1]!;
    list[at] = bin;
    this.load[space]! += place.mass[bin]!;
    this.apart.count(bin, space, 1);
    this.standingNow[bin] = this.standing(bin, space, z);
    this.effort += more + this.costOf(bin) + this.counted(bin, space, 1) - place.leftOut[bin]!;
    this.left -= place.leftOut[bin]!;
    this.unplaced--;
    this.version[space] = ++this.states;
  }

  /** Takes out what nothing stands on. */
  take(bin: number): void {
    const { place, x0, x1, y0, z0, z1, blocked } = this;
    const { moving } = place;
    const space = this.space[bin]!;
    const list = this.inside[space]!;
    let less = this.costOf(bin);
    if (!place.top[space])
      for (let i = 0; i < list.length; i++) {
        const other = list[i]!;
        if (x0[other]! >= x1[bin]! || x0[bin]! >= x1[other]! || z0[other]! >= z1[bin]! || z0[bin]! >= z1[other]!)
          continue;
        if (y0[other]! > y0[bin]!) {
          blocked[other]!--;
          less += moving[other]!;
        }
      }
    for (let under = this.on[bin]!; under >= 0; under = this.on[under]!) {
      blocked[under]!--;
      less += moving[under]!;
    }
    if (this.on[bin]! >= 0) this.carries[this.on[bin]!]!--;
    let at = list.length - 1;
    for (let moved = list.pop()!; moved !== bin;) {
      const next = list[--at]!;
      list[at] = moved;
      moved = next;
    }
    this.space[bin] = -1;
    this.load[space]! -= place.mass[bin]!;
    this.apart.count(bin, space, -1);
    this.effort += place.leftOut[bin]! - less + this.counted(bin, space, -1);
    this.left += place.leftOut[bin]!;
    this.unplaced++;
    this.version[space] = ++this.states;
  }
  /** The space is as it was in that state: what was taken is put back, what was put is taken. */
  isAsIn(space: number, version: number): void {
    this.version[space] = version;
  }

  /**
   * What it costs when two bins of one size change places, seconds a week.
   * @returns Infinity where a rule is against it or it costs more than is allowed
   */
  swapCost(a: number, b: number, allowed: number): number {
    const { place, space, blocked, carries, turned } = this;
    const { moving, mass, base } = place;
    const spaceA = space[a]!;
    const spaceB = space[b]!;
    const baseA = base[a * place.spaces + spaceB]!;
    const baseB = base[b * place.spaces + spaceA]!;
    if (baseA === Infinity || baseB === Infinity) return Infinity;
    const gripA = gripAt(place, a, spaceB, this.z0[b]!);
    const gripB = gripAt(place, b, spaceA, this.z0[a]!);
    // What is blocked is the place, not the bin.
    let change =
      baseA +
      place.bodies.week(a, gripA) +
      baseB +
      place.bodies.week(b, gripB) -
      this.standingNow[a]! -
      this.standingNow[b]! +
      (moving[a]! - moving[b]!) * (blocked[b]! - blocked[a]!);
    let regrouped = 0;
    for (const spread of this.spreads) regrouped += spread.swapCost(a, spaceA, b, spaceB);
    if (change + regrouped > allowed) return Infinity;
    change += regrouped;
    if ((blocked[a]! > 0 && place.ofChild[b]) || (blocked[b]! > 0 && place.ofChild[a])) return Infinity;
    if (!reaches(place, a, spaceB, gripA) || !reaches(place, b, spaceA, gripB)) return Infinity;
    if ((turned[a] && !place.turnable[b]) || (turned[b] && !place.turnable[a])) return Infinity;
    if ((carries[a]! > 0 && !place.stackable[b]) || (carries[b]! > 0 && !place.stackable[a])) return Infinity;
    const heavier = mass[b]! - mass[a]!;
    if (heavier !== 0) {
      if (spaceA !== spaceB) {
        if (this.load[spaceA]! + heavier > place.maxLoad[spaceA]!) return Infinity;
        if (this.load[spaceB]! - heavier > place.maxLoad[spaceB]!) return Infinity;
      }
      if (!this.bearsInstead(a, b) || !this.bearsInstead(b, a)) return Infinity;
    }
    return this.apart.maySwap(a, spaceA, b, spaceB) ? change : Infinity;
  }
  /** Two bins of one size change places. @param change what `swapCost` said */
  swap(a: number, b: number, change: number): void {
    const { place, space } = this;
    const spaceA = space[a]!;
    const spaceB = space[b]!;
    const heavier = place.mass[b]! - place.mass[a]!;
    this.apart.swap(a, spaceA, b, spaceB);
    for (const spread of this.spreads) spread.swap(a, spaceA, b, spaceB);
    this.load[spaceA]! += heavier;
    this.load[spaceB]! -= heavier;
    this.exchange(a, b);
    this.standingNow[a] = this.standing(a, spaceB, this.z0[a]!);
    this.standingNow[b] = this.standing(b, spaceA, this.z0[b]!);
    this.effort += change;
    this.version[spaceA] = ++this.states;
    this.version[spaceB] = ++this.states;
  }
  /** Whether a bin bears, and is borne by, what another of its size bears and is borne by. */
  private bearsInstead(of: number, bin: number): boolean {
    const { mass } = this.place;
    const under = this.on[of]!;
    if (under === bin || this.on[bin] === of) return false;
    if (under >= 0 && mass[under]! < mass[bin]!) return false;
    if (!this.carries[of]) return true;
    for (const other of this.inside[this.space[of]!]!)
      if (this.on[other] === of && mass[other]! > mass[bin]!) return false;
    return true;
  }
  /** Each takes the other's box, with what stands on it. */
  private exchange(a: number, b: number): void {
    const { space, on, inside, carries } = this;
    const [listA, listB] = [inside[space[a]!]!, inside[space[b]!]!];
    const [atA, atB] = [listA.indexOf(a), listB.indexOf(b)];
    listA[atA] = b;
    listB[atB] = a;
    if (carries[a]! > 0) for (const other of listA) if (on[other] === a) on[other] = -2;
    if (carries[b]! > 0) for (const other of listB) if (on[other] === b) on[other] = a;
    if (carries[a]! > 0) for (const other of listA) if (on[other] === -2) on[other] = b;
    for (const field of [this.x0, this.x1, this.y0, this.y1, this.z0, this.z1, on, space, carries, this.blocked])
      [field[a], field[b]] = [field[b]!, field[a]!];
    [this.turned[a], this.turned[b]] = [this.turned[b]!, this.turned[a]!];
  }
}
