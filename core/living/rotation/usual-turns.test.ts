import { expect, test } from 'vitest';
import { starterOf } from '../../ground/starter/library.ts';
import { starterCategory } from '../../ground/starter/testing/category.ts';
import { AREAS } from '../../ground/model/entities.ts';
import { MATERIALS, materialOf } from './materials.ts';
import { comesBefore, suggestedTurn, USUAL_TURNS } from './usual-turns.ts';

test('every kind that is suggested is one of the library, with areas that are known and ages in their order', () => {
  for (const [key, [areas, from, to]] of Object.entries(USUAL_TURNS)) {
    expect(starterOf(key), key).toBeDefined();
    expect(
      areas.every((area) => (AREAS as readonly string[]).includes(area)),
      key,
    ).toBe(true);
    expect(from, key).toBeLessThan(to);
  }
  expect(suggestedTurn({ kind: null, name: '' }, starterCategory('abacus'))).toEqual({
    areas: ['numbers'],
    fromMonths: 42,
    toMonths: 84,
  });
  expect(suggestedTurn({ kind: null, name: '' }, starterCategory('nappies'))).toBeNull();
  expect(suggestedTurn({ kind: null, name: '' }, undefined)).toBeNull();
});

test.each([
  ['number rods', 'numbers', 36],
  ['2 sets of sandpaper letters', 'language', 36],
  ['pouring tray with rice', 'practical life', 24],
  ['buttoning frame', 'practical life', 30],
  ['moveable alphabet', 'language', 44],
  ['object permanence box', 'baby', 7],
  ['puzzle map of continents', 'nature', 42],
  ['watercolour tray', 'art', 27],
  ['colour tablets', 'senses', 30],
])('%s: %s from %i months', (name, area, months) => {
  const turn = suggestedTurn({ kind: null, name }, undefined)!;
  expect([turn.areas[0], turn.fromMonths]).toEqual([area, months]);
});
test.each(['sewing machine', 'money box for the trip', 'measuring tape', 'nappies'])('%s is no material', (name) => {
  expect(materialOf(name)).toBeNull();
});
test('what comes before is a material of the list, and is found among what takes turns', () => {
  const firsts = MATERIALS.map(({ names }) => names[0]);
  for (const { after, fromMonths, toMonths } of MATERIALS) {
    expect(firsts).toEqual(expect.arrayContaining([...after]));
    expect(fromMonths).toBeLessThan(toMonths);
  }
  const lines = ['sound games', 'sandpaper letters', 'movable alphabet'].map((name) => ({ id: name, name }));
  expect(comesBefore(lines[2]!, lines)).toEqual(['sandpaper letters']);
  expect(comesBefore(lines[0]!, lines)).toEqual([]);
});
