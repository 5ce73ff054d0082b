/**
 * What a millimetre of each compartment is worth, roughly and quickly: where bins would go for the least of effort and width multiplier,
 * width multipliers follow what is wanted beyond the room there is (the subgradient of the plain relaxation of widths). Bins pay
 * their first prices by it: these are worth more rounds of prices than the milliseconds they cost.
 */
import type { CompiledPlace } from '../compiled/compile.ts';
import type { CandidateLists } from './candidate-lists.ts';

const ROUNDS = 30;
/** Shares of Polyak's step at first and in the end, and of the last direction that is kept; by trial. */
const PACE = { first: 1, last: 0.1 };
const SMOOTHING = 0.7;
/** Rounds between two yields. */
const YIELD_INTERVAL = 6;

/**
 * @param effort of a plan that is known: how high the sum can rise at the most
 * @returns seconds a week for each millimetre, by compartment
 */
export function* widthMultipliers(
  place: CompiledPlace,
  { choices, costs: asked, limit }: CandidateLists,
  effort: number,
): Generator<void, Float64Array> {
  const { bins, compartments, width, widthCapacity: roomWidth } = place;
  // All choices in a row: this is read again and again.
  const from = new Int32Array(bins + 1);
  for (let b = 0; b < bins; b++) from[b + 1] = from[b]! + choices[b]!.length;
  const where = new Int32Array(from[bins]!);
  const costs = new Float64Array(from[bins]!);
  for (let b = 0; b < bins; b++) {
    where.set(choices[b]!, from[b]!);
    costs.set(asked[b]!, from[b]!);
  }
  const multiplier = new Float64Array(compartments);
  const best = new Float64Array(compartments);
  const wanted = new Float64Array(compartments);
  const direction = new Float64Array(compartments);
  let highest = -Infinity;
  for (let round = 0; round < ROUNDS; round++) {
    if (round % YIELD_INTERVAL === 0) yield;
    wanted.fill(0);
    const sum = ask();
    if (sum > highest) {
      highest = sum;
      best.set(multiplier);
    }
    let norm = 0;
    for (let c = 0; c < compartments; c++) {
      direction[c] = wanted[c]! - roomWidth[c]! + SMOOTHING * direction[c]!;
      norm += direction[c]! * direction[c]!;
    }
    if (norm < 1e-9) break;
    const pace = PACE.first * Math.pow(PACE.last / PACE.first, round / ROUNDS);
    const step = (pace * Math.max(0, effort - sum)) / norm;
    for (let c = 0; c < compartments; c++) multiplier[c] = Math.max(0, multiplier[c]! + step * direction[c]!);
  }
  return best;

  /** What all would pay, each where that is least, less the width multiplier of all room: below the effort of any plan without groups. */
  function ask(): number {
    let sum = 0;
    for (let b = 0; b < bins; b++) {
      const wide = width[b]!;
      let least = limit[b]!;
      let at = -1;
      for (let i = from[b]!; i < from[b + 1]!; i++) {
        const pays = costs[i]! + multiplier[where[i]!]! * wide;
        if (pays >= least) continue;
        least = pays;
        at = where[i]!;
      }
      sum += least;
      if (at >= 0) wanted[at]! += wide;
    }
    for (let c = 0; c < compartments; c++) sum -= multiplier[c]! * roomWidth[c]!;
    return sum;
  }
}
