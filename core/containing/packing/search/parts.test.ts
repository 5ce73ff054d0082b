import { describe, expect, test } from 'vitest';
import fc from 'fast-check';
import { runToEnd } from '../../../ground/engine/run-to-end.ts';
import { dualFeasibleFunctionsFor, fullestSum } from '../bounds/dual-feasible-functions.ts';
import { blockingCostOf } from '../blocking-cost.ts';
import { enlargeSides } from '../bounds/enlarge-sides.ts';
import { itemTypesOf } from '../item-types.ts';
import { packExactly } from '../exact/exact-floor-packing.ts';

describe('the parts of the packing engine', () => {
  test('dual feasible functions never make more than 1 of lengths that fit', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 50, max: 600 }),
        fc.array(fc.integer({ min: 5, max: 300 }), { minLength: 1, maxLength: 8 }),
        (size, lengths) => {
          const fitting: number[] = [];
          let sum = 0;
          for (const length of lengths)
            if (sum + length <= size) {
              fitting.push(length);
              sum += length;
            }
          for (const f of dualFeasibleFunctionsFor(size, lengths))
            expect(fitting.reduce((all, length) => all + f(length), 0)).toBeLessThanOrEqual(1 + 1e-9);
        },
      ),
    );
  });
  test('the fullest sum is reached and not passed', () => {
    expect(fullestSum(100, [30, 30, 45])).toBe(75);
    expect(fullestSum(20, [30])).toBe(0);
  });
  test('trays of which five fit become fifths', () => {
    const pieces = enlargeSides(itemTypesOf([{ width: 74, depth: 150, turnable: false, value: 1, count: 7 }]), {
      width: 390,
      depth: 180,
    });
    expect([pieces.width[0], pieces.depth[0]]).toEqual([78, 180]);
  });
  test('lifting changes nothing about what can be laid', () => {
    const rects = fc.array(
      fc.record({
        width: fc.integer({ min: 30, max: 120 }),
        depth: fc.integer({ min: 30, max: 120 }),
        turnable: fc.boolean(),
      }),
      { minLength: 2, maxLength: 5 },
    );
    fc.assert(
      fc.property(
        rects,
        fc.integer({ min: 100, max: 260 }),
        fc.integer({ min: 100, max: 200 }),
        (list, width, depth) => {
          const floor = { width, depth };
          const pieces = itemTypesOf(list.map((one) => ({ ...one, value: 1, count: 1 })));
          const verdict = (of: typeof pieces) => {
            const found = runToEnd(
              packExactly(
                floor,
                of,
                list.map(() => 1),
                200_000,
              ),
            );
            return typeof found === 'string' ? found : 'packed';
          };
          expect(verdict(enlargeSides(pieces, floor))).toBe(verdict(pieces));
        },
      ),
      { numRuns: 80 },
    );
  });
  test('digging counts what stands on it and before it, each once', () => {
    const box = (x: number, y: number, z: number, uses: number) => ({
      x,
      y,
      z,
      width: 100,
      depth: 100,
      height: 50,
      uses,
    });
    expect(blockingCostOf([box(0, 0, 0, 1), box(0, 100, 0, 2), box(0, 100, 50, 3), box(200, 0, 0, 5)], 'front')).toBe(
      1 * 0 + 2 * 2 + 3 * 0,
    );
    expect(blockingCostOf([box(0, 0, 0, 1), box(0, 100, 0, 2), box(0, 100, 50, 3)], 'top')).toBe(2);
  });
});
