/** What is seen and done with a bin: remembered with one tap, taken back with one undo, and learned from. */
import { afterAll, beforeAll, expect, test } from 'vitest';
import { placeProblemOf, roomDataOf } from '@stube/core/placement';
import { siteWithRoom, testServer, type TestServer } from '../../../testing/site.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

test('used teaches how often it is fetched; empty says how full it is; one undo takes each back', async () => {
  const { site, room } = await siteWithRoom(server);
  const own = (path: string) => `/sites/${site}${path}`;
  await server.post(own('/lines'), { roomId: room, text: '1 shoebox wooden blocks' });
  await server.post(own(`/rooms/${room}/contain`));
  const [bin] = (await server.data(site)).bin;
  const perWeek = async () => {
    const { bins } = placeProblemOf(roomDataOf(await server.data(site), room, '2026-11-26')!);
    return bins.flatMap(({ uses }) => uses).reduce((sum, use) => sum + use.perWeek, 0);
  };
  const before = await perWeek();
  const see = (kind: string, status = 200) => server.post(own(`/bins/${bin!.id}/observed`), { kind }, status);
  for (let n = 0; n < 20; n++) await see('used');
  expect(await perWeek()).toBeCloseTo((before * 4 + 20) / 5, 6);
  await see('empty');
  expect((await server.data(site)).bin.find(({ id }) => id === bin!.id)!.seenFull).toBe(0);
  const answer = await server.post(own('/undo'));
  expect(answer.what).toBe(`${bin!.code} empty`);
  const data = await server.data(site);
  expect(data.bin.find(({ id }) => id === bin!.id)!.seenFull).toBeNull();
  expect(data.observation).toHaveLength(20);
  await server.post(own('/bins/gone/observed'), { kind: 'used' }, 404);
  expect((await see('eaten', 400)).fields[0].field).toBe('kind');
  // They go with the bin, and come back with it.
  const version = data.bin.find(({ id }) => id === bin!.id)!.version;
  await server.remove(own(`/rows/bin/${bin!.id}`), { version });
  expect((await server.data(site)).observation).toEqual([]);
  await server.post(own('/undo'));
  expect((await server.data(site)).observation).toHaveLength(20);
});
