// npm test: installs what is needed, lints, type-checks, unit tests, builds, end-to-end tests.
import { existsSync } from 'node:fs';
import { spawn, spawnSync } from 'node:child_process';
import { install, ROOT } from './install.mjs';

const CHROMIUM = process.env.STUBE_CHROMIUM ?? '/usr/bin/chromium';

function installChromium() {
  if (existsSync(CHROMIUM)) return;
  console.log('Installing Chromium from Debian …');
  const root = process.getuid?.() === 0 ? [] : ['sudo', '-n'];
  const apt = (...args) =>
    spawnSync([...root, 'apt-get', ...args][0], [...root, 'apt-get', ...args].slice(1), {
      stdio: 'inherit',
      env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    });
  apt('update', '-qq');
  apt('install', '-y', '-qq', '--no-install-recommends', 'chromium');
  if (!existsSync(CHROMIUM)) {
    console.error(
      `The end-to-end tests need Chromium at ${CHROMIUM} (or its path in STUBE_CHROMIUM); it could not be installed.`,
    );
    process.exit(1);
  }
}

/** Steps that need each other's results, in order; the lanes go beside one another, one for each of two cores. */
const LANES = [
  ['build', 'e2e'],
  ['lint', 'typecheck', 'unit'],
];
const seconds = new Map();
const running = new Set();
for (const signal of ['SIGINT', 'SIGTERM'])
  process.on(signal, () => {
    for (const { pid } of running) process.kill(-pid, signal);
    process.exit(1);
  });

/** Runs a step; what it says is shown when it is over, so that two of them do not mix. */
function step(name) {
  const began = Date.now();
  const said = [];
  const child = spawn('npm', ['run', '--silent', name], {
    cwd: ROOT,
    stdio: ['ignore', 'pipe', 'pipe'],
    detached: true,
  });
  running.add(child);
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (text) => said.push(text));
  return new Promise((resolve, reject) =>
    child.once('close', (code, signal) => {
      running.delete(child);
      const took = Math.round((Date.now() - began) / 1000);
      seconds.set(name, took);
      // What is stopped because another failed has nothing to say.
      if (!process.exitCode) console.log(`\n── ${name} ──\n${Buffer.concat(said)}`);
      if (code === 0) resolve();
      else reject(new Error(`${name} failed after ${took} s${signal ? ` (${signal})` : ''}`));
    }),
  );
}

install();
installChromium();
const began = Date.now();
try {
  await Promise.all(
    LANES.map(async (lane) => {
      for (const name of lane) await step(name);
    }),
  );
} catch (error) {
  console.error(`\n${error.message}`);
  process.exitCode = 1;
  // With all that they have started: each step is a group of processes of its own.
  for (const { pid } of running) process.kill(-pid, 'SIGTERM');
}
for (const name of LANES.flat()) console.log(`${name}: ${seconds.has(name) ? `${seconds.get(name)} s` : 'not run'}`);
console.log(`all: ${Math.round((Date.now() - began) / 1000)} s`);
