// Installs the packages when they are not there or older than the lock file says.
import { spawnSync } from 'node:child_process';
import { existsSync, statSync } from 'node:fs';
import { join } from 'node:path';

export const ROOT = join(import.meta.dirname, '..');

/** Runs a command in the repository; ends this process with its code when it fails. */
export function run(command, args, env = {}) {
  const { status } = spawnSync(command, args, { cwd: ROOT, stdio: 'inherit', env: { ...process.env, ...env } });
  if (status !== 0) process.exit(status ?? 1);
}

export function install() {
  const done = join(ROOT, 'node_modules', '.package-lock.json');
  if (existsSync(done) && statSync(done).mtimeMs >= statSync(join(ROOT, 'package-lock.json')).mtimeMs) return;
  console.log('Installing packages …');
  run('npm', ['ci', '--no-fund', '--no-audit']);
}
