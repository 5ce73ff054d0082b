import { expect, test } from 'vitest';
import fc from 'fast-check';
import { Knapsack } from './knapsack.ts';
import { Nearest } from '../compiled/nearest.ts';

test('a knapsack brings as much as the best of all its subsets, with and without one of the things', () => {
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.integer({ min: 1, max: 50 }), fc.integer({ min: 1, max: 30 })), {
        minLength: 1,
        maxLength: 9,
      }),
      fc.integer({ min: 0, max: 60 }),
      fc.nat(8),
      (things, room, out) => {
        const best = (list: typeof things): number => {
          let most = 0;
          for (let set = 0; set < 1 << list.length; set++) {
            const inside = list.filter((_, i) => set & (1 << i));
            if (inside.reduce((sum, [, wide]) => sum + wide, 0) <= room)
              most = Math.max(
                most,
                inside.reduce((sum, [profit]) => sum + profit, 0),
              );
          }
          return most;
        };
        const knapsack = new Knapsack(things.length);
        const lay = () =>
          things.forEach(([profit, wide], i) => {
            knapsack.profit[i] = profit;
            knapsack.width[i] = wide;
          });
        lay();
        expect(knapsack.most(things.length, room)).toBe(best(things));
        const chosen = things.filter((_, i) => knapsack.chosen[i]);
        expect(chosen.reduce((sum, [profit]) => sum + profit, 0)).toBe(best(things));
        const k = out % things.length;
        expect(knapsack.without(k, things.length, room)).toBe(best(things.filter((_, i) => i !== k)));
        expect(Array.from(knapsack.profit)).toEqual(things.map(([profit]) => profit));
      },
    ),
  );
});

test('many alike things are reckoned by the table, to the same sum', () => {
  const knapsack = new Knapsack(40);
  for (let i = 0; i < 40; i++) {
    knapsack.profit[i] = 10 + (i % 7);
    knapsack.width[i] = 10 + (i % 7);
  }
  expect(knapsack.most(40, 199)).toBe(199);
  expect(Array.from(knapsack.chosen).reduce((sum, one, i) => sum + one * knapsack.width[i]!, 0)).toBe(199);
});

test('the nearest are the least, in order', () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 0, max: 99 })), (values) => {
      const nearest = new Nearest(5);
      values.forEach((value, i) => nearest.offer(value, i));
      const { values: kept, items } = nearest.sorted();
      expect(Array.from(kept)).toEqual([...values].sort((a, b) => a - b).slice(0, 5));
      expect(Array.from(items, (i) => values[i])).toEqual(Array.from(kept));
    }),
  );
});
