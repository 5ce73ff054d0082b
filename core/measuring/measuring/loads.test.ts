import { expect, test } from 'vitest';
import { allowedLoad, isLoadGuessed, UNKNOWN_LOAD } from './loads.ts';

test.each([
  ['nobody told anything', { template: 'trunk', maxLoad: null }, 30_000, true, UNKNOWN_LOAD],
  ['half of a shelf made two', { template: 'cubes', maxLoad: null }, 6500, true, UNKNOWN_LOAD],
  ['told of the shelf', { template: 'cubes', maxLoad: null }, 9000, false, 9000],
  ['told of the whole', { template: 'cubes', maxLoad: 40_000 }, 13_000, false, 40_000],
  ['told of both', { template: 'cubes', maxLoad: 40_000 }, 9000, false, 9000],
  ['the whole bears less', { template: 'cubes', maxLoad: 5000 }, 9000, false, 5000],
] as const)('%s', (_, unit, maxLoad, guessed, allowed) => {
  expect(isLoadGuessed(unit, { maxLoad })).toBe(guessed);
  expect(allowedLoad(unit, { maxLoad })).toBe(allowed);
});
