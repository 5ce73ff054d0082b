import { FIND_TABLES, type FindData } from '@stube/core/find';
import type { SiteData } from '@stube/core/model';
import { remote } from '../../../data/worker/remote.ts';
import { changesBetween } from './changes.ts';
import type { FindWorker } from './find.worker.ts';

/** One index for the whole page. */
export const findWorker = remote<FindWorker>(
  () => new Worker(new URL('./find.worker.ts', import.meta.url), { type: 'module' }),
);

let indexed: { siteId: string; data: FindData } | null = null;

/** Brings the index up to these rows: for a site it knows, only what has changed since is sent. */
export async function indexFor(siteId: string, site: SiteData): Promise<void> {
  const data = Object.fromEntries(FIND_TABLES.map((table) => [table, site[table]])) as unknown as FindData;
  const known = indexed?.siteId === siteId ? indexed.data : null;
  const changes = changesBetween(known, data);
  if (known && !Object.keys(changes).length) return;
  indexed = null;
  await findWorker().follow(changes, !known);
  indexed = { siteId, data };
}
