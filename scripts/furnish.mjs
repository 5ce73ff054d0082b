// Furnishes the Ferry House in a server of its own and saves it as the file that a visit brings in.
import { createHash } from 'node:crypto';
import { spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ROOT } from './install.mjs';
import { forkServer, stop } from './server.mjs';

const FILE = join(ROOT, 'server', 'dist', 'ferry-house.json');
/** What the house follows from. */
const SOURCES = ['core', 'contract', 'server', 'demo'];

function filesOf(folder) {
  return readdirSync(folder, { withFileTypes: true })
    .sort((a, b) => (a.name < b.name ? -1 : 1))
    .flatMap((entry) => {
      if (/^(dist|node_modules|testing)$|\.test\.ts$/.test(entry.name)) return [];
      const path = join(folder, entry.name);
      return entry.isDirectory() ? filesOf(path) : [path];
    });
}
function fingerprint() {
  const hash = createHash('sha256');
  for (const path of SOURCES.flatMap((folder) => filesOf(join(ROOT, folder))))
    hash.update(path).update(readFileSync(path));
  return hash.digest('hex');
}

function save(file, print) {
  writeFileSync(FILE, file);
  writeFileSync(`${FILE}.from`, print);
}

/** Furnishes nothing where an earlier build did so from just these sources. @param kept what that build left (`earlier`) */
export async function furnish(kept) {
  const print = fingerprint();
  if (kept?.print === print) return save(kept.file, print);
  const directory = mkdtempSync(join(tmpdir(), 'stube-visit-'));
  const { child, ready } = forkServer({ STUBE_DATA: join(directory, 'data'), HOST: '127.0.0.1', PORT: '0' });
  try {
    const address = `http://127.0.0.1:${(await ready).port}`;
    const { status } = spawnSync(process.execPath, ['--import', 'tsx', join(ROOT, 'demo', 'load.ts'), address], {
      cwd: ROOT,
      stdio: ['ignore', 'ignore', 'inherit'],
    });
    if (status !== 0) throw new Error('the Ferry House was not furnished');
    const [site] = await (await fetch(`${address}/api/sites`)).json();
    const file = await (await fetch(`${address}/api/sites/${site.id}/export`)).text();
    save(file, print);
  } finally {
    await stop(child);
    rmSync(directory, { recursive: true, force: true });
  }
}

/** What an earlier build made, to be read before its folder is emptied. */
export const earlier = () =>
  existsSync(`${FILE}.from`) ? { print: readFileSync(`${FILE}.from`, 'utf8'), file: readFileSync(FILE, 'utf8') } : null;
