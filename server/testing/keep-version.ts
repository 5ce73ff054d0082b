/**
 * `npm run keep-version`: keeps a data folder and a site file as this version writes them, for the tests of later ones. To
 * be run whenever a migration or a version of the model has come.
 */
import { mkdirSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliCompressSync, constants } from 'node:zlib';
import { MODEL_VERSION } from '@stube/core/model';
import { ROOM } from '@stube/core/model/testing/rows';
import { createSite } from '../features/house/sites/service.ts';
import { createRow } from '../rows/service.ts';
import { memoryStore } from '../db/open.ts';
import { siteNamed } from './site.ts';

const ROOT = join(import.meta.dirname, '..', '..');
const newest = readdirSync(join(ROOT, 'server', 'db', 'migrations'))
  .filter((name) => name.endsWith('.sql'))
  .sort()
  .at(-1)!
  .replace('.sql', '');
const store = await memoryStore();
const on = { db: store.db, who: 'here', now: new Date() };
const { id } = await createSite(on, siteNamed('Quay'));
await createRow({ ...on, siteId: id! }, 'room', ROOM);
const dump = Buffer.from(await (await store.client.dumpDataDir('none')).arrayBuffer());
const folder = join(ROOT, 'server', 'db', 'testing', 'data');
mkdirSync(folder, { recursive: true });
const small = brotliCompressSync(dump, {
  params: { [constants.BROTLI_PARAM_QUALITY]: 10, [constants.BROTLI_PARAM_LGWIN]: 24 },
});
writeFileSync(join(folder, `${newest}.tar.br`), small);
console.log(`${newest}: ${(small.length / 1e6).toFixed(1)} MB; model version ${MODEL_VERSION}`);
await store.close();
process.exit(0);
