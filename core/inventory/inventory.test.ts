import { readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import fc from 'fast-check';
import Papa from 'papaparse';
import { finish } from '../finish.ts';
import { readFate, readMeasure, readNumber } from './cells.ts';
import { guessColumns } from './columns.ts';
import { readInventory, roomOf, type InventoryContext } from './inventory.ts';

const context: InventoryContext = {
  site: { system: 'metric' },
  rooms: [
    { id: 'loft', name: 'Net loft' },
    { id: 'landing', name: 'Landing room' },
    { id: 'chart', name: 'Chart room' },
    { id: 'office', name: 'Purser’s office' },
  ],
  people: [{ name: 'Otters' }, { name: 'Pikes' }],
  categories: [],
  room: 'loft',
  places: {},
  today: '2026-11-25',
};
const messy = Papa.parse<string[]>(
  readFileSync(new URL('../../../shared/bench/inventory-messy.csv', import.meta.url), 'utf8').replace(/^\ufeff/, ''),
).data;

describe('cells', () => {
  test('numbers, measures and decisions as people write them', () => {
    expect([readNumber('0,5'), readNumber('1 200'), readNumber('minus two'), readNumber('-3')]).toEqual([
      0.5,
      1200,
      null,
      null,
    ]);
    expect(readMeasure('packs of 100')).toMatchObject({ measure: 'pieces', times: 100 });
    expect(readMeasure('laundry basket')).toMatchObject({ measure: 'basket' });
    expect(readMeasure('bottles')).toMatchObject({ measure: 'pieces', said: 'bottles' });
    expect(readFate('return by 12/12/2026', '2026-11-25')).toMatchObject({ decision: 'return', due: '2026-12-12' });
    expect(readFate('keep half', '2026-11-25')).toMatchObject({ decision: 'keep', half: true });
    expect(readFate('decide later', '2026-11-25')).toMatchObject({ decision: 'decide later' });
    expect(readFate('perhaps', '2026-11-25')).toBeNull();
  });
  test('a place names its room whole, at its beginning or with one word', () => {
    expect(roomOf('Net loft, left shelf', context.rooms)).toBe('loft');
    expect(roomOf('office', context.rooms)).toBe('office');
    expect(roomOf('Office', [{ id: 'o', name: 'Back office' }])).toBe('o');
    expect(roomOf('room', context.rooms)).toBeNull();
  });
});

describe('a messy list', () => {
  const mapping = guessColumns(messy[0]!);
  test('its columns are guessed in any order', () => {
    const right = [
      'room',
      'name',
      'amount',
      'measure',
      'length',
      'width',
      'height',
      'users',
      'perWeek',
      'decision',
      'note',
    ];
    expect(mapping).toEqual(right);
    expect(guessColumns([...messy[0]!].reverse())).toEqual([...right].reverse());
    expect(guessColumns(['foo', 'Qty', 'Item'])).toEqual([null, 'amount', 'name']);
  });
  test('every fault is named at its row, and nothing faulty becomes a line', () => {
    const read = finish(readInventory(messy.slice(1), mapping, context));
    const stops = read.problems.filter((one) => one.stops).map((one) => `${one.row} ${one.column}`);
    expect(stops).toEqual(['30 name', '31 amount', '32 height', '33 name']);
    for (const row of [30, 31, 32, 33]) expect(read.lines.some((line) => line.row === row)).toBe(false);
    expect(read.empty).toBe(1 + Number(messy.at(-1)!.every((cell) => !cell)));
    const line = (name: string) => read.lines.find((one) => one.values.name === name)!.values;
    expect(line('Paint brushes, long')).toMatchObject({ amount: 35, length: 330, width: 10 });
    expect(line('Laminating film A4').amount).toBe(200);
    expect(line('Return: lamp')).toMatchObject({ decision: 'return', due: '2026-12-12', roomId: 'office' });
    expect(line('Atlases')).toMatchObject({ length: 368, width: 279 });
    expect(line('Beads <2 mm; mixed')).toMatchObject({ measure: 'litre' });
    expect(line('Emoji 🧶 and ümläuts').facets).toEqual({ person: 'Otters' });
    expect(read.lines.filter((one) => one.values.name === 'Soft animals').map((one) => one.values.decision)).toEqual([
      'give away',
      'keep',
    ]);
  });
  test('places that are no rooms stop their rows until one is chosen', () => {
    const read = finish(readInventory(messy.slice(1), mapping, { ...context, rooms: context.rooms.slice(0, 3) }));
    expect(read.places).toEqual(['Office']);
    expect(read.lines.some((line) => line.values.name === 'Sticky notes')).toBe(false);
    const places = { Office: 'chart' };
    const rooms = context.rooms.slice(0, 3);
    const chosen = finish(readInventory(messy.slice(1), mapping, { ...context, rooms, places }));
    expect(chosen.lines.find((line) => line.values.name === 'Sticky notes')!.values.roomId).toBe('chart');
  });
  test('whatever the cells hold, rows become lines or are answered', () => {
    fc.assert(
      fc.property(fc.array(fc.array(fc.string(), { minLength: 11, maxLength: 11 })), (rows) => {
        const read = finish(readInventory(rows, mapping, context));
        const answered = new Set([...read.lines, ...read.problems].map((one) => one.row));
        expect(answered.size + read.empty).toBe(rows.length);
        for (const { values } of read.lines) expect(values.amount).toBeGreaterThan(0);
      }),
    );
  });
});
