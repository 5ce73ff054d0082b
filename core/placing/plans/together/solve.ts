/** Containers and places together: a first whole plan, then search until the time is up or the caller stops. See docs/engines.md. */
import { indexById } from '../../../ground/model/by-id.ts';
import { Arrangement } from '../../placement/depth/arrangement.ts';
import type { DepthPosition } from '../../placement/depth/problem.ts';
import { shiftBack } from '../../placement/depth/put-standing.ts';
import { UsualLimits } from '../../placement/depth/usual-limits.ts';
import { runToEnd } from '../../../ground/engine/run-to-end.ts';
import { compilePlan, type CompiledPlan } from './compiled-plan.ts';
import type { PlanAnswer, PlanPosition, TogetherProblem } from './problem.ts';
import { PlanSearch, type KeptPlan } from './search.ts';
import { planBound } from './bound.ts';

export interface PlanOptions {
  seed?: number;
  /** How much of the time is over, 0 … 1, for callers with a clock; by turns otherwise. */
  elapsed?: () => number;
  /** Turns of search at the most, where there is no clock. */
  iterations?: number;
}
export interface TogetherProgress {
  cost: number;
  /** The best plan so far, null before the first one. */
  answer(): PlanAnswer | null;
}
/** Tries in one turn. */
const TRIES = 4;
const ITERATIONS = 200;

/** Gives way every few milliseconds. */
export function* togetherSteps(
  problem: TogetherProblem,
  { seed = 1, elapsed, iterations = ITERATIONS }: PlanOptions = {},
): Generator<TogetherProgress, PlanAnswer> {
  const progress: TogetherProgress = { cost: Infinity, answer: () => null };
  const compiling = compilePlan(problem);
  let compiled = compiling.next();
  for (; !compiled.done; compiled = compiling.next()) yield progress;
  const plan = compiled.value;
  const bound = planBound(plan);
  const search = new PlanSearch(plan, seed);
  search.asNow();
  const limits = new UsualLimits(plan.place);
  for (const _ of search.construct()) yield progress;
  progress.answer = () => answerOf(plan, search.best, search.bestCost, bound);
  for (let turn = 0; elapsed || turn < iterations; turn++) {
    const done = elapsed ? elapsed() : turn / iterations;
    if (done >= 1 || search.bestCost - bound <= 1e-7 * Math.max(1, search.bestCost)) break;
    limits.lastResort(done, search);
    search.step(done, TRIES);
    progress.cost = search.bestCost;
    yield progress;
  }
  limits.letBe();
  return answerOf(plan, settled(plan, search.best), search.bestCost, bound);
}

/** In one go, by turns: the same seed gives the same plan. */
export const solveTogether = (problem: TogetherProblem, options: PlanOptions & { iterations: number }): PlanAnswer =>
  runToEnd(togetherSteps(problem, options));

/** What stays in its compartment and was only shifted goes back to where it stands, where that costs nothing. */
function settled(plan: CompiledPlan, best: KeptPlan | null): KeptPlan | null {
  const { problem, optionsOf, place } = plan;
  const standing = problem.needs.flatMap(({ ways, now }, need): DepthPosition[] =>
    now && !now.stays && best?.option[need] === optionsOf[need]![now.way]
      ? ways[now.way]!.bins.flatMap(({ id }, n) => (now.positions[n] ? [{ ...now.positions[n], bin: id }] : []))
      : [],
  );
  if (!best || !standing.length) return best;
  const now = new Arrangement(place);
  const placed = [...best.space.keys()].filter((bin) => best.space[bin]! >= 0);
  for (const bin of placed.sort((a, b) => best.z0[a]! - best.z0[b]!))
    now.put(bin, best.space[bin]!, best.x0[bin]!, best.y0[bin]!, best.z0[bin]!, best.turned[bin]!, best.on[bin]!);
  const binAt = indexById(place.problem.bins);
  const own = standing.filter(({ bin }) => best.space[binAt.get(bin)!]! >= 0);
  shiftBack(now, own, binAt, indexById(place.problem.compartments));
  const { space, x0, y0, z0, turned, on } = now;
  return { ...{ space, x0, y0, z0, turned, on }, option: best.option };
}

function answerOf(plan: CompiledPlan, best: KeptPlan | null, cost: number, bound: number): PlanAnswer {
  const { problem, optionsOf, bins } = plan;
  const placed: PlanPosition[] = [];
  const unplaced: PlanAnswer['unplaced'] = [];
  const chosen = problem.needs.map(({ id }, need) => {
    const option = best?.option[need] ?? optionsOf[need]![0]!;
    [...bins[option]!]
      .sort((a, b) => a - b)
      .forEach((bin, n) => {
        const space = best && problem.compartments[best.space[bin]!];
        if (!best || !space) unplaced.push({ need: id, n });
        else {
          const [x, y, z] = [best.x0[bin]!, best.y0[bin]!, best.z0[bin]!];
          placed.push({ need: id, n, compartment: space.id, x, y, z, turned: best.turned[bin] === 1 });
        }
      });
    return { need: id, option: option - optionsOf[need]![0]! };
  });
  const proven = Math.min(bound, cost);
  return {
    format: 'stube-plan-answer/1',
    ...{ chosen, placed, unplaced },
    cost: Number(cost.toFixed(6)),
    bound: Number(proven.toFixed(6)),
    optimal: cost - proven <= 1e-6 * Math.max(1, cost),
  };
}
