/** Who works when: a little search first, then mostly the bound, then the search alone, from hot to cold. Times are shares, 0 … 1. */

/** Yields of search before the bound: so many, or more until that share of the time, so that bound and screen have a fair plan. */
const FIRST_SEARCH = { least: 5, most: 15, share: 0.1 };
/** While the bound works, one yield of so many is the search's. */
const SEARCH_EVERY = 6;
/** When the bound is done with: usually, and where fewer than so many rounds would be made till then. */
const BOUND_ENDS = { usual: 0.45, late: 0.7, few: 90 };
/** Rounds from which on it can be told how many there will be. */
const ROUNDS_TO_TELL = 6;

export class Schedule {
  /** When the bound began, −1 before. */
  private began = -1;
  private ends: number = BOUND_ENDS.late;
  private told = false;
  /** When the search was left alone. */
  private alone = 0;

  /** Whether it is the time of the bound: asked once a yield. */
  bounding(done: number): boolean {
    if (done >= this.ends) return false;
    this.alone = done;
    return true;
  }

  /** Whether this yield, in its time, is the bound's own. */
  boundsTurn(iteration: number, done: number): boolean {
    if (iteration < (done < FIRST_SEARCH.share ? FIRST_SEARCH.most : FIRST_SEARCH.least)) return false;
    return iteration % SEARCH_EVERY !== 0;
  }

  /** How much of the bound's time is over. */
  timeFraction(done: number): number {
    if (this.began < 0) this.began = done;
    return (done - this.began) / Math.max(1e-9, this.ends - this.began);
  }

  /** So many rounds are made: once it can be told that there will be enough of them, the bound ends early. */
  counted(rounds: number, done: number): void {
    if (this.told || rounds < ROUNDS_TO_TELL) return;
    this.told = true;
    const tillEnd = (rounds * (BOUND_ENDS.usual - this.began)) / Math.max(1e-9, done - this.began);
    if (tillEnd >= BOUND_ENDS.few) this.ends = BOUND_ENDS.usual;
  }

  /** How far the search that was left alone has come. */
  annealingProgress(done: number): number {
    return (done - this.alone) / (1 - this.alone);
  }
}
