/** What one gesture does to lines and categories, against the real server. */
import { afterAll, beforeAll, beforeEach, describe, expect, test } from 'vitest';
import type { Line } from '@stube/core/model';
import { siteWithRoom } from '../../../../server/testing/site.ts';
import type { useSite } from '../../../data/site.ts';
import { realServer, type RealServer } from '../../../testing/real-server.ts';
import { useMerging } from '../grouping/merging.ts';
import type { NewLine } from '@stube/contract/pile/requests';
import { useContainersActions } from '../../containing/containers/actions.ts';
import { usePileActions } from './actions.ts';
import { useLineActs } from './line-acts.ts';

let server: RealServer;
let room: string;
let store: ReturnType<typeof useSite>;
beforeAll(async () => {
  server = await realServer();
});
beforeEach(async () => {
  const made = await siteWithRoom(server);
  room = made.room;
  store = await server.page(made.site);
});
afterAll(() => server.close());

const addLine = (line: NewLine) => usePileActions().addLine(line);
const contain = () => useContainersActions().contain(room, {});
const add = async (text: string): Promise<Line> => {
  const answer = await addLine({ roomId: room, text });
  return store.maps.line.get(answer!.id!)!;
};
const amounts = () => [...store.data.line].sort((a, b) => a.sort - b.sort).map((line) => [line.amount, line.decision]);

describe('a line', () => {
  test('once more stands again at the end, without what was found out about the first', async () => {
    const line = await add('12 felt tips');
    await store.patch('line', line, { tested: 12, dead: 3, note: 'blue lid' });
    await useLineActs().again(store.maps.line.get(line.id)!);
    const copy = store.data.line.find((one) => one.id !== line.id)!;
    expect(copy).toMatchObject({ amount: 12, tested: null, dead: null, note: '', categoryId: line.categoryId });
    expect(copy.sort).toBeGreaterThan(line.sort);
    await store.step('undo');
    expect(store.data.line).toHaveLength(1);
  });
  test('nobody has decided about: half of it goes, and so the other half stays', async () => {
    await store.patch('site', store.site!, { keepsNew: false });
    await useLineActs().halfGoes(await add('7 toy cars'));
    expect(amounts()).toEqual([
      [4, 'keep'],
      [3, 'give away'],
    ]);
  });
  test('pressed twice before the first is written, each goes on from the one before', async () => {
    const { double, halfGoes } = useLineActs();
    const line = await add('8 toy cars');
    await Promise.all([halfGoes(line), halfGoes(line)]);
    expect(amounts().map(([amount]) => amount)).toEqual([2, 4, 2]);
    await Promise.all([double(line), double(line)]);
    expect(store.maps.line.get(line.id)!.amount).toBe(8);
  });
  test('twice as much', async () => {
    await useLineActs().double(await add('3 shoeboxes toy cars'));
    expect(amounts()).toEqual([[6, 'keep']]);
  });
  test.each([
    ['7 toy cars', 4, 3],
    ['1 toy cars', 0.5, 0.5],
    ['3 shoeboxes toy cars', 1.5, 1.5],
  ])('half of %j goes: %d stay, %d go, as one change', async (text, stay, go) => {
    await useLineActs().halfGoes(await add(text));
    expect(amounts()).toEqual([
      [stay, 'keep'],
      [go, 'give away'],
    ]);
    await store.step('undo');
    expect(store.data.line).toHaveLength(1);
    expect(store.data.line[0]!.amount).toBe(stay + go);
  });
});

describe('categories', () => {
  test('made one keep every line and bin, know the other by its name, and come apart by one undo', async () => {
    const cars = await add('4 toy cars');
    const trains = await add('3 shoeboxes train tracks');
    await contain();
    const bins = store.data.bin.length;
    const [into, other] = [cars, trains].map((line) => store.maps.category.get(line.categoryId!)!);
    await store.patch('category', other!, { lightSensitive: true, hazards: ['H2'] });
    const [first, second] = [into!, store.maps.category.get(other!.id)!];
    expect(await useMerging().merge(first, [second])).toBe(true);
    const merged = store.maps.category.get(first.id)!;
    expect(store.maps.category.has(second.id)).toBe(false);
    expect(store.data.line.every((line) => line.categoryId === merged.id)).toBe(true);
    expect(store.data.bin).toHaveLength(bins);
    expect(store.data.bin.every((bin) => bin.categoryId === merged.id)).toBe(true);
    expect(merged.synonyms).toContain(second.name);
    expect(merged.perWeek).toBe(first.perWeek + second.perWeek);
    expect(merged).toMatchObject({ lightSensitive: true, hazards: expect.arrayContaining(['H2']) });
    await store.step('undo');
    expect(store.maps.line.get(trains.id)!.categoryId).toBe(second.id);
    expect(store.maps.category.get(first.id)!.synonyms).toEqual(first.synonyms);
  });
  test('part of one becomes a category that lies and is used like it', async () => {
    const cars = await add('4 toy cars');
    const from = store.maps.category.get(cars.categoryId!)!;
    expect(await useMerging().split(from, 'Racing cars', from.familyId, [cars])).toBe(true);
    const category = store.maps.category.get(store.maps.line.get(cars.id)!.categoryId!)!;
    expect(category).toMatchObject({
      name: 'Racing cars',
      familyId: from.familyId,
      packingKind: from.packingKind,
      density: from.density,
    });
    expect(category).toMatchObject({ starter: null, synonyms: [] });
  });
});
