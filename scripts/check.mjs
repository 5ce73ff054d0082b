// npm run check: lints what was changed, checks the types, and runs the unit tests of what was changed.
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { install, ROOT, run } from './install.mjs';

const git = (...args) => spawnSync('git', args, { cwd: ROOT, encoding: 'utf8' }).stdout.split('\n').filter(Boolean);

install();
const changed = [...git('diff', '--name-only', 'HEAD'), ...git('ls-files', '--others', '--exclude-standard')].filter(
  (path) => /\.(ts|mts|mjs|vue)$/.test(path) && existsSync(join(ROOT, path)),
);
if (changed.length) run('npx', ['eslint', '--cache', '--cache-location', '.tmp/eslint', ...changed]);
run('npm', ['run', '--silent', 'typecheck']);
run('npx', ['vitest', 'run', '--changed', 'HEAD', '--passWithNoTests']);
