import fc from 'fast-check';
import { expect, test } from 'vitest';
import type { Line } from '../model/entities.ts';
import { cellCount, cellGrid, cellSize, cellsOf } from './cells.ts';

const shape = { compartments: 12, inWidth: 272, inDepth: 192, inHeight: 38 };
const line = (id: string, cell: number | null = null) => ({ id, name: id, cell }) as Line;
const inside = (cells: ReturnType<typeof cellsOf>) => cells.map(({ lines }) => lines.map(({ id }) => id).join('+'));

test('a plain container has no cells; a case has its own; dividers say how many', () => {
  expect(cellCount({ cells: null }, { ...shape, compartments: 1 })).toBe(1);
  expect(cellCount({ cells: null }, shape)).toBe(12);
  expect(cellCount({ cells: 3 }, { ...shape, compartments: 1 })).toBe(3);
  expect(cellsOf({ cells: null }, { ...shape, compartments: 1 }, [line('a')])).toEqual([]);
});
test('what somebody said comes first, the others fill what is free, the rest shares the last', () => {
  expect(inside(cellsOf({ cells: 3 }, shape, [line('a'), line('b', 1), line('c')]))).toEqual(['b', 'a', 'c']);
  expect(inside(cellsOf({ cells: 2 }, shape, [line('a'), line('b'), line('c')]))).toEqual(['a', 'b+c']);
  // A number beyond the cells is none.
  expect(inside(cellsOf({ cells: 2 }, shape, [line('a', 9)]))).toEqual(['a', '']);
});
test('every line is in one cell, whatever was said', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 2, max: 20 }),
      fc.array(fc.option(fc.integer({ min: 1, max: 30 })), { maxLength: 30 }),
      (cells, told) => {
        const lines = told.map((cell, i) => line(`${i}`, cell));
        expect(
          cellsOf({ cells }, shape, lines)
            .flatMap((cell) => cell.lines)
            .map(({ id }) => id)
            .sort(),
        ).toEqual(lines.map(({ id }) => id).sort());
      },
    ),
  );
});
test('twelve cells of a case of 272 × 192 are four by three of 68 × 64', () => {
  expect(cellGrid(12, shape)).toEqual({ columns: 4, rows: 3 });
  expect(cellSize(12, shape)).toEqual({ width: 68, depth: 64, height: 38 });
  expect(cellGrid(3, { inWidth: 300, inDepth: 100 })).toEqual({ columns: 3, rows: 1 });
});
