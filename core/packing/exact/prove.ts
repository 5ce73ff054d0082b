/**
 * Lowers the bound: the most promising subset is packed, refuted, or holds the bound where it is.
 */
import type { Random } from '../../engine/random.ts';
import { Choices } from './subset-branch-and-bound.ts';
import { ColumnBound } from '../bounds/column-bound.ts';
import { Cuts } from '../bounds/valid-inequalities.ts';
import { packForest } from './exact-stacking.ts';
import { lifted } from '../bounds/enlarge-sides.ts';
import type { Pieces } from '../item-types.ts';
import type { FitProblem } from '../problem.ts';
import { packExactly } from './exact-floor-packing.ts';
import { asPuts, lay, liking, priceOfRoom } from '../search/beam-floor.ts';
import type { Incumbent } from '../incumbent.ts';

/** Nodes of choosing between two breaths. */
const BREATH = 200;
/** Nodes of the first try to refute a subset, and of the last; between them three times as many each time. */
const REFUTATION = { first: 6_000, last: 3_000_000 };
/** More units than that are not decided one subset at a time; nor all units together above the second number. */
const MOST_DECIDED = { units: 34, whole: 16 };
/** States of the first beam that tries to pack it; twice as many each time. */
const BEAM = { first: 15, last: 2000 };

/** Ways of standing containers on one another, and nodes of laying them, before a subset counts as undecided. */
const FOREST_LIMIT = 30_000;

export function* prove(
  problem: FitProblem,
  plain: Pieces,
  incumbent: Incumbent,
  stacked: boolean,
  random: Random,
): Generator<void, void> {
  const floor = { width: problem.compartment.width, depth: problem.compartment.depth };
  const pieces = lifted(plain, floor);
  yield;
  const flat = new Cuts(floor, pieces);
  yield;
  const source = stacked ? new ColumnBound(problem, flat) : flat;
  const choices = new Choices(plain.value, plain.count, source);
  for (const preparing = choices.prepare(); !preparing.next().done && !incumbent.closed;) {
    incumbent.lower(choices.bound);
    yield;
  }
  while (!incumbent.closed) {
    const subset = choices.next(incumbent.value, BREATH);
    incumbent.lower(choices.bound);
    if (subset && subset.value > incumbent.value + 1e-9) {
      if (!(yield* stacked ? decideStacked(subset) : decide(subset))) {
        // The bound stands at that value for good; what is worth less need not be looked at.
        choices.hold(subset.value);
        return;
      }
    }
    yield;
  }

  /** True when the subset is packed or refuted. */
  function* decide({ taken, value }: { taken: Int16Array; value: number }): Generator<void, boolean> {
    const units = taken.reduce((sum, n) => sum + n, 0);
    // The search tries everything at once as well, and with more time.
    if (units > MOST_DECIDED.units || (units > MOST_DECIDED.whole && taken.every((n, t) => n === plain.count[t])))
      return false;
    // Fewer pieces make fewer sums: their sides can be lifted further, and that alone refutes many a subset.
    const only = lifted({ ...plain, count: Int32Array.from(taken) }, floor);
    const cuts = new Cuts(floor, only);
    if (cuts.mostBroken(taken) || (yield* cuts.sharpest(taken))) return true;
    const room = priceOfRoom(floor, only);
    let width = BEAM.first;
    for (let limit = REFUTATION.first; limit < REFUTATION.last; limit *= 3) {
      for (let run = 0; run < 4; run++) {
        const kind = limit === REFUTATION.first ? run : 2 + run;
        const laid = yield* lay(
          floor,
          only,
          { ...room, ...liking(kind, random), width, beat: value - 1e-6 },
          random,
          run % 2 === 1,
        );
        if (laid) return incumbent.offer(asPuts(laid));
        yield;
        if (incumbent.value >= value) return true;
      }
      width = Math.min(BEAM.last, width * 2);
      const verdict = yield* packExactly(floor, only, taken, limit);
      if (verdict === 'impossible') return true;
      if (verdict !== 'undecided') return incumbent.offer(asPuts(verdict.laid));
    }
    return false;
  }

  function* decideStacked({ taken }: { taken: Int16Array }): Generator<void, boolean> {
    const cut = yield* source.sharpest(taken);
    if (cut) {
      choices.add(cut);
      return true;
    }
    const verdict = yield* packForest(problem, taken, FOREST_LIMIT);
    if (verdict === 'undecided') return false;
    if (verdict !== 'impossible') incumbent.offer(verdict.puts);
    return true;
  }
}
