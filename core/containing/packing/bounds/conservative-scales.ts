/**
 * Shares for the sides of one direction, chosen for the containers in hand: what fits side by side has shares that sum to
 * no more than 1 (conservative scales, Fekete and Schepers 2004). The best ones for a choice, with the shares of the other
 * direction given, are a linear program over all rows that fit; the rows are found as they are needed, by a knapsack.
 */
import { expandItems, type ItemTypes } from '../item-types.ts';
import { Simplex } from '../../../ground/engine/simplex.ts';

/** Shares by type, straight and turned; infinite where it does not fit that way. */
export interface Shares {
  straight: Float64Array;
  turned: Float64Array;
}

/** Rows added before the shares are taken as they are. */
const MAX_ROWS = 60;
/** Rows between two yields. */
const YIELD_INTERVAL = 8;
const EPSILON = 1e-9;

export class ConservativeScales {
  private readonly size: number;
  private readonly types: number;
  private readonly count: Int32Array;
  /** The distinct sides that fit, mm, and by type which of them it has straight and turned, −1 where it does not fit. */
  private readonly sides: number[];
  private readonly straight: Int32Array;
  private readonly turned: Int32Array;
  /** Rows that fit, as how often each side occurs. */
  private readonly rows: Float64Array[] = [];

  /** @param size of the direction, mm; @param straight sides along it, @param turned the same when turned */
  constructor(size: number, { types, turnable, count }: ItemTypes, straight: Int32Array, turned: Int32Array) {
    this.size = size;
    this.types = types;
    this.count = count;
    const all = new Set<number>();
    for (let t = 0; t < types; t++) {
      if (!count[t]) continue;
      if (straight[t]! <= size) all.add(straight[t]!);
      if (turnable[t] && turned[t]! <= size) all.add(turned[t]!);
    }
    this.sides = [...all].sort((a, b) => a - b);
    const place = new Map(this.sides.map((side, i) => [side, i]));
    this.straight = Int32Array.from(straight, (side) => place.get(side) ?? -1);
    this.turned = Int32Array.from(turned, (side, t) => (turnable[t] ? (place.get(side) ?? -1) : -1));
    // Each side alone, as often as it fits, to begin with.
    this.sides.forEach((side, i) => {
      const row = new Float64Array(this.sides.length);
      const most = this.straight.reduce((sum, own, t) => sum + (own === i || this.turned[t] === i ? count[t]! : 0), 0);
      row[i] = Math.min(most, Math.floor(size / side));
      this.rows.push(row);
    });
  }

  /**
   * The shares under which `amount` of each type weighs most.
   * @param other shares of the other direction: a type weighs the lesser of its two ways
   */
  *best(amount: ArrayLike<number>, other: Shares): Generator<void, Shares> {
    const n = this.sides.length;
    const types = Array.from({ length: this.types }, (_, t) => t).filter(
      (t) => amount[t]! > EPSILON && this.ways(t, other).length,
    );
    const program = new Simplex([...this.sides.map(() => 0), ...types.map((t) => amount[t]!)]);
    types.forEach((t, k) => {
      for (const [side, share] of this.ways(t, other)) {
        const row = new Float64Array(n + types.length);
        row[n + k] = 1;
        row[side] = -share;
        program.add(row, 0);
      }
    });
    const padded = (row: Float64Array) => {
      const longer = new Float64Array(n + types.length);
      longer.set(row);
      return longer;
    };
    for (const row of this.rows) program.add(padded(row), 1);
    for (let more = 0; ; more++) {
      const share = program.solve().subarray(0, n);
      const { row, sum } = this.heaviest(share);
      if (sum > 1 + 1e-7 && more < MAX_ROWS) {
        this.rows.push(row);
        program.add(padded(row), 1);
        if (more % YIELD_INTERVAL === YIELD_INTERVAL - 1) yield;
        continue;
      }
      // Whatever the program found, this keeps every row.
      const by = 1 / (Math.max(1, sum) * (1 + EPSILON));
      const of = (side: number) => (side < 0 ? Infinity : share[side]! * by);
      return { straight: Float64Array.from(this.straight, of), turned: Float64Array.from(this.turned, of) };
    }
  }

  /** The ways in which a type fits: which side it has here, and its share in the other direction. */
  private ways(t: number, other: Shares): [side: number, share: number][] {
    const ways: [number, number][] = [];
    if (this.straight[t]! >= 0 && other.straight[t]! < Infinity) ways.push([this.straight[t]!, other.straight[t]!]);
    if (this.turned[t]! >= 0 && other.turned[t]! < Infinity) ways.push([this.turned[t]!, other.turned[t]!]);
    return ways;
  }

  /** The row that fits and whose shares sum to most. */
  private heaviest(share: Float64Array): { row: Float64Array; sum: number } {
    const { size, count, sides, straight, turned } = this;
    const items = expandItems(count);
    const best = new Float64Array(size + 1);
    /** By unit and length: the side it is taken with there and one more, 0 where it is not. */
    const taken = new Uint8Array(items.length * (size + 1));
    items.forEach((t, k) => {
      const at = k * (size + 1);
      const ways = [straight[t]!, turned[t]!].filter(
        (side, w, all) => side >= 0 && share[side]! > 0 && all.indexOf(side) === w,
      );
      if (!ways.length) return;
      const least = Math.min(...ways.map((side) => sides[side]!));
      for (let length = size; length >= least; length--)
        for (const side of ways) {
          if (sides[side]! > length) continue;
          // What is shorter has not seen this unit yet.
          const sum = best[length - sides[side]!]! + share[side]!;
          if (sum > best[length]!) {
            best[length] = sum;
            taken[at + length] = side + 1;
          }
        }
    });
    const row = new Float64Array(sides.length);
    let length = size;
    for (let k = items.length - 1; k >= 0; k--) {
      const side = taken[k * (size + 1) + length]!;
      if (!side) continue;
      row[side - 1]!++;
      length -= sides[side - 1]!;
    }
    return { row, sum: best[size]! };
  }
}
