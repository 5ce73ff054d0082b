/** Undo belongs to a person, goes over migrations, and forgets only what it is told to. */
import { afterAll, beforeAll, beforeEach, describe, expect, test } from 'vitest';
import { sql } from 'drizzle-orm';
import { jpegOf } from '../testing/pictures.ts';
import { siteWithRoom, testServer, type TestServer } from '../testing/site.ts';
import { collectPictures } from './history.ts';

let server: TestServer;
let site: string;
let room: string;
beforeAll(async () => {
  server = await testServer();
});
beforeEach(async () => {
  ({ site, room } = await siteWithRoom(server));
});
afterAll(() => server.close());

const as = (who: string) => ({
  post: async (path: string, body: object = {}, status = 200) =>
    (await server.call.post(`/api/sites/${site}${path}`).set('X-Stube-Device', who).send(body).expect(status)).body,
  patch: async (path: string, body: object, status = 200) =>
    (await server.call.patch(`/api/sites/${site}${path}`).set('X-Stube-Device', who).send(body).expect(status)).body,
});
const [ona, milo] = [as('ona'), as('milo')];
const lines = async () => (await server.data(site)).line.map((line) => line.name).sort();
const add = (who: typeof ona, text: string) => who.post('/lines', { roomId: room, text });

describe('two persons', () => {
  test('each takes back their own last change, and is told which that is', async () => {
    await add(ona, '4 toy cars');
    const answer = await add(milo, '60 felt tips');
    expect(answer.history.undo).toBe('add felt tips');
    expect((await ona.post('/undo')).what).toBe('add toy cars');
    expect(await lines()).toEqual(['felt tips']);
    expect((await milo.post('/undo')).what).toBe('add felt tips');
    expect(await milo.post('/undo')).toMatchObject({ what: expect.stringContaining('unit') });
    expect((await ona.post('/redo')).what).toBe('add toy cars');
    expect(await lines()).toEqual(['toy cars']);
  });
  test('what another has changed since is not taken back; the reason names it', async () => {
    const { id } = await add(ona, '4 toy cars');
    const line = (await server.data(site)).line[0]!;
    await milo.patch(`/rows/line/${id}`, { amount: 9, version: line.version });
    const problem = await ona.post('/undo', {}, 422);
    expect(problem.message).toMatch(/toy cars was changed since, by another device/);
    expect((await server.data(site)).line[0]!.amount).toBe(9);
    // The other takes its own back: then the way is free again.
    await milo.post('/undo');
    await ona.post('/undo');
    expect(await lines()).toEqual([]);
  });
  test('what another has built on is not taken away from under it', async () => {
    const { id: made } = await ona.post('/rows/room', { name: 'Attic', width: 4000, depth: 3000, height: 2500 });
    await milo.post('/lines', { roomId: made, text: '4 toy cars' });
    expect((await ona.post('/undo', {}, 422)).message).toMatch(/line toy cars was put there since/);
    expect((await server.data(site)).room.map((row) => row.name)).toContain('Attic');
  });
  test('nothing is brought back that needs what another has removed', async () => {
    await add(ona, '4 toy cars');
    const [line] = (await server.data(site)).line;
    await server.call
      .delete(`/api/sites/${site}/rows/line/${line!.id}`)
      .set('X-Stube-Device', 'ona')
      .send({ version: line!.version })
      .expect(200);
    const category = (await server.data(site)).category[0]!;
    await server.call
      .delete(`/api/sites/${site}/rows/category/${category.id}`)
      .set('X-Stube-Device', 'milo')
      .send({ version: category.version })
      .expect(200);
    expect((await ona.post('/undo', {}, 422)).message).toMatch(/needs a category that another device has removed/);
    expect(await lines()).toEqual([]);
  });
});

test('a change from before a migration is taken back as the present model has it', async () => {
  const { id } = await add(ona, '4 toy cars');
  const { version } = (await server.data(site)).line[0]!;
  await ona.patch(`/rows/line/${id}`, { destination: 'the school', attributes: { colour: 'red' }, version });
  // As the second version of the model wrote it.
  await server.store.db.execute(sql`
    update journal j set before = (before - 'destination' - 'attributes') || jsonb_build_object('whereto', before -> 'destination', 'facets', before -> 'attributes'),
      after = (after - 'destination' - 'attributes') || jsonb_build_object('whereto', after -> 'destination', 'facets', after -> 'attributes')
    where site_id = ${site} and "table" = 'line' and before is not null`);
  await server.store.db.execute(
    sql`update change set model = 2 where site_id = ${site} and seq = (select max(seq) from change where site_id = ${site})`,
  );
  await ona.post('/undo');
  expect((await server.data(site)).line[0]).toMatchObject({ destination: '', attributes: {} });
  await ona.post('/redo');
  expect((await server.data(site)).line[0]).toMatchObject({ destination: 'the school', attributes: { colour: 'red' } });
});

describe('what has changed since a revision', () => {
  const since = async (revision: number) => server.get(`/sites/${site}/changes?since=${revision}`);
  test('is just what was written and removed, by undo too', async () => {
    const { revision } = await server.get(`/sites/${site}`);
    const { id } = await add(ona, '4 toy cars');
    const added = await since(revision);
    expect(added.rows.line.map((line: { id: string }) => line.id)).toEqual([id]);
    expect(added.rows.category).toHaveLength(1);
    expect(added.removed).toEqual({});
    await ona.post('/undo');
    const undone = await since(added.revision);
    expect(undone.rows).toEqual({});
    expect(undone.removed.line).toEqual([id]);
    expect((await since(undone.revision)).rows).toEqual({});
  });
  test('is the whole where the history does not reach', async () => {
    const { revision } = await server.get(`/sites/${site}`);
    expect(await since(revision + 5)).toEqual({ whole: true });
    await add(ona, '4 toy cars');
    await server.post(`/sites/${site}/history/drop`, { before: '2100-01-01' });
    expect(await since(revision)).toEqual({ whole: true });
    const now = (await server.get(`/sites/${site}`)).revision;
    expect((await since(now)).rows).toEqual({});
  });
});

describe('the record of what was done', () => {
  test('says how large it is; what is dropped can no longer be taken back, and nothing else changes', async () => {
    await add(ona, '4 toy cars');
    const before = await server.data(site);
    const size = await server.get(`/sites/${site}/history`);
    expect(size.changes).toBe(4);
    expect(size.bytes).toBeGreaterThan(1000);
    expect(await server.post(`/sites/${site}/history/drop`, { before: '2020-01-01' })).toEqual(size);
    expect(await server.post(`/sites/${site}/history/drop`, { before: '2100-01-01' })).toMatchObject({
      changes: 0,
      bytes: 0,
    });
    expect(await ona.post('/undo')).toEqual({ nothing: true });
    expect(await server.data(site)).toEqual(before);
    await server.post(`/sites/${site}/history/drop`, { before: 'yesterday' }, 400);
  });
  test('pictures stay while an undo could bring their photograph back, and go when none can', async () => {
    const jpeg = jpegOf();
    const path = `/api/sites/${site}/rooms/${room}/photos?kind=heap&takenOn=2026-03-01&width=8&height=6`;
    const { id } = (await server.call.post(path).type('image/jpeg').send(jpeg).expect(200)).body;
    const { version } = (await server.data(site)).photo[0]!;
    await server.remove(`/sites/${site}/rows/photo/${id}`, { version });
    expect(await collectPictures(server.store.db)).toBe(0);
    await server.call.get(`/api/sites/${site}/photos/${id}.jpg`).expect(200);
    await server.post(`/sites/${site}/history/drop`, { before: '2100-01-01' });
    await server.call.get(`/api/sites/${site}/photos/${id}.jpg`).expect(404);
  });
});
