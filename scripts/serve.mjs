// Starts the built server and waits until it answers.
import { fork } from 'node:child_process';
import { existsSync, readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { build } from './build.mjs';
import { install, ROOT } from './install.mjs';

const SOURCES = ['core', 'contract', 'server', 'web', 'scripts'];
const newest = (folder) =>
  readdirSync(folder, { withFileTypes: true }).reduce((latest, entry) => {
    if (entry.name === 'dist' || entry.name === 'node_modules') return latest;
    const path = join(folder, entry.name);
    return Math.max(latest, entry.isDirectory() ? newest(path) : statSync(path).mtimeMs);
  }, 0);

/** Builds when nothing was built yet or a source is newer. */
export async function prepare() {
  install();
  const built = [join(ROOT, 'server', 'dist', 'main.js'), join(ROOT, 'web', 'dist', 'index.html')];
  const since = Math.min(...built.map((path) => (existsSync(path) ? statSync(path).mtimeMs : 0)));
  if (Math.max(...SOURCES.map((folder) => newest(join(ROOT, folder)))) <= since) return;
  console.log('Building …');
  await build();
}

/** @returns the server's process and the port it listens on; ends this process when the server cannot start */
export function serve(env = {}) {
  const child = fork(join(ROOT, 'server', 'dist', 'main.js'), {
    cwd: ROOT,
    env: { ...process.env, ...env },
    stdio: ['inherit', 'pipe', 'inherit', 'ipc'],
  });
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal));
  child.on('exit', (code) => process.exit(code ?? 0));
  return new Promise((resolve) => child.once('message', ({ port }) => resolve({ child, port })));
}

export const address = (port) =>
  `http://${process.env.HOST && process.env.HOST !== '0.0.0.0' ? process.env.HOST : '127.0.0.1'}:${port}`;
