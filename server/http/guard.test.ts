/** What comes from elsewhere is kept out; what is hostile is refused plainly and changes nothing. */
import { request as ask } from 'node:http';

import type { AddressInfo } from 'node:net';
import request from 'supertest';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { Random } from '@stube/core/engine';
import { ENTITIES, TABLES } from '@stube/core/model';
import { jsonProblem } from '@stube/contract/check';
import { createApp } from '../app.ts';
import { jpegOf } from '../testing/pictures.ts';
import { siteWithRoom, testServer, type TestServer } from '../testing/site.ts';
import { isKnownHost, isOpenToOthers } from './guard.ts';
import { withoutContents } from './handle.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

test.each([
  ['127.0.0.1:4180', '127.0.0.1', undefined, true],
  ['localhost:4180', '127.0.0.1', undefined, true],
  ['[::1]:4180', '127.0.0.1', undefined, true],
  ['rebound.example', '127.0.0.1', undefined, false],
  ['192.0.2.7:4180', '127.0.0.1', undefined, false],
  ['192.0.2.7:4180', '0.0.0.0', undefined, true],
  ['rebound.example:4180', '0.0.0.0', undefined, false],
  ['stube.home:4180', '0.0.0.0', 'http://stube.home:4180', true],
  ['stube.home', 'stube.home', undefined, true],
  ['', '127.0.0.1', undefined, false],
  ['a b', '127.0.0.1', undefined, false],
])('the host %j where it listens at %s and is told %s: %s', (host, listens, origin, known) =>
  expect(isKnownHost(host, listens, origin)).toBe(known),
);

describe('a page elsewhere', () => {
  const post = (headers: Record<string, string>) =>
    Object.entries(headers)
      .reduce((call, [name, value]) => call.set(name, value), server.call.post('/api/sites'))
      .send({ name: 'x' });
  test.each([
    [{ Host: 'rebound.example' }, 403],
    [{ Origin: 'null' }, 403],
    [{ Origin: 'http://elsewhere.example' }, 403],
    [{ Origin: 'not an address' }, 403],
    [{ 'Sec-Fetch-Site': 'cross-site' }, 403],
    [{ 'Sec-Fetch-Site': 'same-site' }, 403],
    [{ 'Sec-Fetch-Site': 'same-origin' }, 200],
    [{ 'Sec-Fetch-Site': 'none' }, 200],
  ])('%j gets %d', async (headers, status) => {
    await post(headers as Record<string, string>).expect(status);
  });
  test('cannot read either', async () => {
    await server.call.get('/api/sites').set('Sec-Fetch-Site', 'cross-site').expect(403);
    await server.call.get('/api/sites').set('Host', 'rebound.example').expect(403);
  });
});

test('no route of one site reaches into another', async () => {
  const [mine, theirs] = [await siteWithRoom(server), await siteWithRoom(server)];
  await server.post(`/sites/${theirs.site}/lines`, { roomId: theirs.room, text: '3 shoeboxes wooden blocks' });
  await server.post(`/sites/${theirs.site}/rooms/${theirs.room}/contain`);
  const jpeg = jpegOf();
  await server.call
    .post(`/api/sites/${theirs.site}/rooms/${theirs.room}/photos?kind=heap&takenOn=2026-03-01&width=8&height=6`)
    .type('image/jpeg')
    .send(jpeg)
    .expect(200);
  const before = await server.data(theirs.site);
  const row = (table: (typeof TABLES)[number]) => before[table][0] ?? { id: 'none', version: 1 };
  const bodies: Record<string, object> = {
    site: { name: 'taken' },
    person: { name: 'taken' },
    room: { name: 'taken' },
    bin: { name: 'taken' },
    line: { name: 'taken' },
    session: { seconds: 5 },
  };
  const tried: string[] = [];
  for (const layer of routesOf(server)) {
    for (const table of layer.path.includes(':table') ? TABLES : ([null] as const)) {
      const target = row(
        table ?? (layer.path.includes('/bins/') ? 'bin' : layer.path.includes('/photos/') ? 'photo' : 'line'),
      );
      const path = layer.path
        .replace(':site', mine.site)
        .replace(':room', theirs.room)
        .replace(':table', table ?? '')
        .replace(':id', target.id);
      if (!/:room|:id/.test(layer.path)) continue;
      const body = {
        version: target.version,
        ...(table ? (bodies[table] ?? { sort: 3 }) : {}),
        ...(layer.path.endsWith('/category') ? { starter: 'wool' } : {}),
        ...(layer.path.endsWith('/seen') ? { full: 1 } : {}),
        ...(layer.path.endsWith('/session') ? { act: 'start' } : {}),
      };
      const call = server.call[layer.method](`/api${path}`);
      const { status, body: answer } = layer.path.endsWith('/photos')
        ? await call.query({ kind: 'heap', takenOn: '2026-03-01', width: 8, height: 6 }).type('image/jpeg').send(jpeg)
        : await call.send(layer.method === 'get' ? undefined : body);
      tried.push(`${layer.method} ${layer.path} ${table ?? ''}`);
      // Nothing of the other site is in the answer, and nothing was found to act on.
      if (status === 200) expect(JSON.stringify(answer)).not.toContain(target.id);
      else expect([400, 404, 422]).toContain(status);
    }
  }
  expect(tried.length).toBeGreaterThan(30);
  expect(await server.data(theirs.site)).toEqual(before);
});

interface Route {
  method: 'get' | 'post' | 'patch' | 'delete';
  path: string;
}
/** The route table of the whole interface, read from the application itself. */
function routesOf({ app }: TestServer): Route[] {
  interface Layer {
    route?: { path: string; methods: Record<string, boolean> };
    handle?: { stack?: Layer[] };
  }
  const found: Route[] = [];
  const walk = (stack: Layer[], deep: number) => {
    for (const { route, handle } of stack) {
      if (route)
        for (const method of Object.keys(route.methods))
          found.push({ method: method as Route['method'], path: deep > 1 ? `/sites/:site${route.path}` : route.path });
      if (handle?.stack) walk(handle.stack, deep + 1);
    }
  };
  walk((app as unknown as { router: { stack: Layer[] } }).router.stack, 0);
  return found;
}

/** Lists in lists. */
function nested(deep: number): unknown[] {
  return deep ? [nested(deep - 1)] : [];
}
const HOSTILE = [
  '\u0000',
  '\ud800',
  '__proto__',
  'constructor',
  "'; drop table line; --",
  '../../etc/passwd',
  '%00',
  '%E0%A4%A',
  'x'.repeat(5000),
  '',
  ' ',
  '\n',
  '🧶',
  '𝒳'.repeat(100),
  -1,
  0,
  1e308,
  -1e308,
  2 ** 53,
  2 ** 31,
  0.1,
  null,
  true,
  [],
  {},
  nested(20),
  { a: { b: { c: {} } } },
];

test('fifteen hundred hostile requests: never an answer of 500, never a change', async () => {
  const random = new Random(7);
  const any = <T>(list: readonly T[]): T => list[random.below(list.length)]!;
  const { site, room } = await siteWithRoom(server);
  const { id } = await server.post(`/sites/${site}/lines`, { roomId: room, text: '4 toy cars' });
  const routes = routesOf(server).filter(({ path }) => path !== '/health');
  const listener = server.app.listen(0, '127.0.0.1');
  await new Promise((resolve) => listener.once('listening', resolve));
  const { port } = listener.address() as AddressInfo;
  const fields = [...new Set(TABLES.flatMap((table) => Object.keys(ENTITIES[table].fields)))];
  const value = (): unknown => (random.next() < 0.2 ? id : random.next() < 0.1 ? room : any(HOSTILE));
  const part = (): string => {
    const told = random.next() < 0.4 ? any([site, room, id, ...TABLES]) : String(any(HOSTILE));
    return told.startsWith('%') ? told : encodeURIComponent(told.toWellFormed()).slice(0, 300);
  };
  const send = (method: string, path: string, body: string, type: string) =>
    new Promise<number>((resolve, reject) => {
      const call = ask({ port, method, path, headers: { 'Content-Type': type } }, (response) => {
        response.resume();
        response.on('end', () => resolve(response.statusCode!));
      });
      call.on('error', reject);
      call.end(body);
    });
  const statuses = new Map<number, number>();
  for (let n = 0; n < 1500; n++) {
    const { method, path } = any(routes);
    const filled = path.replace(/:(\w+)/g, (_, name: string) =>
      name === 'site' && random.next() < 0.7 ? site : part(),
    );
    const body = Object.fromEntries(
      Array.from({ length: random.below(6) }, () => [
        any([...fields, 'version', 'what', 'create', 'placed', 'text', 'before', '__proto__']),
        value(),
      ]),
    );
    let text = JSON.stringify(random.next() < 0.1 ? value() : body) ?? '';
    // A key of that name as JSON has it, not as an object here would.
    if (random.next() < 0.05) text = '{"__proto__":{"admin":true},"version":1}';
    const query = random.next() < 0.3 ? `?${any(['of', 'paper', 'since', 'room', 'kind'])}=${part()}` : '';
    const status = await send(
      method.toUpperCase(),
      `/api${filled}${query}`,
      method === 'get' ? '' : text,
      random.next() < 0.1 ? 'text/plain' : 'application/json',
    );
    statuses.set(status, (statuses.get(status) ?? 0) + 1);
    expect(status, `${method} ${filled}${query} ${text.slice(0, 200)}`).toBeLessThan(500);
  }
  await new Promise((resolve) => listener.close(resolve));
  expect((statuses.get(400) ?? 0) + (statuses.get(404) ?? 0)).toBeGreaterThan(500);
});

test.each([
  ['a\u0000b', 'body'],
  [{ name: '\ud800' }, 'name'],
  [{ name: 'a\udc00' }, 'name'],
  [JSON.parse('{"a":{"__proto__":1}}'), 'a'],
  [nested(14), '0.0.0.0.0.0.0.0.0.0.0.0'],
])('%j cannot be stored, and that is said at %s', (value, field) => expect(jsonProblem(value)?.field).toBe(field));
test('ordinary texts can', () => expect(jsonProblem({ a: ['Ümläut 🧶 𝒳', 1, null, { b: true }] })).toBeNull());

test('what is wrong is told at most twenty times, and briefly', async () => {
  const { site } = await siteWithRoom(server);
  const create = Array.from({ length: 500 }, (_, i) => ({
    table: 'line',
    id: `x${i}`,
    values: { name: 'x'.repeat(9000) },
  }));
  const problem = await server.post(`/sites/${site}/batch`, { what: 'many', create }, 400);
  expect(problem.fields.length).toBeLessThanOrEqual(20);
  expect(JSON.stringify(problem).length).toBeLessThan(8000);
});

test('who asks too often is told so in JSON, like everything else', async () => {
  const app = createApp({ db: server.store.db, work: server.work, requestsAMinute: 2 });
  for (const status of [200, 200, 429]) {
    const { body } = await request(app).get('/api/health').expect(status);
    if (status === 429) expect(body).toEqual({ message: expect.stringMatching(/wait a moment/), fields: [] });
  }
});

test('a fault is logged without what it was about', () => {
  const error = new Error('insert into line values (secret)', {
    cause: Object.assign(new Error('secret'), { code: '23505' }),
  });
  expect(JSON.stringify(withoutContents(error))).not.toContain('secret');
  expect(withoutContents(error)).toMatchObject({ name: 'Error', code: '23505' });
});

test.each([
  ['127.0.0.1', false],
  ['localhost', false],
  ['::1', false],
  ['0.0.0.0', true],
  ['::', true],
  ['192.168.2.7', true],
])('where it listens at %s, others can reach it: %s', async (host, open) => {
  expect(isOpenToOthers(host)).toBe(open);
  const app = createApp({ db: server.store.db, work: server.work, host });
  const { body } = await request(app).get('/api/health').set('Host', '127.0.0.1').expect(200);
  expect(body.open).toBe(open);
});
