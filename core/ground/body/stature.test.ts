import { expect, test } from 'vitest';
import fc from 'fast-check';
import { medianStature, monthsOld, formatAge } from './stature.ts';

const today = new Date('2026-11-25T00:00:00Z');
test('age counts whole months', () => {
  expect(monthsOld('2026-11', today)).toBe(0);
  expect(monthsOld('2021-04', today)).toBe(67);
  expect(formatAge(67)).toBe('5 years 7 months');
  expect(formatAge(100)).toBe('8 years');
});
test('medians are those of the table, and between them in proportion', () => {
  expect(medianStature(48)).toBe(1030);
  expect(medianStature(51)).toBe(1048);
  expect(medianStature(400)).toBe(1699);
});
test('nobody shrinks while growing up', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 300 }), (months) => {
      expect(medianStature(months + 1)).toBeGreaterThanOrEqual(medianStature(months));
    }),
  );
});
