/** The order in which rows were made. */

/** No row stands behind it: far more than there ever are, and within what the database counts. */
export const MAX_SORT = 1_000_000_000;

/** The place after the last one. @param last null where there is none yet */
export const sortAfter = (last: number | null): number => Math.min(MAX_SORT, (last ?? 0) + 1);

/** As they were made, one after the other. */
export const inOrder = <T extends { sort: number }>(rows: readonly T[]): T[] =>
  [...rows].sort((a, b) => a.sort - b.sort);
