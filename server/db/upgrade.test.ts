/** A database as the first version left it is brought up to date with everything in it. */
import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { PGlite } from '@electric-sql/pglite';
import { drizzle } from 'drizzle-orm/pglite';
import { migrate } from 'drizzle-orm/pglite/migrator';
import { expect, test } from 'vitest';
import { readSite } from './read.ts';
import type { Db } from './open.ts';
import * as tables from './tables.ts';

const MIGRATIONS = join(import.meta.dirname, 'migrations');

/** The migrations up to the first. */
function firstOnly(): string {
  const folder = mkdtempSync(join(tmpdir(), 'stube-migrations-'));
  cpSync(MIGRATIONS, folder, { recursive: true });
  const path = join(folder, 'meta', '_journal.json');
  const journal = JSON.parse(readFileSync(path, 'utf8'));
  writeFileSync(path, JSON.stringify({ ...journal, entries: journal.entries.slice(0, 1) }));
  return folder;
}

test('rows of the first version get what new rows begin with', async () => {
  const client = await PGlite.create();
  const old = firstOnly();
  await migrate(drizzle({ client }), { migrationsFolder: old });
  rmSync(old, { recursive: true });
  await client.exec(`
    insert into site (id, version, name, system, currency, growth, fill_limit, measures) values ('s', 1, 'House', 'metric', 'EUR', 0.1, 0.8, '{}');
    insert into person (id, version, site_id, name, kind, stature, colour) values ('p', 1, 's', 'Helper', 'adult', 1700, 'oak');
    insert into room (id, version, site_id, name, code, width, depth, height, sort, people) values ('r', 1, 's', 'Loft', 'L', 4000, 3000, 2500, 0, '[]');
    insert into family (id, version, site_id, name, hue, pictogram, sort) values ('f', 1, 's', 'Toys', 'oak', 'blocks', 0);
    insert into category (id, version, site_id, family_id, name, pictogram, synonyms, lie, hazards, lid, light_sensitive, density, zone_kind, per_week, users, factor) values ('c', 1, 's', 'f', 'Blocks', 'blocks', '[]', 'rigid', '[]', false, false, 300, 'whole room', 2, '[]', 1);
    insert into container_type (id, version, site_id, name, form, out_width, out_depth, out_height, in_width, in_depth, in_height, see_through, lid, handle, stackable, mass, price, pack, material, owned) values ('t', 1, 's', 'Box', 'box', 200, 300, 150, 190, 290, 140, false, false, false, false, 300, 0, 1, 'card', 1);
    insert into bin (id, version, site_id, room_id, category_id, container_type_id, code, name, litres, pinned, printed, sort) values ('b', 1, 's', 'r', 'c', 't', 'L1', 'Blocks 1', 5, false, 'L1 Blocks 1 /4', 0);
    insert into line (id, version, site_id, room_id, name, amount, measure, decision, note, sort) values ('l', 1, 's', 'r', 'blocks', 3, 'shoebox', 'keep', '', 1);
  `);
  const db = drizzle({ client, schema: tables });
  await migrate(db, { migrationsFolder: MIGRATIONS });
  const data = await readSite(db as unknown as Db, 's');
  expect(data.line[0]).toMatchObject({
    name: 'blocks',
    also: [],
    attributes: {},
    setMissing: 0,
    due: null,
    destination: '',
  });
  expect(data.person[0]).toMatchObject({ name: 'Helper', reads: true, born: null });
  expect(data.room[0]).toMatchObject({ minutesADay: null });
  expect(data.photo).toEqual([]);
  // What a bin said itself is a printed label of its own now.
  expect(data.printedLabel).toMatchObject([
    { roomId: 'r', role: 'bin', binId: 'b', says: { code: 'L1', word: 'Blocks 1' }, printedOn: null, old: false },
  ]);
  await client.close();
});
