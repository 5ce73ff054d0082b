import { expect, test } from 'vitest';
import fc from 'fast-check';
import { FreeRectangles } from './free-rectangles.ts';

const pieces = fc.array(
  fc.record({
    width: fc.integer({ min: 1, max: 40 }),
    depth: fc.integer({ min: 1, max: 40 }),
    turnable: fc.boolean(),
  }),
  { maxLength: 25 },
);

test('whatever the order and the taste, pieces lie within the floor and beside each other', () => {
  const floor = new FreeRectangles(60, 50);
  fc.assert(
    fc.property(pieces, fc.constantFrom('short side' as const, 'area' as const, 'low' as const), (list, taste) => {
      const laid = floor.lay(list, taste).map(({ piece, x, y, turned }) => {
        const { width, depth, turnable } = list[piece]!;
        expect(turned && !turnable).toBe(false);
        return { x, y, w: turned ? depth : width, d: turned ? width : depth };
      });
      for (const [i, a] of laid.entries()) {
        expect(a.x >= 0 && a.y >= 0 && a.x + a.w <= 60 && a.y + a.d <= 50).toBe(true);
        for (const b of laid.slice(0, i))
          expect(a.x + a.w <= b.x || b.x + b.w <= a.x || a.y + a.d <= b.y || b.y + b.d <= a.y).toBe(true);
      }
    }),
  );
});
test('what fits an empty floor is laid, and four quarters fill it', () => {
  const floor = new FreeRectangles(60, 50);
  const quarter = { width: 30, depth: 25, turnable: false };
  expect(floor.lay([quarter, quarter, quarter, quarter], 'short side')).toHaveLength(4);
  expect(
    floor
      .lay([{ width: 61, depth: 1, turnable: false }, quarter], 'low')
      .map((greedyPlacement) => greedyPlacement.piece),
  ).toEqual([1]);
});
