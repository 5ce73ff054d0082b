// Starts the built server and waits until it answers.
import { existsSync, readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { build } from './build.mjs';
import { install, ROOT } from './install.mjs';
import { forkServer } from './server.mjs';

const SOURCES = ['core', 'contract', 'server', 'web', 'scripts', 'demo'];
const newest = (folder) =>
  readdirSync(folder, { withFileTypes: true }).reduce((latest, entry) => {
    if (entry.name === 'dist' || entry.name === 'node_modules') return latest;
    const path = join(folder, entry.name);
    return Math.max(latest, entry.isDirectory() ? newest(path) : statSync(path).mtimeMs);
  }, 0);

/** Builds when nothing was built yet or a source is newer. */
export async function prepare() {
  install();
  const built = [
    join(ROOT, 'server', 'dist', 'main.js'),
    join(ROOT, 'server', 'dist', 'ferry-house.json'),
    join(ROOT, 'web', 'dist', 'index.html'),
  ];
  const since = Math.min(...built.map((path) => (existsSync(path) ? statSync(path).mtimeMs : 0)));
  if (Math.max(...SOURCES.map((folder) => newest(join(ROOT, folder)))) <= since) return;
  console.log('Building …');
  await build();
}

/** @returns the server's process and the port it listens on; ends this process when the server cannot start */
export async function serve(env = {}) {
  const { child, port } = forkServer(env, ['inherit', 'pipe', 'inherit', 'ipc']);
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal));
  child.on('exit', (code) => process.exit(code ?? 0));
  return { child, port: await port };
}

export const address = (port) =>
  `http://${process.env.HOST && process.env.HOST !== '0.0.0.0' ? process.env.HOST : '127.0.0.1'}:${port}`;
