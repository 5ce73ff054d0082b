/** What hangs on a row goes or is let go with it, and undo brings all of it back. */
import { afterAll, beforeAll, beforeEach, describe, expect, test } from 'vitest';
import type { SiteData } from '@stube/core/model';
import { TIN } from '@stube/core/model/testing/rows';
import { jpegOf } from '../testing/pictures.ts';
import { siteWithRoom, testServer, type TestServer } from '../testing/site.ts';

let server: TestServer;
let site: string;
let room: string;
let unit: string;
beforeAll(async () => {
  server = await testServer();
});
beforeEach(async () => {
  ({ site, room, unit } = await siteWithRoom(server));
  for (const text of ['3 shoeboxes wooden blocks', '60 felt tips'])
    await server.post(own('/lines'), { roomId: room, text });
});
afterAll(() => server.close());

const own = (path: string) => `/sites/${site}${path}`;
const data = () => server.data(site);
const settle = async () => {
  await server.post(own(`/rooms/${room}/contain`));
  await server.post(own(`/rooms/${room}/place`));
};
const remove = async (table: keyof SiteData, id: string, status = 200) => {
  const row = ((await data())[table] as { id: string; version: number }[]).find((one) => one.id === id)!;
  return server.remove(own(`/rows/${table}/${id}`), { version: row.version }, status);
};
const person = async (name: string, more: object = {}): Promise<string> =>
  (await server.post(own('/rows/person'), { name, kind: 'adult', stature: 1700, ...more })).id;

describe('a category', () => {
  test('lets its lines go and takes its bins along', async () => {
    await settle();
    const before = await data();
    const blocks = before.category.find((category) => category.name === 'Wooden blocks')!;
    await remove('category', blocks.id);
    const after = await data();
    expect(after.line.find((line) => line.name === 'wooden blocks')!.categoryId).toBeNull();
    expect(after.bin.some((bin) => bin.categoryId === blocks.id)).toBe(false);
    expect(after.bin).toHaveLength(before.bin.filter((bin) => bin.categoryId !== blocks.id).length);
    await server.post(own('/undo'));
    expect((await data()).bin.map((bin) => [bin.code, bin.compartmentId]).sort()).toEqual(
      before.bin.map((bin) => [bin.code, bin.compartmentId]).sort(),
    );
  });
  test('is forgotten as a further side of lines, its own too, and remembered again', async () => {
    const { category, line } = await data();
    const blocks = category.find((category) => category.name === 'Wooden blocks')!;
    for (const one of line)
      await server.patch(own(`/rows/line/${one.id}`), { also: [blocks.id], version: one.version });
    await remove('category', blocks.id);
    expect((await data()).line.map((line) => line.also)).toEqual([[], []]);
    await server.post(own('/undo'));
    const back = (await data()).line;
    for (const one of line)
      expect(back.find(({ id }) => id === one.id)).toMatchObject({ also: [blocks.id], categoryId: one.categoryId });
  });
});

describe('a person', () => {
  test('is taken from rooms and from those who use or tidy', async () => {
    const ona = await person('Ona');
    const { room: rooms, category } = await data();
    await server.patch(own(`/rows/room/${room}`), { people: [ona], version: rooms[0]!.version });
    await server.patch(own(`/rows/category/${category[0]!.id}`), {
      users: [ona],
      tidiers: [ona],
      version: category[0]!.version,
    });
    await remove('person', ona);
    const after = await data();
    expect(after.room[0]!.people).toEqual([]);
    expect(after.category.every((category) => !category.users.includes(ona) && !category.tidiers.includes(ona))).toBe(
      true,
    );
    await server.post(own('/undo'));
    expect((await data()).room[0]!.people).toEqual([ona]);
  });
  test('the last one stays', async () => {
    const { person: people } = await data();
    for (const person of people.slice(1)) await remove('person', person.id);
    const problem = await remove('person', people[0]!.id, 422);
    expect(problem.fields[0]).toMatchObject({ field: 'person' });
    expect((await data()).person).toHaveLength(1);
  });
});

describe('a container', () => {
  const addType = async (): Promise<string> => (await server.post(own('/rows/containerType'), TIN)).id;
  test('that no bin uses goes, and limits and wishes told in it end', async () => {
    const tin = await addType();
    const { category } = await data();
    await server.patch(own(`/rows/category/${category[0]!.id}`), {
      containerTypeId: tin,
      limit: { containerTypeId: tin, count: 2 },
      version: category[0]!.version,
    });
    const milo = await person('Milo', { limit: { containerTypeId: tin, count: 1 } });
    await remove('containerType', tin);
    const after = await data();
    expect(after.category.find((one) => one.id === category[0]!.id)).toMatchObject({
      containerTypeId: null,
      limit: null,
    });
    expect(after.person.find((person) => person.id === milo)!.limit).toBeNull();
    await server.post(own('/undo'));
    expect((await data()).person.find((person) => person.id === milo)!.limit).toEqual({
      containerTypeId: tin,
      count: 1,
    });
  });
  test('that bins use stays, and says how many', async () => {
    await settle();
    const { bin } = await data();
    const problem = await remove('containerType', bin[0]!.containerTypeId!, 422);
    expect(problem.fields[0].message).toMatch(/^\d+ bins? uses? it/);
  });
});

describe('furniture', () => {
  test('gives its bins back to the bench, unpinned', async () => {
    await settle();
    const placed = (await data()).bin.filter((bin) => bin.compartmentId);
    expect(placed.length).toBeGreaterThan(0);
    await server.post(own(`/rooms/${room}/place`), {
      placed: [{ binId: placed[0]!.id, version: placed[0]!.version, compartmentId: placed[0]!.compartmentId }],
      pin: true,
    });
    await remove('unit', unit);
    const after = await data();
    expect(after.compartment).toEqual([]);
    expect(after.bin.every((bin) => bin.compartmentId === null && !bin.pinned)).toBe(true);
    await server.post(own('/undo'));
    const back = (await data()).bin.find((bin) => bin.id === placed[0]!.id);
    expect(back).toMatchObject({ compartmentId: placed[0]!.compartmentId, pinned: true });
  });
});

test('a line takes its photographs along', async () => {
  const { line } = await data();
  const jpeg = jpegOf();
  const path = `/api${own(`/rooms/${room}/photos`)}?kind=line&takenOn=2026-03-01&width=80&height=60&lineId=${line[0]!.id}`;
  const { id } = (await server.call.post(path).type('image/jpeg').send(jpeg).expect(200)).body;
  await remove('line', line[0]!.id);
  expect((await data()).photo).toEqual([]);
  await server.post(own('/undo'));
  expect((await data()).photo.map((photo) => photo.id)).toEqual([id]);
  await server.call.get(`/api${own(`/photos/${id}.jpg`)}`).expect(200);
});

test.each([
  ['a stale version', 'line', 0, 409],
  ['a compartment of its own', 'compartment', 1, 404],
  ['a site as a row', 'site', 1, 404],
  ['an unknown table', 'shelfette', 1, 404],
])('%s is refused and nothing goes', async (_, table, plus, status) => {
  const before = await data();
  const row = ((before as unknown as Record<string, { id: string; version: number }[]>)[table] ?? [])[0];
  const version = (row?.version ?? 0) - (plus ? 0 : 1);
  await server.remove(own(`/rows/${table}/${row?.id ?? 'x'}`), { version }, status);
  expect(await data()).toEqual(before);
});
