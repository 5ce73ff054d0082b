/** Reading a site: whole, or what has changed since a revision. */
import type { PgColumn } from 'drizzle-orm/pg-core';
import { and, eq, getTableColumns, gt, sql } from 'drizzle-orm';
import { TABLES, type SiteData, type TableName } from '@stube/core/model/entities';
import type { SiteChanges, Snapshot } from '@stube/contract/answers';
import { historyOf } from './history.ts';
import type { Db } from './open.ts';
import { NotFound } from './problems.ts';
import { rowOnly, tableOf } from './recorder.ts';
import { INSTANT, instantOf } from './schema/columns.ts';
import { change, journal, site } from './tables.ts';
import { turn } from './turn.ts';

async function knownSite(db: Db, siteId: string): Promise<typeof site.$inferSelect> {
  const [row] = await db.select().from(site).where(eq(site.id, siteId));
  if (!row || row.removed) throw new NotFound('site', siteId);
  return row;
}

/** Rows read at once: other requests wait no longer than for so many. */
const ROWS_AT_ONCE = 3000;

/**
 * All rows of a table of a site, some thousands at a time. The database writes them as one text: that is read several times
 * as fast as column by column.
 */
async function readAll(db: Db, table: TableName, siteId: string, roomId?: string): Promise<unknown[]> {
  const t = tableOf(table);
  const columns = Object.entries(getTableColumns(t));
  const pairs = columns.map(([field, column]) => sql`${sql.raw(`'${field}'`)}, ${column}`);
  const instants = columns.filter(([, column]) => column.getSQLType() === INSTANT).map(([field]) => field);
  const inRoom = roomId && 'roomId' in t ? sql` and ${t.roomId as PgColumn} = ${roomId}` : sql``;
  const all: Record<string, unknown>[] = [];
  // In the order in which they lie in the table: as they were made, what was changed last at the end.
  for (let after = '(0,0)'; ;) {
    // The rows are chosen before they are written as text: else all are written anew for every part.
    const part = sql`select json_build_object(${sql.join(pairs, sql`, `)}) as made, ${t}.place from
      (select *, ctid as place from ${t} where ${t.siteId} = ${siteId}${inRoom} and ctid > ${after}::tid
        order by ctid limit ${ROWS_AT_ONCE}) ${t}`;
    const answer = await db.execute(
      sql`select coalesce(json_agg(made), '[]')::text as rows, (array_agg(place))[count(*)]::text as last from (${part}) part`,
    );
    const [found] = (answer as unknown as { rows: { rows: string; last: string | null }[] }).rows;
    const rows = JSON.parse(found!.rows) as Record<string, unknown>[];
    // Points in time have a writing of their own in JSON.
    for (const row of rows)
      for (const field of instants) if (row[field] !== null) row[field] = instantOf(String(row[field]));
    all.push(...rows);
    if (rows.length < ROWS_AT_ONCE) return all;
    after = found!.last!;
    await turn();
  }
}

export const readSite = (db: Db, siteId: string): Promise<SiteData> => readTables(db, siteId, TABLES);

/**
 * Some tables of a site.
 * @param roomId only what belongs to that room, of those that belong to one
 * @throws NotFound when the site is not there, or removed
 */
export async function readTables<T extends TableName>(
  db: Db,
  siteId: string,
  names: readonly T[],
  roomId?: string,
): Promise<Pick<SiteData, T>> {
  const data: Partial<Record<TableName, unknown[]>> = { site: [rowOnly(await knownSite(db, siteId))] };
  for (const name of names) if (name !== 'site') data[name] = await readAll(db, name, siteId, roomId);
  return data as unknown as Pick<SiteData, T>;
}

export async function snapshot(db: Db, siteId: string, who: string): Promise<Snapshot> {
  return db.transaction(async (tx) => {
    const { revision } = await knownSite(tx as Db, siteId);
    const data = await readSite(tx as Db, siteId);
    return { data, revision, history: await historyOf(tx as Db, siteId, who) };
  });
}

/**
 * What was written and removed after a revision.
 * @returns null where that cannot be told, as the history does not reach so far back: then the whole is to be read
 */
export async function changesSince(db: Db, siteId: string, since: number, who: string): Promise<SiteChanges | null> {
  return db.transaction(async (tx) => {
    const { revision, historyFrom } = await knownSite(tx as Db, siteId);
    if (since > revision || since < historyFrom) return null;
    const answer: SiteChanges = { revision, rows: {}, removed: {}, history: await historyOf(tx as Db, siteId, who) };
    if (since === revision) return answer;
    for (const name of TABLES) {
      const t = tableOf(name);
      const rows = await tx
        .select()
        .from(t)
        .where(and(eq(name === 'site' ? t.id : t.siteId, siteId), gt(t.version, since)));
      if (rows.length) (answer.rows as Record<string, unknown[]>)[name] = rows.map(rowOnly);
    }
    // Whatever went had been written or removed since; undone changes too, as they moved rows twice.
    const touched = await tx
      .selectDistinct({ table: journal.table, rowId: journal.rowId })
      .from(journal)
      .innerJoin(change, and(eq(change.siteId, journal.siteId), eq(change.seq, journal.seq)))
      .where(and(eq(journal.siteId, siteId), gt(change.touched, since)));
    const there = new Set(TABLES.flatMap((name) => (answer.rows[name] ?? []).map((row) => `${name} ${row.id}`)));
    for (const { table, rowId } of touched)
      if (!there.has(`${table} ${rowId}`)) (answer.removed[table] ??= []).push(rowId);
    return answer;
  });
}

/** @throws NotFound when the site is not there, or removed */
export const siteNameOf = async (db: Db, siteId: string): Promise<string> => (await knownSite(db, siteId)).name;
