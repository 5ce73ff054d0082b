/** Finds the cuts against the clock. */
import { expose } from 'comlink';
import { type CutAnswer, type CutProblem, cutSteps } from '@stube/core/cutting';
import { inSlices } from '../../../data/worker/slices.ts';

/** Each question ends the one before. */
let asked = 0;
const cut = {
  async solve(problem: CutProblem): Promise<CutAnswer> {
    const question = ++asked;
    const until = performance.now() + problem.timeMs;
    return inSlices(
      cutSteps(problem),
      () => {},
      () => question !== asked || performance.now() > until,
    );
  },
};

export type CutWorker = typeof cut;
expose(cut);
