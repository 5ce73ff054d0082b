/**
 * The best plan of a small problem, searched to the end: the bin that loses most by missing its best place is placed
 * next, cheapest compartment first. What the rest costs at least, each bin alone in the best place that still has room
 * for it, cuts off what cannot be better.
 */
import { assignmentEffort, type CompiledPlace } from '../compiled/compile.ts';
import { Assignment } from '../compiled/assignment.ts';
import { UNPLACED } from '../problem.ts';

/** Nodes between two yields. */
const YIELD_INTERVAL = 2000;

/**
 * @returns the best plan with less than `effort` that was found, or null; and whether the search came to its end within
 * `limit` nodes, so that there is no better one
 */
export function* searchExactly(
  place: CompiledPlace,
  effort: number,
  limit: number,
): Generator<void, { best: Int32Array | null; ended: boolean }> {
  const layout = new Assignment(place);
  const free = Array.from({ length: place.bins }, (_, b) => b).filter((b) => place.pinned[b]! < 0);
  const placed = new Uint8Array(place.bins);
  const fixed = assignmentEffort(place, place.pinned) - UNPLACED * free.length;
  let best: Int32Array | null = null;
  let least = effort;
  let nodes = 0;
  const all = free.map((b) =>
    Array.from({ length: place.compartments }, (_, c) => c)
      .filter((c) => place.costs.at(b, c) < Infinity)
      .sort((x, y) => place.costs.at(b, x) - place.costs.at(b, y)),
  );

  function* descend(left: number, sum: number): Generator<void, boolean> {
    if (++nodes > limit) return false;
    if (nodes % YIELD_INTERVAL === 0) yield;
    if (!left) {
      if (sum < least - 1e-9) {
        least = sum;
        best = layout.at.slice();
      }
      return true;
    }
    let bound = sum;
    let next = -1;
    let most = -1;
    for (let i = 0; i < free.length; i++) {
      const b = free[i]!;
      if (placed[b]) continue;
      let first = UNPLACED;
      let second = UNPLACED;
      for (const c of all[i]!) {
        const cost = place.costs.at(b, c);
        if (cost >= second) break;
        if (!layout.fits(b, c)) continue;
        if (cost < first) [first, second] = [cost, first];
        else second = cost;
        if (second < UNPLACED) break;
      }
      bound += first;
      if (bound >= least - 1e-9) return true;
      if (second - first > most) {
        most = second - first;
        next = i;
      }
    }
    const b = free[next]!;
    placed[b] = 1;
    for (const c of all[next]!) {
      if (!layout.fits(b, c)) continue;
      const price = layout.priceOf(b, c);
      layout.put(b, c);
      const ended = yield* descend(left - 1, sum + price);
      layout.take(b);
      if (!ended) return false;
    }
    const ended = yield* descend(left - 1, sum + UNPLACED);
    placed[b] = 0;
    return ended;
  }
  const ended = yield* descend(free.length, fixed);
  return { best, ended };
}
