/**
 * Makes what all tests of the server begin with, once for a whole run: an empty, migrated database (a dump of it, and its
 * folder), and the server, its threads and its commands in one file each, which start many times as fast as the sources.
 */
import { cpSync, existsSync, mkdirSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { PGlite } from '@electric-sql/pglite';
import { bundleServer } from '../../scripts/build.mjs';
import { memoryStore, readDump } from '../db/open.ts';
import { NEW_CLUSTER } from '../db/store.ts';

const ROOT = join(import.meta.dirname, '..', '..');
const migrations = join(import.meta.dirname, '..', 'db', 'migrations');
const signature = createHash('sha256')
  .update(NEW_CLUSTER.join())
  .update(
    readdirSync(migrations)
      .filter((name) => name.endsWith('.sql'))
      .map((name) => readFileSync(join(migrations, name), 'utf8'))
      .join(''),
  )
  .digest('hex')
  .slice(0, 12);
const made = join(ROOT, '.tmp', `template-${signature}`);
/** A dump of the database, for those in memory. */
export const TEMPLATE = join(made, 'dump.tar');
/** A dump of a database into which nothing was ever written, not even a table. */
export const BARE = join(made, 'bare.tar');
/** The built server: `main.js`, `worker.js`, `restore.js`. */
export const BUNDLE = join(ROOT, '.tmp', 'server');

/** An empty data directory, as if Stube had been started in it once. */
export function emptyData(directory: string): string {
  cpSync(join(made, 'pg'), join(directory, 'pg'), { recursive: true });
  return directory;
}

export default async function setup(): Promise<void> {
  await bundleServer(BUNDLE);
  process.env.STUBE_WORKER = join(BUNDLE, 'worker.js');
  if (existsSync(made)) return;
  const aside = `${made}.new`;
  rmSync(aside, { recursive: true, force: true });
  mkdirSync(aside, { recursive: true });
  const bare = await PGlite.create({ initDbStartParams: NEW_CLUSTER });
  writeFileSync(join(aside, 'bare.tar'), Buffer.from(await (await bare.dumpDataDir('none')).arrayBuffer()));
  await bare.close();
  const store = await memoryStore(readDump(join(aside, 'bare.tar')));
  const dump = await store.client.dumpDataDir('none');
  writeFileSync(join(aside, 'dump.tar'), Buffer.from(await dump.arrayBuffer()));
  await store.close();
  await (await PGlite.create({ dataDir: join(aside, 'pg'), loadDataDir: dump })).close();
  renameSync(aside, made);
}
