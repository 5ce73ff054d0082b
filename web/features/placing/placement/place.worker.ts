/** Runs the placing engine against the clock, reports, and can be stopped with what it has. */
import { expose } from 'comlink';
import {
  type DepthAnswer,
  type DepthPosition,
  type DepthProgress,
  depthSteps,
  mustBeLocked,
} from '@stube/core/placement';
import { type PlanRoom, sensibleProblem } from '@stube/core/plans';
import { inSlices } from '../../../data/worker/slices.ts';

export interface PlaceNews {
  /** 0 … 1 */
  done: number;
  /** Seconds a week of what has a place, with what each place is for. */
  effort: number;
  /** 0 where something has none: then nothing is proven. */
  bound: number;
  unplaced: number;
}

let stopped = false;

const place = {
  /** The best plan when the time is over or it was stopped; null when it was stopped before there was one. */
  async solve(
    plan: PlanRoom,
    ms: number,
    fixed: DepthPosition[],
    start: DepthPosition[],
    report: (news: PlaceNews) => void,
  ): Promise<DepthAnswer | null> {
    stopped = false;
    const problem = sensibleProblem(plan);
    // The time is that of the search: on a slow machine the room alone would have used it up.
    const began = performance.now();
    const elapsed = () => (performance.now() - began) / ms;
    const steps = depthSteps(problem, { fixed, start, locked: mustBeLocked(plan.room), elapsed });
    return inSlices<DepthAnswer | null, DepthProgress>(
      steps,
      ({ effort, left, bound, unplaced }) =>
        report({
          done: Math.min(1, elapsed()),
          effort: effort - left,
          bound: unplaced ? 0 : bound,
          unplaced,
        }),
      () => stopped,
    );
  },
  stop(): void {
    stopped = true;
  },
};

export type PlaceWorker = typeof place;
expose(place);
