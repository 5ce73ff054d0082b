/** A site in one file: it comes in as it went out, or not at all; the inventory as a table. */
import Papa from 'papaparse';
import { afterAll, beforeAll, expect, test } from 'vitest';
import type { Row, SiteData } from '@stube/core/model';
import { siteWithRoom, testServer, type TestServer } from '../../../testing/site.ts';

let server: TestServer;
let site: string;
let room: string;
beforeAll(async () => {
  server = await testServer({ own: true });
  ({ site, room } = await siteWithRoom(server));
  for (const text of ['3 shoeboxes wooden blocks', '60 felt tips', '2 mugs beads'])
    await server.post(`/sites/${site}/lines`, { roomId: room, text });
  const { id } = await server.post(`/sites/${site}/rows/person`, { name: 'Ona', kind: 'child', stature: 1150 });
  const data = await server.data(site);
  await server.patch(`/sites/${site}/rows/category/${data.category[0]!.id}`, {
    users: [id],
    limit: { containerTypeId: data.containerType[0]!.id, count: 2 },
    version: data.category[0]!.version,
  });
  await server.post(`/sites/${site}/rooms/${room}/contain`);
  await server.post(`/sites/${site}/rooms/${room}/place`);
});
afterAll(() => server.close());

const exported = () => server.get(`/sites/${site}/export`);

/** The rows with each id replaced by where its row stands, so that two sites can be compared. */
function withoutIds(data: SiteData): unknown {
  const order = new Map<string, string>();
  const sorted = Object.entries(data).map(([table, rows]): [string, Record<string, unknown>[]] => {
    const named = (rows as unknown as (Row & Record<string, unknown>)[])
      .map((row) => ({ row, key: JSON.stringify([row.name, row.code, row.sort, row.x, row.z, row.kind]) }))
      .sort((a, b) => (a.key < b.key ? -1 : 1));
    named.forEach(({ row }, i) => order.set(row.id, `${table} ${i}`));
    return [table, named.map(({ row }) => row)];
  });
  const replaced = (value: unknown): unknown =>
    typeof value === 'string'
      ? (order.get(value) ?? value)
      : Array.isArray(value)
        ? value.map(replaced)
        : value && typeof value === 'object'
          ? Object.fromEntries(Object.entries(value).map(([key, own]) => [key, replaced(own)]))
          : value;
  return sorted.map(([table, rows]) => [table, rows.map(({ version: _version, ...own }) => replaced(own))]);
}

test('it comes in as it went out, twice, with ids of its own', async () => {
  const file = await exported();
  const made = [await server.post('/import', file), await server.post('/import', file)];
  expect(made.map(({ name }) => name)).toEqual(['Ferry House 2', 'Ferry House 3']);
  const copies = made.map(({ siteId }) => siteId);
  expect(new Set([site, ...copies]).size).toBe(3);
  const before = withoutIds(await server.data(site));
  for (const copy of copies) {
    const data = await server.data(copy);
    expect(withoutIds({ ...data, site: data.site.map((row) => ({ ...row, name: file.data.site[0].name })) })).toEqual(
      before,
    );
    const old = new Set(Object.values(file.data).flatMap((rows) => (rows as Row[]).map((row) => row.id)));
    for (const rows of Object.values(data)) for (const row of rows as Row[]) expect(old.has(row.id)).toBe(false);
  }
});

test.each([
  ['an id twice', (data: SiteData) => data.bin.push({ ...data.bin[0]!, code: 'N99' }), 'data.bin'],
  ['a code twice', (data: SiteData) => data.bin.push({ ...data.bin[0]!, id: 'another' }), 'data.bin'],
  ['a user who is not in it', (data: SiteData) => data.category[0]!.users.push('nobody'), 'data.category.0.users'],
  [
    'a limit in a container that is not in it',
    (data: SiteData) => (data.person[0]!.limit = { containerTypeId: 'gone', count: 1 }),
    'data.person.0.limit',
  ],
  [
    'a bin in no compartment of it',
    (data: SiteData) => (data.bin[0]!.compartmentId = 'gone'),
    'data.bin.0.compartmentId',
  ],
])('a file with %s is refused whole', async (_, spoil, field) => {
  const file = await exported();
  spoil(file.data);
  const count = (await server.get('/sites')).length;
  const problem = await server.post('/import', file, 422);
  expect(problem.fields.map((field: { field: string }) => field.field)).toContain(field);
  expect((await server.get('/sites')).length).toBe(count);
});

test('the inventory keeps its columns whatever the names hold', async () => {
  const [bin] = (await server.data(site)).bin;
  await server.patch(`/sites/${site}/rows/bin/${bin!.id}`, { name: 'Pens, "good"; blue', version: bin!.version });
  const text = (await server.call.get(`/api/sites/${site}/inventory.csv`).expect(200)).text;
  expect(text).toContain('"Pens, ""good""; blue"');
  const { data, errors } = Papa.parse<string[]>(text.replace('\ufeff', ''), { skipEmptyLines: true });
  expect(errors).toEqual([]);
  expect(data).toHaveLength(1 + (await server.data(site)).bin.length);
  for (const row of data) expect(row).toHaveLength(10);
  await server.post(`/sites/${site}/undo`);
});

test('what has no bin yet stands in it as well, without a place', async () => {
  await server.post(`/sites/${site}/lines`, { roomId: room, text: '5 shoeboxes train tracks' });
  const text = (await server.call.get(`/api/sites/${site}/inventory.csv`).expect(200)).text;
  const row = text.split(/\r?\n/).find((one) => /train tracks/i.test(one))!;
  expect(row).toMatch(/^,train tracks,/);
  expect(row).toMatch(/,Net loft,,$/);
  await server.post(`/sites/${site}/undo`);
});
