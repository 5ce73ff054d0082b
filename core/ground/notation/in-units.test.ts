import { expect, test } from 'vitest';
import { formatMass, formatVolume, inUnits } from './in-units.ts';

test.each([
  ['315 × 285 × 320 mm as it stands', 'metric', '31.5 × 28.5 × 32 cm as it stands'],
  ['315 × 285 × 320 mm as it stands', 'millimetre', '315 × 285 × 320 mm as it stands'],
  ['315 × 285 mm as it stands', 'imperial', '12 3/8" × 11 1/4" as it stands'],
  ['1800 mm high, 320 mm deep, not anchored', 'metric', '180 cm high, 32 cm deep, not anchored'],
  ['fits a cylinder 31.7 mm across', 'metric', 'fits a cylinder 31.7 mm across'],
  ['it is 1.5 kg more than it bears', 'imperial', 'it is 3.3 lb more than it bears'],
  ['one takes 15 l with 10 % to grow', 'imperial', 'one takes 4 gal with 10 % to grow'],
  ['one takes 15 l with 10 % to grow', 'metric', 'one takes 15 l with 10 % to grow'],
  ['3 shelves, 2 lids', 'imperial', '3 shelves, 2 lids'],
] as const)('%s in %s', (text, system, said) => expect(inUnits(text, system)).toBe(said));

test('masses and volumes in both systems', () => {
  expect([formatMass(9000), formatMass(9000, 'imperial')]).toEqual(['9.0 kg', '20 lb']);
  expect([formatVolume(5), formatVolume(5, 'imperial'), formatVolume(40, 'imperial')]).toEqual([
    '5 l',
    '5.3 qt',
    '11 gal',
  ]);
});
