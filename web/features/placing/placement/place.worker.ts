/** Runs the placing engine against the clock, reports, and can be stopped with what it has. */
import { expose } from 'comlink';
import {
  type DepthAnswer,
  type DepthPosition,
  type DepthProblem,
  type DepthProgress,
  depthSteps,
} from '@stube/core/placement';
import { UNPLACED } from '@stube/core/problems';
import { inSlices } from '../../../data/worker/slices.ts';

export interface PlaceNews {
  /** 0 … 1 */
  done: number;
  /** Seconds a week of what has a place. */
  effort: number;
  /** 0 where something has none: then nothing is proven. */
  bound: number;
  unplaced: number;
}

let stopped = false;

const place = {
  /** The best plan when the time is over or it was stopped; null when it was stopped before there was one. */
  async solve(
    problem: DepthProblem,
    fixed: DepthPosition[],
    start: DepthPosition[],
    locked: string[],
    report: (news: PlaceNews) => void,
  ): Promise<DepthAnswer | null> {
    stopped = false;
    const began = performance.now();
    const elapsed = () => (performance.now() - began) / problem.timeMs;
    const steps = depthSteps(problem, { fixed, start, locked, elapsed });
    return inSlices<DepthAnswer | null, DepthProgress>(
      steps,
      ({ effort, bound, unplaced }) =>
        report({
          done: Math.min(1, elapsed()),
          effort: effort - UNPLACED * unplaced,
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
