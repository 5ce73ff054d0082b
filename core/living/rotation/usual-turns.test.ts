import { expect, test } from 'vitest';
import { starterOf } from '../../ground/starter/library.ts';
import { starterCategory } from '../../ground/starter/testing/category.ts';
import { AREAS } from '../../ground/model/entities.ts';
import { suggestedTurn, USUAL_TURNS } from './usual-turns.ts';

test('every kind that is suggested is one of the library, with areas that are known and ages in their order', () => {
  for (const [key, [areas, from, to]] of Object.entries(USUAL_TURNS)) {
    expect(starterOf(key), key).toBeDefined();
    expect(
      areas.every((area) => (AREAS as readonly string[]).includes(area)),
      key,
    ).toBe(true);
    expect(from, key).toBeLessThan(to);
  }
  expect(suggestedTurn({ kind: null }, starterCategory('abacus'))).toEqual({
    areas: ['numbers'],
    fromMonths: 42,
    toMonths: 84,
  });
  expect(suggestedTurn({ kind: null }, starterCategory('nappies'))).toBeNull();
  expect(suggestedTurn({ kind: null }, undefined)).toBeNull();
});
