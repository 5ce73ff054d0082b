/** From a problem to an answer: search, bound and, where it is small, exact search take turns; the caller times and may stop. */
import { finish } from '../engine/run-to-end.ts';
import { assignmentEffort, compileSteps, type CompiledPlace } from './compiled/compile.ts';
import { PlaceBound } from './bounds/lagrangian-bound.ts';
import { searchExactly } from './exact/branch-and-bound.ts';
import { planByRents } from './search/construction.ts';
import { Reach } from './bounds/candidate-lists.ts';
import { rents } from './bounds/width-multipliers.ts';
import { PlaceSearch } from './search/search.ts';
import { Timetable } from './schedule.ts';
import { UNPLACED, type PlaceAnswer, type PlaceProblem } from './problem.ts';

export interface PlaceOptions {
  seed?: number;
  /** Breaths at the most: the measure of work that repeats. */
  iterations?: number;
  /** How much of the time is over, 0 … 1, for callers with a clock; by breaths otherwise. */
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

/** Changes tried in one breath. */
const CHANGES = 3000;
/** How cold the search is until the bound is done. */
const COLD = 0.8;
/** How many choices looked at make a breath of the bound, and its rounds at most. */
const BOUND_BREATH = 30_000;
const MOST_ROUNDS = 50;
/** Breaths between looks whether more choices can be forgotten. */
const REVIEW_EVERY = 8;
/** Bins up to this number are searched to the end. */
const SMALL = 24;
const EXACT_NODES = 4_000_000;
/** Breaths worth spending on so many bins where nobody sets a limit; found by trial on rooms of 10 to 120 bins. */
export const usualBreaths = (bins: number): number => Math.min(600, 60 + 5 * bins);

/** Yields after every breath (a millisecond or a few), so that a worker can report and listen; returns the answer. */
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
  const search = new PlaceSearch(place, options.seed ?? 1);
  let proven = 0;
  // A whole plan, before the bound is set up.
  yield Object.assign(progress, {
    effort: search.bestEffort,
    answer: () => answerOf(place, search.best, proven),
  });
  const reach = new Reach(place);
  const rent = yield* reporting(rents(place, reach, search.bestEffort), progress);
  search.adoptBetter(planByRents(place, rent));
  yield Object.assign(progress, { effort: search.bestEffort });
  const bound = yield* reporting(PlaceBound.begin(place, reach, rent), progress);
  const looks = place.choices.reduce((sum, own) => sum + own.length, 1);
  const rounds = Math.max(1, Math.min(MOST_ROUNDS, Math.round(BOUND_BREATH / looks)));
  const breaths = options.iterations ?? usualBreaths(place.bins);
  const elapsed = options.elapsed;
  const times = new Timetable();
  let guided = false;
  let exact = place.bins <= SMALL ? searchExactly(place, search.bestEffort, EXACT_NODES) : null;
  const closed = () => search.bestEffort - proven <= 1e-7 * Math.max(1, search.bestEffort);
  for (let breath = 0; elapsed || breath < breaths; breath++) {
    const done = elapsed ? elapsed() : breath / breaths;
    if (done >= 1 || closed()) break;
    const bounding = !bound.settled && times.bounding(done);
    if (exact && breath % 3 === 2) {
      const next = exact.next();
      if (next.done) {
        exact = null;
        if (next.value.best) search.adopt(next.value.best);
        if (next.value.ended) proven = search.bestEffort;
      }
    } else if (bounding && times.boundsTurn(breath, done)) {
      const hurry = times.hurry(done);
      for (let n = 0; n < rounds; n++) bound.round(search.bestEffort, hurry);
      times.counted(bound.made, done);
      proven = Math.max(proven, Math.min(bound.best, search.bestEffort));
    } else if (bounding) search.step(CHANGES, COLD);
    else {
      if (!guided && bound.made) {
        guided = true;
        const guide = bound.guide();
        search.keepTo(guide.choices);
        yield progress;
        search.adopt(guide.plan());
        yield Object.assign(progress, { effort: search.bestEffort });
      }
      // The bound told which choices are worth trying: only now the search begins hot.
      search.step(CHANGES, times.cooled(done));
    }
    yield Object.assign(progress, { done, effort: search.bestEffort, bound: proven });
    if (bounding && bound.worthWidening) yield* reporting(bound.widen(), progress);
    if (breath % REVIEW_EVERY === 0 && bound.worthNarrowing(search.bestEffort)) {
      yield* reporting(bound.narrow(search.bestEffort), progress);
      search.keepTo(bound.guide().choices);
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

/** The same in one go. */
export const solvePlace = (problem: PlaceProblem, options: PlaceOptions = {}): PlaceAnswer =>
  finish(solvePlaceSteps(problem, options));

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
