import { expect, test } from 'vitest';
import fc from 'fast-check';
import { Simplex } from './simplex.ts';

const number = fc.integer({ min: -5, max: 9 });
const programs = fc
  .tuple(fc.integer({ min: 1, max: 5 }), fc.integer({ min: 1, max: 6 }), fc.integer({ min: 0, max: 4 }))
  .chain(([n, first, later]) =>
    fc.record({
      c: fc.array(number, { minLength: n, maxLength: n }),
      rows: fc.array(
        fc.record({ a: fc.array(number, { minLength: n, maxLength: n }), b: fc.integer({ min: 0, max: 20 }) }),
        {
          minLength: first,
          maxLength: first,
        },
      ),
      later: fc.array(
        fc.record({ a: fc.array(number, { minLength: n, maxLength: n }), b: fc.integer({ min: 0, max: 20 }) }),
        {
          minLength: later,
          maxLength: later,
        },
      ),
    }),
  );

test('x keeps every row, and the prices prove that no other brings more', () => {
  fc.assert(
    fc.property(programs, ({ c, rows, later }) => {
      // No variable grows beyond ten, so that there is a best.
      const box = c.map((_, j) => ({ a: c.map((_, k) => +(k === j)), b: 10 }));
      const all = [...box, ...rows, ...later];
      const program = new Simplex(c);
      for (const { a, b } of [...box, ...rows]) program.add(a, b);
      program.solve();
      for (const { a, b } of later) program.add(a, b);
      const x = program.solve();
      const prices = program.prices();
      const times = (a: readonly number[], y: ArrayLike<number>) => a.reduce((sum, one, j) => sum + one * y[j]!, 0);
      for (const { a, b } of all) expect(times(a, x)).toBeLessThanOrEqual(b + 1e-6);
      c.forEach((one, j) => {
        expect(x[j]).toBeGreaterThanOrEqual(0);
        expect(all.reduce((sum, { a }, i) => sum + prices[i]! * a[j]!, 0)).toBeGreaterThanOrEqual(one - 1e-6);
      });
      expect(all.reduce((sum, { b }, i) => sum + prices[i]! * b, 0)).toBeCloseTo(times(c, x), 5);
    }),
    { numRuns: 300 },
  );
});
