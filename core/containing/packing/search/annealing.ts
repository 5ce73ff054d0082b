/**
 * How much worse a packing may be and still be kept: a share of the best value at first, nothing in the end; then it begins
 * anew and takes twice as long (annealing).
 */
import type { Random } from '../../../ground/engine/random.ts';

export class Annealing {
  private readonly heat: number;
  private readonly longest: number;
  private readonly random: Random;
  private rounds = 0;
  private length = FIRST;

  /** @param heat share of the best value at first; @param longest rounds of a cooling at most */
  constructor(heat: number, longest: number, random: Random) {
    this.heat = heat;
    this.longest = longest;
    this.random = random;
  }

  /** How much of this cooling is over. */
  get share(): number {
    return this.rounds / this.length;
  }

  /** One round on: how much less than what was kept the next may be worth, drawn by chance. */
  allowance(best: number): number {
    this.rounds++;
    return this.heat * best * (1 - this.share) ** 2 * -Math.log(1 - this.random.next());
  }

  /** Whether this cooling came to its end; then the next one begins. */
  ended(): boolean {
    if (this.rounds < this.length) return false;
    this.rounds = 0;
    this.length = Math.min(this.longest, this.length * 2);
    return true;
  }
}

/** Rounds of the first cooling. */
const FIRST = 1000;
