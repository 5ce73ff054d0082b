/** Makes one empty, migrated database for a whole test run; every test starts from a copy of its dump. */
import { existsSync, mkdirSync, writeFileSync } from 'node:fs';
import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { memoryStore } from '../db/open.ts';

const migrations = join(import.meta.dirname, '..', 'db', 'migrations');
const signature = createHash('sha256')
  .update(
    readdirSync(migrations)
      .filter((name) => name.endsWith('.sql'))
      .map((name) => readFileSync(join(migrations, name), 'utf8'))
      .join(''),
  )
  .digest('hex')
  .slice(0, 12);
export const TEMPLATE = join(import.meta.dirname, '..', '..', '.tmp', `empty-${signature}.tar`);

export default async function setup(): Promise<void> {
  if (existsSync(TEMPLATE)) return;
  mkdirSync(join(TEMPLATE, '..'), { recursive: true });
  const store = await memoryStore();
  const dump = await store.client.dumpDataDir('none');
  writeFileSync(TEMPLATE, Buffer.from(await dump.arrayBuffer()));
  await store.close();
}
