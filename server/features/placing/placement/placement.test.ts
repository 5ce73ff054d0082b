/** Bins by hand: how many of which container, and where each stands. */
import { afterAll, beforeAll, beforeEach, describe, expect, test } from 'vitest';
import type { Bin } from '@stube/core/model';
import { CUBES } from '@stube/core/model/testing/rows';
import { siteWithRoom, testServer, type TestServer } from '../../../testing/site.ts';

let server: TestServer;
let site: string;
let room: string;
beforeAll(async () => {
  server = await testServer();
});
beforeEach(async () => {
  ({ site, room } = await siteWithRoom(server));
  await server.post(own('/lines'), { roomId: room, text: '3 shoeboxes wooden blocks' });
});
afterAll(() => server.close());

const own = (path: string) => `/sites/${site}${path}`;
const data = () => server.data(site);
const bins = async (): Promise<Bin[]> => [...(await data()).bin].sort((a, b) => a.sort - b.sort);
const contain = (choices?: object[], status = 200) =>
  server.post(own(`/rooms/${room}/contain`), choices ? { choices } : {}, status);
/** With the version of each bin as it is now. */
const place = async (placed: { binId: string; compartmentId: string | null }[], more: object = {}, status = 200) => {
  const versions = new Map((await data()).bin.map((bin) => [bin.id, bin.version]));
  const moves = placed.map((move) => ({ ...move, version: versions.get(move.binId) ?? 1 }));
  return server.post(own(`/rooms/${room}/place`), { placed: moves, ...more }, status);
};

describe('containers by hand', () => {
  const choice = async (count: number, nth = 0) => {
    const { category, containerType } = await data();
    return { categoryId: category[0]!.id, containerTypeId: containerType[nth]!.id, count };
  };
  test('as many as were asked for share what there is', async () => {
    await contain([await choice(3)]);
    const three = await bins();
    expect(three.map((bin) => bin.name)).toEqual(['Wooden blocks 1', 'Wooden blocks 2', 'Wooden blocks 3']);
    expect(new Set(three.map((bin) => bin.code)).size).toBe(3);
    expect(three.reduce((sum, bin) => sum + bin.litres, 0)).toBeCloseTo(15, 6);
  });
  test('fewer of them: the first ones stay, with their codes; one alone loses its number', async () => {
    await contain([await choice(3)]);
    const three = await bins();
    await contain([await choice(1)]);
    const [one, ...more] = await bins();
    expect(more).toEqual([]);
    expect(one).toMatchObject({ id: three[0]!.id, code: three[0]!.code, name: 'Wooden blocks' });
  });
  test('a name somebody gave is kept', async () => {
    await contain([await choice(2)]);
    const [first] = await bins();
    await server.patch(own(`/rows/bin/${first!.id}`), { name: 'The good ones', version: first!.version });
    await contain([await choice(3)]);
    expect((await bins())[0]!.name).toBe('The good ones');
  });
  test('another container has to find its place anew, the same one keeps it', async () => {
    await contain([await choice(1)]);
    const [bin] = await bins();
    const { compartment } = await data();
    await place([{ binId: bin!.id, compartmentId: compartment[0]!.id }], { pin: true });
    await contain([await choice(1)]);
    expect((await bins())[0]).toMatchObject({ compartmentId: compartment[0]!.id, pinned: true });
    await contain([await choice(1, 1)]);
    expect((await bins())[0]).toMatchObject({ id: bin!.id, compartmentId: null, pinned: false });
  });
  test('none at all takes the bins away, and undo gives them back', async () => {
    await contain([await choice(2)]);
    await contain([await choice(0)]);
    expect(await bins()).toEqual([]);
    await server.post(own('/undo'));
    expect(await bins()).toHaveLength(2);
  });
  test('what is not there is named, and nothing is made', async () => {
    const good = await choice(1);
    const problem = await contain([good, { ...good, categoryId: 'gone' }], 422);
    expect(problem.fields[0].field).toBe('choices.categoryId');
    expect((await contain([{ ...good, containerTypeId: 'gone' }], 422)).fields[0].field).toBe(
      'choices.containerTypeId',
    );
    expect((await contain([good, good], 400)).fields[0].field).toBe('choices.1');
    expect((await contain([{ ...good, count: 201 }], 400)).fields[0].field).toBe('choices.0.count');
    expect(await bins()).toEqual([]);
  });
});

describe('places by hand', () => {
  let bin: Bin;
  beforeEach(async () => {
    await contain();
    bin = (await bins())[0]!;
  });
  test('a bin put somewhere is pinned and stays where it is when all are placed anew', async () => {
    const { compartment } = await data();
    const corner = compartment.at(-1)!;
    await place([{ binId: bin.id, compartmentId: corner.id }], { pin: true });
    await server.post(own(`/rooms/${room}/place`));
    expect((await bins()).find((one) => one.id === bin.id)).toMatchObject({ compartmentId: corner.id, pinned: true });
  });
  test('let go, it may move; on the bench, nothing is pinned', async () => {
    const { compartment } = await data();
    await place([{ binId: bin.id, compartmentId: compartment[0]!.id }], { pin: true });
    await place([{ binId: bin.id, compartmentId: compartment[0]!.id }], { pin: false });
    expect((await bins())[0]!.pinned).toBe(false);
    await place([{ binId: bin.id, compartmentId: null }], { pin: true });
    expect((await bins())[0]).toMatchObject({ compartmentId: null, pinned: false });
  });
  test('undo names what was moved where', async () => {
    const { compartment } = await data();
    const answer = await place([{ binId: bin.id, compartmentId: compartment[1]!.id }], { pin: true });
    expect(answer.history.undo).toBe(`${bin.name} to ${compartment[1]!.name}`);
  });
  test.each([
    ['binId', 'gone', undefined],
    ['compartmentId', undefined, 'gone'],
  ])('%s that is gone is named, and no other bin moves', async (field, binId, compartmentId) => {
    const { compartment } = await data();
    const before = await data();
    const good = { binId: bin.id, compartmentId: compartment[0]!.id };
    const bad = { binId: binId ?? (await bins()).at(-1)!.id, compartmentId: compartmentId ?? compartment[0]!.id };
    const placed = bad.binId === good.binId ? [bad] : [good, bad];
    expect((await place(placed, {}, 422)).fields[0].field).toBe(`placed.${placed.length - 1}.${field}`);
    expect(await data()).toEqual(before);
  });
  test('where the furniture is too small for any container, all stay on the bench', async () => {
    const [unit] = (await data()).unit;
    await server.patch(own(`/rows/unit/${unit!.id}`), { ...CUBES, height: 120, rows: 1, version: unit!.version });
    await server.post(own(`/rooms/${room}/place`));
    expect((await bins()).every((bin) => bin.compartmentId === null)).toBe(true);
  });
});
