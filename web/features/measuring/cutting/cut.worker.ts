/** Finds the cuts against the clock. */
import { expose } from 'comlink';
import { cutSteps } from '@stube/core/measuring/cutting/solve';
import type { CutAnswer, CutProblem } from '@stube/core/measuring/cutting/problem';
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
