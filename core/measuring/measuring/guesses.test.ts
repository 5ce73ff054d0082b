import { expect, test } from 'vitest';
import { allowedIn, allowedLoad, isLoadGuessed, UNKNOWN_LOAD } from './guesses.ts';

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

test('nothing but the ceiling is above a table, unless somebody measured', () => {
  const unit = { template: 'table', maxLoad: null, height: 720 } as const;
  const top = { floor: 720, height: 400, measured: false, drawer: false, maxLoad: 30_000 };
  const under = { ...top, floor: 0, height: 690 };
  expect(
    [top, { ...top, measured: true }, under].map((space) => allowedIn(unit, space, { height: 2400 }).height),
  ).toEqual([1680, 400, 690]);
});
