/** Pieces to cut live with their compartment; the list says what is wrong with it. */
import { afterAll, beforeAll, beforeEach, expect, test } from 'vitest';
import { CUBES } from '@stube/core/model/testing/rows';
import { siteWithRoom, testServer, type TestServer } from '../../../testing/site.ts';

let server: TestServer;
let site: string;
let room: string;
let unit: string;
beforeAll(async () => {
  server = await testServer();
});
beforeEach(async () => {
  ({ site, room, unit } = await siteWithRoom(server));
});
afterAll(() => server.close());

const own = (path: string) => `/sites/${site}${path}`;
const space = async () => (await server.data(site)).compartment[0]!;
const csv = async (of = room, status = 200) =>
  (await server.call.get(`/api/sites/${site}/rooms/${of}/cut-list.csv`).expect(status)).text;

test('pieces follow the inside they are cut to, and go and come back with it', async () => {
  await server.post(own('/rows/cutPiece'), { compartmentId: (await space()).id, part: 'board', count: 2 });
  await server.post(own('/rows/cutStock'), { part: 'board', length: 2400, price: 1890 });
  // A cube of 349 mm less 4.
  expect(await csv()).toContain('1,board,2400,€18.90,345 + 345,');
  const { id, version } = await space();
  await server.patch(own(`/rows/compartment/${id}`), { width: 340, measured: true, version });
  expect(await csv()).toContain('336 + 336');
  const standing = (await server.data(site)).unit[0]!;
  await server.remove(own(`/rows/unit/${unit}`), { version: standing.version });
  expect((await server.data(site)).cutPiece).toEqual([]);
  await server.post(own('/undo'));
  expect((await server.data(site)).cutPiece).toHaveLength(1);
});

test('what is wrong is named, and changes nothing', async () => {
  const { id } = await space();
  const refused = (await server.post(own('/rows/cutPiece'), { compartmentId: id, part: 'plank' }, 400)) as {
    fields: { field: string }[];
  };
  expect(refused.fields.map(({ field }) => field)).toEqual(['part']);
  expect(
    (await server.post(own('/rows/cutPiece'), { compartmentId: 'nothing', part: 'rod' }, 422)).fields[0].field,
  ).toBe('compartmentId');
  expect((await server.post(own('/rows/cutStock'), { part: 'rod', length: 0 }, 400)).fields[0].field).toBe('length');
  await csv('nothing', 404);
  expect((await server.data(site)).cutPiece).toEqual([]);
});

test('every kind of place can be made, keeps its shape, and refuses what cannot be built', async () => {
  const layout = [
    {
      width: 500,
      parts: [
        { height: 200, kind: 'drawer' },
        { height: 0, kind: 'door' },
      ],
    },
    { width: 0, parts: [{ height: 0, kind: 'open' }] },
  ];
  const front = { ...CUBES, roomId: room, name: 'Front', template: 'composed', columns: 2, rows: 1 };
  const { id } = await server.post(own('/rows/unit'), { ...front, layout });
  const made = (await server.data(site)).compartment.filter(({ unitId }) => unitId === id);
  expect(made.map(({ name }) => name).sort()).toEqual(['behind door A2', 'drawer A1', 'open part B1']);
  const none = await server.post(own('/rows/unit'), { ...front, layout: null }, 422);
  expect(none.fields[0]).toMatchObject({ field: 'layout' });
  const wide = await server.post(
    own('/rows/unit'),
    { ...front, layout: [{ ...layout[0], width: 1100 }, layout[1]] },
    422,
  );
  expect(wide.fields[0]).toMatchObject({ field: 'layout' });
  const stairs = { ...CUBES, roomId: room, template: 'stairs', name: 'Stairs', slope: 5000 };
  expect((await server.post(own('/rows/unit'), stairs, 422)).fields[0]).toMatchObject({ field: 'slope' });
});
