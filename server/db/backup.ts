/** A copy of the database a day: PGlite does not force its writes to the disk, so a power cut could lose what a kill cannot. */
import {
  closeSync,
  fsyncSync,
  mkdirSync,
  openSync,
  readdirSync,
  renameSync,
  rmSync,
  statSync,
  writeSync,
} from 'node:fs';
import { join } from 'node:path';
import type { PGlite } from '@electric-sql/pglite';

const DAY = 24 * 3600 * 1000;
const KEPT = 7;

/** Writes one when the newest is older than a day; returns its path, or null when none was due. */
export async function backUpWhenDue(client: PGlite, directory: string, now: Date): Promise<string | null> {
  const folder = join(directory, 'backups');
  mkdirSync(folder, { recursive: true });
  const old = readdirSync(folder)
    .filter((name) => name.endsWith('.tar.gz'))
    .sort();
  const newest = old.at(-1);
  if (newest && now.getTime() - statSync(join(folder, newest)).mtimeMs < DAY) return null;
  const bytes = Buffer.from(await (await client.dumpDataDir('gzip')).arrayBuffer());
  const path = join(folder, `stube-${now.toISOString().slice(0, 19).replace(/[:T]/g, '-')}.tar.gz`);
  const file = openSync(`${path}.part`, 'w');
  writeSync(file, bytes);
  fsyncSync(file);
  closeSync(file);
  renameSync(`${path}.part`, path);
  for (const name of old.slice(0, Math.max(0, old.length + 1 - KEPT))) rmSync(join(folder, name));
  return path;
}
