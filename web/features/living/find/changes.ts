/** What differs between the rows the index knows and those there are: a store replaces the lists and rows it changes. */
import { byId } from '@stube/core/model';
import type { FindData } from '@stube/core/find';
import type { FindChanges } from './find.worker.ts';

type Row = { id: string };

/** @param before null where nothing is known: then all rows are new */
export function changesBetween(before: FindData | null, now: FindData): FindChanges {
  const changes: FindChanges = {};
  for (const table of Object.keys(now) as (keyof FindData)[]) {
    const [old, rows] = [(before?.[table] ?? []) as readonly Row[], now[table] as readonly Row[]];
    if (old === rows) continue;
    const known = byId(old);
    const written = rows.filter((row) => known.get(row.id) !== row);
    for (const row of rows) known.delete(row.id);
    if (written.length || known.size) changes[table] = { rows: written, gone: [...known.keys()] };
  }
  return changes;
}
