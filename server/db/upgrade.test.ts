/** A database as any earlier version left it is brought up to date with everything in it. */
import { createHash } from 'node:crypto';
import { cpSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { brotliDecompressSync } from 'node:zlib';
import { PGlite } from '@electric-sql/pglite';
import { drizzle } from 'drizzle-orm/pglite';
import { migrate } from 'drizzle-orm/pglite/migrator';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { EARLIER_FORMS } from './early-journals.ts';
import { memoryStore, readDump } from './open.ts';
import { storeOn, type Store } from './store.ts';
import { readSite } from './read.ts';
import { listSites } from './sites.ts';
import { BARE, TEMPLATE } from '../testing/template.ts';

const MIGRATIONS = join(import.meta.dirname, 'migrations');
interface Entry {
  tag: string;
  when: number;
}
const journalOf = (folder: string) => join(folder, 'meta', '_journal.json');
const ENTRIES = (JSON.parse(readFileSync(journalOf(MIGRATIONS), 'utf8')) as { entries: Entry[] }).entries;

/** The first migrations, the last of them in an earlier form where one is given. */
async function migrateTo(client: PGlite, count: number, form?: { when: number; file: string }): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'stube-migrations-'));
  cpSync(MIGRATIONS, folder, { recursive: true });
  const entries = ENTRIES.slice(0, count).map((entry) => ({ ...entry }));
  if (form) {
    const last = entries.at(-1)!;
    last.when = form.when;
    cpSync(join(import.meta.dirname, 'testing', 'early', form.file), join(folder, `${last.tag}.sql`));
  }
  writeFileSync(journalOf(folder), JSON.stringify({ version: '7', dialect: 'postgresql', entries }));
  await migrate(drizzle({ client }), { migrationsFolder: folder });
  rmSync(folder, { recursive: true });
}

const FIRST_ROWS = `
insert into site (id, version, name, system, currency, growth, fill_limit, measures) values ('s', 1, 'House', 'metric', 'EUR', 0.1, 0.8, '{}');
insert into person (id, version, site_id, name, kind, stature, colour) values ('p', 1, 's', 'Helper', 'adult', 1700, 'oak');
insert into room (id, version, site_id, name, code, width, depth, height, sort, people) values ('r', 1, 's', 'Loft', 'L', 4000, 3000, 2500, 0, '[]');
insert into family (id, version, site_id, name, hue, pictogram, sort) values ('f', 1, 's', 'Toys', 'oak', 'blocks', 0);
insert into category (id, version, site_id, family_id, name, pictogram, synonyms, lie, hazards, lid, light_sensitive, density, zone_kind, per_week, users, factor) values ('c', 1, 's', 'f', 'Blocks', 'blocks', '[]', 'rigid', '[]', false, false, 300, 'whole room', 2, '[]', 1);
insert into container_type (id, version, site_id, name, form, out_width, out_depth, out_height, in_width, in_depth, in_height, see_through, lid, handle, stackable, mass, price, pack, material, owned) values ('t', 1, 's', 'Box', 'box', 200, 300, 150, 190, 290, 140, false, false, false, false, 300, 0, 1, 'card', 1);
insert into bin (id, version, site_id, room_id, category_id, container_type_id, code, name, litres, pinned, printed, sort) values ('b', 1, 's', 'r', 'c', 't', 'L1', 'Blocks 1', 5, false, 'L1 Blocks 1 /4', 0);
insert into line (id, version, site_id, room_id, name, amount, measure, decision, note, sort) values ('l', 1, 's', 'r', 'blocks', 3, 'shoebox', 'keep', '', 1);
`;

async function expectEverything(store: Store): Promise<void> {
  const data = await readSite(store.db, 's');
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
}

/** What a database is made of, as it describes itself. */
async function shapeOf(store: Store): Promise<unknown> {
  const columns = await store.client.query(
    `select table_name, column_name, data_type, is_nullable, column_default from information_schema.columns
      where table_schema = 'public' order by 1, 2`,
  );
  const constraints = await store.client.query(
    `select conrelid::regclass::text as of, conname, pg_get_constraintdef(oid) as is from pg_constraint
      where connamespace = 'public'::regnamespace order by 1, 2`,
  );
  const indexes = await store.client.query(
    `select indexname, indexdef from pg_indexes where schemaname = 'public' order by 1`,
  );
  return [columns.rows, constraints.rows, indexes.rows];
}

let fresh: Store;
beforeAll(async () => {
  fresh = await memoryStore(readDump(TEMPLATE));
});
afterAll(() => fresh.close());

/** The database of a client, opened as Stube opens it. */
const opened = (client: PGlite): Promise<Store> => storeOn(client);

test('rows of the first version get what new rows begin with', async () => {
  const client = await PGlite.create({ loadDataDir: readDump(BARE) });
  await migrateTo(client, 1);
  await client.exec(FIRST_ROWS);
  const store = await opened(client);
  await expectEverything(store);
  expect(await shapeOf(store)).toEqual(await shapeOf(fresh));
  await store.close();
});

describe.each([
  ['0000_start.first.sql', 1],
  ['0001_makeover.first.sql', 2],
  ['0009_room.first.sql', 10],
  ['0010_depth.first.sql', 11],
  ['0010_depth.second.sql', 11],
])('data written by a migration that was changed later (%s)', (file, count) => {
  test('opens with everything in it, and is as every other then', async () => {
    const forms = EARLIER_FORMS.filter(({ tag }) => file.startsWith(tag));
    const form = forms[file.includes('second') ? 1 : 0]!;
    const client = await PGlite.create({ loadDataDir: readDump(BARE) });
    if (count > 1) {
      await migrateTo(client, 1);
      await client.exec(FIRST_ROWS);
    }
    await migrateTo(client, count, { when: form.when, file });
    if (count === 1) await client.exec(FIRST_ROWS);
    if (file.startsWith('0001')) await client.exec('update category set fine = 7');
    const store = await opened(client);
    await expectEverything(store);
    expect(await shapeOf(store)).toEqual(await shapeOf(fresh));
    if (file.startsWith('0001')) expect((await readSite(store.db, 's')).family[0]).toMatchObject({ granularity: 7 });
    await store.close();
  });
});

/** Data folders as they were written when the migration in their name was the newest (`npm run keep-version`). */
const KEPT = join(import.meta.dirname, 'testing', 'data');
const kept = readdirSync(KEPT).filter((name) => name.endsWith('.tar.br'));
test('there is a data folder of the newest migration', () => expect(kept).toContain(`${ENTRIES.at(-1)!.tag}.tar.br`));
test.each(kept)('the data folder of %s opens', async (name) => {
  const store = await memoryStore(new Blob([brotliDecompressSync(readFileSync(join(KEPT, name)))]));
  const sites = await listSites(store.db);
  expect(sites.map((site) => site.name)).toEqual(['Quay']);
  expect((await readSite(store.db, sites[0]!.id)).room).toHaveLength(1);
  await store.close();
});

/** Migrations once committed are never changed: data was written by them. A new one is added here. */
const COMMITTED: [tag: string, when: number, digest: string][] = [
  ['0000_start', 1795496962173, 'afb5b555ce20'],
  ['0001_makeover', 1795609760196, 'e273b98411ca'],
  ['0002_names', 1795690048523, '72c0eba5f501'],
  ['0003_ground', 1795690049651, '48616cd1d39f'],
  ['0004_things', 1795701698427, 'eeed71478356'],
  ['0005_units', 1795718215397, '2f8f64dcaabb'],
  ['0006_undecided', 1795727905603, 'c3759528556d'],
  ['0007_places', 1795737737799, '57fffd45d614'],
  ['0008_cutting', 1795739064063, 'beee092a3890'],
  ['0009_room', 1795750653433, 'c754d06c90e0'],
  ['0010_depth', 1795762370948, '749a62f61c2d'],
  ['0011_labels', 1795769049158, 'bb94ebcc8ab8'],
  ['0012_printed', 1795769051430, '314e52cf4961'],
  ['0013_supervised', 1795775167890, '8b6d81a136e3'],
  ['0014_observations', 1795775654599, '8ae2f2accde4'],
  ['0015_keeping', 1795781306015, '615c994833bc'],
  ['0016_rotation', 1795786437413, '597bad11d737'],
  ['0017_day_slots', 1795788382293, 'f0ffc86664c7'],
  ['0018_pets_readiness_stock', 1795794270969, '4f8ac78627c2'],
  ['0019_fine_labels', 1795806828018, '79eb8b9d8570'],
  ['0020_people_counted', 1795808937589, '170d4e256186'],
  ['0021_time_zone', 1796140864289, '0c7488e64c04'],
];
test('no migration was changed, and each is written down', () => {
  const digest = (tag: string) =>
    createHash('sha256')
      .update(readFileSync(join(MIGRATIONS, `${tag}.sql`)))
      .digest('hex')
      .slice(0, 12);
  expect(ENTRIES.map(({ tag, when }) => [tag, when, digest(tag)])).toEqual(COMMITTED);
});
