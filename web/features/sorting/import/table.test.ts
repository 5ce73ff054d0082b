import { readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { runToEnd } from '@stube/core/engine';
import { guessColumns, readList } from '@stube/core/import';
import { context } from '@stube/core/import/testing/context';
import { splitTable } from './table.ts';

const text = readFileSync(new URL('../../../../core/sorting/import/testing/messy.csv', import.meta.url), 'utf8');
describe('a messy list', () => {
  const { headings, rows: messy, mapping } = splitTable(text);
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
    expect(guessColumns([...headings].reverse())).toEqual([...right].reverse());
    expect(guessColumns(['foo', 'Qty', 'Item'])).toEqual([null, 'amount', 'name']);
  });
  test('every fault is named at its row, and nothing faulty becomes a line', () => {
    const read = runToEnd(readList(messy, mapping, context));
    const stops = read.problems.filter((problem) => problem.stops).map((problem) => `${problem.row} ${problem.column}`);
    expect(stops).toEqual(['30 name', '31 amount', '32 height', '33 name']);
    for (const row of [30, 31, 32, 33]) expect(read.lines.some((line) => line.row === row)).toBe(false);
    expect(read.empty).toBe(1 + Number(messy.at(-1)!.every((cell) => !cell)));
    const line = (name: string) => read.lines.find((inventoryLine) => inventoryLine.values.name === name)!.values;
    expect(line('Stencil brushes, long')).toMatchObject({ amount: 28, length: 310, width: 10 });
    expect(line('Sheet protectors A4').amount).toBe(150);
    expect(line('Return: kettle')).toMatchObject({ decision: 'return', due: '2026-12-12', roomId: 'office' });
    expect(line('Sea charts, bound')).toMatchObject({ length: 394, width: 305 });
    expect(line('Shot <3 mm; assorted')).toMatchObject({ measure: 'litre' });
    expect(line('Emoji 🪢 and ünïcödé').attributes).toEqual({ person: 'Otters' });
    expect(
      read.lines
        .filter((inventoryLine) => inventoryLine.values.name === 'Soft animals')
        .map((inventoryLine) => inventoryLine.values.decision),
    ).toEqual(['give away', 'keep']);
  });
  test('places that are no rooms stop their rows until one is chosen', () => {
    const read = runToEnd(readList(messy, mapping, { ...context, rooms: context.rooms.slice(0, 3) }));
    expect(read.places).toEqual(['Office']);
    expect(read.lines.some((line) => line.values.name === 'Index cards')).toBe(false);
    const places = { Office: 'chart' };
    const rooms = context.rooms.slice(0, 3);
    const chosen = runToEnd(readList(messy, mapping, { ...context, rooms, places }));
    expect(chosen.lines.find((line) => line.values.name === 'Index cards')!.values.roomId).toBe('chart');
  });
});
