/** The server as a process: who holds the data, what a kill leaves, how it ends. */
import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync, utimesSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { basename, join } from 'node:path';
import { afterEach, beforeEach, expect, test } from 'vitest';
import { backUpWhenDue } from './db/backup.ts';
import { DirectoryHeld, lockDirectory } from './db/lock.ts';
import { memoryStore, openStore, readDump } from './db/open.ts';
import { listSites } from './db/sites.ts';
import { createSite } from './features/house/sites/service.ts';
import { BUNDLE, emptyData, TEMPLATE } from './testing/template.ts';
import { siteNamed } from './testing/site.ts';

let directory = '';
const children: ChildProcess[] = [];
beforeEach(() => {
  directory = mkdtempSync(join(tmpdir(), 'stube-'));
  emptyData(join(directory, 'data'));
});
afterEach(() => {
  for (const child of children.splice(0)) child.kill('SIGKILL');
  rmSync(directory, { recursive: true, force: true });
});

interface Started {
  child: ChildProcess;
  address: string;
  said: () => string;
  ended: Promise<number | null>;
}
async function start(): Promise<Started> {
  const child = spawn(process.execPath, [join(BUNDLE, 'main.js')], {
    env: { ...process.env, STUBE_DATA: join(directory, 'data'), PORT: '0' },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  children.push(child);
  let said = '';
  const ended = new Promise<number | null>((resolve) => child.once('exit', resolve));
  const address = await new Promise<string>((resolve) => {
    const hear = (text: Buffer) => {
      said += text.toString();
      const found = /answers at (\S+)/.exec(said);
      if (found) resolve(found[1]!);
    };
    child.stdout!.on('data', hear);
    child.stderr!.on('data', hear);
    void ended.then(() => resolve(''));
  });
  return { child, address, said: () => said, ended };
}
const ask = async (address: string, path: string, body?: object) =>
  (
    await fetch(
      `${address}/api${path}`,
      body ? { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) } : {},
    )
  ).json();

test('what was acknowledged survives kill -9; a second process is kept out; a plain end gives the directory back', async () => {
  const first = await start();
  const { id } = (await ask(first.address, '/sites', { name: 'Quay', keepsNew: true })) as { id: string };
  const second = await start();
  expect(second.address).toBe('');
  expect(await second.ended).toBe(1);
  expect(second.said()).toContain(`in use by process ${first.child.pid}`);

  const { id: room } = (await ask(first.address, `/sites/${id}/rows/room`, {
    name: 'Loft',
    width: 4000,
    depth: 3000,
    height: 2500,
  })) as { id: string };
  const told: string[] = [];
  // The kill comes in the middle of writing; whatever was answered by then must be there.
  const writing = (async () => {
    for (let i = 0; i < 200; i++) {
      const answer = (await ask(first.address, `/sites/${id}/lines`, { roomId: room, text: `${i + 1} toy cars` }).catch(
        () => null,
      )) as { id: string } | null;
      if (!answer) return;
      told.push(answer.id);
      if (told.length === 12) first.child.kill('SIGKILL');
    }
  })();
  await writing;
  // It was killed while it wrote.
  expect(told.length).toBeGreaterThanOrEqual(12);
  expect(told.length).toBeLessThan(200);
  await first.ended;
  const third = await start();
  const { data } = (await ask(third.address, `/sites/${id}`)) as { data: { line: { id: string }[] } };
  for (const line of told) expect(data.line.map((one) => one.id)).toContain(line);
  third.child.kill('SIGTERM');
  expect(await third.ended).toBe(0);
  expect(existsSync(join(directory, 'data', 'stube.lock'))).toBe(false);
});

test('a lock of a process that is gone, or of another that took its number, is taken over', () => {
  const path = join(directory, 'stube.lock');
  writeFileSync(path, JSON.stringify({ pid: 2 ** 22 + 12345, started: '1', since: 'long ago' }));
  lockDirectory(directory).release();
  writeFileSync(path, JSON.stringify({ pid: process.pid, started: '1', since: 'long ago' }));
  const lock = lockDirectory(directory);
  expect(JSON.parse(readFileSync(path, 'utf8')).pid).toBe(process.pid);
  expect(() => lockDirectory(directory)).toThrow(DirectoryHeld);
  lock.release();
});

test('a backup a day, the last seven kept, and one can be opened again', async () => {
  const store = await memoryStore(readDump(TEMPLATE));
  await createSite({ db: store.db, who: 'here', now: new Date() }, siteNamed('Quay'));
  const day = (n: number) => new Date(Date.now() + n * 25 * 3600_000);
  const path = (await backUpWhenDue(store.client, directory, day(0)))!;
  utimesSync(path, day(0), day(0));
  expect(await backUpWhenDue(store.client, directory, day(0))).toBeNull();
  const made = [basename(path)];
  for (let n = 1; n < 9; n++) {
    const next = (await backUpWhenDue(store.client, directory, day(n)))!;
    utimesSync(next, day(n), day(n));
    made.push(basename(next));
  }
  expect(readdirSync(join(directory, 'backups')).sort()).toEqual(made.slice(-7));
  const kept = await listSites(store.db);
  await store.close();
  const again = await memoryStore(readDump(join(directory, 'backups', made.at(-1)!)));
  expect(await listSites(again.db)).toEqual(kept);
  expect(kept.map(({ name }) => name)).toEqual(['Quay']);
  await again.close();
});

/** The restore command as `npm run restore` starts it. */
const restore = (...args: string[]) => {
  const { stdout, stderr, status } = spawnSync(process.execPath, [join(BUNDLE, 'restore.js'), ...args], {
    env: { ...process.env, STUBE_DATA: join(directory, 'data') },
    encoding: 'utf8',
  });
  return { said: stdout + stderr, status };
};

test('a backup is listed, put in place again by its name, and what was there is kept', async () => {
  const data = join(directory, 'data');
  const store = await openStore(data);
  await createSite({ db: store.db, who: 'here', now: new Date() }, siteNamed('Before'));
  const name = basename((await backUpWhenDue(store.client, data, new Date()))!);
  await createSite({ db: store.db, who: 'here', now: new Date() }, siteNamed('After'));
  expect(restore(name)).toMatchObject({ status: 1, said: expect.stringContaining('in use by process') });
  await store.close();
  expect(restore().said).toContain(name);
  expect(restore('nothing.tar.gz')).toMatchObject({ status: 1, said: expect.stringContaining('There is no backup') });
  expect(restore(name)).toMatchObject({ status: 0, said: expect.stringContaining('is kept in') });
  const restored = await openStore(data);
  expect((await listSites(restored.db)).map((site) => site.name)).toEqual(['Before']);
  await restored.close();
  expect(readdirSync(data).filter((entry) => entry.startsWith('pg.before-'))).toHaveLength(1);
});

test('a stop ends a server in the middle of its work', async () => {
  const { address, child, ended } = await start();
  const { id } = (await ask(address, '/sites', { name: 'Quay', keepsNew: true })) as { id: string };
  const { id: room } = (await ask(address, `/sites/${id}/rows/room`, {
    name: 'Loft',
    width: 9000,
    depth: 9000,
    height: 3000,
  })) as { id: string };
  for (let i = 0; i < 12; i++)
    await ask(address, `/sites/${id}/rows/unit`, {
      name: `Case ${i}`,
      template: 'bookcase',
      width: 900,
      height: 1900,
      depth: 400,
      columns: 1,
      rows: 6,
      board: 18,
      raised: 0,
      roomId: room,
    });
  for (let i = 0; i < 30; i++)
    await ask(address, `/sites/${id}/lines`, { roomId: room, text: `${20 + i} shoeboxes wooden blocks` });
  await ask(address, `/sites/${id}/rooms/${room}/contain`, {});
  let answered = false;
  const placing = fetch(`${address}/api/sites/${id}/rooms/${room}/place`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: '{}',
  }).then(async (answer) => {
    answered = true;
    return { status: answer.status, ...((await answer.json()) as { message: string }) };
  });
  await new Promise((resolve) => setTimeout(resolve, 300));
  // Else nothing would be stopped.
  expect(answered).toBe(false);
  const began = Date.now();
  child.kill('SIGTERM');
  expect(await placing).toMatchObject({ status: 503, message: expect.stringContaining('Stube is shutting down') });
  expect(await ended).toBe(0);
  // Five seconds are promised; a machine that is busy with others gets as much again.
  expect(Date.now() - began).toBeLessThan(10_000);
  expect(existsSync(join(directory, 'data', 'stube.lock'))).toBe(false);
});
