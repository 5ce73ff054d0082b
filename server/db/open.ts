/** Opens the database of a data directory, makes it when there is none, and brings it up to date. */
import { existsSync, readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { Worker } from 'node:worker_threads';
import { PGlite } from '@electric-sql/pglite';
import { sql, type ExtractTablesWithRelations } from 'drizzle-orm';
import type { PgDatabase, PgQueryResultHKT } from 'drizzle-orm/pg-core';
import { drizzle } from 'drizzle-orm/pglite';
import { migrate } from 'drizzle-orm/pglite/migrator';
import { backupsIn } from './backup.ts';
import { disk as realDisk, type Disk } from './disk.ts';
import { bridgeEarlierForms } from './early-journals.ts';
import { lockDirectory, type Lock } from './lock.ts';
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
const SMALL = [...PGlite.defaultStartParams, '-c', 'shared_buffers=16MB'];

/** Where to go back to, in words. */
function wayBack(directory: string, on: Disk): string {
  const backups = backupsIn(directory, on);
  return backups.length
    ? `Backups are in ${join(directory, 'backups')}, the newest is ${backups.at(-1)!.name}: npm run restore -- ${backups.at(-1)!.name}`
    : `There are no backups in ${join(directory, 'backups')}.`;
}

async function refuseNewer(client: PGlite, directory: string): Promise<void> {
  const there = await client.query<{ there: boolean }>(
    `select to_regclass('drizzle.__drizzle_migrations') is not null as there`,
  );
  if (!there.rows[0]!.there) return;
  const made = await client.query<{ when: string }>(
    'select coalesce(max(created_at), 0)::text as "when" from drizzle.__drizzle_migrations',
  );
  if (Number(made.rows[0]!.when) > newestKnown())
    throw new DataRefused(
      `${directory} was written by a later version of Stube. It was not touched: start that version, or choose another directory with STUBE_DATA.`,
    );
}

async function storeOn(client: PGlite, lock: Lock | null = null): Promise<Store> {
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

/** Reads every row once: a page that cannot be read is found now, not when somebody needs it. */
async function readThrough(db: Db): Promise<void> {
  for (const table of Object.values(tables.SITE_TABLES)) await db.execute(sql`select count(*) from ${table}`);
}

/**
 * @throws DirectoryHeld when another process has it
 * @throws DataRefused when it holds something that is not to be opened, or cannot be
 */
export async function openStore(directory: string, on: Disk = realDisk): Promise<Store> {
  const lock = lockDirectory(directory, on);
  let client: PGlite | null = null;
  try {
    const cluster = join(directory, 'pg');
    if (!on.existsSync(cluster)) await makeCluster(directory, cluster, on);
    else if (!on.existsSync(join(cluster, 'PG_VERSION')) || !on.existsSync(join(cluster, 'global', 'pg_control')))
      throw new DataRefused(
        `${cluster} is there, but it is not whole: parts of the database are missing. It was not touched. ${wayBack(directory, on)}`,
      );
    client = await PGlite.create({ dataDir: cluster, startParams: SMALL });
    await refuseNewer(client, directory);
    const store = await storeOn(client, lock);
    await readThrough(store.db);
    return store;
  } catch (error) {
    await client?.close().catch(() => {});
    lock.release();
    if (error instanceof DataRefused || (client === null && !on.existsSync(join(directory, 'pg')))) throw error;
    throw new DataRefused(
      `The database in ${join(directory, 'pg')} cannot be read (${firstLine(error)}). It was not touched. ${wayBack(directory, on)}`,
    );
  }
}

const firstLine = (error: unknown): string => {
  const deepest = error instanceof Error && error.cause instanceof Error ? error.cause : error;
  return (deepest instanceof Error ? deepest.message : String(deepest)).split('\n')[0]!.slice(0, 200);
};

/** A kill while a cluster is being made leaves one that never opens: it is made aside, then renamed. */
async function makeCluster(directory: string, cluster: string, on: Disk): Promise<void> {
  if (backupsIn(directory, on).length)
    throw new DataRefused(
      `${cluster} is missing, but there are backups of it. Nothing was made anew. ${wayBack(directory, on)} To begin with nothing, move the backups elsewhere.`,
    );
  const aside = join(directory, 'pg.new');
  on.rmSync(aside, { recursive: true, force: true });
  await inThread(MAKING, { library: createRequire(import.meta.url).resolve('@electric-sql/pglite'), aside, SMALL });
  on.renameSync(aside, cluster);
}

/** Making a cluster takes some 400 MB that its memory never gives back: it is done in a thread, which then ends. */
const MAKING = `
const { workerData } = require('node:worker_threads');
import(workerData.library)
  .then((library) => (library.PGlite ?? library.default.PGlite).create({ dataDir: workerData.aside, startParams: workerData.SMALL }))
  .then((made) => made.close());`;

const inThread = (code: string, workerData: unknown): Promise<void> =>
  new Promise((resolve, reject) => {
    const thread = new Worker(code, { eval: true, workerData });
    thread.once('error', reject);
    thread.once('exit', (status) => (status ? reject(new Error(`ended with ${status}`)) : resolve()));
  });

/** A database in memory, from a dump of an empty one where there is one; for tests. */
export const memoryStore = async (dump?: Blob): Promise<Store> =>
  storeOn(await PGlite.create(dump ? { loadDataDir: dump } : {}));

export const readDump = (path: string): Blob => new Blob([readFileSync(path)]);
