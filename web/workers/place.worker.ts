/** Runs the placing engine against the clock, reports, and can be stopped with what it has. */
import { expose } from 'comlink';
import { solvePlaceSteps } from '@stube/core/place/solve';
import type { PlaceAnswer, PlaceProblem } from '@stube/core/place/problem';

export interface PlaceNews {
  /** 0 … 1 */
  done: number;
  effort: number;
  bound: number;
}

let stopped = false;
/** Long enough to work, short enough to hear a stop. */
const SLICE_MS = 20;

const place = {
  /** The best plan when the time is over or it was stopped. */
  async solve(
    problem: PlaceProblem,
    pins: [string, string][],
    report: (news: PlaceNews) => void,
  ): Promise<PlaceAnswer> {
    stopped = false;
    const began = performance.now();
    const steps = solvePlaceSteps(problem, {
      pins: new Map(pins),
      elapsed: () => (performance.now() - began) / problem.timeMs,
    });
    let last = began;
    for (;;) {
      const next = steps.next();
      if (next.done) return next.value;
      if (performance.now() - last < SLICE_MS) continue;
      const { done, effort, bound } = next.value;
      report({ done, effort, bound });
      await new Promise((resolve) => setTimeout(resolve));
      if (stopped) return next.value.answer();
      last = performance.now();
    }
  },
  stop(): void {
    stopped = true;
  },
};

export type PlaceWorker = typeof place;
expose(place);
