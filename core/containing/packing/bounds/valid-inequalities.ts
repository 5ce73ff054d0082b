/**
 * What every packing of a bare floor must keep, as knapsack constraints over how many of each type are taken:
 * Σ weight × taken ≤ 1. A weight is the product of one function for the width and one for the depth.
 */
import { dualFeasibleFunctionsFor, fullestSum } from './dual-feasible-functions.ts';
import type { Floor, ItemTypes } from '../item-types.ts';
import { ConservativeScales, type Shares } from './conservative-scales.ts';

export type ValidInequality = Float64Array;

/** Where constraints come from that every choice of containers must keep. */
export interface InequalitySource {
  /** Those to begin with. */
  first(): ValidInequality[];
  /** One that a choice (how many of each type, whole or in parts) breaks, told quickly; null where none is known. */
  maxBroken(taken: ArrayLike<number>): ValidInequality | null;
  /** One that takes longer to find; null where there is none. */
  sharpest(taken: ArrayLike<number>): Generator<void, ValidInequality | null>;
}

/** Guards against binary rounding: a constraint counts as broken only beyond it. */
export const EPSILON = 1e-7;

/** So many functions of each direction at most. */
const MAX_FUNCTIONS = 40;

/** Times that each direction's shares are made anew for the other's. */
const TURNS = 2;

/** The lesser of the two ways; a way that does not fit is infinite, or no number where it meets a zero. 2 where none fits. */
function floorWeight(straight: number, turned: number): number {
  const one = straight < Infinity ? straight : 2;
  return turned < one ? turned : one;
}

/** Finds constraints that a choice breaks; made once for a problem. */
export class ValidInequalities implements InequalitySource {
  private readonly types: number;
  private readonly across: Float64Array[] = [];
  private readonly into: Float64Array[] = [];
  private readonly turnedAcross: Float64Array[] = [];
  private readonly turnedInto: Float64Array[] = [];
  private readonly makeScales: () => { across: ConservativeScales; into: ConservativeScales };
  private scales: { across: ConservativeScales; into: ConservativeScales } | null = null;

  /** @param pieces sides lifted where that is allowed */
  constructor({ width, depth }: Floor, pieces: ItemTypes) {
    this.types = pieces.types;
    this.tables(width, pieces.width, pieces.turnedWidth, pieces, this.across, this.turnedAcross);
    this.tables(depth, pieces.depth, pieces.turnedDepth, pieces, this.into, this.turnedInto);
    this.makeScales = () => ({
      across: new ConservativeScales(width, pieces, pieces.width, pieces.turnedWidth),
      into: new ConservativeScales(depth, pieces, pieces.depth, pieces.turnedDepth),
    });
  }

  private tables(
    whole: number,
    straight: Int32Array,
    turned: Int32Array,
    { types, turnable, count }: ItemTypes,
    to: Float64Array[],
    toTurned: Float64Array[],
  ): void {
    const occurring: number[] = [];
    for (let t = 0; t < types; t++)
      for (let n = 0; n < count[t]!; n++) occurring.push(straight[t]!, ...(turnable[t] ? [turned[t]!] : []));
    // Floor that no sum of sides can reach is no floor.
    const size = fullestSum(
      whole,
      occurring.filter((side) => side <= whole),
    );
    if (size <= 0) return;
    for (const f of dualFeasibleFunctionsFor(size, occurring, MAX_FUNCTIONS)) {
      to.push(Float64Array.from(straight, (side) => (side <= size ? f(side) : Infinity)));
      toTurned.push(Float64Array.from(turned, (side, t) => (turnable[t] && side <= size ? f(side) : Infinity)));
    }
  }

  /** Share of the floor under two functions; a type that fits no way has 2, so that none of it is taken. */
  private weights(i: number, j: number): ValidInequality {
    return Float64Array.from({ length: this.types }, (_, t) =>
      floorWeight(this.across[i]![t]! * this.into[j]![t]!, this.turnedAcross[i]![t]! * this.turnedInto[j]![t]!),
    );
  }

  /** The plain area. */
  first(): ValidInequality[] {
    if (!this.across.length || !this.into.length) return [new Float64Array(this.types).fill(2)];
    return [this.weights(0, 0)];
  }

  /**
   * The constraint with shares of both directions made for a choice, where it breaks that; costs some milliseconds.
   * They take turns, from the pair of functions under which the choice weighs most.
   */
  *sharpest(taken: ArrayLike<number>): Generator<void, ValidInequality | null> {
    if (!this.across.length || !this.into.length) return null;
    const { i, j } = this.heaviest(taken, 0);
    let across: Shares = { straight: this.across[i]!, turned: this.turnedAcross[i]! };
    let into: Shares = { straight: this.into[j]!, turned: this.turnedInto[j]! };
    yield;
    this.scales ??= this.makeScales();
    yield;
    for (let turn = 0; turn < TURNS; turn++) {
      across = yield* this.scales.across.best(taken, into);
      yield;
      into = yield* this.scales.into.best(taken, across);
      yield;
    }
    const cut = Float64Array.from({ length: this.types }, (_, t) =>
      floorWeight(across.straight[t]! * into.straight[t]!, across.turned[t]! * into.turned[t]!),
    );
    let sum = 0;
    for (let t = 0; t < this.types; t++) if (taken[t]! > 1e-9) sum += taken[t]! * cut[t]!;
    return sum > 1 + EPSILON ? cut : null;
  }

  /** The constraint that a choice (how many of each type, whole or fractional) breaks most, or null. */
  maxBroken(taken: ArrayLike<number>): ValidInequality | null {
    const found = this.heaviest(taken, 1 + EPSILON);
    return found.sum > 1 + EPSILON ? this.weights(found.i, found.j) : null;
  }

  /** The functions under which a choice weighs most, if that is more than `least`; else the plain ones. */
  private heaviest(taken: ArrayLike<number>, least: number): { i: number; j: number; sum: number } {
    const found = { i: 0, j: 0, sum: least };
    const types: number[] = [];
    for (let t = 0; t < taken.length; t++) if (taken[t]! > 1e-9) types.push(t);
    for (let i = 0; i < this.across.length; i++) {
      const a = this.across[i]!;
      const ta = this.turnedAcross[i]!;
      for (let j = 0; j < this.into.length; j++) {
        const b = this.into[j]!;
        const tb = this.turnedInto[j]!;
        let sum = 0;
        for (const t of types) sum += taken[t]! * floorWeight(a[t]! * b[t]!, ta[t]! * tb[t]!);
        if (sum > found.sum) Object.assign(found, { i, j, sum });
      }
    }
    return found;
  }
}
