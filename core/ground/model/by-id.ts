/** Rows by their id. */
export const byId = <T extends { id: string }>(rows: readonly T[]): Map<string, T> =>
  new Map(rows.map((row) => [row.id, row]));

/** By id: which it is in the list. */
export const indexById = (rows: readonly { id: string }[]): Map<string, number> =>
  new Map(rows.map(({ id }, i) => [id, i]));
