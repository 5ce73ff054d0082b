import { expect, test } from 'vitest';
import { adultReach, childReach, climbingReach } from './effort.ts';

test.each([
  // 1.20 of the stature and a step of 500 mm; 1.15 of it; 300 mm more with something to stand on. Hundredths of mm.
  [1700, 254_000, 195_500, 225_500],
  [1000, 170_000, 115_000, 145_000],
])('from a stature of %d mm', (stature, adult, child, climbing) =>
  expect([adultReach(stature), childReach(stature), climbingReach(stature)]).toEqual([adult, child, climbing]),
);
