/** A copy of the database a day: PGlite does not force its writes to the disk, so a power cut could lose what a kill cannot. */
import { createHash } from 'node:crypto';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { gzip } from 'node:zlib';
import type { PGlite } from '@electric-sql/pglite';
import { disk as realDisk, writeWhole, type Disk } from './disk.ts';

const packed = promisify(gzip);
const DAY = 24 * 3600 * 1000;
const KEPT = 7;
const ENDING = '.tar.gz';

export interface Backup {
  name: string;
  path: string;
  /** When it was written, ms. */
  at: number;
  bytes: number;
}

const folderOf = (directory: string): string => join(directory, 'backups');

/** Oldest first. */
export function backupsIn(directory: string, on: Disk = realDisk): Backup[] {
  const folder = folderOf(directory);
  if (!on.existsSync(folder)) return [];
  return on
    .readdirSync(folder)
    .filter((name) => name.endsWith(ENDING))
    .map((name) => {
      const path = join(folder, name);
      const { mtimeMs, size } = on.statSync(path);
      return { name, path, at: mtimeMs, bytes: size };
    })
    .sort((a, b) => a.at - b.at);
}

/**
 * Writes one when the newest is older than a day. It is read back before it counts, and only then the oldest goes.
 * @returns its path, or null when none was due
 */
export async function backUpWhenDue(
  client: Pick<PGlite, 'dumpDataDir'>,
  directory: string,
  now: Date,
  on: Disk = realDisk,
): Promise<string | null> {
  const folder = folderOf(directory);
  on.mkdirSync(folder, { recursive: true });
  for (const name of on.readdirSync(folder)) if (name.endsWith('.part')) on.rmSync(join(folder, name), { force: true });
  // One that is dated in the future tells nothing of when the last was made.
  const past = backupsIn(directory, on).filter(({ at }) => at <= now.getTime());
  if (past.length && now.getTime() - past.at(-1)!.at < DAY) return null;
  // Packed by a thread of its own: the database's own packing would keep every request waiting for seconds.
  const bytes = await packed(Buffer.from(await (await client.dumpDataDir('none')).arrayBuffer()));
  const path = join(folder, `stube-${now.toISOString().slice(0, 19).replace(/[:T]/g, '-')}${ENDING}`);
  const part = `${path}.part`;
  try {
    writeWhole(on, part, bytes);
    if (digest(on.readFileSync(part)) !== digest(bytes)) throw new Error(`${part} reads otherwise than it was written`);
    on.renameSync(part, path);
  } catch (error) {
    on.rmSync(part, { force: true });
    throw error;
  }
  for (const old of past.slice(0, Math.max(0, past.length + 1 - KEPT))) on.rmSync(old.path);
  return path;
}

const digest = (bytes: Uint8Array): string => createHash('sha256').update(bytes).digest('hex');
