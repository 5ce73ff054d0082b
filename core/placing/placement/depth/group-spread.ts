/** Over which units, or compartments, each group is spread, and what every one after the first costs. */
import { groupedBy } from '../../../ground/model/grouped-by.ts';
import type { CompiledDepth } from './compiled.ts';

/** Groups of two and more of which none stays where it stands. */
export function looseGroups({ bins, group }: CompiledDepth, isFixed: (bin: number) => boolean): number[][] {
  const all = Array.from({ length: bins }, (_, bin) => bin);
  const members = groupedBy(all, (bin) => (group[bin]! < 0 ? null : String(group[bin])));
  return [...members.values()].filter((own) => own.length > 1 && !own.some(isFixed));
}

export class GroupSpread {
  private readonly group: Int32Array;
  private readonly unit: Int32Array;
  private readonly units: number;
  /** Of every unit after the first, seconds a week. */
  private readonly seconds: number;
  /** By group and unit: how many of its bins stand there; by group: in how many units. */
  private readonly members: Int32Array;
  private readonly unitsOf: Int32Array;

  /** @param group by bin, -1 for none @param seconds of every unit after the first */
  constructor(
    { unit, units }: Pick<CompiledDepth, 'unit' | 'units'>,
    group: Int32Array,
    groups: number,
    seconds: number,
  ) {
    this.group = group;
    this.unit = unit;
    this.units = units;
    this.seconds = seconds;
    this.members = new Int32Array(groups * units);
    this.unitsOf = new Int32Array(groups);
  }

  /** What a bin's group costs more when it goes there. */
  joining(bin: number, space: number): number {
    const group = this.group[bin]!;
    if (group < 0 || !this.unitsOf[group]) return 0;
    return this.members[group * this.units + this.unit[space]!] ? 0 : this.seconds;
  }
  /** Counts a bin in or out. @returns what its group costs more */
  count(bin: number, space: number, by: 1 | -1): number {
    const group = this.group[bin]!;
    if (group < 0) return 0;
    const at = group * this.units + this.unit[space]!;
    this.members[at]! += by;
    if (this.members[at] !== (by > 0 ? 1 : 0)) return 0;
    this.unitsOf[group]! += by;
    return this.unitsOf[group]! > (by > 0 ? 1 : 0) ? by * this.seconds : 0;
  }

  /** What the groups of two bins cost more when these change places. */
  swapCost(a: number, spaceA: number, b: number, spaceB: number): number {
    const unitA = this.unit[spaceA]!;
    const unitB = this.unit[spaceB]!;
    const groupA = this.group[a]!;
    const groupB = this.group[b]!;
    if (unitA === unitB || groupA === groupB) return 0;
    return this.moveCost(groupA, unitA, unitB) + this.moveCost(groupB, unitB, unitA);
  }
  private moveCost(group: number, from: number, to: number): number {
    if (group < 0) return 0;
    const opened = this.members[group * this.units + to] === 0 ? this.seconds : 0;
    return opened - (this.members[group * this.units + from] === 1 ? this.seconds : 0);
  }
  swap(a: number, spaceA: number, b: number, spaceB: number): void {
    this.count(a, spaceA, -1);
    this.count(b, spaceB, -1);
    this.count(a, spaceB, 1);
    this.count(b, spaceA, 1);
  }
}
