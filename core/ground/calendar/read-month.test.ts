import { expect, test } from 'vitest';
import { readMonth } from './read-month.ts';

const TODAY = '2026-11-26';

test.each([
  ['March 2022', '2022-03'],
  ['sept 21', '2021-09'],
  ['3/2022', '2022-03'],
  ['03.22', '2022-03'],
  ['2022-03', '2022-03'],
  ['12 March 2022', '2022-03'],
  ['Nov 88', '1988-11'],
  ['13/2022', null],
  ['March', null],
  ['Dec 2026', null],
  ['a while ago', null],
])('%s', (text, month) => {
  expect(readMonth(text, TODAY)).toBe(month);
});
