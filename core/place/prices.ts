/**
 * What each bin pays for being placed: a lone bin one price, a grouped bin one for each unit near its group and one for
 * all others. They follow the subgradient, smoothed (Camerini, Fratta and Maffioli 1975), with Polyak's step.
 */
import type { CompiledPlace } from './compile.ts';
import { Division, type PricedGroup } from './division.ts';
import { UNPLACED } from './problem.ts';
import type { Reach } from './reach.ts';
import type { RoomFor } from './room-for.ts';

/** Share of the last direction that is kept. */
const SMOOTHING = 0.8;

export class Prices {
  /** Lone bins first, one each, then the groups' rows: by member, a column for each unit. */
  readonly price: Float64Array;
  readonly best: Float64Array;
  /** Wanted less taken this round. */
  readonly gap: Float64Array;
  /** Where the price stands that a bin pays for each of its choices. */
  readonly payAt: Int32Array[];
  readonly groups: PricedGroup[] = [];
  /** What each group pays in this round. */
  readonly groupPays: Float64Array;
  readonly division: Division;
  /** The bin that pays each price, and what it may not exceed. */
  private readonly payer: Int32Array;
  private readonly most: Float64Array;
  /** Where prices went lately. */
  private readonly drift: Float64Array;
  private readonly loners: number[];
  /** Whether any compartment can take a lone bin. */
  private readonly wanted: Uint8Array;

  /** @param before the prices so far, where lists were made longer: they go on */
  constructor(place: CompiledPlace, reach: Reach, rooms: readonly RoomFor[], before?: Prices) {
    const { unitOf, groupOf, inGroup, bins } = place;
    const { choices, limit } = reach;
    const start: number[] = [];
    const payer: number[] = [];
    this.payAt = choices.map((own) => new Int32Array(own.length));
    this.loners = Array.from({ length: bins }, (_, b) => b).filter((b) => groupOf[b]! < 0);
    for (const b of this.loners) {
      this.payAt[b]!.fill(start.length);
      // Prices begin where no compartment gains: each bin pays its best place, in each unit.
      start.push(place.choiceCosts[b]![0] ?? UNPLACED);
      payer.push(b);
    }
    this.wanted = Uint8Array.from(this.loners, (b) => (choices[b]!.length ? 1 : 0));
    const column = new Int32Array(place.units).fill(-1);
    inGroup.forEach((group, g) => {
      const units = [...new Set(group.flatMap((b) => Array.from(choices[b]!, (c) => unitOf[c]!)))];
      units.forEach((unit, u) => (column[unit] = u));
      const columns = units.length + 1;
      rooms[g]!.layOut(units);
      this.groups.push({ members: group.length, columns, units, at: start.length, room: rooms[g]! });
      for (const b of group) {
        const row = start.length;
        // Where its list is whole, another unit is closed to it; else it costs at least the limit there.
        for (let u = 0; u < columns; u++) {
          start.push(limit[b]!);
          payer.push(b);
        }
        choices[b]!.forEach((c, i) => {
          const at = row + column[unitOf[c]!]!;
          this.payAt[b]![i] = at;
          start[at] = Math.min(start[at]!, place.costs.at(b, c));
        });
      }
    });
    this.price = Float64Array.from(start);
    this.best = this.price.slice();
    this.payer = Int32Array.from(payer);
    this.most = Float64Array.from(payer, (b) => limit[b]!);
    this.gap = new Float64Array(start.length);
    this.drift = new Float64Array(start.length);
    this.groupPays = new Float64Array(this.groups.length);
    this.division = new Division(this.price);
    if (before) this.carryOn(before);
  }

  /** Takes over prices; a unit new to a group begins where all others stood. */
  private carryOn(before: Prices): void {
    for (const [to, from] of [
      [this.price, before.price],
      [this.best, before.best],
      [this.drift, before.drift],
    ] as const) {
      to.set(from.subarray(0, this.loners.length));
      this.groups.forEach(({ at, columns, units, members }, g) => {
        const old = before.groups[g]!;
        const oldColumn = new Map(old.units.map((unit, u) => [unit, u]));
        const source = Int32Array.from({ length: columns }, (_, u) => oldColumn.get(units[u] ?? -1) ?? old.columns - 1);
        for (let m = 0; m < members; m++)
          for (let u = 0; u < columns; u++) to[at + m * columns + u] = from[old.at + m * old.columns + source[u]!]!;
      });
    }
  }

  /** What the bins pay where each, or each group, pays least. */
  paid(): number {
    const { price, gap } = this;
    let sum = 0;
    for (let i = 0; i < this.loners.length; i++) {
      sum += price[i]!;
      // Nobody can take it: its price stands.
      if (this.wanted[i]) gap[i]! += 1;
    }
    for (let g = 0; g < this.groups.length; g++) {
      this.groupPays[g] = this.division.pays(this.groups[g]!, gap);
      sum += this.groupPays[g]!;
    }
    return sum;
  }

  /** Changes the prices against the gap; `length` is how far the bound is hoped to rise. */
  step(length: number): void {
    const { price, gap, drift, most } = this;
    let norm = 0;
    for (let i = 0; i < drift.length; i++) {
      drift[i] = gap[i]! + SMOOTHING * drift[i]!;
      norm += drift[i]! * drift[i]!;
    }
    gap.fill(0);
    if (norm < 1e-9) return;
    const step = length / norm;
    for (let i = 0; i < price.length; i++)
      if (drift[i]! !== 0) price[i] = Math.max(0, Math.min(most[i]!, price[i]! + step * drift[i]!));
  }

  /** The bins that would pay more than they may. */
  pressed(): Set<number> {
    const { price, most, drift, payer } = this;
    const bins = new Set<number>();
    for (let i = 0; i < price.length; i++) if (drift[i]! > 0 && price[i]! >= most[i]! - 1e-9) bins.add(payer[i]!);
    return bins;
  }
}
