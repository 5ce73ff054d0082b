/**
 * What each bin pays for being placed: a lone bin one price, a grouped bin one for each unit near its group and one for
 * all others. They follow the subgradient, smoothed (Camerini, Fratta and Maffioli 1975), with Polyak's step.
 */
import type { CompiledPlace } from '../compiled/compile.ts';
import { GroupPartition, type PricedGroup } from './group-partition.ts';
import type { CandidateLists } from './candidate-lists.ts';
import type { GroupFits } from './group-fits.ts';

/** Share of the last direction that is kept. */
const SMOOTHING = 0.9;

export class AssignmentMultipliers {
  /** Lone bins first, one each, then the groups' rows: by member, a column for each unit. */
  readonly multiplier: Float64Array;
  readonly best: Float64Array;
  /** Wanted less taken this round. */
  readonly subgradient: Float64Array;
  /** Where the price stands that a bin pays for each of its choices. */
  readonly multiplierAt: Int32Array[];
  readonly groups: PricedGroup[] = [];
  /** What each group pays in this round. */
  readonly groupPays: Float64Array;
  readonly partition: GroupPartition;
  /** The bin that pays each price, and what it may not exceed. */
  private readonly payer: Int32Array;
  private readonly maxMultiplier: Float64Array;
  /** Where prices went lately. */
  private readonly direction: Float64Array;
  private readonly ungrouped: number[];
  /** Whether any compartment can take a lone bin. */
  private readonly wanted: Uint8Array;

  /** @param before the width multipliers that prices begin with, or the prices so far, where lists were made longer: they go on */
  constructor(
    place: CompiledPlace,
    reach: CandidateLists,
    groupFits: readonly GroupFits[],
    before: AssignmentMultipliers | Float64Array,
  ) {
    const { groupOf, inGroup, bins } = place;
    const { choices, limit } = reach;
    this.ungrouped = Array.from({ length: bins }, (_, b) => b).filter((b) => groupOf[b]! < 0);
    let length = this.ungrouped.length;
    const column = new Int32Array(place.units);
    inGroup.forEach((group, g) => {
      const units = unitsNear(place, choices, group, column);
      const columns = units.length + 1;
      groupFits[g]!.setUnits(units);
      this.groups.push({ members: group.length, columns, units, at: length, fits: groupFits[g]! });
      length += group.length * columns;
    });
    this.multiplier = new Float64Array(length);
    this.payer = new Int32Array(length);
    this.multiplierAt = choices.map((choice) => new Int32Array(choice.length));
    this.ungrouped.forEach((b, i) => {
      this.multiplierAt[b]!.fill(i);
      this.multiplier[i] = limit[b]!;
      this.payer[i] = b;
    });
    this.wanted = Uint8Array.from(this.ungrouped, (b) => (choices[b]!.length ? 1 : 0));
    inGroup.forEach((group, g) => {
      const { units, columns, at } = this.groups[g]!;
      for (let u = 0; u < units.length; u++) column[units[u]!] = u;
      for (let m = 0; m < group.length; m++) {
        const b = group[m]!;
        const row = at + m * columns;
        // Where its list is whole, another unit is closed to it; else it costs at least the limit there.
        this.multiplier.fill(limit[b]!, row, row + columns);
        this.payer.fill(b, row, row + columns);
        const own = choices[b]!;
        const multiplierAt = this.multiplierAt[b]!;
        for (let i = 0; i < own.length; i++) multiplierAt[i] = row + column[place.unitOf[own[i]!]!]!;
      }
    });
    this.maxMultiplier = this.multiplier.slice();
    this.best = new Float64Array(length);
    this.subgradient = new Float64Array(length);
    this.direction = new Float64Array(length);
    this.groupPays = new Float64Array(this.groups.length);
    this.partition = new GroupPartition(this.multiplier);
    if (before instanceof AssignmentMultipliers) this.carryOn(before, column);
    else this.begin(place, reach, before);
  }

  /** Each bin begins with the least of effort and width multiplier, in each unit if it belongs to a group. */
  private begin(place: CompiledPlace, { choices, costs: asked }: CandidateLists, widthMultipliers: Float64Array): void {
    const { multiplier, multiplierAt } = this;
    for (let b = 0; b < choices.length; b++) {
      const own = choices[b]!;
      const at = multiplierAt[b]!;
      const its = asked[b]!;
      const wide = place.width[b]!;
      for (let i = 0; i < own.length; i++) {
        const pays = its[i]! + widthMultipliers[own[i]!]! * wide;
        if (pays < multiplier[at[i]!]!) multiplier[at[i]!] = pays;
      }
    }
    this.best.set(multiplier);
  }

  /** Takes over prices; a unit new to a group begins where all others stood. */
  private carryOn(before: AssignmentMultipliers, column: Int32Array): void {
    const { groups, ungrouped } = this;
    // Where each price comes from.
    const source = new Int32Array(this.multiplier.length);
    for (let i = 0; i < ungrouped.length; i++) source[i] = i;
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
      this.multiplier[i] = before.multiplier[from]!;
      this.best[i] = before.best[from]!;
      this.direction[i] = before.direction[from]!;
    }
  }

  /** What the bins pay where each, or each group, pays least. */
  paid(): number {
    const { multiplier, subgradient } = this;
    let sum = 0;
    for (let i = 0; i < this.ungrouped.length; i++) {
      sum += multiplier[i]!;
      // Nobody can take it: its price stands.
      if (this.wanted[i]) subgradient[i]! += 1;
    }
    for (let g = 0; g < this.groups.length; g++) {
      this.groupPays[g] = this.partition.pays(this.groups[g]!, subgradient);
      sum += this.groupPays[g]!;
    }
    return sum;
  }

  /** Changes the prices against the gap; `length` is how far the bound is hoped to rise. */
  step(length: number): void {
    const { multiplier, subgradient, direction, maxMultiplier } = this;
    let norm = 0;
    for (let i = 0; i < direction.length; i++) {
      direction[i] = subgradient[i]! + SMOOTHING * direction[i]!;
      norm += direction[i]! * direction[i]!;
    }
    subgradient.fill(0);
    if (norm < 1e-9) return;
    const step = length / norm;
    for (let i = 0; i < multiplier.length; i++)
      if (direction[i]! !== 0)
        multiplier[i] = Math.max(0, Math.min(maxMultiplier[i]!, multiplier[i]! + step * direction[i]!));
  }

  /** The bins that would pay more than they may. */
  saturated(): Set<number> {
    const { multiplier, maxMultiplier, direction, payer } = this;
    const bins = new Set<number>();
    for (let i = 0; i < multiplier.length; i++)
      if (direction[i]! > 0 && multiplier[i]! >= maxMultiplier[i]! - 1e-9) bins.add(payer[i]!);
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
