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

/** A server that crashes so often within so many minutes is not started again: something is wrong that a start does not mend. */
const MAX_CRASHES = 5;
const CRASH_MINUTES = 10;
/** Before it is started again, ms. */
const PAUSE_MS = 500;

/**
 * Starts the server and starts it again where it crashes, at the same port. Ends this process when the server cannot
 * start, ends by itself (it has said why), or crashes again and again.
 * @returns its port, what tells its first run from other servers, and how to stop it
 */
export async function serve(env = {}) {
  let running;
  let stopping = false;
  const crashes = [];
  const start = (port) => {
    const server = forkServer(port ? { ...env, PORT: String(port) } : env, ['inherit', 'pipe', 'inherit', 'ipc']);
    running = server.child;
    return server;
  };
  const stop = (signal = 'SIGTERM') => {
    stopping = true;
    running.kill(signal);
  };
  const watch = (child, port) =>
    child.once('exit', (code, signal) => {
      if (stopping || code === 0 || code === 1) process.exit(process.exitCode || (code ?? 1));
      const now = Date.now();
      crashes.push(now);
      if (crashes.filter((at) => at > now - CRASH_MINUTES * 60_000).length >= MAX_CRASHES) {
        console.error(
          `Stube has crashed ${MAX_CRASHES} times within ${CRASH_MINUTES} minutes and is not started again. What was saved is kept. Start it again with the same command.`,
        );
        process.exit(1);
      }
      console.error(`Stube ended unexpectedly (${signal ?? `code ${code}`}). It is being started again …`);
      setTimeout(() => {
        const again = start(port);
        again.ready.catch(() => {});
        watch(again.child, port);
      }, PAUSE_MS);
    });
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => stop(signal));
  const { child, ready } = start();
  const early = (code) => process.exit(code || 1);
  child.once('exit', early);
  const { port, instance } = await ready;
  child.off('exit', early);
  watch(child, port);
  return { port, instance, stop };
}

export const address = (port) =>
  `http://${process.env.HOST && process.env.HOST !== '0.0.0.0' ? process.env.HOST : '127.0.0.1'}:${port}`;
