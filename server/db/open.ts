/** Opens the database of a data directory, makes it when there is none, and brings it up to date. */
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { Worker } from 'node:worker_threads';
import { PGlite } from '@electric-sql/pglite';
import { backupsIn } from './backup.ts';
import { disk as realDisk, type Disk } from './disk.ts';
import { lockDirectory } from './lock.ts';
import { wayBack } from './restore.ts';
import { DataRefused, NEW_CLUSTER, readThrough, reasonOf, refuseNewer, SMALL, storeOn, type Store } from './store.ts';

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
        `${cluster} is there, but it is not whole: parts of the database are missing. It was not touched. ${await wayBack(directory, on)}`,
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
      `The database in ${join(directory, 'pg')} cannot be read (${reasonOf(error)}). It was not touched. ${await wayBack(directory, on)}`,
    );
  }
}

/** A kill while a cluster is being made leaves one that never opens: it is made aside, then renamed. */
async function makeCluster(directory: string, cluster: string, on: Disk): Promise<void> {
  if (backupsIn(directory, on).length)
    throw new DataRefused(
      `${cluster} is missing, but there are backups of it. Nothing was made anew. ${await wayBack(directory, on)} To begin with nothing, move the backups elsewhere.`,
    );
  const aside = join(directory, 'pg.new');
  on.rmSync(aside, { recursive: true, force: true });
  const options = { dataDir: aside, startParams: SMALL, initDbStartParams: NEW_CLUSTER };
  await inThread(MAKING, { library: createRequire(import.meta.url).resolve('@electric-sql/pglite'), options });
  on.renameSync(aside, cluster);
}

/** Making a cluster takes some 400 MB that its memory never gives back: it is done in a thread, which then ends. */
const MAKING = `
const { workerData } = require('node:worker_threads');
import(workerData.library)
  .then((library) => (library.PGlite ?? library.default.PGlite).create(workerData.options))
  .then((made) => made.close());`;

const inThread = (code: string, workerData: unknown): Promise<void> =>
  new Promise((resolve, reject) => {
    const thread = new Worker(code, { eval: true, workerData });
    thread.once('error', reject);
    thread.once('exit', (status) => (status ? reject(new Error(`ended with ${status}`)) : resolve()));
  });

/** A database in memory, from a dump of an empty one where there is one; for tests. */
export const memoryStore = async (dump?: Blob): Promise<Store> =>
  storeOn(await PGlite.create(dump ? { loadDataDir: dump } : { initDbStartParams: NEW_CLUSTER }));

export const readDump = (path: string): Blob => new Blob([readFileSync(path)]);
