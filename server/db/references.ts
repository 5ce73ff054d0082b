/** Pointers between rows, by the model: whether what is written points to something, and what points to what goes. */
import { and, eq, inArray, sql, type SQL } from 'drizzle-orm';
import {
  cleared,
  ENTITIES,
  idsIn,
  type Reference,
  referencesOf,
  referencesTo,
  type TableName,
} from '@stube/core/model';
import type { FieldProblem } from '@stube/contract/check';
import { Refused } from './problems.ts';
import { columnOf, inBatches, tableOf, type AnyRow, type Recorder } from './recorder.ts';

/**
 * Refuses rows that point to what is not there.
 * @param rows whole rows or parts of some, with where each stands in the request: `create.3.values.`
 */
export async function checkReferences(
  recorder: Recorder,
  table: TableName,
  rows: readonly { at: string; values: Readonly<Record<string, unknown>> }[],
): Promise<void> {
  const problems: FieldProblem[] = [];
  for (const reference of referencesOf(table)) {
    const wanted = new Set(rows.flatMap(({ values }) => idsIn(values, reference)));
    const found = await knownIds(recorder, reference.to, wanted);
    if (found.size === wanted.size) continue;
    for (const { at, values } of rows)
      if (idsIn(values, reference).some((id) => !found.has(id)))
        problems.push({
          field: at + reference.field,
          message: `points to a ${ENTITIES[reference.to].words.one} that is not there (any more)`,
        });
  }
  if (problems.length) throw new Refused(problems.slice(0, 20));
}

/** Which of these ids there are in a table of the site. */
export async function knownIds(recorder: Recorder, table: TableName, ids: ReadonlySet<string>): Promise<Set<string>> {
  const found = new Set<string>();
  const t = tableOf(table);
  for (const batch of inBatches([...ids])) {
    const rows = await recorder.db
      .select({ id: t.id })
      .from(t)
      .where(and(eq(t.siteId, recorder.siteId), inArray(t.id, batch)));
    for (const { id } of rows) found.add(id);
  }
  return found;
}

/** The rows that point to any of these by that reference. */
export async function pointingTo(
  recorder: Recorder,
  reference: Reference,
  ids: ReadonlySet<string>,
): Promise<AnyRow[]> {
  const column = columnOf(reference.table, reference.field);
  const found = new Map<string, AnyRow>();
  for (const batch of inBatches([...ids], reference.many ? 1 : 500)) {
    const where: SQL = reference.many
      ? sql`${column} @> ${JSON.stringify(batch)}::jsonb`
      : reference.at
        ? inArray(sql`${column} ->> ${sql.raw(`'${reference.at}'`)}`, batch)
        : inArray(column, batch);
    for (const row of await recorder.rowsWhere(reference.table, where)) found.set(row.id, row as unknown as AnyRow);
  }
  return [...found.values()];
}

/** Removes rows with all that hangs on them, or refuses: what points to them is cleared, goes too, or keeps them. */
export async function removeWithAll(recorder: Recorder, table: TableName, rows: readonly AnyRow[]): Promise<void> {
  if (!rows.length) return;
  const ids = new Set(rows.map((row) => row.id));
  for (const reference of referencesTo(table)) {
    // A row may point by several references, and what was just removed or cleared no longer does: read anew for each.
    const pointing = await pointingTo(recorder, reference, ids);
    if (!pointing.length) continue;
    if (reference.whenGone === 'remove') await removeWithAll(recorder, reference.table, pointing);
    else if (reference.whenGone === 'clear')
      for (const row of pointing)
        await recorder.update(reference.table, row.id, null, cleared(row, reference, ids) as never);
    else throw new Refused([{ field: table, message: stillUsed(reference, pointing.length) }]);
  }
  await recorder.removeAll(table, rows);
}

function stillUsed(reference: Reference, count: number): string {
  const { one, many } = ENTITIES[reference.table].words;
  return count === 1 ? `1 ${one} uses it: change that first` : `${count} ${many} use it: change those first`;
}
