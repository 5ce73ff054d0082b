/** The open site against the real server: what a screen asks for is written, shown, told and taken back. */
import { afterAll, beforeAll, beforeEach, describe, expect, test, vi } from 'vitest';
import { siteWithRoom } from '../../server/testing/site.ts';
import { ApiError } from './transport.ts';
import { realServer, type RealServer } from '../testing/real-server.ts';
import { useNotices } from './notices.ts';
import type { NewLine } from '@stube/contract/pile/requests';
import type { useSite } from './site.ts';
import { usePlacementActions } from '../features/placing/placement/actions.ts';
import { eventually } from '../testing/eventually.ts';

let server: RealServer;
let site: string;
let room: string;
let store: ReturnType<typeof useSite>;
beforeAll(async () => {
  server = await realServer();
});
beforeEach(async () => {
  ({ site, room } = await siteWithRoom(server));
  store = await server.page(site);
});
afterAll(() => server.close());

const said = () => useNotices().notice;
const addLine = (line: NewLine) => store.send('POST', '/lines', line);
const contain = () => store.send('POST', `/rooms/${room}/contain`, {});

describe('opening', () => {
  test('brings all rows, by id and in the order of the rooms', async () => {
    expect(store.state).toBe('ready');
    expect(store.maps.room.get(room)!.name).toBe('Net loft');
    expect(store.data.compartment).toHaveLength(6);
    await store.create('room', { name: 'Landing room', width: 4000, depth: 3000, height: 2500 });
    expect(store.rooms.map((room) => room.name)).toEqual(['Net loft', 'Landing room']);
  });
  test('a site that is not there is missing, not empty', async () => {
    await store.open('none');
    expect(store.state).toBe('missing');
  });
  test('a slow answer for the site left behind does not come into the next one', async () => {
    const other = await siteWithRoom(server);
    const quick = globalThis.fetch;
    let letGo = () => {};
    const held = new Promise<void>((resolve) => (letGo = resolve));
    vi.stubGlobal('fetch', async (path: string, init: RequestInit) => {
      const answer = await quick(path, init);
      if (path.endsWith(site)) await held;
      return answer;
    });
    const slow = store.open(site);
    await store.open(other.site);
    letGo();
    await slow;
    vi.stubGlobal('fetch', quick);
    expect(store.maps.room.has(other.room)).toBe(true);
    expect(store.maps.room.has(room)).toBe(false);
  });
});

describe('writing', () => {
  test('a line stands in the list with what was taken for it, and undo names it', async () => {
    await addLine({ roomId: room, text: '3 shoeboxes wooden blocks' });
    expect(store.data.line.map((line) => line.name)).toEqual(['wooden blocks']);
    expect(store.data.category.map((category) => category.name)).toContain('Wooden blocks');
    expect(store.history.undo).toMatch(/wooden blocks/i);
    await store.step('undo');
    expect(store.data.line).toEqual([]);
    expect(said()!.text).toMatch(/^Taken back: /);
    await store.step('redo');
    expect(store.data.line).toHaveLength(1);
  });
  test('with nothing to take back, that is said', async () => {
    await store.step('redo');
    expect(said()!.text).toBe('Nothing to redo.');
  });
  test('a fault at a field is thrown for the form, and nothing is said over it', async () => {
    const refused = await store.create('room', { name: '', width: 1, depth: 1, height: 1 }).catch((error) => error);
    expect(refused).toBeInstanceOf(ApiError);
    expect((refused as ApiError).field('name')).toBeTruthy();
    expect((refused as ApiError).field('depth')).toMatch(/500/);
    expect(said()).toBeNull();
    expect(store.busy).toBe(0);
  });
  test('from a button, a refusal is said in words', async () => {
    await addLine({ roomId: room, text: '3 shoeboxes wooden blocks' });
    await contain();
    const type = store.maps.containerType.get(store.data.bin[0]!.containerTypeId!)!;
    expect(await store.remove('containerType', type, type.name)).toBe(false);
    expect(said()).toMatchObject({ tone: 'caution', text: expect.stringMatching(/bins? uses? it/) });
    expect(store.maps.containerType.has(type.id)).toBe(true);
  });
  test('what is removed is said with its undo beside it', async () => {
    await addLine({ roomId: room, text: '60 felt tips' });
    const [line] = store.data.line;
    expect(await store.remove('line', line!, line!.name)).toBe(true);
    expect(store.data.line).toEqual([]);
    expect(said()).toMatchObject({ text: 'felt tips removed.', action: { label: 'Undo' } });
    said()!.action!.run();
    await eventually(() => expect(store.data.line.map((line) => line.id)).toEqual([line!.id]));
  });
});

describe('two pages at once', () => {
  test('the later one is asked, sees both, and writes its own only when it says so', async () => {
    const mine = store;
    const theirs = await server.page(site);
    const [seen] = mine.data.room;
    await theirs.patch('room', theirs.data.room[0]!, { name: 'Loft' });
    expect(await mine.patch('room', seen!, { name: 'Attic' })).toBe(false);
    expect(mine.conflict).toMatchObject({ table: 'room', mine: { name: 'Attic' }, current: { name: 'Loft' } });
    // What stands there is shown meanwhile.
    expect(mine.data.room[0]!.name).toBe('Loft');
    await mine.conflict!.write();
    expect((await server.data(site)).room[0]!.name).toBe('Attic');
  });
  test('what each wrote in other fields stays, a list that one adds to as well', async () => {
    const theirs = await server.page(site);
    const [room] = store.data.room;
    const [rules] = store.data.site;
    await theirs.patch('room', theirs.data.room[0]!, { name: 'Loft' });
    await theirs.patch('site', theirs.data.site[0]!, { name: 'Theirs', restDays: [1] });
    expect(await store.patch('room', room!, { name: room!.name, width: 5100 })).toBe(true);
    expect(await store.patch('site', rules!, { restDays: [2] })).toBe(false);
    const [now] = store.data.site;
    await theirs.patch('site', theirs.data.site[0]!, { name: 'Theirs again' });
    expect(await store.patch('site', now!, ({ restDays }) => ({ restDays: [...restDays, 5] }))).toBe(true);
    const data = await server.data(site);
    expect(data.room[0]).toMatchObject({ name: 'Loft', width: 5100 });
    expect(data.site[0]).toMatchObject({ name: 'Theirs again', restDays: [1, 5] });
  });
  test('a row that is gone elsewhere is gone here too', async () => {
    await addLine({ roomId: room, text: '60 felt tips' });
    const mine = store;
    const [line] = mine.data.line;
    const theirs = await server.page(site);
    await theirs.remove('line', theirs.data.line[0]!, 'it');
    expect(await mine.tryWrite(() => mine.patch('line', line!, { amount: 2 }))).toBe(false);
    await eventually(() => expect(mine.data.line).toEqual([]));
  });
});

describe('one page that types on while it writes', () => {
  test('is no conflict with itself, in one field or in several', async () => {
    const [seen] = store.data.room;
    const written = await Promise.all([
      store.patch('room', seen!, { name: 'Attic' }),
      store.patch('room', seen!, { name: 'Attic room' }),
      store.patch('room', seen!, { width: 5100 }),
    ]);
    expect(written).toEqual([true, true, true]);
    expect((await server.data(site)).room[0]).toMatchObject({ name: 'Attic room', width: 5100 });
  });
  test('adds to a list what it added a moment before', async () => {
    const [seen] = store.data.site;
    const add = (day: number) => store.patch('site', seen!, ({ restDays }) => ({ restDays: [...restDays, day] }));
    await Promise.all([add(3), add(4)]);
    expect((await server.data(site)).site[0]!.restDays.slice(-2)).toEqual([3, 4]);
  });
  test('does not write over a list that it made from an older one', async () => {
    const [seen] = store.data.site;
    await store.patch('site', seen!, { restDays: [1] });
    expect(await store.patch('site', seen!, { restDays: [2] })).toBe(false);
    expect(store.conflict).toMatchObject({ mine: { restDays: [2] }, current: { restDays: [1] } });
  });
  test('removes what it wrote a moment before, and puts a bin twice in one place', async () => {
    await addLine({ roomId: room, text: '3 shoeboxes wooden blocks' });
    await contain();
    const [line] = store.data.line;
    const { place } = usePlacementActions();
    const [bin] = store.data.bin;
    const to = store.data.compartment[1]!.id;
    const put = () => place(room, [{ binId: bin!.id, compartmentId: to, x: null, y: null, z: null, turned: false }]);
    await Promise.all([put(), put()]);
    expect(store.maps.bin.get(bin!.id)!.compartmentId).toBe(to);
    const [, , gone] = await Promise.all([
      store.patch('line', line!, { note: 'the red ones' }),
      store.writeTogether({ what: 'its bin', remove: [{ table: 'bin', id: bin!.id, version: bin!.version }] }),
      store.remove('line', line!, 'blocks'),
    ]);
    expect(gone).toBe(true);
    expect(await store.remove('line', line!, 'blocks')).toBe(true);
  });
  test('writes nothing where all is as it stands, and takes back what is still under way', async () => {
    const [seen] = store.data.room;
    const { version } = seen!;
    expect(await store.patch('room', seen!, { name: seen!.name, people: [...seen!.people] })).toBe(true);
    expect((await server.data(site)).room[0]!.version).toBe(version);
    await Promise.all([
      store.patch('room', seen!, { name: 'Attic' }),
      store.patch('room', seen!, { name: seen!.name }),
    ]);
    expect((await server.data(site)).room[0]).toMatchObject({ name: seen!.name });
  });
});

test('a server that does not answer loses nothing, and that is said', async () => {
  const working = globalThis.fetch;
  vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no way through')));
  const failed = await addLine({ roomId: room, text: '60 felt tips' }).catch((error) => error);
  vi.stubGlobal('fetch', working);
  expect(failed).toMatchObject({ status: 0 });
  expect(said()!.text).toMatch(/Nothing was saved/);
  expect(store.data.line).toEqual([]);
  await addLine({ roomId: room, text: '60 felt tips' });
  expect(store.data.line).toHaveLength(1);
});
