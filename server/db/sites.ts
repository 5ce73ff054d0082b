/** Sites as a whole: list, remove and bring back. */
import { eq, sql } from 'drizzle-orm';
import type { SiteSummary } from '@stube/contract/answers';
import type { Db } from './store.ts';
import { NotFound } from './problems.ts';
import { rowOnly } from './recorder.ts';
import { bin, room, site } from './tables.ts';

export async function listSites(db: Db): Promise<SiteSummary[]> {
  const counts = async (table: typeof room | typeof bin) =>
    new Map(
      (
        await db
          .select({ siteId: table.siteId, n: sql<number>`count(*)::int` })
          .from(table)
          .groupBy(table.siteId)
      ).map((row) => [row.siteId, row.n]),
    );
  const [rooms, bins, rows] = [await counts(room), await counts(bin), await db.select().from(site)];
  return rows
    .map((row) => ({
      ...rowOnly(row),
      removed: row.removed,
      rooms: rooms.get(row.id) ?? 0,
      bins: bins.get(row.id) ?? 0,
    }))
    .sort((a, b) => a.name.localeCompare(b.name));
}

/** A removed site stays in the list of removed ones until it is brought back. */
export async function setRemoved(db: Db, siteId: string, removed: boolean): Promise<void> {
  const rows = await db.update(site).set({ removed }).where(eq(site.id, siteId)).returning({ id: site.id });
  if (!rows.length) throw new NotFound('site', siteId);
}
