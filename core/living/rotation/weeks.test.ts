import { expect, test } from 'vitest';
import { MONTHS, monthsOfWeeks, weeksOfMonths } from './weeks.ts';

test('a week belongs to the month of its Thursday, and every week to one month', () => {
  expect(weeksOfMonths([0])[0]).toBe(1);
  expect(weeksOfMonths([11]).slice(-2)).toEqual([52, 53]);
  expect(MONTHS.flatMap((_, month) => weeksOfMonths([month])).sort((a, b) => a - b)).toEqual(
    Array.from({ length: 53 }, (_, i) => i + 1),
  );
  for (let month = 0; month < 12; month++) expect(monthsOfWeeks(weeksOfMonths([month]))).toEqual([month]);
});
