/** Several rows written as one change. */
import type { Batch } from '@stube/contract/rows/batch';
import type { ChangeAnswer } from '@stube/contract/answers';
import { type Line, TABLES } from '@stube/core/model';
import { makeChange } from '../db/change.ts';
import { momentOf } from '../db/moment.ts';
import { checkReferences } from '../db/references.ts';
import type { Scope } from '../db/scope.ts';
import { lineChanged } from '../features/sorting/pile/changed.ts';
import { patchOf, removeWith } from './service.ts';

export async function writeBatch(
  scope: Scope,
  { what, create = [], update = [], remove = [] }: Batch,
): Promise<ChangeAnswer> {
  return makeChange(scope, what, async (recorder) => {
    const atOf = new Map<object, string>();
    create.forEach((row, i) => atOf.set(row, `create.${i}.values.`));
    update.forEach((row, i) => atOf.set(row, `update.${i}.values.`));
    const checked = <T extends { values: Record<string, unknown> }>(rows: readonly T[]) =>
      rows.map((row) => ({ at: atOf.get(row)!, values: row.values }));
    // In the order of the model: families before the categories in them, categories before lines.
    for (const table of TABLES) {
      const rows = create.filter((row) => row.table === table);
      if (!rows.length) continue;
      await checkReferences(recorder, table, checked(rows));
      await recorder.insert(table, rows.map(({ id, values }) => ({ id, ...values })) as never);
    }
    for (const table of TABLES)
      await checkReferences(recorder, table, checked(update.filter((row) => row.table === table)));
    const now = await momentOf(recorder, scope.now);
    for (const { table, id, version, values } of update) {
      let before: Line | null = null;
      const after = await recorder.update(table, id, version, (row) => {
        if (table === 'line') before = row as unknown as Line;
        return patchOf(table, row, values, now);
      });
      if (before) await lineChanged(recorder, before, after as unknown as Line, now);
    }
    for (const { table, id, version } of remove) await removeWith(recorder, table, id, version);
  });
}
