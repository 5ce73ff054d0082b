/**
 * Lowers the bound: the most promising subset is packed, refuted, or holds the bound where it is.
 */
import type { Random } from '../../../ground/engine/random.ts';
import { SubsetBranchAndBound } from './subset-branch-and-bound.ts';
import { ColumnBound } from '../bounds/column-bound.ts';
import { ValidInequalities } from '../bounds/valid-inequalities.ts';
import { packStacks } from './exact-stacking.ts';
import { enlargeSides } from '../bounds/enlarge-sides.ts';
import type { ItemTypes } from '../item-types.ts';
import type { FitProblem } from '../../../ground/problems/fit-problem.ts';
import { packExactly } from './exact-floor-packing.ts';
import { asPlacements, packFloorByBeam, beamParameters, priceOfArea } from '../search/beam-floor.ts';
import type { Incumbent } from '../incumbent.ts';

/** Nodes of choosing between two yields. */
const NODE_LIMIT = 200;
/** Nodes of the first try to refute a subset, and of the last; between them three times as many each time. */
const REFUTATION = { first: 6_000, last: 3_000_000 };
/** More units than that are not decided one subset at a time; nor all units together above the second number. */
const MAX_DECIDED = { units: 34, whole: 16 };
/** States of the first beam that tries to pack it; twice as many each time. */
const BEAM = { first: 15, last: 2000 };

/** Ways of standing containers on one another, and nodes of laying them, before a subset counts as undecided. */
const FOREST_LIMIT = 30_000;

export function* prove(
  problem: FitProblem,
  plain: ItemTypes,
  incumbent: Incumbent,
  stacked: boolean,
  random: Random,
): Generator<void, void> {
  const floor = { width: problem.compartment.width, depth: problem.compartment.depth };
  const pieces = enlargeSides(plain, floor);
  yield;
  const flat = new ValidInequalities(floor, pieces);
  yield;
  const source = stacked ? new ColumnBound(problem, flat) : flat;
  const choices = new SubsetBranchAndBound(plain.value, plain.count, source);
  for (const preparing = choices.prepare(); !preparing.next().done && !incumbent.closed;) {
    incumbent.lower(choices.bound);
    yield;
  }
  while (!incumbent.closed) {
    const subset = choices.next(incumbent.value, NODE_LIMIT);
    incumbent.lower(choices.bound);
    if (subset && subset.value > incumbent.value + 1e-9) {
      if (!(yield* stacked ? decideStacked(subset) : decide(subset))) {
        // The bound stands at that value for good; what is worth less need not be looked at.
        choices.leaveUnresolved(subset.value);
        return;
      }
    }
    yield;
  }

  /** True when the subset is packed or refuted. */
  function* decide({ taken, value }: { taken: Int16Array; value: number }): Generator<void, boolean> {
    const units = taken.reduce((sum, n) => sum + n, 0);
    // The search tries everything at once as well, and with more time.
    if (units > MAX_DECIDED.units || (units > MAX_DECIDED.whole && taken.every((n, t) => n === plain.count[t])))
      return false;
    // Fewer pieces make fewer sums: their sides can be lifted further, and that alone refutes many a subset.
    const only = enlargeSides({ ...plain, count: Int32Array.from(taken) }, floor);
    const cuts = new ValidInequalities(floor, only);
    if (cuts.maxBroken(taken) || (yield* cuts.sharpest(taken))) return true;
    const room = priceOfArea(floor, only);
    let width = BEAM.first;
    for (let limit = REFUTATION.first; limit < REFUTATION.last; limit *= 3) {
      for (let run = 0; run < 4; run++) {
        const kind = limit === REFUTATION.first ? run : 2 + run;
        const laid = yield* packFloorByBeam(
          floor,
          only,
          { ...room, ...beamParameters(kind, random), width, incumbentValue: value - 1e-6 },
          random,
          run % 2 === 1,
        );
        if (laid) return incumbent.offer(asPlacements(laid));
        yield;
        if (incumbent.value >= value) return true;
      }
      width = Math.min(BEAM.last, width * 2);
      const verdict = yield* packExactly(floor, only, taken, limit);
      if (verdict === 'impossible') return true;
      if (verdict !== 'undecided') return incumbent.offer(asPlacements(verdict.laid));
    }
    return false;
  }

  function* decideStacked({ taken }: { taken: Int16Array }): Generator<void, boolean> {
    const cut = yield* source.sharpest(taken);
    if (cut) {
      choices.add(cut);
      return true;
    }
    const verdict = yield* packStacks(problem, taken, FOREST_LIMIT);
    if (verdict === 'undecided') return false;
    if (verdict !== 'impossible') incumbent.offer(verdict.puts);
    return true;
  }
}
