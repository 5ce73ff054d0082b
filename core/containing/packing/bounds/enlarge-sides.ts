/**
 * Sides made as long as they can be without changing what fits beside what: where no sum of other sides comes closer to
 * the wall, the rest is lost anyway (Boschetti and Mingozzi 2003). Packings of the lifted pieces are packings of the
 * real ones, and the other way round, as only the sums along each direction matter (Fekete and Schepers' packing
 * classes). Trays in modules, of which five fit and six do not, so become exact fifths.
 */
import type { ItemTypes } from '../item-types.ts';

const PASSES = 3;

/** Lifts both directions of pieces on a floor; types that do not fit some way keep their sides there. */
export function enlargeSides(pieces: ItemTypes, floor: { width: number; depth: number }): ItemTypes {
  const [width, turnedWidth] = liftSides(floor.width, pieces.width, pieces.turnedWidth, pieces);
  const [depth, turnedDepth] = liftSides(floor.depth, pieces.depth, pieces.turnedDepth, pieces);
  const area = Float64Array.from(width, (w, t) => {
    const straight = fits(w, depth[t]!, floor) ? w * depth[t]! : Infinity;
    const turned =
      pieces.turnable[t] && fits(turnedWidth[t]!, turnedDepth[t]!, floor)
        ? turnedWidth[t]! * turnedDepth[t]!
        : Infinity;
    return Math.min(straight, turned);
  });
  return { ...pieces, width, depth, turnedWidth, turnedDepth, area };
}

const fits = (w: number, d: number, floor: { width: number; depth: number }): boolean =>
  w <= floor.width && d <= floor.depth;

function liftSides(
  size: number,
  straight: Int32Array,
  turned: Int32Array,
  { types, turnable, count }: ItemTypes,
): [Int32Array, Int32Array] {
  const sides = [straight.slice(), turned.slice()] as const;
  const whole = (1n << BigInt(size + 1)) - 1n;
  /** One more unit beside some sums (bits): it adds its one side, its other, or nothing. */
  const withUnit = (sums: bigint, ...ways: number[]): bigint =>
    ways.reduce((all, side) => all | (sums << BigInt(side)), sums) & whole;
  const sumsWithout = (type: number): bigint => {
    let sums = 1n;
    for (let t = 0; t < types; t++)
      if (t !== type)
        for (let n = count[t]!; n > 0; n--)
          sums = turnable[t] ? withUnit(sums, sides[0][t]!, sides[1][t]!) : withUnit(sums, sides[0][t]!);
    return sums;
  };
  const fullest = (sums: bigint, most: number): number =>
    (sums & ((1n << BigInt(most + 1)) - 1n)).toString(2).length - 1;

  /** All units of a type are lifted together: `n` of them side by side with what else fits must still fit. */
  function lift(t: number, way: 0 | 1, others: bigint): boolean {
    const side = sides[way][t]!;
    if (side > size) return false;
    let most = size;
    for (let n = Math.min(count[t]!, Math.floor(size / side)); n >= 1; n--) {
      let beside = others;
      // Its other units may lie the other way.
      if (turnable[t]) for (let m = count[t]! - n; m > 0; m--) beside = withUnit(beside, sides[1 - way]![t]!);
      most = Math.min(most, Math.floor((size - fullest(beside, size - n * side)) / n));
    }
    if (most <= side) return false;
    sides[way][t] = most;
    return true;
  }

  const order = Array.from({ length: types }, (_, t) => t).sort((a, b) => straight[b]! - straight[a]!);
  for (let pass = 0; pass < PASSES; pass++) {
    let changed = false;
    for (const t of order) {
      const others = sumsWithout(t);
      if (lift(t, 0, others)) changed = true;
      if (turnable[t] && lift(t, 1, others)) changed = true;
    }
    if (!changed) break;
  }
  return [sides[0], sides[1]];
}
