/** One process only, however they race for a lock that a dead one left. */
import { fork } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, expect, test } from 'vitest';
import { DirectoryHeld, lockDirectory, LockLost } from './lock.ts';

let directory = '';
beforeEach(() => {
  directory = mkdtempSync(join(tmpdir(), 'stube-lock-'));
});
afterEach(() => rmSync(directory, { recursive: true, force: true }));

const STALE = JSON.stringify({ pid: 2 ** 22 + 12345, started: '1', since: 'long ago', key: 'stale' });
const TRIES = 120;

test('two processes race for a stale lock: never both have it', async () => {
  const racers = [0, 1].map(() =>
    fork(join(import.meta.dirname, '..', 'testing', 'lock-racer.ts'), { execArgv: ['--import', 'tsx'] }),
  );
  const said = racers.map((racer) => {
    const queue: string[] = [];
    let wake = () => {};
    racer.on('message', (message) => {
      queue.push(String(message));
      wake();
    });
    return async (): Promise<string> => {
      while (!queue.length) await new Promise<void>((resolve) => (wake = resolve));
      return queue.shift()!;
    };
  });
  await Promise.all(said.map((next) => next()));
  let taken = 0;
  for (let n = 0; n < TRIES; n++) {
    const at = join(directory, String(n));
    lockDirectory(at).release();
    writeFileSync(join(at, 'stube.lock'), STALE);
    for (const racer of racers) racer.send({ take: at, at: Date.now() + 6 });
    const answers = await Promise.all(said.map((next) => next()));
    expect(answers.filter((answer) => answer === 'mine').length).toBeLessThanOrEqual(1);
    if (answers.includes('mine')) taken++;
    for (const racer of racers) racer.send({ release: true });
    await Promise.all(said.map((next) => next()));
  }
  // It is taken by one of them nearly always: a lock nobody can take would be of no use.
  expect(taken).toBeGreaterThan(TRIES * 0.9);
  for (const racer of racers) racer.kill();
});

test('a lock that was deleted or taken by another is noticed before anything is written', () => {
  const lock = lockDirectory(directory);
  lock.verify();
  expect(() => lockDirectory(directory)).toThrow(DirectoryHeld);
  rmSync(join(directory, 'stube.lock'));
  expect(() => lock.verify()).toThrow(LockLost);
  const other = lockDirectory(directory);
  expect(() => lock.verify()).toThrow(LockLost);
  // It does not give back what is another's.
  lock.release();
  other.verify();
  other.release();
});
