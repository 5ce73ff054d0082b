/** A data directory that is not as Stube left it is not touched, and says what to do. */
import { randomBytes } from 'node:crypto';
import { spawnSync } from 'node:child_process';
import {
  cpSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
  utimesSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { basename, join } from 'node:path';
import { afterAll, afterEach, beforeAll, beforeEach, expect, test } from 'vitest';
import { PGlite } from '@electric-sql/pglite';
import { backUpWhenDue } from './backup.ts';
import { restoreBackup } from './restore.ts';
import { disk, type Disk } from './disk.ts';
import { openStore } from './open.ts';
import { DataRefused } from './store.ts';
import { listSites } from './sites.ts';
import { createSite } from '../features/house/sites/service.ts';
import { siteNamed } from '../testing/site.ts';
import { emptyData } from '../testing/template.ts';

/** A directory with one site in it, made once. */
let made = '';
let directory = '';
beforeAll(async () => {
  made = emptyData(mkdtempSync(join(tmpdir(), 'stube-made-')));
  const store = await openStore(made);
  await createSite({ db: store.db, who: 'here', now: new Date() }, siteNamed('Quay'));
  await store.close();
});
beforeEach(() => {
  directory = mkdtempSync(join(tmpdir(), 'stube-open-'));
  cpSync(made, directory, { recursive: true });
});
afterEach(() => rmSync(directory, { recursive: true, force: true }));
afterAll(() => rmSync(made, { recursive: true, force: true }));

const names = async (at = directory) => {
  const store = await openStore(at);
  const sites = await listSites(store.db);
  await store.close();
  return sites.map((site) => site.name);
};
const files = () => readdirSync(join(directory, 'pg'), { recursive: true }).length;

test.each([
  ['an empty folder', (pg: string) => (rmSync(pg, { recursive: true }), mkdirSync(pg))],
  ['no PG_VERSION', (pg: string) => rmSync(join(pg, 'PG_VERSION'))],
  ['no pg_control', (pg: string) => rmSync(join(pg, 'global', 'pg_control'))],
])('%s is refused, untouched', async (_, spoil) => {
  spoil(join(directory, 'pg'));
  const before = files();
  await expect(openStore(directory)).rejects.toThrow(/not whole.*was not touched.*no backups/s);
  expect(files()).toBe(before);
  expect(existsSync(join(directory, 'stube.lock'))).toBe(false);
});

test('a database that is gone is not made anew beside its backups', async () => {
  const store = await openStore(directory);
  const path = (await backUpWhenDue(store.client, directory, new Date()))!;
  await store.close();
  renameSync(join(directory, 'pg'), join(directory, 'elsewhere'));
  await expect(openStore(directory)).rejects.toThrow(/there are backups of it.*npm run restore/s);
  expect(existsSync(join(directory, 'pg'))).toBe(false);
  await restoreBackup(directory, path, new Date());
  expect(await names()).toEqual(['Quay']);
});

test('a database of a later version is refused', async () => {
  const client = await PGlite.create({ dataDir: join(directory, 'pg') });
  await client.query(`insert into drizzle.__drizzle_migrations (hash, created_at) values ('later', 9999999999999)`);
  await client.close();
  await expect(openStore(directory)).rejects.toThrow(/later version of Stube/);
  await expect(openStore(directory)).rejects.toBeInstanceOf(DataRefused);
});

/** Overwrites every table of a cluster that is larger than nothing; its catalogue stays whole. */
function garble(pg: string): void {
  const base = join(pg, 'base');
  let spoiled = 0;
  for (const database of readdirSync(base))
    for (const name of readdirSync(join(base, database))) {
      const path = join(base, database, name);
      if (!/^\d{5,}$/.test(name) || statSync(path).size < 8192) continue;
      writeFileSync(path, Buffer.alloc(statSync(path).size, 0xa5));
      spoiled++;
    }
  expect(spoiled).toBeGreaterThan(10);
}
/** A backup of the directory whose tables are garbled, though the archive is whole. */
function garbledBackup(name: string, at: Date): string {
  const aside = join(directory, 'garbled');
  cpSync(join(directory, 'pg'), aside, { recursive: true });
  garble(aside);
  const path = join(directory, 'backups', name);
  mkdirSync(join(directory, 'backups'), { recursive: true });
  expect(spawnSync('tar', ['-I', 'gzip -1', '-cf', path, '-C', aside, '.']).status).toBe(0);
  rmSync(aside, { recursive: true });
  utimesSync(path, at, at);
  return path;
}
const refusal = async (opening: Promise<unknown>): Promise<string> => {
  const error = await opening.catch((caught: unknown) => caught as Error);
  expect(error).toBeInstanceOf(DataRefused);
  const { message } = error as Error;
  expect(message.split('\n')).toHaveLength(1);
  // What the machine of the database says of itself helps nobody.
  expect(message).not.toMatch(/Aborted|ASSERTIONS|wasm|unreachable/i);
  return message;
};

test('damaged pages give one line with the way back', async () => {
  garble(join(directory, 'pg'));
  expect(await refusal(openStore(directory))).toMatch(/cannot be read.*was not touched.*There are no backups/s);
});

test('a backup whose tables are garbled is refused before anything is replaced', async () => {
  const garbled = garbledBackup('stube-garbled.tar.gz', new Date());
  const before = files();
  expect(await refusal(restoreBackup(directory, garbled, new Date()))).toContain(`${garbled} cannot be read`);
  expect(files()).toBe(before);
  expect(readdirSync(directory).filter((name) => /^pg\./.test(name))).toEqual([]);
  expect(await names()).toEqual(['Quay']);
});

test('a start on damaged data names the newest backup that can be read, and what was there before a restore', async () => {
  const store = await openStore(directory);
  const good = (await backUpWhenDue(store.client, directory, new Date(Date.now() - 2 * 86_400_000)))!;
  utimesSync(good, new Date(Date.now() - 2 * 86_400_000), new Date(Date.now() - 2 * 86_400_000));
  await store.close();
  const garbled = garbledBackup('stube-newer.tar.gz', new Date());
  expect(await restoreBackup(directory, good, new Date('2026-12-01T09:00:00Z'))).toContain(
    'pg.before-2026-12-01-09-00-00',
  );
  garble(join(directory, 'pg'));
  const message = await refusal(openStore(directory));
  expect(message).toContain(`npm run restore -- ${basename(good)}`);
  expect(message).not.toContain(basename(garbled));
  expect(message).toContain(join(directory, 'pg.before-2026-12-01-09-00-00'));
  expect(readdirSync(directory)).not.toContain('pg.checked');
  await restoreBackup(directory, good, new Date());
  expect(await names()).toEqual(['Quay']);
});

test('a torn backup is not put in place of anything', async () => {
  const torn = join(directory, 'torn.tar.gz');
  writeFileSync(torn, readFileSync(join(directory, 'pg', 'PG_VERSION')));
  expect(await refusal(restoreBackup(directory, torn, new Date()))).toContain(torn);
  expect(readdirSync(directory)).not.toContain('pg.restored');
  expect(await names()).toEqual(['Quay']);
});

/** A disk on which the n-th call of those that change or read something fails. */
function failingDisk(nth: number, how: 'error' | 'short' | 'full') {
  let calls = 0;
  const on = Object.fromEntries(
    Object.keys(disk).map((name) => [
      name,
      (...args: unknown[]) => {
        const run = (disk as unknown as Record<string, (...args: unknown[]) => unknown>)[name]!;
        // Cleaning up after a failure has to be possible; looking whether something is there cannot fail.
        if (name === 'closeSync' || name === 'existsSync') return run(...args);
        if (++calls !== nth) return run(...args);
        if (how === 'short' && name === 'writeSync') return run(args[0], (args[1] as Buffer).subarray(0, 100), 0);
        throw Object.assign(new Error(`${name} fails`), { code: how === 'full' ? 'ENOSPC' : 'EIO' });
      },
    ]),
  ) as unknown as Disk;
  return { on, calls: () => calls };
}

test.each(['error', 'short', 'full'] as const)(
  'each call of a backup fails once (%s): no good backup is lost or replaced',
  async (how) => {
    const day = (n: number) => new Date(Date.now() + n * 25 * 3600_000);
    // What is written is looked at byte by byte, so it need not be long.
    const dump = new File([randomBytes(200_000)], 'dump.tar');
    const client = { dumpDataDir: async () => dump };
    const good = (await backUpWhenDue(client, directory, new Date(Date.now() + 1000)))!;
    const bytes = readFileSync(good);
    for (let nth = 1; nth < 30; nth++) {
      const { on, calls } = failingDisk(nth, how);
      const written = await backUpWhenDue(client, directory, day(1), on).catch(() => null);
      expect(readFileSync(good).equals(bytes)).toBe(true);
      if (written) expect(readFileSync(written).equals(bytes)).toBe(true);
      // Whatever stands among the backups is whole.
      for (const name of readdirSync(join(directory, 'backups')))
        if (name.endsWith('.tar.gz')) expect(readFileSync(join(directory, 'backups', name)).equals(bytes)).toBe(true);
      for (const name of readdirSync(join(directory, 'backups')))
        if (join(directory, 'backups', name) !== good && name.endsWith('.tar.gz'))
          rmSync(join(directory, 'backups', name));
      if (calls() < nth) break;
    }
  },
);

test('each call of a restore fails once: the database is the former or the restored one, never none', async () => {
  const store = await openStore(directory);
  const backup = (await backUpWhenDue(store.client, directory, new Date()))!;
  await store.close();
  for (let nth = 1; nth < 10; nth++) {
    const { on, calls } = failingDisk(nth, 'error');
    await restoreBackup(directory, backup, new Date(Date.now() + nth * 1000), on).catch(() => null);
    expect(existsSync(join(directory, 'pg', 'PG_VERSION'))).toBe(true);
    if (calls() < nth) break;
  }
  expect(await names()).toEqual(['Quay']);
});

test('each call of opening fails once: it is told, and the next time all is there', async () => {
  for (let nth = 1; nth < 12; nth++) {
    const { on, calls } = failingDisk(nth, 'error');
    const store = await openStore(directory, on).catch(() => null);
    await store?.close().catch(() => {});
    rmSync(join(directory, 'stube.lock'), { force: true });
    if (calls() < nth) break;
  }
  expect(await names()).toEqual(['Quay']);
});

test('a backup dated in the future stops none, and half written ones go', async () => {
  const store = await openStore(directory);
  const folder = join(directory, 'backups');
  mkdirSync(folder, { recursive: true });
  const future = join(folder, 'stube-2090-01-01-00-00-00.tar.gz');
  writeFileSync(future, 'from another clock');
  utimesSync(future, new Date('2090-01-01'), new Date('2090-01-01'));
  writeFileSync(join(folder, 'stube-old.tar.gz.part'), 'half');
  expect(await backUpWhenDue(store.client, directory, new Date())).toBeTruthy();
  expect(readdirSync(folder).filter((name) => name.endsWith('.part'))).toEqual([]);
  expect(existsSync(future)).toBe(true);
  await store.close();
});
