/** Runs the placement search in slices, so that it can report and be stopped. */
import { expose } from 'comlink';
import { solvePlaceSteps, type PlaceProgress } from '@stube/core/place/solve';
import type { PlaceAnswer, PlaceProblem } from '@stube/core/place/problem';

let stopped = false;
/** Long enough to work, short enough to hear a stop. */
const SLICE_MS = 20;

const place = {
  async solve(
    problem: PlaceProblem,
    pins: [string, string][],
    report: (progress: PlaceProgress) => void,
  ): Promise<PlaceAnswer | null> {
    stopped = false;
    const steps = solvePlaceSteps(problem, { pins: new Map(pins) });
    let last = performance.now();
    for (;;) {
      const next = steps.next();
      if (next.done) return next.value;
      if (performance.now() - last < SLICE_MS) continue;
      report(next.value);
      await new Promise((resolve) => setTimeout(resolve));
      if (stopped) return null;
      last = performance.now();
    }
  },
  stop(): void {
    stopped = true;
  },
};

export type PlaceWorker = typeof place;
expose(place);
