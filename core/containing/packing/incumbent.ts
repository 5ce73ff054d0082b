/** What searches and proof share: the best packing and what is proven. */
import { reduceBlocking } from './search/reduce-blocking.ts';
import { blockingCostOf } from './blocking-cost.ts';
import type { FitProblem } from '../../ground/problems/fit-problem.ts';
import { positionedBoxesOf, type Placement3d } from './placement.ts';

export class Incumbent {
  readonly problem: FitProblem;
  placements: Placement3d[] = [];
  value = 0;
  blockingCost = 0;
  bound = Infinity;
  improvements = 0;

  constructor(problem: FitProblem) {
    this.problem = problem;
  }

  get closed(): boolean {
    return this.bound - this.value <= 1e-9 * Math.max(1, this.value);
  }

  /** Takes a packing over when it is worth more, or the same with less digging. */
  offer(found: readonly Placement3d[]): boolean {
    const value = found.reduce((sum, put) => sum + this.problem.containers[put.type]!.value, 0);
    if (value < this.value - 1e-9) return false;
    const placements = reduceBlocking(this.problem, found);
    const blockingCost = blockingCostOf(positionedBoxesOf(this.problem, placements), this.problem.compartment.access);
    if (value <= this.value + 1e-9 && this.placements.length && blockingCost >= this.blockingCost) return false;
    this.placements = placements;
    this.value = value;
    this.blockingCost = blockingCost;
    this.improvements++;
    return true;
  }

  lower(bound: number): void {
    this.bound = Math.max(this.value, Math.min(this.bound, bound));
  }
}
