/** How Stube is started: at a port that another has, beside another Stube, and again after a crash. */
import { spawn, type ChildProcess } from 'node:child_process';
import { cpSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { SiteSummary } from '@stube/contract/answers';
import { loadFerryHouse } from '../scripts/load.mjs';
import { EMPTY } from './setup.ts';
import { expect, expectAccessible, test } from './stube.ts';

test.use({ fresh: true });

let directory = '';
const children: ChildProcess[] = [];
test.beforeEach(() => {
  directory = mkdtempSync(join(tmpdir(), 'stube-start-'));
  // Making a database takes several times as long as copying an empty one.
  cpSync(EMPTY, join(directory, 'data'), { recursive: true });
});
test.afterEach(async () => {
  for (const child of children.splice(0).filter(({ exitCode }) => exitCode === null))
    await new Promise((ended) => child.once('exit', ended).kill('SIGTERM'));
  rmSync(directory, { recursive: true, force: true });
});

/** A command of the scripts folder with what it says until it ends. */
function run(script: string, env: Record<string, string>) {
  const child = spawn(process.execPath, [join(import.meta.dirname, '..', 'scripts', script)], {
    env: { ...process.env, ...env },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  children.push(child);
  let said = '';
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (text: Buffer) => (said += text.toString()));
  const ended = new Promise<number | null>((resolve) => child.once('exit', resolve));
  return { said: () => said, ended };
}

test('a demo beside a running Stube at the same port ends, says who has the port, and changes nothing', async ({
  stube,
}) => {
  await stube.ask('/sites', { name: 'Quay' });
  const { said, ended } = run('demo.mjs', { PORT: String(stube.port), STUBE_DEMO_DATA: join(directory, 'demo') });
  expect(await ended).toBe(1);
  expect(said()).toMatch(
    new RegExp(
      `Port ${stube.port} is already in use by process \\d+ \\(.*main\\.js.*\\)\\. Stop that program, or choose`,
    ),
  );
  expect(said()).not.toContain('is open at');
  expect((await stube.ask<SiteSummary[]>('/sites')).map(({ name }) => name)).toEqual(['Quay']);
  // Whoever answers at the port, the house is loaded only into the server that was started.
  await expect(loadFerryHouse(stube.address, 'the one that was started')).rejects.toThrow(
    'The Ferry House was not loaded',
  );
  expect((await stube.ask<SiteSummary[]>('/sites')).map(({ name }) => name)).toEqual(['Quay']);
});

test('a Stube that crashes is started again with its data, but not for ever', async () => {
  const data = join(directory, 'data');
  const { said, ended } = run('start.mjs', { PORT: '0', STUBE_DATA: data });
  await expect.poll(said).toContain('Stube is open at');
  const address = /open at (\S+)/.exec(said())![1]!;
  const body = JSON.stringify({ name: 'Quay' });
  await fetch(`${address}/api/sites`, { method: 'POST', headers: { 'Content-Type': 'application/json' }, body });
  const holder = () => (JSON.parse(readFileSync(join(data, 'stube.lock'), 'utf8')) as { pid: number }).pid;
  for (let crashes = 1; crashes < 5; crashes++) {
    const crashed = holder();
    process.kill(crashed, 'SIGKILL');
    await expect.poll(said).toContain('Stube ended unexpectedly (SIGKILL). It is being started again');
    await expect
      .poll(
        () =>
          holder() !== crashed &&
          fetch(`${address}/api/health`).then(
            ({ ok }) => ok,
            () => false,
          ),
      )
      .toBe(true);
  }
  expect(((await (await fetch(`${address}/api/sites`)).json()) as SiteSummary[]).map(({ name }) => name)).toEqual([
    'Quay',
  ]);
  process.kill(holder(), 'SIGKILL');
  expect(await ended).toBe(1);
  expect(said()).toContain('has crashed 5 times within 10 minutes and is not started again');
});

test('where others can reach it, the start and every page say that there is no sign-in', async ({ page }) => {
  const { said } = run('start.mjs', { PORT: '0', HOST: '0.0.0.0', STUBE_DATA: join(directory, 'data') });
  await expect.poll(said).toContain('Stube is open at');
  await expect.poll(said).toContain('There is no sign-in: anyone on this network can see and change everything');
  for (const path of ['/', '/nowhere']) {
    await page.goto(/open at (\S+)/.exec(said())![1]! + path);
    await expect(page.getByRole('complementary', { name: 'No sign-in' })).toContainText('There is no sign-in yet');
    await expectAccessible(page);
  }
});
