/** `npm run restore -- FILE`: puts a backup in the place of the database; without FILE lists what there is. */
import { isAbsolute, join, resolve } from 'node:path';
import { existsSync } from 'node:fs';
import { backupsIn } from './db/backup.ts';
import { lockDirectory } from './db/lock.ts';
import { restoreBackup } from './db/restore.ts';
import { DataRefused, reasonOf } from './db/store.ts';

const directory = resolve(process.env.STUBE_DATA ?? './data');
const [file] = process.argv.slice(2);

function list(): void {
  const backups = backupsIn(directory);
  if (!backups.length) return console.log(`There are no backups in ${join(directory, 'backups')}.`);
  console.log(`Backups in ${join(directory, 'backups')}, oldest first:`);
  for (const { name, at, bytes } of backups)
    console.log(
      `  ${name}  ${new Date(at).toISOString().slice(0, 16).replace('T', ' ')}  ${(bytes / 1e6).toFixed(1)} MB`,
    );
  console.log('To go back to one, stop Stube and give its name: npm run restore -- NAME');
}

async function restore(name: string): Promise<void> {
  const places = isAbsolute(name) ? [name] : [join(directory, 'backups', name), resolve(name)];
  const path = places.find((place) => existsSync(place));
  if (!path) throw new Error(`There is no backup ${name}: npm run restore lists those there are.`);
  const lock = lockDirectory(directory);
  try {
    const kept = await restoreBackup(directory, path, new Date());
    console.log(`${path} is in place again.${kept ? ` What was there before is kept in ${kept}.` : ''}`);
  } catch (error) {
    const why = error instanceof DataRefused ? error.message : `${path} was not put in place: ${reasonOf(error)}.`;
    throw new Error(`${why} Nothing was changed. Choose another backup: npm run restore lists those there are.`, {
      cause: error,
    });
  } finally {
    lock.release();
  }
}

try {
  if (file) await restore(file);
  else list();
} catch (error) {
  console.error(error instanceof Error ? error.message : error);
  process.exitCode = 1;
}
