/** Sites as a whole: list, make, read, remove and bring back. */
import { eq, sql } from 'drizzle-orm';
import { FRESH_PERSON } from '@stube/core/model/fresh';
import { TABLES, type Site, type SiteData } from '@stube/core/model/entities';
import { CATALOGUE } from '@stube/core/containers/catalogue';
import type { ChangeAnswer, SiteSummary, Snapshot } from '@stube/contract/answers';
import type { NewSite } from '@stube/contract/requests';
import type { Db } from '../../db/open.ts';
import { historyOf, makeChange, tableOf } from '../../db/journal.ts';
import { bin, room, site } from '../../db/tables.ts';
import { newId } from '../../db/ids.ts';
import { NotFound } from '../../db/problems.ts';

/** Usual room to grow and fill limit (design, 4.1). */
const USUAL = { growth: 0.1, fillLimit: 0.8 };
/** Until somebody says who works here: one adult of middling height, mm. */
const FIRST_PERSON = { name: 'Grown-up', kind: 'adult' as const, stature: 1680, colour: 'slate' };

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
    .map((row) => ({ ...row, rooms: rooms.get(row.id) ?? 0, bins: bins.get(row.id) ?? 0 }))
    .sort((a, b) => a.name.localeCompare(b.name));
}

export async function createSite(db: Db, wanted: NewSite): Promise<ChangeAnswer> {
  const id = newId();
  return makeChange(
    db,
    id,
    `new site ${wanted.name}`,
    async (recorder) => {
      await recorder.insert('site', [{ id, ...wanted, ...USUAL, measures: {} } as Omit<Site, 'version'>]);
      await recorder.insert('person', [{ id: newId(), ...FIRST_PERSON, ...FRESH_PERSON }]);
      await recorder.insert(
        'containerType',
        CATALOGUE.map((shape) => ({ id: newId(), ...shape, owned: 0 })),
      );
      return id;
    },
    { first: true },
  );
}

async function knownSite(db: Db, siteId: string): Promise<typeof site.$inferSelect> {
  const [row] = await db.select().from(site).where(eq(site.id, siteId));
  if (!row || row.removed) throw new NotFound('site', siteId);
  return row;
}

export async function readSite(db: Db, siteId: string): Promise<SiteData> {
  const { removed: _removed, ...own } = await knownSite(db, siteId);
  const data: Partial<Record<keyof SiteData, unknown[]>> = { site: [own] };
  for (const name of TABLES)
    if (name !== 'site')
      data[name] = await db
        .select()
        .from(tableOf(name))
        .where(eq(tableOf(name).siteId, siteId));
  return data as unknown as SiteData;
}

export async function snapshot(db: Db, siteId: string): Promise<Snapshot> {
  return db.transaction(async (tx) => {
    const data = await readSite(tx as Db, siteId);
    const revision = Math.max(...TABLES.flatMap((name) => data[name].map((row) => row.version)));
    return { data, revision, history: await historyOf(tx as Db, siteId) };
  });
}

/** A removed site stays in the list of removed ones until it is brought back. */
export async function setRemoved(db: Db, siteId: string, removed: boolean): Promise<void> {
  const rows = await db.update(site).set({ removed }).where(eq(site.id, siteId)).returning({ id: site.id });
  if (!rows.length) throw new NotFound('site', siteId);
}
