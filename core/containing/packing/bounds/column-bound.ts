/**
 * What a shelf holds at the most, told by whole columns: a container on the floor and all that stands on it. A linear
 * program shares the floor out among columns, and is given the column that promises most until none promises more than
 * its floor costs (column generation: Gilmore and Gomory 1961). Solved is its dual, with prices of containers and floor.
 */
import { runToEnd } from '../../../ground/engine/run-to-end.ts';
import { EPSILON, type ValidInequality, type InequalitySource, type ValidInequalities } from './valid-inequalities.ts';
import { Simplex } from '../../../ground/engine/simplex.ts';
import type { FitProblem } from '../../../ground/problems/fit-problem.ts';
import { StackCapacity } from './stack-capacity.ts';

/** Rounds of new columns at most; what comes out then is a weaker constraint, but holds. */
const MAX_ROUNDS = 200;
/** With more tops than that no constraint is found in one yield. */
const SOON = 40;
/** Floor constraints made to measure in one run. */
const SHARPENED = 4;

interface Column {
  base: number;
  /** How many of each type stand in it, its base among them. */
  contents: Float64Array;
  value: number;
}

/** What so many of each type come to. */
function together(each: ArrayLike<number>, amounts: ArrayLike<number>): number {
  let sum = 0;
  for (let t = 0; t < each.length; t++) sum += each[t]! * amounts[t]!;
  return sum;
}

export class ColumnBound implements InequalitySource {
  private readonly types: number;
  private readonly value: readonly number[];
  private readonly stacks: StackCapacity;
  private readonly floor: ValidInequalities;
  private readonly floorCuts: ValidInequality[];
  private readonly columns: Column[] = [];
  /** What is taken for nothing, in value. */
  private readonly slip: number;

  /** @param floor constraints of what stands on the floor, all of it in one layer */
  constructor(problem: FitProblem, floor: ValidInequalities) {
    this.types = problem.containers.length;
    this.value = problem.containers.map((container) => container.value);
    this.stacks = new StackCapacity(problem);
    this.floor = floor;
    this.floorCuts = floor.first();
    for (let t = 0; t < this.types; t++) this.columns.push(this.columnOn(t));
    this.slip = EPSILON * Math.max(...this.value);
  }

  /** The first prices tell more than the plain floor does. */
  first(): ValidInequality[] {
    return [];
  }

  maxBroken(taken: ArrayLike<number>): ValidInequality | null {
    return this.stacks.size > SOON ? null : runToEnd(this.broken(taken, 0));
  }

  *sharpest(taken: ArrayLike<number>): Generator<void, ValidInequality | null> {
    return (yield* this.broken(taken, 0)) ?? (yield* this.broken(taken, SHARPENED));
  }

  /**
   * Whatever is packed divides into columns. With weights (value less price) under which no column weighs more than its
   * base pays for the floor, nothing that is packed weighs more than the whole floor costs: that is the constraint, with
   * the prices under which the choice breaks it most.
   * @param sharpened floor constraints made to measure, at most
   */
  private *broken(taken: ArrayLike<number>, sharpened: number): Generator<void, ValidInequality | null> {
    let program = this.programOf(taken);
    for (let round = 1; ; round++) {
      const price = program.solve();
      const weight = Float64Array.from(this.value, (value, t) => value - price[t]!);
      const found = this.better(weight, price);
      for (const column of found) program.add(this.rowOf(column), -column.value);
      yield;
      if (found.length && round < MAX_ROUNDS) continue;
      const cut = round < MAX_ROUNDS ? yield* this.floorCut(this.onFloor(program), sharpened-- > 0) : null;
      if (!cut) return this.constraint(weight, price, taken);
      this.floorCuts.push(cut);
      program = this.programOf(taken);
    }
  }

  private *floorCut(standing: Float64Array, sharpen: boolean): Generator<void, ValidInequality | null> {
    return this.floor.maxBroken(standing) ?? (sharpen ? yield* this.floor.sharpest(standing) : null);
  }

  private constraint(weight: Float64Array, price: Float64Array, taken: ArrayLike<number>): ValidInequality | null {
    // Where a column still weighs more than its floor costs, its base is made lighter: so the constraint always holds.
    for (let base = 0; base < this.types; base++)
      weight[base]! -= Math.max(0, weight[base]! + this.stacks.most(base) - this.costOf(base, price));
    const floor = this.floorCuts.reduce((sum, _, k) => sum + price[this.types + k]!, 0);
    const sum = together(weight, taken);
    return floor > this.slip && sum > floor + this.slip ? weight.map((one) => one / floor) : null;
  }

  /** What the floor under a column on that base costs. */
  private costOf(base: number, price: Float64Array): number {
    return this.floorCuts.reduce((sum, cut, k) => sum + cut[base]! * price[this.types + k]!, 0);
  }

  /** Columns that weigh more than the floor under them costs, at most one for each base; weighs the tops. */
  private better(weight: Float64Array, price: Float64Array): Column[] {
    this.stacks.weigh(weight);
    const found: Column[] = [];
    for (let base = 0; base < this.types; base++) {
      const enough = this.costOf(base, price) + this.slip;
      if (weight[base]! + this.stacks.most(base) <= enough) continue;
      const column = this.columnOn(base);
      // The tops may count more than what they could name.
      if (together(weight, column.contents) > enough) found.push(column);
    }
    this.columns.push(...found);
    return found;
  }

  /** The column on that base which the tops were last weighed for; at first a base alone. */
  private columnOn(base: number): Column {
    const contents = new Float64Array(this.types);
    contents[base] = 1;
    this.stacks.addContents(base, contents);
    return { base, contents, value: together(this.value, contents) };
  }

  /** How many of each type the best shares have on the floor. */
  private onFloor(program: Simplex): Float64Array {
    const standing = new Float64Array(this.types);
    const shares = program.prices();
    this.columns.forEach(({ base }, c) => (standing[base]! += shares[c]!));
    return standing;
  }

  /** The prices of a column's containers and floor make up for its value. */
  private rowOf({ base, contents }: Column): Float64Array {
    const row = new Float64Array(this.types + this.floorCuts.length);
    for (let t = 0; t < this.types; t++) row[t] = -contents[t]!;
    this.floorCuts.forEach((cut, k) => (row[this.types + k] = -cut[base]!));
    return row;
  }

  private programOf(taken: ArrayLike<number>): Simplex {
    const least = new Simplex([...Array.from(taken, (n) => -n), ...this.floorCuts.map(() => -1)]);
    for (const column of this.columns) least.add(this.rowOf(column), -column.value);
    return least;
  }
}
