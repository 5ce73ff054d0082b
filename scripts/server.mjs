// The one way in which scripts start the built server: with little room for new objects, whose default is quicker by
// little and larger by much.
import { fork } from 'node:child_process';
import { join } from 'node:path';
import { ROOT } from './install.mjs';

/** @returns the process and, once it answers, its port; fails when it ends before that */
export function forkServer(env = {}, stdio = ['ignore', 'ignore', 'inherit', 'ipc']) {
  const child = fork(join(ROOT, 'server', 'dist', 'main.js'), {
    cwd: ROOT,
    env: { ...process.env, ...env },
    execArgv: ['--max-semi-space-size=4'],
    stdio,
  });
  const port = new Promise((resolve, reject) => {
    child.once('message', (message) => resolve(message.port));
    child.once('exit', (code) => reject(new Error(`the server ended with ${code}`)));
  });
  return { child, port };
}

/** Asks it to stop, and waits until it has. */
export const stop = (child) => new Promise((resolve) => child.once('exit', resolve).kill('SIGTERM'));
