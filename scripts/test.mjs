// npm test: installs what is needed, lints, type-checks, unit tests, builds, end-to-end tests.
import { existsSync } from 'node:fs';
import { spawnSync } from 'node:child_process';
import { install, run } from './install.mjs';

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

install();
installChromium();
for (const step of ['lint', 'typecheck', 'unit', 'build', 'e2e']) {
  const began = Date.now();
  run('npm', ['run', '--silent', step]);
  console.log(`${step}: done in ${((Date.now() - began) / 1000).toFixed(0)} s`);
}
