/** Puts a backup in the place of the database; which backups can be put there, and where to go back to. */
import { basename, join } from 'node:path';
import { PGlite } from '@electric-sql/pglite';
import { backupsIn } from './backup.ts';
import { disk as realDisk, type Disk } from './disk.ts';
import { DataRefused, readThrough, reasonOf, refuseNewer, SMALL, storeOn } from './store.ts';

const BEFORE = 'pg.before-';

/**
 * Unpacks a backup into a folder, brings it up to date and reads all of it. The folder is left only where all went well.
 * @throws DataRefused which names the file and says why
 */
async function unpack(file: string, folder: string, on: Disk): Promise<void> {
  on.rmSync(folder, { recursive: true, force: true });
  try {
    const archive = new Blob([new Uint8Array(on.readFileSync(file))]);
    const client = await PGlite.create({ dataDir: folder, loadDataDir: archive, startParams: SMALL });
    try {
      await refuseNewer(client, file);
      await readThrough((await storeOn(client)).db, true);
    } finally {
      await client.close().catch(() => {});
    }
  } catch (error) {
    on.rmSync(folder, { recursive: true, force: true });
    if (error instanceof DataRefused) throw error;
    throw new DataRefused(`${file} cannot be read: ${reasonOf(error)}.`);
  }
}

/**
 * Puts a backup in the place of the database, which is kept beside it. The directory must be this process's (lockDirectory).
 * @param file path of the backup
 * @returns where the former database is kept, null when there was none
 * @throws DataRefused where it cannot be read as a whole: nothing was changed then
 */
export async function restoreBackup(
  directory: string,
  file: string,
  now: Date,
  on: Disk = realDisk,
): Promise<string | null> {
  const cluster = join(directory, 'pg');
  const aside = join(directory, 'pg.restored');
  await unpack(file, aside, on);
  const kept = join(directory, `${BEFORE}${now.toISOString().slice(0, 19).replace(/[:T]/g, '-')}`);
  const former = on.existsSync(cluster);
  try {
    if (former) on.renameSync(cluster, kept);
    on.renameSync(aside, cluster);
  } catch (error) {
    if (former && !on.existsSync(cluster)) on.renameSync(kept, cluster);
    on.rmSync(aside, { recursive: true, force: true });
    throw error;
  }
  return former ? kept : null;
}

/** The newest backup that can be read as a whole, null where there is none. */
async function newestReadable(directory: string, on: Disk): Promise<string | null> {
  const folder = join(directory, 'pg.checked');
  for (const { path } of backupsIn(directory, on).reverse())
    try {
      await unpack(path, folder, on);
      return path;
    } catch {
      // The one before it may be whole.
    } finally {
      on.rmSync(folder, { recursive: true, force: true });
    }
  return null;
}

/** Where to go back to when the data cannot be read, in words: looks for a backup that can. */
export async function wayBack(directory: string, on: Disk = realDisk): Promise<string> {
  const there = backupsIn(directory, on).length;
  const readable = there ? await newestReadable(directory, on) : null;
  const before = on
    .readdirSync(directory)
    .filter((name) => name.startsWith(BEFORE))
    .sort()
    .at(-1);
  const backup = readable
    ? `Backups are in ${join(directory, 'backups')}. The newest that can be read is ${basename(readable)}. To go back to it: npm run restore -- ${basename(readable)}`
    : there
      ? `None of the backups in ${join(directory, 'backups')} can be read.`
      : `There are no backups in ${join(directory, 'backups')}.`;
  const former = before
    ? ` The data from before the last restore is in ${join(directory, before)}. To go back to it, rename that folder to pg.`
    : '';
  return backup + former;
}
