/** A database as the server uses it, whatever it stands on: brought up to date, its transactions guarded, read through. */
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { PGlite } from '@electric-sql/pglite';
import { sql, type ExtractTablesWithRelations } from 'drizzle-orm';
import type { PgDatabase, PgQueryResultHKT, PgTable } from 'drizzle-orm/pg-core';
import { drizzle } from 'drizzle-orm/pglite';
import { migrate } from 'drizzle-orm/pglite/migrator';
import { bridgeEarlierForms } from './early-journals.ts';
import type { Lock } from './lock.ts';
import * as tables from './tables.ts';

/** A database or a transaction: services take either. */
export type Db = PgDatabase<PgQueryResultHKT, typeof tables, ExtractTablesWithRelations<typeof tables>>;

export interface Store {
  db: Db;
  client: PGlite;
  close(): Promise<void>;
}

/** The data is not as Stube left it, or not of this version: it is not touched. */
export class DataRefused extends Error {}

/** Beside this file in the sources, beside the bundle when built. */
const MIGRATIONS = [join(import.meta.dirname, 'migrations'), join(import.meta.dirname, 'db', 'migrations')].find(
  (path) => existsSync(path),
)!;

/** When the newest migration was made that this version knows. */
const newestKnown = (): number =>
  Math.max(
    ...(
      JSON.parse(readFileSync(join(MIGRATIONS, 'meta', '_journal.json'), 'utf8')) as { entries: { when: number }[] }
    ).entries.map((entry) => entry.when),
  );

/** A house's data is small: the database's own 128 MB of buffers would be a third of the memory of the server. */
export const SMALL = [...PGlite.defaultStartParams, '-c', 'shared_buffers=16MB'];
/** A new cluster's log begins with one segment, which every backup holds: 1 MB, where PostgreSQL takes 16. */
export const NEW_CLUSTER = ['--wal-segsize=1'];

export async function refuseNewer(client: PGlite, where: string): Promise<void> {
  const there = await client.query<{ there: boolean }>(
    `select to_regclass('drizzle.__drizzle_migrations') is not null as there`,
  );
  if (!there.rows[0]!.there) return;
  const made = await client.query<{ when: string }>(
    'select coalesce(max(created_at), 0)::text as "when" from drizzle.__drizzle_migrations',
  );
  if (Number(made.rows[0]!.when) > newestKnown())
    throw new DataRefused(
      `${where} was written by a later version of Stube. It was not touched: start that version, or choose another directory with STUBE_DATA.`,
    );
}

/** @param lock of the directory it stands in; none in memory */
export async function storeOn(client: PGlite, lock: Lock | null = null): Promise<Store> {
  const database = drizzle({ client, schema: tables });
  await bridgeEarlierForms(client);
  await migrate(database, { migrationsFolder: MIGRATIONS });
  const db = database as unknown as Db;
  if (lock) {
    // Whatever writes does so in a transaction: ours is the directory, or nothing is written.
    const transaction = db.transaction.bind(db);
    db.transaction = ((...args: Parameters<typeof transaction>) => {
      lock.verify();
      return transaction(...args);
    }) as typeof db.transaction;
  }
  let closed = false;
  return {
    db,
    client,
    async close() {
      if (closed) return;
      closed = true;
      await client.close();
      lock?.release();
    },
  };
}

/** What is large and read by nobody at once: history, and pictures. */
const LARGE = [tables.change, tables.journal, tables.picture];

const readAllOf = (db: Db, table: PgTable) => db.execute(sql`select sum(length(entry.*::text)) from ${table} entry`);

/**
 * Reads every row once: a page that cannot be read is found now, not when somebody needs it.
 * @param whole history and pictures too, which takes its time
 */
export async function readThrough(db: Db, whole = false): Promise<void> {
  for (const table of Object.values(tables.SITE_TABLES)) await readAllOf(db, table);
  for (const table of LARGE)
    if (whole) await readAllOf(db, table);
    else await db.execute(sql`select count(*) from ${table}`);
}

/** Why a database cannot be read, in words for people: what its machine says of itself helps nobody. */
export function reasonOf(error: unknown): string {
  const deepest = error instanceof Error && error.cause instanceof Error ? error.cause : error;
  const { code, message } = deepest as { code?: unknown; message?: string };
  // Errors of the disk and of the database have codes; whatever has none is a machine that gave up.
  const known = typeof code === 'string' && /^(E[A-Z]+|[0-9A-Z]{5})$/.test(code) && typeof message === 'string';
  return known ? message.split('\n')[0]!.slice(0, 200) : 'its files are damaged';
}
