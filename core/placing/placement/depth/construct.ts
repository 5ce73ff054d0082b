/** A first whole plan: every bin in its cheapest spot, what is large and often used first. */
import { Arrangement } from './arrangement.ts';
import type { DepthBound } from './bound.ts';
import type { CompiledDepth } from './compiled.ts';
import { MOVE_SECONDS } from './problem.ts';
import { Spots } from './spots.ts';

/** Gives way every so many bins. */
const YIELD_BINS = 8;

/** By bin: how much it wants to be first; large and often used. */
export const weightsOf = ({ width, depth, moving }: CompiledDepth): Float64Array =>
  moving.map((seconds, bin) => width[bin]! * depth[bin]! * (1 + seconds / (2 * MOVE_SECONDS)));

/**
 * Fills an arrangement up.
 * @param locked bins that get the locked places before anything else, as far as there are any
 */
export function* construct(now: Arrangement, locked: readonly number[] = []): Generator<void, void> {
  const { place } = now;
  const spots = new Spots(now);
  const weights = weightsOf(place);
  const byWeight = (a: number, b: number) => weights[b]! - weights[a]!;
  for (const bin of [...locked].sort(byWeight)) {
    const ways = place.order[bin]!.filter((space) => place.locked[space] === 1);
    if (now.space[bin]! < 0 && spots.best(bin, place.leftOut[bin]!, ways)) spots.put(bin);
  }
  const order = Array.from({ length: place.bins }, (_, bin) => bin).sort(byWeight);
  for (const [i, bin] of order.entries()) {
    if (now.space[bin]! < 0 && spots.best(bin, place.leftOut[bin]!)) spots.put(bin);
    if (i % YIELD_BINS === YIELD_BINS - 1) yield;
  }
}

/**
 * The same with what room costs by the bound's prices, so that what gains little leaves the good places to others, and
 * with groups where the bound would have them; if that has no place for some, without regard to groups as well.
 * @param now where some stand already; it is filled up
 */
export function* constructPriced(
  now: Arrangement,
  bound: DepthBound,
  locked: readonly number[] = [],
): Generator<void, void> {
  const { place } = now;
  const split = bound.splits();
  let best = now;
  for (const together of [true, false]) {
    const base = place.base.slice();
    for (let bin = 0; bin < place.bins; bin++)
      for (const space of place.order[bin]!)
        base[bin * place.spaces + space]! += bound.priceOfRoom(bin, space) + (together ? split(bin, space) : 0);
    const rough = new Arrangement({ ...place, base });
    copyPlaces(now, rough);
    yield* construct(rough, locked);
    const plan = new Arrangement(place);
    copyPlaces(rough, plan);
    if (plan.effort < best.effort) best = plan;
    if (!plan.unplaced) break;
  }
  copyPlaces(best, now);
}

/** What stands in one and not in the other comes to the other, what is on another after it. */
function copyPlaces(from: Arrangement, to: Arrangement): void {
  const missing = [...from.space.keys()].filter((bin) => from.space[bin]! >= 0 && to.space[bin]! < 0);
  for (const bin of missing.sort((a, b) => from.z0[a]! - from.z0[b]!))
    to.put(bin, from.space[bin]!, from.x0[bin]!, from.y0[bin]!, from.z0[bin]!, from.turned[bin]!, from.on[bin]!);
}

/** From now on nothing but what is locked is a place for it. */
export function keepLocked({ place, space: at }: Arrangement, bin: number): void {
  for (let space = 0; space < place.spaces; space++)
    if (!place.locked[space] && at[bin] !== space) {
      place.base[bin * place.spaces + space] = Infinity;
      place.least[bin * place.spaces + space] = Infinity;
    }
  place.order[bin] = place.order[bin]!.filter((space) => place.least[bin * place.spaces + space]! < Infinity);
}
