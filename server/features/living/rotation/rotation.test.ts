/** Plans of what is out, orders and first-aid reports over the interface: reckoned, written nowhere, refused with a reason. */
import { afterAll, beforeAll, expect, test } from 'vitest';
import { siteWithRoom, testServer, type TestServer } from '../../../testing/site.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

test('a plan is refused until there are places and things, then it is proven', async () => {
  const { site, room } = await siteWithRoom(server);
  const own = (path: string) => `/sites/${site}${path}`;
  const plan = (status = 200, first = '2026-11-30') => server.post(own(`/rooms/${room}/rotation`), { first }, status);
  expect((await plan(400, 'soon')).fields[0].field).toBe('first');
  expect((await plan(422)).fields[0].field).toBe('slots');
  const { compartment } = await server.data(site);
  const open = compartment.find(({ door, drawer, access }) => !door && !drawer && access === 'front')!;
  await server.post(own('/rows/slot'), { compartmentId: open.id, area: 'numbers' });
  expect((await plan(422)).fields[0].field).toBe('things');
  await server.post(own('/lines'), { roomId: room, text: '1 abacus 30x20x10 cm' });
  const { line } = await server.data(site);
  await server.post(own('/rows/rotating'), { lineId: line[0]!.id, areas: ['numbers'], fromMonths: 36, toMonths: 72 });
  const before = (await server.data(site)).spell;
  const { answer, mondays } = await plan();
  expect(answer).toMatchObject({ optimal: true });
  expect(mondays).toHaveLength(8);
  expect((await server.data(site)).spell).toEqual(before);
  expect(
    (await server.post(own('/rows/rotating'), { lineId: line[0]!.id, areas: [], fromMonths: 1, toMonths: 2 }, 400))
      .fields[0].field,
  ).toBe('areas');
  await server.post(own('/rooms/gone/rotation'), { first: '2026-11-30' }, 404);
});
