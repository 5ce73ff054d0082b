/** From a problem to an answer: search, bound and, where it is small, exact search take turns; the caller times and may stop. */
import { runToEnd } from '../engine/run-to-end.ts';
import { assignmentEffort, compileSteps, type CompiledPlace } from './compiled/compile.ts';
import { LagrangianBound } from './bounds/lagrangian-bound.ts';
import { searchExactly } from './exact/branch-and-bound.ts';
import { planByWidthMultipliers } from './search/construction.ts';
import { CandidateLists } from './bounds/candidate-lists.ts';
import { widthMultipliers } from './bounds/width-multipliers.ts';
import { PlacementSearch } from './search/search.ts';
import { Schedule } from './schedule.ts';
import { UNPLACED, type PlaceAnswer, type PlaceProblem } from './problem.ts';

export interface PlaceOptions {
  seed?: number;
  /** Yields at the most: the measure of work that repeats. */
  iterations?: number;
  /** How much of the time is over, 0 … 1, for callers with a clock; by yields otherwise. */
  elapsed?: () => number;
  pins?: ReadonlyMap<string, string>;
}

export interface PlaceProgress {
  /** 0 … 1 */
  done: number;
  effort: number;
  bound: number;
  /** The best plan so far, null before the first one. */
  answer(): PlaceAnswer | null;
}

/** Changes tried in one yield. */
const CHANGES = 3000;
/** How cold the search is until the bound is done. */
const COLD = 0.8;
/** How many choices looked at make a yield of the bound, and its rounds at most. */
const BOUND_YIELD_INTERVAL = 30_000;
const MAX_ROUNDS = 50;
/** Yields between looks whether more choices can be forgotten. */
const REVIEW_EVERY = 8;
/** Bins up to this number are searched to the end. */
const SMALL = 24;
const EXACT_NODES = 4_000_000;
/** Yields worth spending on so many bins where nobody sets a limit; found by trial on rooms of 10 to 120 bins. */
export const usualIterations = (bins: number): number => Math.min(600, 60 + 5 * bins);

/** Gives way after every step (a millisecond or a few), so that a worker can report and listen; returns the answer. */
export function* solvePlaceSteps(
  problem: PlaceProblem,
  options: PlaceOptions = {},
): Generator<PlaceProgress, PlaceAnswer> {
  const progress: PlaceProgress = {
    done: 0,
    effort: UNPLACED * problem.bins.length,
    bound: 0,
    answer: () => null,
  };
  const place = yield* reporting(compileSteps(problem, options.pins), progress);
  const search = new PlacementSearch(place, options.seed ?? 1);
  let proven = 0;
  // A whole plan, before the bound is set up.
  yield Object.assign(progress, {
    effort: search.bestEffort,
    answer: () => answerOf(place, search.best, proven),
  });
  const lists = new CandidateLists(place);
  const widthMultiplier = yield* reporting(widthMultipliers(place, lists, search.bestEffort), progress);
  search.adoptBetter(planByWidthMultipliers(place, widthMultiplier));
  yield Object.assign(progress, { effort: search.bestEffort });
  const bound = yield* reporting(LagrangianBound.begin(place, lists, widthMultiplier), progress);
  const candidates = place.choices.reduce((sum, choice) => sum + choice.length, 1);
  const rounds = Math.max(1, Math.min(MAX_ROUNDS, Math.round(BOUND_YIELD_INTERVAL / candidates)));
  const iterations = options.iterations ?? usualIterations(place.bins);
  const elapsed = options.elapsed;
  const schedule = new Schedule();
  let followsBound = false;
  let exact = place.bins <= SMALL ? searchExactly(place, search.bestEffort, EXACT_NODES) : null;
  const closed = () => search.bestEffort - proven <= 1e-7 * Math.max(1, search.bestEffort);
  for (let iteration = 0; elapsed || iteration < iterations; iteration++) {
    const done = elapsed ? elapsed() : iteration / iterations;
    if (done >= 1 || closed()) break;
    const bounding = !bound.settled && schedule.bounding(done);
    if (exact && iteration % 3 === 2) {
      const next = exact.next();
      if (next.done) {
        exact = null;
        if (next.value.best) search.adopt(next.value.best);
        if (next.value.ended) proven = search.bestEffort;
      }
    } else if (bounding && schedule.boundsTurn(iteration, done)) {
      const timeFraction = schedule.timeFraction(done);
      for (let n = 0; n < rounds; n++) bound.round(search.bestEffort, timeFraction);
      schedule.counted(bound.made, done);
      proven = Math.max(proven, Math.min(bound.best, search.bestEffort));
    } else if (bounding) search.step(CHANGES, COLD);
    else {
      if (!followsBound && bound.made) {
        followsBound = true;
        const heuristic = bound.primalHeuristic();
        search.keepTo(heuristic.choices);
        yield progress;
        search.adopt(heuristic.plan());
        yield Object.assign(progress, { effort: search.bestEffort });
      }
      // The bound told which choices are worth trying: only now the search begins hot.
      search.step(CHANGES, schedule.annealingProgress(done));
    }
    yield Object.assign(progress, { done, effort: search.bestEffort, bound: proven });
    if (bounding && bound.worthExtending) yield* reporting(bound.extendLists(), progress);
    if (iteration % REVIEW_EVERY === 0 && bound.worthFixing(search.bestEffort)) {
      yield* reporting(bound.fixArcs(search.bestEffort), progress);
      search.keepTo(bound.primalHeuristic().choices);
    }
  }
  return answerOf(place, search.best, proven);
}

/** Goes through steps that only take time, and says after each how far all is. */
function* reporting<Result>(steps: Generator<void, Result>, progress: PlaceProgress): Generator<PlaceProgress, Result> {
  for (;;) {
    const next = steps.next();
    if (next.done) return next.value;
    yield progress;
  }
}

/**
 * Gives every bin of a problem (stube-place/1) a compartment, in one go.
 * @returns the plan with its effort in seconds a week, and a proven lower bound of it
 * @example
 * const { placed, unplaced, effort } = solvePlace(placeProblemOf(room), { iterations: 200 });
 */
export const solvePlace = (problem: PlaceProblem, options: PlaceOptions = {}): PlaceAnswer =>
  runToEnd(solvePlaceSteps(problem, options));

function answerOf(place: CompiledPlace, assignment: Int32Array, bound: number): PlaceAnswer {
  const { problem } = place;
  const effort = assignmentEffort(place, assignment);
  const placed = problem.bins.flatMap((bin, b) =>
    assignment[b]! >= 0 ? [{ bin: bin.id, compartment: problem.compartments[assignment[b]!]!.id }] : [],
  );
  const unplaced = problem.bins.filter((_, b) => assignment[b]! < 0).map((bin) => bin.id);
  const least = Math.min(bound, effort);
  return {
    format: 'stube-place-answer/1',
    placed,
    unplaced,
    effort,
    bound: least,
    optimal: effort - least <= 1e-7 * Math.max(1, effort),
  };
}
