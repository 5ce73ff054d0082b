/** A server over an empty database, and the few requests that most tests begin with. */
import request from 'supertest';
import type { SiteData } from '@stube/core/model';
import type { NewSite } from '@stube/contract/sites/requests';
import { CUBES, ROOM } from '@stube/core/model/testing/rows';
import { createApp } from '../app.ts';
import { memoryStore, readDump } from '../db/open.ts';
import { WorkerPool } from '../threads/pool.ts';
import { TEMPLATE } from './template.ts';

interface Options {
  /** With a database of its own: for tests that look at all sites there are. */
  own?: boolean;
}

/** One for all files that a process runs, one after the other: each makes sites of its own in it. */
let shared: ReturnType<typeof startServer> | null = null;

export async function testServer({ own = false }: Options = {}) {
  if (own) return startServer();
  shared ??= startServer();
  return { ...(await shared), close: async () => {} };
}

async function startServer() {
  const store = await memoryStore(readDump(TEMPLATE));
  const work = new WorkerPool();
  const app = createApp({
    db: store.db,
    work,
    // Tests are quicker than people.
    requestsAMinute: 1_000_000,
    now: () => new Date('2026-03-01T10:00:00Z'),
    log: (error) => console.error(error),
  });
  // Else every request would open a port of its own.
  const listener = app.listen(0, '127.0.0.1');
  const call = request(listener);
  const post = async (path: string, body: object = {}, status = 200) =>
    (await call.post(`/api${path}`).send(body).expect(status)).body;
  const get = async (path: string, status = 200) => (await call.get(`/api${path}`).expect(status)).body;
  const patch = async (path: string, body: object, status = 200) =>
    (await call.patch(`/api${path}`).send(body).expect(status)).body;
  const remove = async (path: string, body: object, status = 200) =>
    (await call.delete(`/api${path}`).send(body).expect(status)).body;
  const data = async (site: string): Promise<SiteData> => (await get(`/sites/${site}`)).data;
  const close = async () => {
    await new Promise((done) => listener.close(done));
    await work.close();
    await store.close();
  };
  return { store, work, close, app, call, post, get, patch, remove, data };
}

export type TestServer = Awaited<ReturnType<typeof testServer>>;

/** What a site of that name begins with. */
export const siteNamed = (name: string): NewSite => ({
  name,
  system: 'metric',
  currency: 'EUR',
  keepsNew: false,
  paper: 'A4',
  timeZone: null,
});

/** A site with one room and one unit. */
export async function siteWithRoom(server: TestServer): Promise<{ site: string; room: string; unit: string }> {
  const site = (await server.post('/sites', { name: 'Ferry House', keepsNew: true })).id as string;
  const room = (await server.post(`/sites/${site}/rows/room`, ROOM)).id as string;
  const unit = (await server.post(`/sites/${site}/rows/unit`, { ...CUBES, roomId: room })).id as string;
  return { site, room, unit };
}
