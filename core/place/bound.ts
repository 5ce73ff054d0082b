/**
 * A proven lower bound on the effort: Lagrangian relaxation of the widths. With a price a millimetre for every
 * compartment each bin takes its cheapest place on its own; the sum, less what the prices would earn from full
 * compartments, can be no more than the effort of any plan (Fisher 1981). Prices follow the subgradient.
 */
import type { CompiledPlace } from './compile.ts';
import { UNPLACED } from './problem.ts';

const ROUNDS = 120;

/** Seconds a week that no plan can go below. */
export function lowerBound(place: CompiledPlace): number {
  const { bins, compartments, cost, choices, width, roomWidth } = place;
  const price = new Float64Array(compartments);
  const used = new Float64Array(compartments);
  let best = -Infinity;
  let step = 0.02;
  let idle = 0;
  for (let round = 0; round < ROUNDS; round++) {
    used.fill(0);
    let sum = 0;
    for (let b = 0; b < bins; b++) {
      let least = UNPLACED;
      let taken = -1;
      for (const c of choices[b]!) {
        const plain = cost[b * compartments + c]!;
        if (plain >= least) break;
        const dear = plain + price[c]! * width[b]!;
        if (dear < least) [least, taken] = [dear, c];
      }
      sum += least;
      if (taken >= 0) used[taken]! += width[b]!;
    }
    for (let c = 0; c < compartments; c++) sum -= price[c]! * roomWidth[c]!;
    if (sum > best + 1e-9) {
      best = sum;
      idle = 0;
    } else if (++idle > 5) {
      step *= 0.7;
      idle = 0;
    }
    for (let c = 0; c < compartments; c++)
      price[c] = Math.max(0, price[c]! + (step * (used[c]! - roomWidth[c]!)) / Math.max(1, roomWidth[c]!));
  }
  return Math.max(0, best);
}
