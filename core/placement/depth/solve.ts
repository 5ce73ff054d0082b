/** Homes in depth: a first whole plan, then search and bound in turn until the time is up or the caller stops. See docs/engines.md. */
import { runToEnd } from '../../engine/run-to-end.ts';
import { UNPLACED } from '../problem.ts';
import { Arrangement, type Box } from './arrangement.ts';
import { DepthBound } from './bound.ts';
import { compileDepth, usesOf } from './compiled.ts';
import type { DepthAnswer, DepthPosition, DepthProblem } from './problem.ts';
import { DepthSearch, HOT, WARM } from './search.ts';
import { Spots } from './spots.ts';

export interface DepthOptions {
  seed?: number;
  /** How much of the time is over, 0 … 1, for callers with a clock; by turns otherwise. */
  elapsed?: () => number;
  /** Turns of search at the most, where there is no clock. */
  iterations?: number;
  /** Bins that stay where they stand; what they stand on is among them. */
  fixed?: readonly DepthPosition[];
  /** Where the bins stand now: the search begins there, so that only what is worth it is carried. Without it, from nothing. */
  start?: readonly DepthPosition[];
  /** Ids of bins that get the locked places before anything else may use them. */
  locked?: readonly string[];
}
export interface DepthProgress {
  /** An hour a week for each bin without a place is in it. */
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
/** Seconds a week for a bin that leaves the compartment it stands in: a minute's carrying that should pay within about 30 weeks (our own judgement). */
const CARRIED = 2;

/** Gives way every few milliseconds. */
export function* depthSteps(problem: DepthProblem, options: DepthOptions = {}): Generator<DepthProgress, DepthAnswer> {
  const uses = usesOf(problem);
  const progress: DepthProgress = {
    effort: UNPLACED * problem.bins.length,
    bound: 0,
    unplaced: problem.bins.length,
    answer: () => answerOf(problem, [], UNPLACED * problem.bins.length, 0),
  };
  const { fixed = [], start = [], locked = [] } = options;
  const stays = new Set(fixed.map(({ bin }) => bin));
  // What has to be locked and is not begins without a place.
  const lockedSpaces = new Set(problem.compartments.filter((space) => space.locked).map(({ id }) => id));
  const loose = new Set(lockedSpaces.size ? locked : []);
  const standing = [
    ...fixed,
    ...start.filter(({ bin, compartment }) => !stays.has(bin) && (!loose.has(bin) || lockedSpaces.has(compartment))),
  ];
  const compiling = compileDepth(problem, uses, new Map(fixed.map(({ bin, compartment }) => [bin, compartment])));
  const binAt = new Map(problem.bins.map(({ id }, i) => [id, i]));
  let compiled = compiling.next();
  while (!compiled.done) {
    yield progress;
    compiled = compiling.next();
  }
  const place = compiled.value;
  // Being carried costs, once: a little a week, so that nothing moves for a second's gain.
  const startAt = new Map(start.map(({ bin, compartment }) => [binAt.get(bin)!, compartment]));
  for (const [bin, compartment] of startAt)
    for (let space = 0; space < place.spaces; space++)
      if (problem.compartments[space]!.id !== compartment) place.base[bin * place.spaces + space]! += CARRIED;
  /** What the search has counted for carrying, seconds a week. */
  const carried = (spots: DepthSearch['bestSpots']): number =>
    [...startAt].filter(([bin, compartment]) => {
      const spot = spots[bin];
      return spot && problem.compartments[spot.space]!.id !== compartment;
    }).length * CARRIED;
  const now = new Arrangement(place, uses);
  putAll(now, problem, standing, stays);
  const search = new DepthSearch(
    now,
    options.seed ?? 1,
    new Set([...stays].map((id) => binAt.get(id)!)),
    start.length ? WARM : HOT,
  );
  const effortNow = () => search.bestEffort - carried(search.bestSpots);
  progress.answer = () => answerOf(problem, search.bestSpots, effortNow(), bound.best);
  const bound = new DepthBound(place);
  const told = (): DepthProgress =>
    Object.assign(progress, {
      effort: effortNow(),
      bound: Math.min(bound.best, effortNow()),
      unplaced: search.bestSpots.filter((spot) => !spot).length,
    });
  for (const _ of search.construct(locked.flatMap((id) => binAt.get(id) ?? []))) {
    // What is built so far is no answer yet.
    yield progress;
  }
  yield told();
  const { elapsed } = options;
  const most = options.iterations ?? ITERATIONS;
  for (let turn = 0, rounds = 0; elapsed || turn < most; turn++) {
    const done = elapsed ? elapsed() : turn / most;
    if (done >= 1 || effortNow() - bound.best <= 1e-7 * Math.max(1, search.bestEffort)) break;
    if (turn % BOUND_EVERY === 0 && rounds < ROUNDS) {
      bound.round(effortNow());
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

/** Puts bins where they stand, what is on another after it. @param stays ids of those that stay whatever rule they break */
function putAll(
  now: Arrangement,
  problem: DepthProblem,
  standing: readonly DepthPosition[],
  stays: ReadonlySet<string>,
): void {
  const spots = new Spots(now);
  const binAt = new Map(problem.bins.map(({ id }, i) => [id, i]));
  const spaceAt = new Map(problem.compartments.map(({ id }, i) => [id, i]));
  for (const { bin: id, compartment, x, y, z, turned } of [...standing].sort((a, b) => a.z - b.z)) {
    const [bin, space] = [binAt.get(id)!, spaceAt.get(compartment)!];
    const box = spots.boxAt(bin, { space, x, y, z, turned, on: null, cost: 0 });
    box.on =
      now.inside[space]!.find(
        (under) => z > 0 && under.z1 === z && under.x0 <= x && x < under.x1 && under.y0 <= y && y < under.y1,
      ) ?? null;
    if (!stays.has(id) && !mayStand(now, box)) continue;
    now.put(box);
    const { blocked } = box;
    const isChildBlocked = ({ bin: other, blocked: count }: Box) => count > 0 && now.place.ofChild[other] === 1;
    if (!stays.has(id) && ((blocked && now.place.ofChild[bin]) || now.inside[space]!.some(isChildBlocked)))
      now.take(bin);
  }
}

/** Whether the rules let it stand there; what it stands on is there already. */
function mayStand(now: Arrangement, box: Box): boolean {
  const { place, load } = now;
  const { bin, space, on } = box;
  if (place.base[bin * place.spaces + space] === Infinity) return false;
  if (load[space]! + place.mass[bin]! > place.maxLoad[space]!) return false;
  if (box.x1 > place.roomWidth[space]! || box.y1 > place.roomDepth[space]! || box.z1 > place.roomHeight[space]!)
    return false;
  if (box.z0 > 0 && (!on || !place.stackable[on.bin] || place.mass[on.bin]! < place.mass[bin]!)) return false;
  if (place.hangs[space] && (box.z0 > 0 || box.y0 > 0)) return false;
  return now.mayJoin(bin, space) && now.reaches(bin, space, box.z0);
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
