/** A visit: the made-up house comes in once, as if furnished today. */
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { siteWithRoom, testServer, type TestServer } from '../../../testing/site.ts';
import { moveDays, visit } from './service.ts';

let server: TestServer;
const directory = mkdtempSync(join(tmpdir(), 'stube-visit-'));
const file = join(directory, 'house.json');
beforeAll(async () => {
  server = await testServer({ own: true });
  const { site, room } = await siteWithRoom(server);
  await server.post(`/sites/${site}/rows/person`, { name: 'Ona', kind: 'child', stature: 1000, born: '2023-03' });
  await server.post(`/sites/${site}/lines`, { roomId: room, text: 'lamp, return by 10 March 2026' });
  writeFileSync(file, JSON.stringify(await server.get(`/sites/${site}/export`)));
  await server.remove(`/sites/${site}`, {});
});
afterAll(async () => {
  rmSync(directory, { recursive: true });
  await server.close();
});

test('it comes in once, its days as far away and its children as old as when it was made', async () => {
  const { db } = server.store;
  const later = new Date('2026-05-10T10:00:00Z');
  const [first, second] = await Promise.all([
    visit(db, server.work, 'ona', file, later),
    visit(db, server.work, 'milo', file, later),
  ]);
  const again = await visit(db, server.work, 'ona', file, later);
  expect(new Set([first.siteId, second.siteId, again.siteId]).size).toBe(1);
  const data = await server.data(first.siteId);
  expect(data.line[0]!.due).toBe('2026-05-19');
  expect(data.person.find((person) => person.name === 'Ona')!.born).toBe('2023-05');
});

test('words that only look like days stay', () =>
  expect(moveDays('"2026-01-31" "2026-01" "2026-01-31T08:00:00.000Z" "box 2026-01-31" "2026"', 1)).toBe(
    '"2026-02-01" "2026-01" "2026-02-01T08:00:00.000Z" "box 2026-01-31" "2026"',
  ));

test('a server without the file says so', () => server.post('/visit', {}, 404));
