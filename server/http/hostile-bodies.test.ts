/** Bodies made to keep the server busy: refused in a time that grows with their size, while everybody else is answered. */
import type { AddressInfo } from 'node:net';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { lineValues, ROOM } from '@stube/core/model/testing/rows';
import { asItIs } from '@stube/contract/rows/as-it-is';
import { check, checkJson, jsonProblem } from '@stube/contract/check';
import { checkLarge } from '@stube/contract/large';
import { printedRequest } from '@stube/contract/labels/requests';
import { patchSchema } from '@stube/contract/rows/schemas';
import { siteWithRoom, testServer, type TestServer } from '../testing/site.ts';

let server: TestServer;
let site = '';
let room = '';
beforeAll(async () => {
  server = await testServer();
  ({ site, room } = await siteWithRoom(server));
});
afterAll(() => server.close());

const many = <T>(count: number, make: (i: number) => T): T[] => Array.from({ length: count }, (_, i) => make(i));
const emptyUnits = (count: number) => ({ day: '2026-03-01', effort: 1, unplaced: 0, units: many(count, () => ({})) });
const labels = (count: number) => many(count, (i) => ({ role: 'bin', binId: `b${i}`, numberId: null, part: null }));

describe('lists', () => {
  test('are measured before what is in them', () => {
    expect(check(asItIs, emptyUnits(30_000))).toMatchObject({ fields: [{ field: 'units' }] });
    const people = check(patchSchema('room'), { version: 1, people: many(300_000, (i) => `p${i}`) });
    expect(people).toMatchObject({ ok: false, fields: [{ field: 'people' }] });
  });
  test('are not looked at any further after a hundred faults', () => {
    const problem = asItIs.validate(emptyUnits(2000), { abortEarly: false });
    expect(problem.error!.details.length).toBeGreaterThanOrEqual(100);
    expect(problem.error!.details.length).toBeLessThan(200);
  });
  test('are read item by item: what is right comes out as it should, a fault is named by its place', () => {
    const whole = { ...emptyUnits(0), units: [] };
    expect(check(asItIs, whole)).toEqual({ ok: true, value: whole });
    const sent = { room: 'r', labels: [{ role: 'bin', binId: 'a' }, { role: 'bin' }, { role: 'none' }] };
    expect(check(printedRequest, sent)).toMatchObject({ fields: [{ field: 'labels.2.role' }] });
    expect(check(printedRequest, { ...sent, labels: sent.labels.slice(0, 2) })).toMatchObject({
      value: {
        labels: [
          { binId: 'a', part: null },
          { binId: null, part: null },
        ],
      },
    });
    const twice = {
      room: 'r',
      labels: [
        { role: 'bin', binId: 'a' },
        { role: 'bin', binId: 'a' },
      ],
    };
    expect(check(printedRequest, twice)).toMatchObject({ fields: [{ message: 'names a label twice' }] });
  });
  test('an object with a name for everything is no row', () => {
    const wide = Object.fromEntries(many(30_000, (i) => [`n${i}`, i]));
    expect(jsonProblem({ room: wide })).toEqual({ field: 'room', message: 'holds more than 400 fields' });
  });
});

// On a quiet machine each takes less than 200 ms; more than some seconds would mean that time grows faster than size.
test.each([
  ['labels', () => checkJson(printedRequest, { room: 'r', labels: labels(10_000) })],
  ['units without anything', () => checkJson(patchSchema('room'), { version: 1, asItIs: emptyUnits(300_000) })],
  ['one text', () => checkJson(patchSchema('room'), { version: 1, name: 'x'.repeat(1_000_000) })],
  ['numbers', () => checkJson(patchSchema('room'), { version: 1, people: many(200_000, (i) => i) })],
  ['lists in lists', () => checkJson(patchSchema('room'), { version: 1, people: many(100_000, () => [[]]) })],
])('a megabyte of %s is read in a moment', (_, read) => {
  const began = performance.now();
  read();
  expect(performance.now() - began).toBeLessThan(4000);
});

test('a whole list is read like every other body', () => {
  const bytes = (value: unknown) => Buffer.from(JSON.stringify(value));
  expect(checkLarge('batch', Buffer.from('{'))).toMatchObject({ fields: [{ message: 'is not JSON' }] });
  expect(checkLarge('batch', Buffer.alloc(0))).toMatchObject({ ok: false, fields: [{ field: 'what' }, {}] });
  expect(checkLarge('batch', bytes({ what: 'x', remove: [{ table: 'site', id: 's', version: 1 }] }))).toMatchObject({
    fields: [{ field: 'remove.0.table' }],
  });
  expect(checkLarge('import', bytes({ name: 'x', lines: [] }))).toMatchObject({ fields: [{ field: 'lines' }] });
});

test('while such requests come one after another, everybody else is answered', async () => {
  const listener = server.app.listen(0, '127.0.0.1');
  await new Promise((resolve) => listener.once('listening', resolve));
  const api = `http://127.0.0.1:${(listener.address() as AddressInfo).port}/api`;
  const send = async (method: string, path: string, body: string) =>
    (await fetch(`${api}/sites/${site}${path}`, { method, body, headers: { 'Content-Type': 'application/json' } }))
      .status;
  const units = JSON.stringify({ version: 1, asItIs: emptyUnits(30_000) });
  const planks = { ...lineValues('Planks', { sort: 1 }), roomId: room, amount: 0 };
  const rows = JSON.stringify({
    what: 'many',
    create: many(15_000, (i) => ({ table: 'line', id: `x${i}`, values: planks })),
  });
  const attacks = (async () => {
    const statuses = new Set<number>();
    for (let i = 0; i < 100; i++) statuses.add(await send('PATCH', `/rows/room/${room}`, units));
    for (let i = 0; i < 3; i++) statuses.add(await send('POST', '/batch', rows));
    return [...statuses];
  })();
  let over = false;
  void attacks.finally(() => (over = true));
  const waits: number[] = [];
  while (!over) {
    const began = performance.now();
    expect((await fetch(`${api}/sites/${site}`)).status).toBe(200);
    waits.push(performance.now() - began);
    await new Promise((resolve) => setTimeout(resolve, 10));
  }
  expect(await attacks).toEqual([400]);
  expect(waits.length).toBeGreaterThan(10);
  waits.sort((a, b) => a - b);
  // 200 ms are asked of a quiet machine; without the fixes each wait is as long as a body takes, which is many seconds.
  expect(waits[Math.floor(waits.length * 0.95)]).toBeLessThan(3000);
  expect((await server.data(site)).room.map(({ name }) => name)).toEqual([ROOM.name]);
  await new Promise((resolve) => listener.close(resolve));
});
