import { expect, test } from 'vitest';
import { isParsedLine, parseLine } from '../parse-line.ts';

test.each([
  ['2 gallons of building bricks', 7.571, 'litre', 'building bricks'],
  ['half a gallon of marbles', 1.893, 'litre', 'marbles'],
  ['1 1/2 quarts buttons', 1.42, 'litre', 'buttons'],
  ['1 pint paint', 0.473, 'litre', 'paint'],
  ['6 pint glasses', 6, 'pieces', 'pint glasses'],
  ['4 pounds play dough', 1.814, 'kilogram', 'play dough'],
  ['5 yards of ribbon', 4.572, 'metre', 'ribbon'],
] as const)('%s', (text, amount, measure, name) => {
  const read = parseLine(text, 'imperial', { today: '2026-11-26' });
  if (!isParsedLine(read)) throw new Error(read.message);
  expect(read).toMatchObject({ measure, name });
  expect(read.amount).toBeCloseTo(amount, 2);
});
