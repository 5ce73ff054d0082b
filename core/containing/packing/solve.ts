/**
 * The packing engine: a search that improves its answer and a proof that lowers its bound take turns until they meet or
 * the caller stops. See docs/engines.md.
 */
import { runToEnd } from '../../ground/engine/run-to-end.ts';
import { Random } from '../../ground/engine/random.ts';
import { Incumbent } from './incumbent.ts';
import { itemTypesOf } from './item-types.ts';
import { prove } from './exact/prove.ts';
import { searchFlat } from './search/search-flat.ts';
import { searchStacked } from './search/search-stacked.ts';
import type { FitAnswer, FitPlacement, FitProblem } from '../../ground/problems/fit-problem.ts';

export interface FitOptions {
  seed?: number;
  /** Yields at the most (each about a millisecond's work): the measure of work that repeats. */
  iterations?: number;
}

export interface FitProgress {
  value: number;
  bound: number;
  /** Rises with every better packing. */
  improvements: number;
  /** The best packing so far. */
  answer(): FitAnswer;
}

/** What could be placed at all. */
const fitsIn = (problem: FitProblem) => (container: FitProblem['containers'][number]) => {
  const { width, depth, height } = problem.compartment;
  return (
    container.height <= height &&
    ((container.width <= width && container.depth <= depth) ||
      (container.turnable && container.depth <= width && container.width <= depth))
  );
};

/** Whether any container could stand on another at all. */
export const stacks = (problem: FitProblem): boolean => {
  const lowest = Math.min(...problem.containers.map((container) => container.height));
  return problem.containers.some(
    (container) => container.stackable && container.height + lowest <= problem.compartment.height,
  );
};

/** Containers up to this number are proven first and searched beside. */
const SMALL = 12;
/** Containers from which on a shelf's proof gets fewer turns; found by trial. */
const FULL_SHELF = 16;
/** Yields without a better packing, after the value is proven, that are spent on less digging. */
const BLOCKING_ITERATIONS = 150;

/** Gives way after every step, so that the caller can report, listen and stop; returns the answer. */
export function* fitSteps(whole: FitProblem, options: FitOptions = {}): Generator<FitProgress, FitAnswer> {
  const problem = {
    ...whole,
    containers: whole.containers
      .filter(fitsIn(whole))
      .filter((container) => container.value > 0 && container.count > 0),
  };
  const incumbent = new Incumbent(problem);
  const progress: FitProgress = { value: 0, bound: 0, improvements: 0, answer: () => answerOf(incumbent) };
  const report = (): FitProgress =>
    Object.assign(progress, { value: incumbent.value, bound: incumbent.bound, improvements: incumbent.improvements });
  const items = problem.containers.reduce((sum, container) => sum + container.count, 0);
  incumbent.lower(problem.containers.reduce((sum, container) => sum + container.count * container.value, 0));
  if (!items) return answerOf(incumbent);
  const random = new Random(options.seed ?? 1);
  const stacked = stacks(problem);
  const plain = itemTypesOf(problem.containers);
  const search = stacked ? searchStacked(problem, incumbent, random) : searchFlat(problem, plain, incumbent, random);
  let proof: Generator<void, void> | null = null;
  let proving = true;
  // On a full shelf a refutation takes long and seldom comes to its end.
  const proofEvery = stacked && items > FULL_SHELF ? 10 : 3;
  let sinceBetter = 0;
  for (let iteration = 0; iteration < (options.iterations ?? Infinity); iteration++) {
    const before = incumbent.improvements;
    // One round of search first, so that there is always something to show.
    const proofsTurn = iteration > 0 && (items <= SMALL ? iteration % 3 !== 0 : iteration % proofEvery === 1);
    if (proofsTurn && proving && !incumbent.closed) {
      proof ??= prove(problem, plain, incumbent, stacked, new Random((options.seed ?? 1) ^ 0x5eed));
      proving = !proof.next().done;
    } else search.next();
    sinceBetter = incumbent.improvements > before ? 0 : sinceBetter + 1;
    if (incumbent.closed && (incumbent.blockingCost === 0 || sinceBetter > BLOCKING_ITERATIONS)) break;
    yield report();
  }
  return answerOf(incumbent);
}

/**
 * Packs containers into one compartment (stube-fit/1), in one go.
 * @param options.iterations how many turns of search and proof; the same number and seed give the same packing
 * @example
 * solveFit({ format: 'stube-fit/1', compartment, containers, timeMs: 0 }, { iterations: 40 }).placed
 */
export const solveFit = (problem: FitProblem, options: FitOptions & { iterations: number }): FitAnswer =>
  runToEnd(fitSteps(problem, options));

function answerOf(incumbent: Incumbent): FitAnswer {
  const numbers = new Map<string, number>();
  const placed = incumbent.placements.map((put): FitPlacement => {
    const { id } = incumbent.problem.containers[put.type]!;
    const n = numbers.get(id) ?? 0;
    numbers.set(id, n + 1);
    return { id, n, x: put.x, y: put.y, z: put.z, turned: put.turned };
  });
  return {
    format: 'stube-fit-answer/1',
    placed,
    value: incumbent.value,
    bound: incumbent.bound,
    optimal: incumbent.closed,
  };
}
