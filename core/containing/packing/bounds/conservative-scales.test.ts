import { expect, test } from 'vitest';
import fc from 'fast-check';
import { runToEnd } from '../../../ground/engine/run-to-end.ts';
import { itemTypesOf } from '../item-types.ts';
import { ConservativeScales, type Shares } from './conservative-scales.ts';

const SIZE = 100;
const side = fc.integer({ min: 12, max: 120 });
const pieces = fc.array(
  fc.record({
    width: side,
    depth: side,
    turnable: fc.boolean(),
    value: fc.constant(1),
    count: fc.integer({ min: 1, max: 3 }),
  }),
  { minLength: 1, maxLength: 5 },
);

test('whatever fits side by side has shares of no more than the whole, and the choice weighs no less than by its length', () => {
  fc.assert(
    fc.property(pieces, fc.array(fc.integer({ min: 0, max: 100 }), { minLength: 5, maxLength: 5 }), (list, amounts) => {
      const plain = itemTypesOf(list);
      const scales = new ConservativeScales(SIZE, plain, plain.width, plain.turnedWidth);
      // Shares of the other direction as long as the sides are there.
      const other: Shares = {
        straight: Float64Array.from(plain.depth, (one) => (one <= SIZE ? one / SIZE : Infinity)),
        turned: Float64Array.from(plain.turnedDepth, (one, t) =>
          plain.turnable[t] && one <= SIZE ? one / SIZE : Infinity,
        ),
      };
      const amount = list.map((one, t) => (one.count * amounts[t]!) / 100);
      const shares = runToEnd(scales.best(amount, other));
      const units = list.flatMap((one, t) => Array.from({ length: one.count }, () => t));
      const go = (k: number, left: number, sum: number): void => {
        expect(sum).toBeLessThanOrEqual(1 + 1e-9);
        if (k === units.length) return;
        const t = units[k]!;
        go(k + 1, left, sum);
        if (plain.width[t]! <= left) go(k + 1, left - plain.width[t]!, sum + shares.straight[t]!);
        if (plain.turnable[t] && plain.turnedWidth[t]! <= left)
          go(k + 1, left - plain.turnedWidth[t]!, sum + shares.turned[t]!);
      };
      go(0, SIZE, 0);
      const weight = (of: (t: number, turned: boolean) => number) =>
        list.reduce((sum, _, t) => {
          const ways = [of(t, false) * other.straight[t]!, of(t, true) * other.turned[t]!].filter(
            (way) => way < Infinity,
          );
          return sum + (ways.length ? amount[t]! * Math.min(...ways) : 0);
        }, 0);
      const byLength = weight((t, turned) => {
        const own = turned ? plain.turnedWidth[t]! : plain.width[t]!;
        return own <= SIZE ? own / SIZE : Infinity;
      });
      expect(weight((t, turned) => (turned ? shares.turned[t]! : shares.straight[t]!))).toBeGreaterThanOrEqual(
        byLength - 1e-6,
      );
    }),
    { numRuns: 150 },
  );
});
