// npm run restore [-- FILE]: puts a backup in the place of the database, or lists the backups there are.
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { ROOT } from './install.mjs';
import { prepare } from './serve.mjs';

await prepare();
const { status } = spawnSync(process.execPath, [join(ROOT, 'server', 'dist', 'restore.js'), ...process.argv.slice(2)], {
  cwd: ROOT,
  stdio: 'inherit',
});
process.exitCode = status ?? 1;
