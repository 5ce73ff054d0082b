import { expect, test } from 'vitest';
import { reachLines } from './reach.ts';

test.each([
  ['child', 1000, [1150, 936, 670]],
  ['adult', 1700, [2540, 2040, 1591]],
] as const)('a %s of %i mm reaches and sees', (kind, stature, heights) =>
  expect(reachLines({ kind, stature }).map(({ height }) => height)).toEqual(heights),
);
