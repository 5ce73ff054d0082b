/**
 * A new kind of row touches its model, the register, its schema and its table with a migration; checks, removal, undo, file
 * and routes follow. Proven on a copy of the sources into which such a kind is put.
 */
import { spawnSync } from 'node:child_process';
import { cpSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, expect, test } from 'vitest';

const ROOT = join(import.meta.dirname, '..', '..');
let copy = '';
beforeAll(() => {
  copy = mkdtempSync(join(tmpdir(), 'stube-entity-'));
  for (const part of ['core', 'contract', 'server'])
    cpSync(join(ROOT, part), join(copy, part), {
      recursive: true,
      filter: (path) => !/\/(dist|node_modules)$/.test(path),
    });
  // What has to know every kind of row; what it imports is checked with it.
  const { compilerOptions } = JSON.parse(readFileSync(join(ROOT, 'tsconfig.json'), 'utf8'));
  const include = ['core/ground/model/*.ts', 'contract/rows/*.ts', 'contract/site-file/*.ts', 'server/db/*.ts'];
  writeFileSync(join(copy, 'tsconfig.json'), JSON.stringify({ compilerOptions, include, exclude: ['**/*.test.ts'] }));
  writeFileSync(join(copy, 'package.json'), '{"type":"module"}');
  // The packages as they are installed, our own from the copy.
  const modules = join(copy, 'node_modules');
  mkdirSync(join(modules, '@stube'), { recursive: true });
  for (const name of readdirSync(join(ROOT, 'node_modules')))
    if (name !== '@stube') symlinkSync(join(ROOT, 'node_modules', name), join(modules, name));
  for (const part of ['core', 'contract', 'server']) symlinkSync(join(copy, part), join(modules, '@stube', part));
});
afterAll(() => rmSync(copy, { recursive: true, force: true }));

/** Replaces parts of a file of the copy that have to be there. */
function edit(file: string, ...changes: [from: string, to: string][]): void {
  const path = join(copy, file);
  let source = readFileSync(path, 'utf8');
  for (const [from, to] of changes) {
    expect(source, `${file}: ${from}`).toContain(from);
    source = source.replace(from, to);
  }
  writeFileSync(path, source);
}

test('a loan, made up for this, lives like all other rows', () => {
  writeFileSync(
    join(copy, 'core/ground/model/loan.ts'),
    `import { entity, pointsTo, pointsToMany, type RowOfSite } from './entity.ts';
export interface Loan extends RowOfSite { binId: string; roomId: string | null; helpers: string[]; to: string; note: string }
export const loan = entity<Loan>()({
  words: { one: 'loan', many: 'loans' },
  routes: { create: true, remove: true },
  fields: { binId: pointsTo('bin', 'remove'), roomId: pointsTo('room', 'clear', { default: null }), helpers: pointsToMany('person'), to: {}, note: { default: '' } },
  since: 4,
});
`,
  );
  edit(
    'core/ground/model/entities.ts',
    [
      "import { line, type Line } from './line.ts';",
      "import { line, type Line } from './line.ts';\nimport { loan, type Loan } from './loan.ts';",
    ],
    ['  photo: Photo;\n', '  photo: Photo;\n  loan: Loan;\n'],
    ['  cutStock,\n};', '  cutStock,\n  loan,\n};'],
  );
  edit('contract/rows/fields-of-things.ts', [
    '  photo: {\n',
    '  loan: { binId: rowId, roomId: rowId.allow(null), helpers: list(rowId, 60), to: text(80), note: note(200) },\n  photo: {\n',
  ]);
  edit('server/db/schema/things.ts', [
    'export const photo = pgTable(',
    `export const loan = pgTable(
  'loan',
  { ...ofSite, binId: text('bin_id').notNull(), roomId: text('room_id'), helpers: idList('helpers'), to: text('to').notNull(), note: text('note').notNull() },
  (t) => [...modelKeys('loan', t, { site: () => site, room: () => room, bin: () => bin })],
);
export const photo = pgTable(`,
  ]);
  edit(
    'server/db/tables.ts',
    [
      "from './schema/things.ts';\n\nexport",
      "from './schema/things.ts';\nimport { loan } from './schema/things.ts';\n\nexport",
    ],
    ['  daySlot,\n}', '  daySlot,\n  loan,\n}'],
  );
  writeFileSync(
    join(copy, 'server/db/migrations/0099_loan.sql'),
    `CREATE TABLE "loan" ("id" text PRIMARY KEY, "version" bigint NOT NULL, "site_id" text NOT NULL REFERENCES "site", "bin_id" text NOT NULL, "room_id" text, "helpers" jsonb DEFAULT '[]' NOT NULL, "to" text NOT NULL, "note" text NOT NULL, UNIQUE ("site_id", "id"), FOREIGN KEY ("site_id", "bin_id") REFERENCES "bin" ("site_id", "id") DEFERRABLE INITIALLY DEFERRED);`,
  );
  const journal = join(copy, 'server/db/migrations/meta/_journal.json');
  const made = JSON.parse(readFileSync(journal, 'utf8'));
  made.entries.push({ idx: 99, version: '7', when: made.entries.at(-1).when + 1, tag: '0099_loan', breakpoints: true });
  writeFileSync(journal, JSON.stringify(made));
  writeFileSync(
    join(copy, 'server/try.ts'),
    `
import assert from 'node:assert/strict';
import request from 'supertest';
import { memoryStore } from './db/open.ts';
import { createApp } from './app.ts';
import { WorkerPool } from './threads/pool.ts';
import { TASKS } from './threads/tasks.ts';
import { ROOM } from '../core/ground/model/testing/rows.ts';
const store = await memoryStore();
const work = { run: async (name: 'place', input: never) => TASKS[name].run(input) } as never as WorkerPool;
const call = request(createApp({ db: store.db, work, log: console.error }));
const post = async (path: string, body: object = {}, status = 200) => (await call.post('/api' + path).send(body).expect(status)).body;
const site = (await post('/sites', { name: 'Quay', keepsNew: true })).id;
const at = '/sites/' + site;
const data = async (of = at) => (await call.get('/api' + of).expect(200)).body.data;
const room = (await post(at + '/rows/room', ROOM)).id;
await post(at + '/lines', { roomId: room, text: '3 shoeboxes wooden blocks' });
await post(at + '/rooms/' + room + '/contain');
const { bin, person } = await data();
const refused = await post(at + '/rows/loan', { binId: 'nothing', to: 'Herons' }, 422);
assert.equal(refused.fields[0].field, 'binId');
assert.equal((await post(at + '/rows/loan', { binId: bin[0].id }, 400)).fields[0].field, 'to');
const { id } = await post(at + '/rows/loan', { binId: bin[0].id, roomId: room, helpers: [person[0].id], to: 'Herons' });
assert.deepEqual((await data()).loan[0].note, '');
// A file holds it, and a copy points to the copies.
const file = (await call.get('/api' + at + '/export').expect(200)).body;
const { siteId } = await post('/import', file);
const copied = await data('/sites/' + siteId);
assert.equal(copied.loan[0].binId, copied.bin.find((one: { code: string }) => one.code === bin[0].code).id);
assert.notEqual(copied.loan[0].binId, bin[0].id);
// It goes with its bin and comes back with it; who follows is told of both.
const { revision } = (await call.get('/api' + at).expect(200)).body;
await call.delete('/api' + at + '/rows/bin/' + bin[0].id).send({ version: bin[0].version }).expect(200);
assert.deepEqual((await data()).loan, []);
assert.deepEqual((await call.get('/api' + at + '/changes?since=' + revision)).body.removed.loan, [id]);
await post(at + '/undo');
assert.equal((await data()).loan[0].id, id);
const loan = (await data()).loan[0];
await call.patch('/api' + at + '/rows/loan/' + id).send({ to: 'Pikes', version: loan.version }).expect(200);
assert.equal((await data()).loan[0].to, 'Pikes');
console.log('as all others');
process.exit(0);
`,
  );
  const { stdout, stderr } = spawnSync(process.execPath, ['--import', 'tsx', 'server/try.ts'], {
    cwd: copy,
    encoding: 'utf8',
  });
  expect(stdout + stderr).toContain('as all others');
  // And the compiler finds nothing missing.
  const types = spawnSync(process.execPath, [join(ROOT, 'node_modules/typescript/bin/tsc'), '--noEmit', '-p', copy], {
    cwd: copy,
    encoding: 'utf8',
  });
  expect(types.stdout).toBe('');
});
