/** From a problem to an answer: search, bound and, where it is small, exact search take turns; the caller times and may stop. */
import { finish } from '../finish.ts';
import { assignmentEffort, compilePlace, type CompiledPlace } from './compile.ts';
import { PlaceBound } from './bound.ts';
import { searchExactly } from './exact.ts';
import { PlaceSearch } from './search.ts';
import type { PlaceAnswer, PlaceProblem } from './problem.ts';

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
  /** The best plan so far. */
  answer(): PlaceAnswer;
}

/** Changes tried in one breath. */
const CHANGES = 3000;
/** Breaths of cold search at first, so that bound and screen have a fair plan early; and how cold it is until the bound is done. */
const FIRST_SEARCH = 15;
const COLD = 0.8;
/** Share of the time when the bound is done with: usually, and where fewer than so many rounds would be made till then. */
const BOUND_ENDS = { usual: 0.45, late: 0.7, few: 90 };
/** Rounds from which on it can be told how many there will be. */
const ROUNDS_TO_TELL = 6;
/** How many choices looked at make a breath of the bound, its rounds at most, and the search's turns. */
const BOUND_BREATH = 30_000;
const MOST_ROUNDS = 50;
const SEARCH_EVERY = 6;
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
  const place = compilePlace(problem, options.pins);
  const search = new PlaceSearch(place, options.seed ?? 1);
  let proven = 0;
  const progress: PlaceProgress = {
    done: 0,
    effort: search.bestEffort,
    bound: 0,
    answer: () => answerOf(place, search.best, proven),
  };
  // A whole plan, before the bound is set up.
  yield progress;
  const bound = new PlaceBound(place);
  const looks = place.choices.reduce((sum, own) => sum + own.length, 1);
  const rounds = Math.max(1, Math.min(MOST_ROUNDS, Math.round(BOUND_BREATH / looks)));
  const breaths = options.iterations ?? usualBreaths(place.bins);
  const elapsed = options.elapsed;
  /** When the bound began, when it is done with at the latest, and when it was. */
  let boundBegan = -1;
  let boundEnds: number = BOUND_ENDS.late;
  let hotFrom = 0;
  let told = false;
  let exact = place.bins <= SMALL ? searchExactly(place, search.bestEffort, EXACT_NODES) : null;
  const closed = () => search.bestEffort - proven <= 1e-7 * Math.max(1, search.bestEffort);
  for (let breath = 0; elapsed || breath < breaths; breath++) {
    const done = elapsed ? elapsed() : breath / breaths;
    if (done >= 1 || closed()) break;
    const bounding = !bound.settled && done < boundEnds;
    if (bounding) hotFrom = done;
    if (exact && breath % 3 === 2) {
      const next = exact.next();
      if (next.done) {
        exact = null;
        if (next.value.best) search.adopt(next.value.best);
        if (next.value.ended) proven = search.bestEffort;
      }
    } else if (bounding && breath >= FIRST_SEARCH && breath % SEARCH_EVERY !== 0) {
      if (boundBegan < 0) boundBegan = done;
      for (let n = 0; n < rounds; n++)
        bound.round(search.bestEffort, (done - boundBegan) / Math.max(1e-9, boundEnds - boundBegan));
      if (bound.made >= ROUNDS_TO_TELL && !told) {
        told = true;
        const tillEnd = (bound.made * (BOUND_ENDS.usual - boundBegan)) / Math.max(1e-9, done - boundBegan);
        if (tillEnd >= BOUND_ENDS.few) boundEnds = BOUND_ENDS.usual;
      }
      proven = Math.max(proven, Math.min(bound.best, search.bestEffort));
    } else {
      // The bound told which choices are worth trying: only then the search begins hot.
      search.step(CHANGES, bounding ? COLD : (done - hotFrom) / (1 - hotFrom));
    }
    yield Object.assign(progress, { done, effort: search.bestEffort, bound: proven });
    if (bounding && bound.worthWidening) for (const _ of bound.widen()) yield progress;
    if (breath % REVIEW_EVERY === 0 && bound.worthNarrowing(search.bestEffort)) {
      for (const _ of bound.narrow(search.bestEffort)) yield progress;
      search.keepTo(bound.choices);
    }
  }
  return answerOf(place, search.best, proven);
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
