import { expect, test } from 'vitest';
import { fillLimitOf, isBeyondLimit, tooFull } from './fullness.ts';

test.each([
  [0.8, 0.8, null],
  [0.899, 0.8, null],
  [0.92, 0.8, 'over-full'],
  [1, 0.8, 'over-full'],
  [1.01, 0.8, 'overflows'],
  [1.05, 1, 'overflows'],
  [0.45, 0.3, 'over-full'],
])('%d of a limit of %d is %s', (full, limit, said) => expect(tooFull(full, limit)).toBe(said));
test('a plan keeps to the limit but for rounding; without a site it is the usual one', () => {
  expect([0.8, 0.8005, 0.82].map((full) => isBeyondLimit(full, fillLimitOf(undefined)))).toEqual([false, false, true]);
  expect(fillLimitOf({ fillLimit: 0.6 })).toBe(0.6);
});
