/** Several rows written as one change. */
import type { Batch } from '@stube/contract/rows/batch';
import type { ChangeAnswer } from '@stube/contract/answers';
import type { Db } from '../../db/open.ts';
import { makeChange } from '../../db/journal.ts';
import { withDecision } from '../pile/service.ts';
import { removeWith } from './removal.ts';
import { checkReferences } from './rows.ts';

/** Families before the categories in them, categories before lines. */
const ORDER = ['family', 'category', 'line', 'deferral', 'bin'];

export async function writeBatch(
  db: Db,
  siteId: string,
  { what, create = [], update = [], remove = [] }: Batch,
  now: Date,
): Promise<ChangeAnswer> {
  return makeChange(db, siteId, what, async (recorder) => {
    await recorder.find('site', siteId);
    for (const table of ORDER) {
      const rows = create.filter((one) => one.table === table);
      if (!rows.length) continue;
      await checkReferences(recorder, gathered(rows.map((row) => row.values)));
      await recorder.insert(table as 'line', rows.map((row) => ({ id: row.id, ...row.values })) as never);
    }
    await checkReferences(recorder, gathered(update.map((one) => one.values)));
    for (const one of update)
      await recorder.update(one.table, one.id, one.version, (row) => withDecision(one.table, row, one.values, now));
    for (const one of remove) await removeWith(recorder, one.table, one.id, one.version);
  });
}

/** All values of each field, so that what they point to is looked up once. */
function gathered(rows: readonly Record<string, unknown>[]): Record<string, unknown> {
  const all = new Map<string, Set<unknown>>();
  for (const row of rows)
    for (const [field, value] of Object.entries(row))
      for (const one of Array.isArray(value) ? value : [value])
        if (typeof one === 'string') (all.get(field) ?? all.set(field, new Set()).get(field)!).add(one);
  return Object.fromEntries([...all].map(([field, set]) => [field, [...set]]));
}
