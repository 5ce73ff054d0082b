/** Runs the placing engine against the clock, reports, and can be stopped with what it has. */
import { expose } from 'comlink';
import { lockedFirst } from '@stube/core/placement/locked-first';
import { solvePlaceSteps, type PlaceProgress } from '@stube/core/placement/solve';
import { inSlices } from '../../data/worker/slices.ts';
import type { PlaceAnswer, PlaceProblem } from '@stube/core/placement/problem';

export interface PlaceNews {
  /** 0 … 1 */
  done: number;
  effort: number;
  bound: number;
}

let stopped = false;

const place = {
  /** The best plan when the time is over or it was stopped; null when it was stopped before there was one. */
  async solve(
    problem: PlaceProblem,
    pins: [string, string][],
    locked: string[],
    report: (news: PlaceNews) => void,
  ): Promise<PlaceAnswer | null> {
    stopped = false;
    const began = performance.now();
    const steps = solvePlaceSteps(problem, {
      pins: lockedFirst(problem, locked, new Map(pins)),
      elapsed: () => (performance.now() - began) / problem.timeMs,
    });
    return inSlices<PlaceAnswer | null, PlaceProgress>(
      steps,
      ({ done, effort, bound }) => report({ done, effort, bound }),
      () => stopped,
    );
  },
  stop(): void {
    stopped = true;
  },
};

export type PlaceWorker = typeof place;
expose(place);
