/** Reading a site: whole, or what has changed since a revision. */
import type { PgColumn } from 'drizzle-orm/pg-core';
import { and, eq, getTableColumns, gt, sql, type SQL } from 'drizzle-orm';
import { type SiteData, type TableName, TABLES } from '@stube/core/model';
import type { SiteChanges, Snapshot } from '@stube/contract/answers';
import { historyOf } from './history.ts';
import type { Db } from './store.ts';
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

/** Rows of a table that are read with the first look at all of them: few sites have more in most. */
const FIRST_ROWS = 200;
/** Rows of one table read at once after that: other requests wait no longer than for so many. */
const ROWS_AT_ONCE = 3000;

/**
 * Some rows of a table in the order in which they lie there: as they were made, what was changed last at the end. The
 * database writes them as one text under the names of their columns: that is read several times as fast as column by
 * column.
 * @param after the place of the row to go on from
 */
function partOf(table: TableName, siteId: string, roomId: string | undefined, after: string, limit: number): SQL {
  const t = tableOf(table);
  const inRoom = roomId && 'roomId' in t ? sql` and ${t.roomId as PgColumn} = ${roomId}` : sql``;
  return sql`select ${table}::text as table, coalesce(json_agg(part.*), '[]')::text as rows from (select *, ctid::text as place from ${t}
    where ${t.siteId} = ${siteId}${inRoom} and ctid > ${after}::tid order by ctid limit ${limit}) part`;
}

/** Rows by their fields, as the application knows them. */
function rowsOf(table: TableName, written: readonly Record<string, unknown>[]): Record<string, unknown>[] {
  const fields = Object.entries(getTableColumns(tableOf(table))).map(([field, column]) => ({
    field,
    name: column.name,
    instant: column.getSQLType() === INSTANT,
  }));
  return written.map((values) => {
    const row: Record<string, unknown> = {};
    for (const { field, name, instant } of fields) {
      const value = values[name];
      // Points in time have a writing of their own in JSON.
      row[field] = instant && value !== null ? instantOf(String(value)) : value;
    }
    return row;
  });
}

type Part = Record<string, unknown>[];
async function readParts(db: Db, statements: SQL[]): Promise<Map<TableName, Part>> {
  const answer = await db.execute(sql.join(statements, sql` union all `));
  const { rows: parts } = answer as unknown as { rows: { table: TableName; rows: string }[] };
  return new Map(parts.map(({ table, rows }) => [table, JSON.parse(rows) as Part]));
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
  const others = names.filter((name) => name !== 'site');
  const firsts = others.map((name) => partOf(name, siteId, roomId, '(0,0)', FIRST_ROWS));
  const parts = firsts.length ? await readParts(db, firsts) : new Map<TableName, Part>();
  for (const [name, all] of parts) {
    let last = all;
    for (let limit = FIRST_ROWS; last.length === limit; limit = ROWS_AT_ONCE) {
      await turn();
      const more = partOf(name, siteId, roomId, String(last.at(-1)!.place), ROWS_AT_ONCE);
      last = (await readParts(db, [more])).get(name)!;
      all.push(...last);
    }
    data[name] = rowsOf(name, all);
  }
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
    // Whatever was written or removed stands in the journal; undone changes too, as they moved rows twice.
    const touched = await tx
      .selectDistinct({ table: journal.table, rowId: journal.rowId })
      .from(journal)
      .innerJoin(change, and(eq(change.siteId, journal.siteId), eq(change.seq, journal.seq)))
      .where(and(eq(journal.siteId, siteId), gt(change.touched, since)));
    for (const name of new Set(touched.map(({ table }) => table))) {
      const t = tableOf(name);
      const rows = await tx
        .select()
        .from(t)
        .where(and(eq(name === 'site' ? t.id : t.siteId, siteId), gt(t.version, since)));
      if (rows.length) (answer.rows as Record<string, unknown[]>)[name] = rows.map(rowOnly);
    }
    const there = new Set(TABLES.flatMap((name) => (answer.rows[name] ?? []).map((row) => `${name} ${row.id}`)));
    for (const { table, rowId } of touched)
      if (!there.has(`${table} ${rowId}`)) (answer.removed[table] ??= []).push(rowId);
    return answer;
  });
}

/** @throws NotFound when the site is not there, or removed */
export const siteNameOf = async (db: Db, siteId: string): Promise<string> => (await knownSite(db, siteId)).name;
