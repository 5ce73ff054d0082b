/** From a problem to an answer: search and bound together, in slices that the caller times and may stop. */
import { assignmentEffort, compilePlace, type CompiledPlace } from './compile.ts';
import { lowerBound } from './bound.ts';
import { PlaceSearch } from './search.ts';
import type { PlaceAnswer, PlaceProblem } from './problem.ts';

export interface PlaceOptions {
  seed?: number;
  /** Changes tried in all; the measure of work that repeats. */
  iterations?: number;
  pins?: ReadonlyMap<string, string>;
}

export interface PlaceProgress {
  /** 0 … 1 */
  done: number;
  effort: number;
  bound: number;
}

const SLICES = 100;

/** Work worth doing for a problem of that size; found by trial on rooms of 10 to 120 bins. */
export const usualIterations = (bins: number): number => Math.min(400_000, 20_000 + bins * 2_000);

/** Yields after every slice, so that a worker can report and listen; returns the answer. */
export function* solvePlaceSteps(
  problem: PlaceProblem,
  options: PlaceOptions = {},
): Generator<PlaceProgress, PlaceAnswer> {
  const compiled = compilePlace(problem, options.pins);
  const search = new PlaceSearch(compiled, options.seed ?? 1);
  const bound = Math.min(lowerBound(compiled), search.bestEffort);
  const each = Math.ceil((options.iterations ?? usualIterations(compiled.bins)) / SLICES);
  for (let slice = 0; slice < SLICES && search.bestEffort > bound + 1e-9; slice++) {
    search.step(each, slice / SLICES);
    yield { done: (slice + 1) / SLICES, effort: search.bestEffort, bound };
  }
  return answerOf(compiled, search.best, bound);
}

/** The same in one go. */
export function solvePlace(problem: PlaceProblem, options: PlaceOptions = {}): PlaceAnswer {
  const steps = solvePlaceSteps(problem, options);
  for (;;) {
    const next = steps.next();
    if (next.done) return next.value;
  }
}

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
