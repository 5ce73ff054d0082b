/** Situations as an attentive inspector sees them: what must be said, and near misses of which nothing must be said. */
import { describe, expect, test } from 'vitest';
import { ageInMonths } from '../../ground/hazards/ages.ts';
import { cautionsOf } from './cautions.ts';
import { isSmallPart } from '../../ground/hazards/hazards-of.ts';
import { adult, child, H, scene, TODAY } from './testing/scene.ts';
import { MUST, NOT } from './testing/situations.ts';
import { hazardsInWords, isFoodContainer } from '../../ground/hazards/danger-words.ts';

describe('must be said', () => {
  test.each(MUST)('%s: %s about %s', (_, hazard, about, of) =>
    expect(cautionsOf(scene(of)).map((caution) => [caution.hazard, caution.about])).toContainEqual([hazard, about]),
  );
});

describe('must not be said', () => {
  test.each(NOT)('%s: no %s', (_, hazard, of) =>
    expect(cautionsOf(scene(of)).filter((caution) => caution.hazard === hazard)).toEqual([]),
  );
});

test('a caution goes when its cause does', () => {
  const things = [{ name: 'Craft knives', more: H('H4') }];
  const before = cautionsOf(scene({ things })).map((caution) => caution.key);
  expect(before).toContain('H4:b0');
  expect(cautionsOf(scene({ things, unit: { locked: true } }))).toEqual([]);
});

test('age is told by the month of birth before the stature', () => {
  expect(ageInMonths(child('a', '2024-11', 1200), TODAY)).toBe(24);
  expect(ageInMonths({ kind: 'child', born: null, stature: 956 }, TODAY)).toBe(36);
  expect(ageInMonths(adult, TODAY)).toBe(Infinity);
});

test.each([
  [{ name: 'peg', length: 57, width: 20, height: 20 }, true],
  [{ name: 'peg', length: 58, width: 20, height: 20 }, false],
  [{ name: 'cube', length: 22, width: 22, height: 22 }, true],
  [{ name: 'cube', length: 25, width: 25, height: 25 }, false],
  [{ name: 'bouncy balls', length: 43, width: 43, height: 43 }, true],
  [{ name: 'balls', length: 44, width: 44, height: 44 }, false],
  [{ name: 'unknown', length: null, width: null, height: null }, false],
])('%j fits the cylinder: %s', (piece, small) => expect(isSmallPart(piece)).toBe(small));

test.each([
  ['craft knives', ['H4']],
  ['spray paint and thinner', ['H5']],
  ['ribbon', ['H6']],
  ['glue guns', ['H4', 'H15']],
  ['wooden blocks', []],
  ['knitting needles', []],
])('%s tells of %j', (text, hazards) => expect(hazardsInWords(text)).toEqual(hazards));
test.each([
  ['Jam jar', true],
  ['Lunch box', true],
  ['Water bottle', true],
  ['Screw-top tin', false],
  ['Clear box, small', false],
])('%s comes from food: %s', (name, food) => expect(isFoodContainer(name)).toBe(food));
