/** Opens the database of a data directory, makes it when it is not there, and brings it up to date. */
import { existsSync, readFileSync, renameSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { PGlite } from '@electric-sql/pglite';
import type { ExtractTablesWithRelations } from 'drizzle-orm';
import type { PgDatabase, PgQueryResultHKT } from 'drizzle-orm/pg-core';
import { drizzle } from 'drizzle-orm/pglite';
import { migrate } from 'drizzle-orm/pglite/migrator';
import { lockDirectory } from './lock.ts';
import * as tables from './tables.ts';

/** A database or a transaction: services take either. */
export type Db = PgDatabase<PgQueryResultHKT, typeof tables, ExtractTablesWithRelations<typeof tables>>;

export interface Store {
  db: Db;
  client: PGlite;
  close(): Promise<void>;
}

/** Beside this file in the sources, beside the bundle when built. */
const MIGRATIONS = [join(import.meta.dirname, 'migrations'), join(import.meta.dirname, 'db', 'migrations')].find(
  (path) => existsSync(path),
)!;

async function storeOn(client: PGlite, release: () => void = () => {}): Promise<Store> {
  const db = drizzle({ client, schema: tables });
  await migrate(db, { migrationsFolder: MIGRATIONS });
  let closed = false;
  return {
    db: db as unknown as Db,
    client,
    async close() {
      if (closed) return;
      closed = true;
      await client.close();
      release();
    },
  };
}

/** @throws DirectoryHeld when another process has it */
export async function openStore(directory: string): Promise<Store> {
  const release = lockDirectory(directory);
  try {
    const cluster = join(directory, 'pg');
    if (!existsSync(cluster)) {
      // A kill while a cluster is being made leaves one that never opens: make it aside, then rename.
      const aside = join(directory, 'pg.new');
      rmSync(aside, { recursive: true, force: true });
      const made = await PGlite.create({ dataDir: aside });
      await made.close();
      renameSync(aside, cluster);
    }
    return await storeOn(await PGlite.create({ dataDir: cluster }), release);
  } catch (error) {
    release();
    throw error;
  }
}

/** A database in memory, from a dump of an empty one where there is one; for tests. */
export const memoryStore = async (dump?: Blob): Promise<Store> =>
  storeOn(await PGlite.create(dump ? { loadDataDir: dump } : {}));

export const readDump = (path: string): Blob => new Blob([readFileSync(path)]);
