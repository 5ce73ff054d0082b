/**
 * Can exactly these rectangles be laid on the floor? Searched to the end, within a limit of nodes: pieces are laid so
 * that each lies at a corner of the staircase around all that is laid before (every packing can be built so: Martello,
 * Pisinger and Vigo 2000). What the staircase encloses unfilled is lost, and no more may be lost than the floor is
 * larger than the pieces. Outlines met before are not searched again; the largest piece keeps to one quarter, as the
 * floor looks the same from all sides.
 */
import { Random } from '../../../ground/engine/random.ts';
import type { Floor, Placement2d, ItemTypes } from '../item-types.ts';

export type Verdict = { laid: Placement2d[] } | 'impossible' | 'undecided';

/** Nodes between two yields. */
const YIELD_INTERVAL = 1500;

/** One level of the search: the staircase there, and the next thing to try. */
interface Level {
  /** Corner points from the upper left to the lower right: x rises, y falls. */
  xs: Int32Array;
  ys: Int32Array;
  steps: number;
  /** Next corner, type (as a place in the order) and way to try. */
  corner: number;
  at: number;
  turn: number;
  /** What was laid to come here. */
  type: number;
  x: number;
  y: number;
  turned: boolean;
}

/** Made once: every refutation, and there are many small ones, mixes with the same. */
const saltShaker = new Random(20);
const SALT = Float64Array.from({ length: 4096 }, () => saltShaker.below(2 ** 26) * 2 + 1);

/**
 * Outlines met, by two independent hashes of about 50 bits each: that two different ones share both is out of the
 * question (below 1e-18 for a million of them).
 */
class Seen {
  private readonly met = new Map<number, number>();

  /** Takes it up; true when it was met before. */
  add(left: Int16Array, level: Level): boolean {
    let one = 17;
    let two = 91;
    let n = 0;
    const mix = (value: number) => {
      const salted = (value + 3) * SALT[n & 4095]!;
      one = (one * 31 + salted) % 1125899906842597;
      two = (two * 131 + salted * 7) % 1099511627689;
      n++;
    };
    for (let i = 0; i < left.length; i++) mix(left[i]!);
    for (let i = 0; i < level.steps; i++) {
      mix(level.xs[i]!);
      mix(level.ys[i]!);
    }
    if (this.met.get(one) === two) return true;
    this.met.set(one, two);
    return false;
  }
}

export function* packExactly(
  floor: Floor,
  pieces: ItemTypes,
  taken: ArrayLike<number>,
  limit: number,
): Generator<void, Verdict> {
  const { width: W, depth: D } = floor;
  const { types, width, depth, turnedWidth, turnedDepth, turnable, area } = pieces;
  const left = Int16Array.from(taken);
  const total = left.reduce((sum, n) => sum + n, 0);
  const spare = W * D - left.reduce((sum, n, t) => sum + n * area[t]!, 0);
  if (spare < 0) return 'impossible';
  const order = Int32Array.from(
    Array.from({ length: types }, (_, t) => t)
      .filter((t) => left[t]! > 0)
      .sort((a, b) => area[b]! - area[a]!),
  );
  const largest = order[0];
  const seen = new Seen();
  const capacity = 2 * total + 4;
  const levels = Array.from({ length: total + 1 }, (): Level => ({
    xs: new Int32Array(capacity),
    ys: new Int32Array(capacity),
    steps: 0,
    corner: 0,
    at: 0,
    turn: 0,
    type: -1,
    x: 0,
    y: 0,
    turned: false,
  }));
  levels[0]!.steps = 1;
  /** Least areas of what is laid. */
  let filled = 0;
  let depthNow = 0;
  let nodes = 0;

  for (;;) {
    if (depthNow === total)
      return { laid: levels.slice(1, total + 1).map(({ type, x, y, turned }) => ({ type, x, y, turned })) };
    if (advance(levels[depthNow]!, levels[depthNow + 1]!)) {
      depthNow++;
      if (++nodes > limit) return 'undecided';
      if (nodes % YIELD_INTERVAL === 0) yield;
      if (depthNow < total && seen.add(left, levels[depthNow]!)) retreat();
    } else if (depthNow === 0) return 'impossible';
    else retreat();
  }

  function retreat(): void {
    const level = levels[depthNow--]!;
    left[level.type]!++;
    filled -= area[level.type]!;
  }
  /** Lays the next piece that can follow at a level; false when all were tried. */
  function advance(level: Level, next: Level): boolean {
    for (; level.corner < level.steps; level.corner++, level.at = 0) {
      const x = level.xs[level.corner]!;
      const y = level.ys[level.corner]!;
      for (; level.at < order.length; level.at++, level.turn = 0) {
        const t = order[level.at]!;
        if (!left[t]) continue;
        while (level.turn <= turnable[t]!) {
          const turn = level.turn++;
          const w = turn ? turnedWidth[t]! : width[t]!;
          const d = turn ? turnedDepth[t]! : depth[t]!;
          if (x + w > W || y + d > D) continue;
          // Mirrored in both directions where need be, the largest lies in the near left quarter.
          if (t === largest && taken[t] === 1 && (2 * x > W - w || 2 * y > D - d)) continue;
          const enclosed = outline(level, next, x + w, y + d);
          if (enclosed - filled - area[t]! > spare) continue;
          Object.assign(next, { corner: 0, at: 0, turn: 0, type: t, x, y, turned: turn === 1 });
          left[t]!--;
          filled += area[t]!;
          return true;
        }
      }
    }
    return false;
  }
  /** The staircase once everything left of and before (right, top) is enclosed; returns the area it encloses. */
  function outline(from: Level, to: Level, right: number, top: number): number {
    let n = 0;
    let enclosed = 0;
    const step = (x: number, until: number, y: number) => {
      enclosed += (until - x) * y;
      if (n && to.ys[n - 1] === y) return;
      to.xs[n] = x;
      to.ys[n++] = y;
    };
    for (let i = 0; i < from.steps; i++) {
      const x = from.xs[i]!;
      const until = i + 1 < from.steps ? from.xs[i + 1]! : W;
      const y = from.ys[i]!;
      if (x < right) step(x, Math.min(until, right), Math.max(y, top));
      if (until > right) step(Math.max(x, right), until, y);
    }
    to.steps = n;
    return enclosed;
  }
}
