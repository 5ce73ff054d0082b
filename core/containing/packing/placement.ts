/** A packing while it is searched: containers by index, not numbered yet. */
import type { PositionedBox } from './blocking-cost.ts';
import type { FitProblem } from '../../ground/problems/fit-problem.ts';

export interface Placement3d {
  type: number;
  x: number;
  y: number;
  z: number;
  turned: boolean;
}

export const positionedBoxesOf = (problem: FitProblem, puts: readonly Placement3d[]): PositionedBox[] =>
  puts.map(({ type, x, y, z, turned }) => {
    const container = problem.containers[type]!;
    return {
      x,
      y,
      z,
      width: turned ? container.depth : container.width,
      depth: turned ? container.width : container.depth,
      height: container.height,
      uses: container.uses,
    };
  });
