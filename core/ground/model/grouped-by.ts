/**
 * Rows by what `keyOf` tells of them, each list in the order of the rows; those without a key are in none.
 * @example groupedBy(bins, (bin) => bin.compartmentId).get('shelf 2')
 */
export function groupedBy<T>(rows: readonly T[], keyOf: (row: T) => string | null | undefined): Map<string, T[]> {
  const groups = new Map<string, T[]>();
  for (const row of rows) {
    const key = keyOf(row);
    if (key === null || key === undefined) continue;
    const group = groups.get(key);
    if (group) group.push(row);
    else groups.set(key, [row]);
  }
  return groups;
}
