/** Runs the packing engine against the clock, reports every slice, and can be stopped with what it has. */
import { expose } from 'comlink';
import { type FillAnswer, type FillProblem, fillUnitSteps, fitSteps } from '@stube/core/packing';
import { inSlices } from '../../../data/worker/slices.ts';
import type { FitAnswer, FitProblem } from '@stube/core/problems';

export interface FitNews {
  /** 0 … 1 of the time. */
  done: number;
  value: number;
  bound: number;
  /** Only when it is better than the last one reported. */
  answer: FitAnswer | null;
}

let stopped = false;

const fit = {
  async solve(problem: FitProblem, report: (news: FitNews) => void): Promise<FitAnswer> {
    stopped = false;
    const began = performance.now();
    const done = () => Math.min(1, (performance.now() - began) / problem.timeMs);
    let told = 0;
    return inSlices(
      fitSteps(problem),
      ({ value, bound, improvements, answer }) => {
        report({ done: done(), value, bound, answer: improvements > told ? answer() : null });
        told = improvements;
      },
      () => stopped || done() >= 1,
    );
  },
  /** All places of a unit; ends by itself. @param report how many bins found room so far */
  async fill(problem: FillProblem, report: (placed: number) => void): Promise<FillAnswer> {
    stopped = false;
    return inSlices(
      fillUnitSteps(problem),
      ({ placed }) => report(placed),
      () => stopped,
    );
  },
  stop(): void {
    stopped = true;
  },
};

export type FitWorker = typeof fit;
expose(fit);
