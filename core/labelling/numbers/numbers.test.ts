import { expect, test } from 'vitest';
import fc from 'fast-check';
import type { SetNumber } from '../../ground/model/entities.ts';
import { closeGaps, gapsIn, nextNumbers } from '../../ground/contents/set-numbers.ts';

const of = (numbers: readonly number[], series = 'pouch'): SetNumber[] =>
  numbers.map((number) => ({
    id: `${series}${number}`,
    siteId: 's',
    version: 1,
    lineId: 'l',
    series,
    number,
    name: '',
  }));
const some = fc.uniqueArray(fc.integer({ min: 1, max: 40 }), { maxLength: 20 });

test('the next numbers fill gaps or go on behind the last; another series counts by itself', () => {
  const given = [...of([1, 2, 5]), ...of([9], 'disc')];
  expect(nextNumbers(given, 'pouch', 3, true)).toEqual([3, 4, 6]);
  expect(nextNumbers(given, 'pouch', 2, false)).toEqual([6, 7]);
  expect(nextNumbers(given, 'game', 1, true)).toEqual([1]);
  expect(gapsIn(given, 'pouch')).toEqual([3, 4]);
});
test('no number is ever given twice', () =>
  fc.assert(
    fc.property(some, fc.integer({ min: 1, max: 30 }), fc.boolean(), (numbers, count, gaps) => {
      const next = nextNumbers(of(numbers), 'pouch', count, gaps);
      expect(next).toHaveLength(count);
      expect(new Set([...numbers, ...next]).size).toBe(numbers.length + count);
    }),
  ));
test('closed gaps leave 1 to n in the same order, and none is there twice on the way', () =>
  fc.assert(
    fc.property(some, (numbers) => {
      const now = new Map(of(numbers).map((row) => [row.id, row.number]));
      for (const { row, number } of closeGaps(of(numbers), 'pouch')) {
        expect([...now.values()]).not.toContain(number);
        now.set(row.id, number);
      }
      const sorted = [...numbers].sort((a, b) => a - b);
      expect(sorted.map((number) => now.get(`pouch${number}`))).toEqual(sorted.map((_, i) => i + 1));
    }),
  ));
