/**
 * What every packing must keep, as knapsack constraints over how many of each type are taken: Σ weight × taken ≤ 1.
 * On a shelf a third function weighs the height, so that what one line of sight from above meets sums to no more than 1.
 */
import { dffsFor, fullestSum, type Dff } from './dff.ts';
import type { Pieces } from './pieces.ts';
import { Scales, type Shares } from './scales.ts';
import { Supports } from './supports.ts';
import type { FitProblem } from './problem.ts';

export type Cut = Float64Array;

/** Guards against binary rounding: a constraint counts as broken only beyond it. */
export const SLIP = 1e-7;

/** Weights of heights for lines of sight from above; containers on which nothing may stand count by what can be beneath. */
function sights(problem: FitProblem): Float64Array[] {
  const { compartment, containers } = problem;
  if (!containers.some((one) => one.stackable)) return [new Float64Array(containers.length).fill(1)];
  const H = compartment.height;
  const beneath = containers
    .filter((one) => one.stackable)
    .flatMap((one) => Array.from({ length: Math.min(one.count, Math.floor(H / one.height)) }, () => one.height));
  const list = [Float64Array.from(containers, (one) => (one.stackable ? 0 : 1))];
  for (const f of dffsFor(
    H,
    containers.map((one) => one.height),
    MOST_FUNCTIONS,
  ))
    list.push(
      Float64Array.from(containers, (one) =>
        one.stackable ? f(one.height) : Math.max(f(one.height), 1 - mostBeneath(H - one.height, beneath, f)),
      ),
    );
  return list;
}

/** Largest sum of f over stackable heights that together are no higher than `room`. */
function mostBeneath(room: number, heights: readonly number[], f: Dff): number {
  const best = new Float64Array(room + 1);
  for (const height of heights) {
    const worth = f(height);
    for (let at = room; at >= height; at--) best[at] = Math.max(best[at]!, best[at - height]! + worth);
  }
  return best[room]!;
}

/** With heights to combine them with, so many functions of each direction, and of the heights. */
const MOST_FUNCTIONS = 16;
/** On a bare floor so many of each direction. */
const MOST_FLAT = 40;
/** So many functions of each direction are combined where stacking is looked at: the first ones tell most. */
const FLOOR_FUNCTIONS = 6;

/** Times that each direction's shares are made anew for the other's. */
const TURNS = 2;

/** The lesser of the two ways; a way that does not fit is infinite, or no number where it meets a zero. 2 where none fits. */
function floorWeight(straight: number, turned: number): number {
  const one = straight < Infinity ? straight : 2;
  return turned < one ? turned : one;
}

/** Finds constraints that a choice breaks; made once for a problem. */
export class Cuts {
  private readonly types: number;
  private readonly across: Float64Array[] = [];
  private readonly into: Float64Array[] = [];
  private readonly turnedAcross: Float64Array[] = [];
  private readonly turnedInto: Float64Array[] = [];
  private readonly sight: Float64Array[];
  private readonly supports: Supports | null;
  private readonly makeScales: () => { across: Scales; into: Scales };
  private scales: { across: Scales; into: Scales } | null = null;
  /** Weights of a container on the floor, and what the top of each type can carry of them. */
  private readonly carried: { weight: Float64Array; capacity: Float64Array }[] = [];

  /** @param pieces the containers as rectangles, their sides lifted where that is allowed */
  constructor(problem: FitProblem, pieces: Pieces) {
    this.types = problem.containers.length;
    const { width, depth } = problem.compartment;
    const most = problem.containers.some((one) => one.stackable) ? MOST_FUNCTIONS : MOST_FLAT;
    this.tables(width, pieces.width, pieces.turnedWidth, pieces, this.across, this.turnedAcross, most);
    this.tables(depth, pieces.depth, pieces.turnedDepth, pieces, this.into, this.turnedInto, most);
    this.makeScales = () => ({
      across: new Scales(width, pieces, pieces.width, pieces.turnedWidth),
      into: new Scales(depth, pieces, pieces.depth, pieces.turnedDepth),
    });
    this.sight = sights(problem);
    this.supports = this.sight.length > 1 ? new Supports(problem) : null;
    if (this.supports)
      for (let i = 0; i < Math.min(FLOOR_FUNCTIONS, this.across.length); i++)
        for (let j = 0; j < Math.min(FLOOR_FUNCTIONS, this.into.length); j++) {
          const weight = this.floorWeights(i, j);
          if (weight.some((one) => one === 2)) continue;
          this.carried.push({ weight, capacity: this.supports.capacities(weight, this.topWeights(i, j)) });
        }
  }

  private tables(
    whole: number,
    straight: Int32Array,
    turned: Int32Array,
    { types, turnable, count }: Pieces,
    to: Float64Array[],
    toTurned: Float64Array[],
    most: number,
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
    for (const f of dffsFor(size, occurring, most)) {
      to.push(Float64Array.from(straight, (side) => (side <= size ? f(side) : Infinity)));
      toTurned.push(Float64Array.from(turned, (side, t) => (turnable[t] && side <= size ? f(side) : Infinity)));
    }
  }

  /** Share of the floor under two functions; a type that fits no way has 2, so that none of it is taken. */
  private floorWeights(i: number, j: number): Float64Array {
    return Float64Array.from({ length: this.types }, (_, t) =>
      floorWeight(this.across[i]![t]! * this.into[j]![t]!, this.turnedAcross[i]![t]! * this.turnedInto[j]![t]!),
    );
  }

  /** The same for what stands within a container's top, whichever way it is turned. */
  private topWeights(i: number, j: number): Float64Array {
    return Float64Array.from({ length: this.types }, (_, t) => {
      const ways = [this.across[i]![t]! * this.into[j]![t]!, this.turnedAcross[i]![t]! * this.turnedInto[j]![t]!];
      return Math.max(...ways.filter((way) => way < Infinity));
    });
  }

  private weights(i: number, j: number, k: number): Cut {
    return this.floorWeights(i, j).map((floor, t) => (floor === 2 ? 2 : floor * this.sight[k]![t]!));
  }

  /** The plain area (or volume) constraints to begin with. */
  first(): Cut[] {
    if (!this.across.length || !this.into.length) return [new Float64Array(this.types).fill(2)];
    return this.sight.length > 1 ? [this.weights(0, 0, 0), this.weights(0, 0, 1)] : [this.weights(0, 0, 0)];
  }

  /**
   * The constraint with shares of both directions made for a choice, where it breaks that; costs some milliseconds.
   * They take turns, from the pair of functions under which the choice weighs most.
   */
  *sharpest(taken: ArrayLike<number>): Generator<void, Cut | null> {
    if (!this.across.length || !this.into.length) return null;
    const { i, j, k } = this.heaviest(taken, 0);
    const amount = Float64Array.from({ length: this.types }, (_, t) => taken[t]! * this.sight[k]![t]!);
    let across: Shares = { straight: this.across[i]!, turned: this.turnedAcross[i]! };
    let into: Shares = { straight: this.into[j]!, turned: this.turnedInto[j]! };
    this.scales ??= this.makeScales();
    for (let turn = 0; turn < TURNS; turn++) {
      across = yield* this.scales.across.best(amount, into);
      yield;
      into = yield* this.scales.into.best(amount, across);
      yield;
    }
    const cut = Float64Array.from({ length: this.types }, (_, t) => {
      const floor = floorWeight(across.straight[t]! * into.straight[t]!, across.turned[t]! * into.turned[t]!);
      return floor === 2 ? 2 : floor * this.sight[k]![t]!;
    });
    let sum = 0;
    for (let t = 0; t < this.types; t++) if (taken[t]! > 1e-9) sum += taken[t]! * cut[t]!;
    return sum > 1 + SLIP ? cut : null;
  }

  /** The constraint that a choice (how many of each type, whole or fractional) breaks most, or null. */
  mostBroken(taken: ArrayLike<number>): Cut | null {
    const found = this.heaviest(taken, 1 + SLIP);
    let worst = found.sum;
    let cut = worst > 1 + SLIP ? this.weights(found.i, found.j, found.k) : null;
    for (const { weight, capacity } of this.carried) {
      const broken = this.supports!.broken(taken, weight, capacity, worst - 1);
      if (!broken) continue;
      worst = 1 + broken.by;
      cut = broken.cut;
    }
    return cut;
  }

  /** The functions under which a choice weighs most, if that is more than `least`; else the plain ones. */
  private heaviest(taken: ArrayLike<number>, least: number): { i: number; j: number; k: number; sum: number } {
    const found = { i: 0, j: 0, k: 0, sum: least };
    const types: number[] = [];
    for (let t = 0; t < taken.length; t++) if (taken[t]! > 1e-9) types.push(t);
    for (let k = 0; k < this.sight.length; k++) {
      const sight = this.sight[k]!;
      for (let i = 0; i < this.across.length; i++) {
        const a = this.across[i]!;
        const ta = this.turnedAcross[i]!;
        for (let j = 0; j < this.into.length; j++) {
          const b = this.into[j]!;
          const tb = this.turnedInto[j]!;
          let sum = 0;
          for (const t of types) sum += taken[t]! * sight[t]! * floorWeight(a[t]! * b[t]!, ta[t]! * tb[t]!);
          if (sum > found.sum) Object.assign(found, { i, j, k, sum });
        }
      }
    }
    return found;
  }
}
