/**
 * Where every bin stands: trees of boxes in each compartment (what stands on what), with the week's effort kept up to date.
 * What has to be moved first is a matter of pairs: a box is blocked by what stands on it, through any levels, and, from
 * the front, by what any part of stands before it.
 */
import { NATURE } from '../../cautions/natures.ts';
import { bodyWeek, gripAt, type CompiledDepth, type Use } from './compiled.ts';
import { GROUP_SPLIT, UNPLACED } from '../problem.ts';

/** Bits of natures. */
const NATURES = Object.keys(NATURE).length;

export interface Box {
  bin: number;
  space: number;
  x0: number;
  x1: number;
  y0: number;
  y1: number;
  z0: number;
  z1: number;
  turned: boolean;
  on: Box | null;
  /** Boxes that stand on it. */
  carries: number;
  /** Boxes that have to be moved before it. */
  blocked: number;
}

/** Whether a stands before b, both in a compartment with its opening at the front. */
export const isBefore = (a: Box, b: Box): boolean =>
  a.y0 < b.y0 && a.x0 < b.x1 && b.x0 < a.x1 && a.z0 < b.z1 && b.z0 < a.z1;

export class Arrangement {
  readonly place: CompiledDepth;
  readonly uses: readonly Use[][];
  readonly boxes: (Box | null)[];
  readonly inside: Box[][];
  readonly load: Float64Array;
  effort: number;
  unplaced: number;
  /** Counts what is put into and taken out of each space, from 1 on. */
  readonly version: Int32Array;
  /** By space and nature: how many bins of it stand there. */
  private readonly natures: Int16Array;
  /** Members of each group by unit. */
  private readonly members: Map<number, number>[];

  constructor(place: CompiledDepth, uses: readonly Use[][]) {
    this.place = place;
    this.uses = uses;
    this.boxes = new Array<Box | null>(place.bins).fill(null);
    this.inside = Array.from({ length: place.spaces }, () => []);
    this.load = new Float64Array(place.spaces);
    this.natures = new Int16Array(place.spaces * NATURES);
    this.members = Array.from({ length: place.groups }, () => new Map<number, number>());
    this.version = new Int32Array(place.spaces).fill(1);
    this.effort = UNPLACED * place.bins;
    this.unplaced = place.bins;
  }

  /** Seconds a week of a bin at a height, without what has to be moved first. */
  standing(bin: number, space: number, z: number): number {
    return (
      this.place.base[bin * this.place.spaces + space]! + bodyWeek(this.uses[bin]!, gripAt(this.place, bin, space, z))
    );
  }

  /** Whether its rules allow that height. */
  reaches(bin: number, space: number, z: number): boolean {
    const grip = gripAt(this.place, bin, space, z);
    return grip <= this.place.highest[bin]! && (this.place.locked[space] === 1 || grip >= this.place.lowest[bin]!);
  }

  private count(bin: number, space: number, by: 1 | -1): void {
    const nature = this.place.nature[bin]!;
    if (!nature) return;
    for (let bit = 0; bit < NATURES; bit++) if (nature & (1 << bit)) this.natures[space * NATURES + bit]! += by;
  }
  /** Whether nothing stands in the space beside which it must not stand. @param own it stands there itself */
  mayJoin(bin: number, space: number, own = false): boolean {
    const apart = this.place.notBeside[bin]!;
    if (!apart) return true;
    const nature = own ? this.place.nature[bin]! : 0;
    for (let bit = 0; bit < NATURES; bit++)
      if (apart & (1 << bit) && this.natures[space * NATURES + bit]! > (nature & (1 << bit) ? 1 : 0)) return false;
    return true;
  }

  joining(bin: number, space: number): number {
    const group = this.place.group[bin]!;
    if (group < 0) return 0;
    const units = this.members[group]!;
    return units.size && !units.has(this.place.unit[space]!) ? GROUP_SPLIT : 0;
  }

  /** Seconds a week of a bin where it stands, with what has to be moved first. */
  costOf(box: Box): number {
    return this.standing(box.bin, box.space, box.z0) + this.place.moving[box.bin]! * box.blocked;
  }

  put(box: Box): void {
    const { place } = this;
    const { bin, space } = box;
    box.blocked = 0;
    this.version[space]!++;
    const front = !place.top[space];
    for (const other of this.inside[space]!) {
      if (front && isBefore(other, box)) box.blocked++;
      if (front && isBefore(box, other)) {
        other.blocked++;
        this.effort += place.moving[other.bin]!;
      }
    }
    for (let under = box.on; under; under = under.on) {
      under.blocked++;
      this.effort += place.moving[under.bin]!;
    }
    if (box.on) box.on.carries++;
    this.effort += this.joining(bin, space);
    const group = place.group[bin]!;
    if (group >= 0) {
      const units = this.members[group]!;
      units.set(place.unit[space]!, (units.get(place.unit[space]!) ?? 0) + 1);
    }
    this.inside[space]!.push(box);
    this.boxes[bin] = box;
    this.load[space]! += place.mass[bin]!;
    this.count(bin, space, 1);
    this.effort += this.costOf(box) - UNPLACED;
    this.unplaced--;
  }

  /** Takes out what nothing stands on. */
  take(bin: number): Box {
    const { place } = this;
    const box = this.boxes[bin]!;
    const { space } = box;
    this.version[space]!++;
    this.effort -= this.costOf(box) - UNPLACED;
    this.unplaced++;
    const list = this.inside[space]!;
    list[list.indexOf(box)] = list[list.length - 1]!;
    list.pop();
    this.boxes[bin] = null;
    this.load[space]! -= place.mass[bin]!;
    this.count(bin, space, -1);
    const front = !place.top[space];
    for (const other of list)
      if (front && isBefore(box, other)) {
        other.blocked--;
        this.effort -= place.moving[other.bin]!;
      }
    for (let under = box.on; under; under = under.on) {
      under.blocked--;
      this.effort -= place.moving[under.bin]!;
    }
    if (box.on) box.on.carries--;
    const group = place.group[bin]!;
    if (group >= 0) {
      const units = this.members[group]!;
      const left = units.get(place.unit[space]!)! - 1;
      if (left) units.set(place.unit[space]!, left);
      else units.delete(place.unit[space]!);
    }
    this.effort -= this.joining(bin, space);
    return box;
  }

  /** Two bins of one size change places. @returns by how much the effort changed, or null where a rule is broken */
  swap(a: Box, b: Box): number | null {
    const { place } = this;
    if (!this.mayStandAs(b.bin, a) || !this.mayStandAs(a.bin, b)) return null;
    const difference = place.mass[b.bin]! - place.mass[a.bin]!;
    if (a.space !== b.space) {
      if (this.load[a.space]! + difference > place.maxLoad[a.space]!) return null;
      if (this.load[b.space]! - difference > place.maxLoad[b.space]!) return null;
    }
    const before = this.effort;
    const [binA, binB] = [a.bin, b.bin];
    const boxA = { ...a };
    this.exchange(a, binB);
    this.exchange(b, binA);
    const apart = this.mayJoin(a.bin, a.space, true) && this.mayJoin(b.bin, b.space, true);
    if (!apart || !this.bears(a) || !this.bears(b)) {
      this.exchange(a, boxA.bin);
      this.exchange(b, binB);
      this.effort = before;
      return null;
    }
    return this.effort - before;
  }

  private mayStandAs(bin: number, box: Box): boolean {
    const { place } = this;
    return (
      place.base[bin * place.spaces + box.space]! < Infinity &&
      (!box.blocked || !place.ofChild[bin]) &&
      this.reaches(bin, box.space, box.z0)
    );
  }

  /** What stands on it and what it stands on keep to the rule of weights. */
  private bears(box: Box): boolean {
    const { mass } = this.place;
    if (box.on && mass[box.on.bin]! < mass[box.bin]!) return false;
    if (!box.carries) return true;
    for (const other of this.inside[box.space]!)
      if (other.on === box && mass[other.bin]! > mass[box.bin]!) return false;
    return true;
  }

  /** The box is another bin's from now on; its size stays. */
  private exchange(box: Box, bin: number): void {
    const { place } = this;
    const { space } = box;
    const old = box.bin;
    this.effort -= this.costOf(box);
    this.leave(old, space);
    box.bin = bin;
    this.boxes[bin] = box;
    this.load[space]! += place.mass[bin]! - place.mass[old]!;
    this.count(old, space, -1);
    this.count(bin, space, 1);
    this.enter(bin, space);
    this.effort += this.costOf(box);
  }
  private leave(bin: number, space: number): void {
    const group = this.place.group[bin]!;
    if (group < 0) return;
    const units = this.members[group]!;
    const unit = this.place.unit[space]!;
    const left = (units.get(unit) ?? 0) - 1;
    if (left > 0) units.set(unit, left);
    else {
      units.delete(unit);
      if (units.size) this.effort -= GROUP_SPLIT;
    }
  }
  private enter(bin: number, space: number): void {
    const group = this.place.group[bin]!;
    if (group < 0) return;
    this.effort += this.joining(bin, space);
    const units = this.members[group]!;
    const unit = this.place.unit[space]!;
    units.set(unit, (units.get(unit) ?? 0) + 1);
  }
}
