/** A packing while it is searched: containers by index, not numbered yet. */
import type { Standing } from './blocking-cost.ts';
import type { FitProblem } from './problem.ts';

export interface Put {
  type: number;
  x: number;
  y: number;
  z: number;
  turned: boolean;
}

export const standingOf = (problem: FitProblem, puts: readonly Put[]): Standing[] =>
  puts.map(({ type, x, y, z, turned }) => {
    const one = problem.containers[type]!;
    return {
      x,
      y,
      z,
      width: turned ? one.depth : one.width,
      depth: turned ? one.width : one.depth,
      height: one.height,
      uses: one.uses,
    };
  });
