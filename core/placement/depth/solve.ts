/** Homes in depth: a first whole plan, then search and bound in turn until the time is up or the caller stops. See docs/engines.md. */
import { runToEnd } from '../../engine/run-to-end.ts';
import { UNPLACED } from '../problem.ts';
import { Arrangement } from './arrangement.ts';
import { DepthBound } from './bound.ts';
import { compileDepth, usesOf } from './compiled.ts';
import type { DepthAnswer, DepthPosition, DepthProblem } from './problem.ts';
import { DepthSearch } from './search.ts';
import { Spots } from './spots.ts';

export interface DepthOptions {
  seed?: number;
  /** How much of the time is over, 0 … 1, for callers with a clock; by turns otherwise. */
  elapsed?: () => number;
  /** Turns of search at the most, where there is no clock. */
  iterations?: number;
  /** Bins that stay where they stand; what they stand on is among them. */
  fixed?: readonly DepthPosition[];
  /** Ids of bins that get the locked places before anything else may use them. */
  locked?: readonly string[];
}
export interface DepthProgress {
  effort: number;
  bound: number;
  /** Bins without a place. */
  unplaced: number;
  answer(): DepthAnswer;
}

/** Tries in one turn, and turns between two rounds of the bound. */
const TRIES = 60;
const BOUND_EVERY = 6;
const ROUNDS = 150;
const ITERATIONS = 400;

/** Gives way every few milliseconds. */
export function* depthSteps(problem: DepthProblem, options: DepthOptions = {}): Generator<DepthProgress, DepthAnswer> {
  const uses = usesOf(problem);
  const progress: DepthProgress = {
    effort: UNPLACED * problem.bins.length,
    bound: 0,
    unplaced: problem.bins.length,
    answer: () => answerOf(problem, [], UNPLACED * problem.bins.length, 0),
  };
  const { fixed = [], locked = [] } = options;
  const compiling = compileDepth(problem, uses, new Map(fixed.map(({ bin, compartment }) => [bin, compartment])));
  let compiled = compiling.next();
  while (!compiled.done) {
    yield progress;
    compiled = compiling.next();
  }
  const place = compiled.value;
  const now = new Arrangement(place, uses);
  putAll(now, problem, fixed);
  const search = new DepthSearch(now, options.seed ?? 1);
  progress.answer = () => answerOf(problem, search.bestSpots, search.bestEffort, bound.best);
  const bound = new DepthBound(place);
  const told = (): DepthProgress =>
    Object.assign(progress, {
      effort: search.bestEffort,
      bound: Math.min(bound.best, search.bestEffort),
      unplaced: now.unplaced,
    });
  const binAt = new Map(problem.bins.map(({ id }, i) => [id, i]));
  for (const _ of search.construct(locked.flatMap((id) => binAt.get(id) ?? []))) {
    // What is built so far is no answer yet.
    yield progress;
  }
  yield told();
  const { elapsed } = options;
  const most = options.iterations ?? ITERATIONS;
  for (let turn = 0, rounds = 0; elapsed || turn < most; turn++) {
    const done = elapsed ? elapsed() : turn / most;
    if (done >= 1 || search.bestEffort - bound.best <= 1e-7 * Math.max(1, search.bestEffort)) break;
    if (turn % BOUND_EVERY === 0 && rounds < ROUNDS) {
      bound.round(search.bestEffort);
      rounds++;
    }
    search.step(done, TRIES);
    yield told();
  }
  return progress.answer();
}

/** In one go, by turns: the same seed gives the same plan. @example solveDepth(problem, { iterations: 100 }).placed */
export const solveDepth = (problem: DepthProblem, options: DepthOptions & { iterations: number }): DepthAnswer =>
  runToEnd(depthSteps(problem, options));

/** Puts bins where they stay; what stands on another comes after it. */
function putAll(now: Arrangement, problem: DepthProblem, fixed: readonly DepthPosition[]): void {
  const spots = new Spots(now);
  const binAt = new Map(problem.bins.map(({ id }, i) => [id, i]));
  const spaceAt = new Map(problem.compartments.map(({ id }, i) => [id, i]));
  for (const { bin, compartment, x, y, z, turned } of [...fixed].sort((a, b) => a.z - b.z)) {
    const space = spaceAt.get(compartment)!;
    const box = spots.boxAt(binAt.get(bin)!, { space, x, y, z, turned, on: null, cost: 0 });
    box.on =
      now.inside[space]!.find(
        (under) => z > 0 && under.z1 === z && under.x0 <= x && x < under.x1 && under.y0 <= y && y < under.y1,
      ) ?? null;
    now.put(box);
  }
}

function answerOf(problem: DepthProblem, spots: DepthSearch['bestSpots'], effort: number, bound: number): DepthAnswer {
  const proven = Math.min(bound, effort);
  return {
    format: 'stube-place-answer/2',
    placed: problem.bins.flatMap(({ id }, bin): DepthPosition[] => {
      const spot = spots[bin];
      return spot
        ? [
            {
              bin: id,
              compartment: problem.compartments[spot.space]!.id,
              x: spot.x,
              y: spot.y,
              z: spot.z,
              turned: spot.turned,
            },
          ]
        : [];
    }),
    unplaced: problem.bins.filter((_, bin) => !spots[bin]).map(({ id }) => id),
    effort: Number(effort.toFixed(6)),
    bound: Number(proven.toFixed(6)),
    optimal: effort - proven <= 1e-6 * Math.max(1, effort),
  };
}
