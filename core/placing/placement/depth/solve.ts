/** Homes in depth: a first whole plan, then search and bound in turn until the time is up or the caller stops. See docs/engines.md. */
import { runToEnd } from '../../../ground/engine/run-to-end.ts';
import { indexById } from '../../../ground/model/by-id.ts';
import { UNPLACED } from '../../../ground/problems/place-problem.ts';
import { Arrangement } from './arrangement.ts';
import { DepthBound } from './bound.ts';
import { construct, constructPriced, keepLocked } from './construct.ts';
import { compileDepth } from './compiled.ts';
import type { DepthAnswer, DepthPosition, DepthProblem } from './problem.ts';
import { putStanding, shiftBack, type Numbers } from './put-standing.ts';
import { UsualLimits } from './usual-limits.ts';
import { DepthSearch, HOT, WARM, type Kept } from './search.ts';

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
  /** What bins without a place count for is in it. */
  effort: number;
  /** So much of it, seconds a week. */
  left: number;
  bound: number;
  /** Bins without a place. */
  unplaced: number;
  /** The best plan so far, null before the first one. */
  answer(): DepthAnswer | null;
}

/** Tries in one turn. */
const TRIES = 200;
/** Rounds of the bound: so many before the first plan, then one every so many turns; how many at most, and what share of the time they may take. */
const ROUNDS = { first: 50, every: 4, most: 180, shareFirst: 0.07, share: 0.1 };
const ITERATIONS = 120;
/** Share of the time after which there is none left for a bound. */
const HURRIED = 0.3;
/** Seconds a week for a bin that leaves the compartment it stands in: a minute's carrying that should pay within about 30 weeks (our own judgement). */
export const CARRIED = 2;

/** Gives way every few milliseconds. */
export function* depthSteps(problem: DepthProblem, options: DepthOptions = {}): Generator<DepthProgress, DepthAnswer> {
  const progress: DepthProgress = {
    effort: UNPLACED * problem.bins.length,
    left: UNPLACED * problem.bins.length,
    bound: 0,
    unplaced: problem.bins.length,
    answer: () => null,
  };
  const { fixed = [], start = [], locked = [], elapsed } = options;
  const stays = new Set(fixed.map(({ bin }) => bin));
  // What has to be locked and is not begins without a place.
  const lockedSpaces = new Set(problem.compartments.filter((space) => space.locked).map(({ id }) => id));
  const loose = new Set(lockedSpaces.size ? locked : []);
  const standing = [
    ...fixed,
    ...start.filter(({ bin, compartment }) => !stays.has(bin) && (!loose.has(bin) || lockedSpaces.has(compartment))),
  ];
  const compiling = compileDepth(problem, new Map(fixed.map(({ bin, compartment }) => [bin, compartment])));
  const binAt = indexById(problem.bins);
  const spaceAt = indexById(problem.compartments);
  let compiled = compiling.next();
  while (!compiled.done) {
    yield progress;
    compiled = compiling.next();
  }
  const place = compiled.value;
  const time = () => elapsed?.() ?? 0;
  // So large a room for so little time that it is partly over: a plan without prices is there at once, and the search
  // makes more of the rest than the bound would.
  const hurried = time() > HURRIED;
  const bound = hurried ? null : new DepthBound(place, whereFixed(fixed, binAt, spaceAt));
  // Being carried costs, once: a little a week, so that nothing moves for a second's gain. The bound knows nothing of it.
  const startAt = new Map(start.map(({ bin, compartment }) => [binAt.get(bin)!, compartment]));
  for (const [bin, compartment] of startAt)
    for (let space = 0; space < place.spaces; space++)
      if (problem.compartments[space]!.id !== compartment) place.base[bin * place.spaces + space]! += CARRIED;
  const now = new Arrangement(place);
  putStanding(now, standing, stays, binAt, spaceAt);
  const limits = new UsualLimits(place);
  let rounds = 0;
  let spent = 0;
  const round = (bound: DepthBound, target: number) => {
    const before = time();
    bound.round(target);
    rounds++;
    spent += time() - before;
  };
  const proven = () => bound?.best ?? 0;
  const mustBeLocked = locked.flatMap((id) => binAt.get(id) ?? []);
  while (bound && !start.length && rounds < ROUNDS.first && spent < ROUNDS.shareFirst) {
    round(bound, Infinity);
    yield progress;
  }
  // From what stands the search is too cold to bring to its cheapest place what left that to others.
  const filling = start.length || !bound ? construct(now, mustBeLocked) : constructPriced(now, bound, mustBeLocked);
  // What is built so far is no answer yet.
  for (const _ of filling) yield progress;
  for (const bin of mustBeLocked) if (now.space[bin]! >= 0) keepLocked(now, bin);
  const search = new DepthSearch(
    now,
    options.seed ?? 1,
    new Set([...stays].map((id) => binAt.get(id)!)),
    start.length ? WARM : HOT,
  );
  /** Without what the search has counted for carrying. */
  const effortNow = () =>
    search.bestEffort -
    CARRIED *
      [...startAt].filter(([bin, compartment]) => {
        const space = search.best.space[bin]!;
        return space >= 0 && problem.compartments[space]!.id !== compartment;
      }).length;
  progress.answer = () => answerOf(problem, search.best, effortNow(), proven());
  const told = (): DepthProgress =>
    Object.assign(progress, {
      effort: effortNow(),
      bound: Math.min(proven(), effortNow()),
      unplaced: search.bestUnplaced,
      left: search.bestLeft,
    });
  yield told();
  const most = options.iterations ?? ITERATIONS;
  const isProven = () => effortNow() - proven() <= 1e-7 * Math.max(1, search.bestEffort);
  for (let turn = 0; elapsed || turn < most; turn++) {
    const done = elapsed ? time() : turn / most;
    if (done >= 1 || isProven()) break;
    if (bound && turn % ROUNDS.every === 0 && rounds < ROUNDS.most && spent < ROUNDS.share) round(bound, effortNow());
    limits.lastResort(done, search);
    search.step(done, TRIES);
    yield told();
  }
  limits.letBe();
  const found = answerOf(problem, search.best, effortNow(), proven());
  if (!start.length) return found;
  const settled = new Arrangement(place);
  // It is whole: none of it is asked again by which rule it stands there, beside what is pinned against one.
  putStanding(settled, found.placed, new Set(binAt.keys()), binAt, spaceAt);
  const before = settled.effort;
  shiftBack(
    settled,
    start.filter(({ bin }) => !stays.has(bin)),
    binAt,
    spaceAt,
  );
  return answerOf(problem, settled, found.effort + settled.effort - before, proven());
}

/** In one go, by turns: the same seed gives the same plan. @example solveDepth(problem, { iterations: 100 }).placed */
export const solveDepth = (problem: DepthProblem, options: DepthOptions & { iterations: number }): DepthAnswer =>
  runToEnd(depthSteps(problem, options));

/** Where those stand that stay: by bin. */
const whereFixed = (
  fixed: readonly DepthPosition[],
  binAt: Numbers,
  spaceAt: Numbers,
): ReadonlyMap<number, { space: number; z: number }> =>
  new Map(fixed.map(({ bin, compartment, z }) => [binAt.get(bin)!, { space: spaceAt.get(compartment)!, z }]));

/** What stands as an answer. @param best where it stands; null for nothing @param effort seconds a week, @param bound proven */
export function answerOf(problem: DepthProblem, best: Kept | null, effort: number, bound: number): DepthAnswer {
  const proven = Math.min(bound, effort);
  return {
    format: 'stube-place-answer/2',
    placed: problem.bins.flatMap(({ id }, bin): DepthPosition[] => {
      const space = best && problem.compartments[best.space[bin]!];
      if (!space) return [];
      const [x, y, z] = [best.x0[bin]!, best.y0[bin]!, best.z0[bin]!];
      return [{ bin: id, compartment: space.id, x, y, z, turned: best.turned[bin] === 1 }];
    }),
    unplaced: problem.bins.filter((_, bin) => !best || best.space[bin]! < 0).map(({ id }) => id),
    effort: Number(effort.toFixed(6)),
    bound: Number(proven.toFixed(6)),
    optimal: effort - proven <= 1e-6 * Math.max(1, effort),
  };
}
