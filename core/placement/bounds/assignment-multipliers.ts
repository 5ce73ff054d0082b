/**
 * What each bin pays for being placed: a lone bin one price, a grouped bin one for each unit near its group and one for
 * all others. They follow the subgradient, smoothed (Camerini, Fratta and Maffioli 1975), with Polyak's step.
 */
import type { CompiledPlace } from '../compiled/compile.ts';
import { Division, type PricedGroup } from './group-partition.ts';
import type { Reach } from './candidate-lists.ts';
import type { RoomFor } from './group-fits.ts';

/** Share of the last direction that is kept. */
const SMOOTHING = 0.9;

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

  /** @param before the rents that prices begin with, or the prices so far, where lists were made longer: they go on */
  constructor(place: CompiledPlace, reach: Reach, rooms: readonly RoomFor[], before: Prices | Float64Array) {
    const { groupOf, inGroup, bins } = place;
    const { choices, limit } = reach;
    this.loners = Array.from({ length: bins }, (_, b) => b).filter((b) => groupOf[b]! < 0);
    let length = this.loners.length;
    const column = new Int32Array(place.units);
    inGroup.forEach((group, g) => {
      const units = unitsNear(place, choices, group, column);
      const columns = units.length + 1;
      rooms[g]!.layOut(units);
      this.groups.push({ members: group.length, columns, units, at: length, room: rooms[g]! });
      length += group.length * columns;
    });
    this.price = new Float64Array(length);
    this.payer = new Int32Array(length);
    this.payAt = choices.map((own) => new Int32Array(own.length));
    this.loners.forEach((b, i) => {
      this.payAt[b]!.fill(i);
      this.price[i] = limit[b]!;
      this.payer[i] = b;
    });
    this.wanted = Uint8Array.from(this.loners, (b) => (choices[b]!.length ? 1 : 0));
    inGroup.forEach((group, g) => {
      const { units, columns, at } = this.groups[g]!;
      for (let u = 0; u < units.length; u++) column[units[u]!] = u;
      for (let m = 0; m < group.length; m++) {
        const b = group[m]!;
        const row = at + m * columns;
        // Where its list is whole, another unit is closed to it; else it costs at least the limit there.
        this.price.fill(limit[b]!, row, row + columns);
        this.payer.fill(b, row, row + columns);
        const own = choices[b]!;
        const payAt = this.payAt[b]!;
        for (let i = 0; i < own.length; i++) payAt[i] = row + column[place.unitOf[own[i]!]!]!;
      }
    });
    this.most = this.price.slice();
    this.best = new Float64Array(length);
    this.gap = new Float64Array(length);
    this.drift = new Float64Array(length);
    this.groupPays = new Float64Array(this.groups.length);
    this.division = new Division(this.price);
    if (before instanceof Prices) this.carryOn(before, column);
    else this.begin(place, reach, before);
  }

  /** Each bin begins with the least of effort and rent, in each unit if it belongs to a group. */
  private begin(place: CompiledPlace, { choices, asked }: Reach, rents: Float64Array): void {
    const { price, payAt } = this;
    for (let b = 0; b < choices.length; b++) {
      const own = choices[b]!;
      const at = payAt[b]!;
      const its = asked[b]!;
      const wide = place.width[b]!;
      for (let i = 0; i < own.length; i++) {
        const pays = its[i]! + rents[own[i]!]! * wide;
        if (pays < price[at[i]!]!) price[at[i]!] = pays;
      }
    }
    this.best.set(price);
  }

  /** Takes over prices; a unit new to a group begins where all others stood. */
  private carryOn(before: Prices, column: Int32Array): void {
    const { groups, loners } = this;
    // Where each price comes from.
    const source = new Int32Array(this.price.length);
    for (let i = 0; i < loners.length; i++) source[i] = i;
    column.fill(-1);
    groups.forEach(({ at, columns, units, members }, g) => {
      const old = before.groups[g]!;
      for (let u = 0; u < old.units.length; u++) column[old.units[u]!] = u;
      for (let u = 0; u < columns; u++) {
        const known = u < units.length ? column[units[u]!]! : -1;
        const from = known < 0 ? old.columns - 1 : known;
        for (let m = 0; m < members; m++) source[at + m * columns + u] = old.at + m * old.columns + from;
      }
      for (let u = 0; u < old.units.length; u++) column[old.units[u]!] = -1;
    });
    for (let i = 0; i < source.length; i++) {
      const from = source[i]!;
      this.price[i] = before.price[from]!;
      this.best[i] = before.best[from]!;
      this.drift[i] = before.drift[from]!;
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

/** The units of all the choices of a group's members; `mark` has a number for each unit, to be written over. */
function unitsNear(
  { unitOf }: CompiledPlace,
  choices: readonly Int32Array[],
  group: readonly number[],
  mark: Int32Array,
): number[] {
  mark.fill(0);
  const units: number[] = [];
  for (const b of group) {
    const own = choices[b]!;
    for (let i = 0; i < own.length; i++) {
      const unit = unitOf[own[i]!]!;
      if (mark[unit]) continue;
      mark[unit] = 1;
      units.push(unit);
    }
  }
  return units;
}
