// The one way in which scripts start the built server. Little room for new objects, a heap that is looked through before
// it grows far, few pools of free memory: their defaults are quicker by little and larger by much.
import { fork } from 'node:child_process';
import { join } from 'node:path';
import { ROOT } from './install.mjs';

/** Several times what a site of 10,000 lines takes while it comes in from its file. */
const HEAP_MB = 256;

/** @returns the process and, once it answers, its port and what tells this run from others; fails when it ends before */
export function forkServer(env = {}, stdio = ['ignore', 'ignore', 'inherit', 'ipc']) {
  const child = fork(join(ROOT, 'server', 'dist', 'main.js'), {
    cwd: ROOT,
    env: { MALLOC_ARENA_MAX: '2', ...process.env, ...env },
    execArgv: ['--max-semi-space-size=4', `--max-old-space-size=${HEAP_MB}`],
    stdio,
  });
  const ready = new Promise((resolve, reject) => {
    child.once('message', resolve);
    child.once('exit', (code) => reject(new Error(`the server ended with ${code}`)));
  });
  return { child, ready };
}

/** Asks it to stop, and waits until it has. */
export const stop = (child) => new Promise((resolve) => child.once('exit', resolve).kill('SIGTERM'));
