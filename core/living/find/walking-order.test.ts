import { expect, test } from 'vitest';
import fc from 'fast-check';
import { walkingOrder, type Stop } from './walking-order.ts';

const stop = fc.record({
  id: fc.uuid(),
  room: fc.option(fc.integer({ min: 0, max: 3 }), { nil: null }),
  x: fc.integer({ min: 0, max: 6000 }),
  y: fc.integer({ min: 0, max: 5000 }),
  across: fc.constant(0),
  up: fc.constant(0),
});
const length = (stops: readonly Stop[]) =>
  stops.slice(1).reduce((sum, { x, y }, i) => sum + Math.abs(x - stops[i]!.x) + Math.abs(y - stops[i]!.y), 0);

test('every stop once, room by room, what has no place last, and no longer than as it was told', () => {
  fc.assert(
    fc.property(fc.uniqueArray(stop, { maxLength: 9, selector: ({ id }) => id }), (stops) => {
      const order = walkingOrder(stops);
      expect([...order].sort((a, b) => a.id.localeCompare(b.id))).toEqual(
        [...stops].sort((a, b) => a.id.localeCompare(b.id)),
      );
      const rooms = order.map(({ room }) => room ?? 99);
      expect(rooms).toEqual([...rooms].sort((a, b) => a - b));
      for (const room of new Set(stops.map((one) => one.room)))
        if (room !== null) {
          const own = (all: readonly Stop[]) => all.filter((one) => one.room === room);
          expect(length(own(order))).toBeLessThanOrEqual(length(own(stops)) + 1e-9);
        }
    }),
  );
});
test('along a wall one walks once', () => {
  const at = (id: string, x: number): Stop => ({ id, room: 0, x, y: 0, across: 0, up: 0 });
  const order = walkingOrder([at('c', 2000), at('a', 0), at('d', 3000), at('b', 1000)]);
  expect(order.map(({ id }) => id).join('')).toBe('abcd');
});
test('told in a better order than nearest first finds, it stays so', () => {
  const at = (id: string, x: number, y: number): Stop => ({ id, room: 2, x, y, across: 0, up: 0 });
  const told = [at('a', 2, 0), at('b', 0, 0), at('c', 0, 1859), at('d', 2, 1860)];
  expect(length(walkingOrder(told))).toBe(length(told));
});

test('before one piece of furniture: column by column from its left, each from top to bottom', () => {
  const at = (id: string, across: number, up: number): Stop => ({ id, room: 0, x: 500, y: 0, across, up });
  const order = walkingOrder([at('E1', 1200, 900), at('A2', 0, 500), at('E2', 1200, 500), at('A1', 0, 900)]);
  expect(order.map(({ id }) => id)).toEqual(['A1', 'A2', 'E1', 'E2']);
});
