/** What searches and proof share: the best packing and what is proven. */
import { lessDigging } from './search/reduce-blocking.ts';
import { diggingOf } from './blocking-cost.ts';
import type { FitProblem } from './problem.ts';
import { standingOf, type Put } from './placement.ts';

export class Incumbent {
  readonly problem: FitProblem;
  puts: Put[] = [];
  value = 0;
  digging = 0;
  bound = Infinity;
  improvements = 0;

  constructor(problem: FitProblem) {
    this.problem = problem;
  }

  get closed(): boolean {
    return this.bound - this.value <= 1e-9 * Math.max(1, this.value);
  }

  /** Takes a packing over when it is worth more, or the same with less digging. */
  offer(found: readonly Put[]): boolean {
    const value = found.reduce((sum, put) => sum + this.problem.containers[put.type]!.value, 0);
    if (value < this.value - 1e-9) return false;
    const puts = lessDigging(this.problem, found);
    const digging = diggingOf(standingOf(this.problem, puts), this.problem.compartment.access);
    if (value <= this.value + 1e-9 && this.puts.length && digging >= this.digging) return false;
    this.puts = puts;
    this.value = value;
    this.digging = digging;
    this.improvements++;
    return true;
  }

  lower(bound: number): void {
    this.bound = Math.max(this.value, Math.min(this.bound, bound));
  }
}
