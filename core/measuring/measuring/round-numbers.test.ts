import { expect, test } from 'vitest';
import { formatLength } from '../../ground/notation/length.ts';
import { inRoundNumbers } from './round-numbers.ts';

test.each([
  [18, '3/4"'],
  [60, '2"'],
  [390, '15"'],
  [760, '2\' 6"'],
  [1130, '3\' 8"'],
  [4500, "15'"],
  [0, '0"'],
])('%d mm become %s', (mm, said) => expect(formatLength(inRoundNumbers(mm, 'imperial'), 'imperial')).toBe(said));
test('metric ones stay', () => expect(inRoundNumbers(18, 'metric')).toBe(18));

test.each([
  [351, 'near', '13 7/8"'],
  [351, 'down', '13 3/4"'],
  [351, 'up', '13 7/8"'],
  [349, 'up', '13 3/4"'],
  [254, 'down', '10"'],
  [254, 'up', '10"'],
] as const)('%d mm, rounded %s, are %s', (mm, rounding, said) =>
  expect(formatLength(mm, 'imperial', rounding)).toBe(said),
);
