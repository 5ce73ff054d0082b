/** Which kinds of container stand in each unit, and what every kind after the first costs: a unit of cubes is calm with one kind of basket. */
import type { CompiledDepth } from './compiled.ts';

export class KindsInUnit {
  private readonly place: CompiledDepth;
  /** By unit and kind: how many bins of it stand there; by unit: of how many kinds. */
  private readonly members: Int32Array;
  private readonly kindsIn: Int32Array;

  constructor(place: CompiledDepth) {
    this.place = place;
    this.members = new Int32Array(place.units * place.kinds);
    this.kindsIn = new Int32Array(place.units);
  }

  /** What a unit's kinds cost more when a bin goes there. */
  joining(bin: number, space: number): number {
    const { kind, kinds, kindSeconds, unit } = this.place;
    const own = kind[bin]!;
    const at = unit[space]!;
    if (own < 0 || !this.kindsIn[at]) return 0;
    return this.members[at * kinds + own] ? 0 : kindSeconds[at]!;
  }
  /** Counts a bin in or out. @returns what its unit's kinds cost more */
  count(bin: number, space: number, by: 1 | -1): number {
    const { kind, kinds, kindSeconds, unit } = this.place;
    const own = kind[bin]!;
    if (own < 0) return 0;
    const at = unit[space]!;
    this.members[at * kinds + own]! += by;
    if (this.members[at * kinds + own] !== (by > 0 ? 1 : 0)) return 0;
    this.kindsIn[at]! += by;
    return this.kindsIn[at]! > (by > 0 ? 1 : 0) ? by * kindSeconds[at]! : 0;
  }
  /** Two bins change places. @returns what it costs more */
  swap(a: number, spaceA: number, b: number, spaceB: number): number {
    const { kind, unit } = this.place;
    if (kind[a] === kind[b] || unit[spaceA] === unit[spaceB]) return 0;
    return this.count(a, spaceA, -1) + this.count(b, spaceB, -1) + this.count(a, spaceB, 1) + this.count(b, spaceA, 1);
  }
  /** What it would cost more, were they to change places. */
  swapCost(a: number, spaceA: number, b: number, spaceB: number): number {
    const cost = this.swap(a, spaceA, b, spaceB);
    this.swap(a, spaceB, b, spaceA);
    return cost;
  }
}
