/** Runs the packing engine against the clock, reports every slice, and can be stopped with what it has. */
import { expose } from 'comlink';
import { fitSteps } from '@stube/core/fit/solve';
import type { FitAnswer, FitProblem } from '@stube/core/fit/problem';

export interface FitNews {
  /** 0 … 1 of the time. */
  done: number;
  value: number;
  bound: number;
  /** Only when it is better than the last one reported. */
  answer: FitAnswer | null;
}

let stopped = false;
/** Long enough to work, short enough to hear a stop. */
const SLICE_MS = 20;

const fit = {
  async solve(problem: FitProblem, report: (news: FitNews) => void): Promise<FitAnswer> {
    stopped = false;
    const began = performance.now();
    const steps = fitSteps(problem);
    let last = began;
    let told = 0;
    for (;;) {
      const next = steps.next();
      if (next.done) return next.value;
      const now = performance.now();
      if (now - last < SLICE_MS) continue;
      const { value, bound, improvements } = next.value;
      report({
        done: Math.min(1, (now - began) / problem.timeMs),
        value,
        bound,
        answer: improvements > told ? next.value.answer() : null,
      });
      told = improvements;
      await new Promise((resolve) => setTimeout(resolve));
      if (stopped || now - began >= problem.timeMs) return next.value.answer();
      last = performance.now();
    }
  },
  stop(): void {
    stopped = true;
  },
};

export type FitWorker = typeof fit;
expose(fit);
