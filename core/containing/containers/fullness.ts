/** How full a bin may be, and when it is too full: the one rule for every screen. Shares of what its container takes. */
import { USUAL_FILL_LIMIT, type Site } from '../../ground/model/site.ts';

/** A rounding beyond the limit is none. */
const ROUNDING = 0.001;
/** What goes in on a busy day: a share beyond the limit from which on a bin is said to be over-full (our own judgement). */
const TOLERATED = 0.1;

/** The share to which bins are filled; the usual one where no site is open. */
export const fillLimitOf = (site: Pick<Site, 'fillLimit'> | undefined): number => site?.fillLimit ?? USUAL_FILL_LIMIT;

/** Whether a plan fills a container beyond the limit. */
export const isBeyondLimit = (full: number, limit: number): boolean => full > limit + ROUNDING;

/** Whether what stands there is over-full: it does not close, or is well beyond the limit. @example tooFull(0.92, 0.8) // 'over-full' */
export const tooFull = (full: number, limit: number): 'overflows' | 'over-full' | null =>
  full > Math.max(1, limit) ? 'overflows' : full > limit + TOLERATED ? 'over-full' : null;
