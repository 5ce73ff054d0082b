/** A plan problem as one problem in depth that holds the bins of every option: of each need those of one option take part. */
import { cheapestOf, compileDepth, type CompiledDepth } from '../../placement/depth/compiled.ts';
import type { TogetherProblem } from './problem.ts';

export interface CompiledPlan {
  problem: TogetherProblem;
  place: CompiledDepth;
  /** By need: its options' numbers, counted through all needs. */
  optionsOf: Int32Array[];
  /** By option: its need, its bins (the heaviest first), the number of its type, its unhandiness in seconds a week. */
  need: Int32Array;
  bins: Int32Array[];
  type: Int32Array;
  unhandy: Float64Array;
  /** By option: what placing all its bins saves against leaving them out, each in its cheapest place; seconds a week, below 0. */
  least: Float64Array;
  /** By bin: the same of each bin. */
  leastOf: Float64Array;
  /** By bin: its option. */
  option: Int32Array;
  /** By need: left out as a whole, seconds a week. */
  left: Float64Array;
  /** By type: what one beyond the owned costs, and how many are owned. */
  price: Float64Array;
  owned: Int32Array;
  perKind: number;
  /** Of the arrangement's effort: what the bins of options that are not chosen count as left out. */
  idle: number;
}

/** Gives way every few milliseconds. */
export function* compilePlan(problem: TogetherProblem): Generator<void, CompiledPlan> {
  const { people, zones, compartments, growth, timeMs, weights } = problem;
  const ways = problem.needs.flatMap(({ ways }, need) => ways.map((way) => ({ way, need })));
  const place = yield* compileDepth({
    format: 'stube-place/2',
    ...{ people, zones, compartments, growth, timeMs },
    bins: ways.flatMap(({ way }) => way.bins),
    familySpread: weights.familySpread,
    ...(problem.calm ? { calm: problem.calm } : {}),
    ...(problem.sideBySide ? { sideBySide: problem.sideBySide } : {}),
  });
  const optionsOf: number[][] = problem.needs.map(() => []);
  const bins: Int32Array[] = [];
  const option: number[] = [];
  ways.forEach(({ way, need }, o) => {
    optionsOf[need]!.push(o);
    const own = way.bins.map((_, i) => option.length + i);
    option.push(...own.map(() => o));
    // Something lighter may stand on it.
    bins.push(Int32Array.from(own.sort((a, b) => place.mass[b]! - place.mass[a]!)));
  });
  const cheapest = cheapestOf(place);
  const leastOf = cheapest.map((seconds, bin) => Math.min(0, seconds - place.leftOut[bin]!));
  const unhandy = Float64Array.from(ways, ({ way }) => way.unhandy);
  const leftOf = (own: Int32Array) => own.reduce((sum, bin) => sum + place.leftOut[bin]!, 0);
  const left = optionsOf.map(([first]) => leftOf(bins[first!]!));
  const { perPrice, perKind } = weights;
  return {
    problem,
    place,
    optionsOf: optionsOf.map((own) => Int32Array.from(own)),
    need: Int32Array.from(ways, ({ need }) => need),
    bins,
    // What stands without a container is of the last type, which costs nothing.
    type: Int32Array.from(ways, ({ way }) =>
      way.type === null ? problem.types.length : problem.types.findIndex(({ id }) => id === way.type),
    ),
    unhandy,
    least: Float64Array.from(bins, (own, o) => own.reduce((sum, bin) => sum + leastOf[bin]!, unhandy[o]!)),
    leastOf,
    option: Int32Array.from(option),
    left: Float64Array.from(left),
    price: Float64Array.from([...problem.types.map(({ price }) => price * perPrice), 0]),
    owned: Int32Array.from([...problem.types.map(({ owned }) => owned), 2 ** 30]),
    perKind,
    idle: bins.reduce((sum, own) => sum + leftOf(own), 0) - left.reduce((sum, seconds) => sum + seconds, 0),
  };
}
