import { expect, test } from 'vitest';
import { blockedProblems, lessBlocked, withBlocked } from './blocked.ts';
import { readReadings } from './readings.ts';

test.each([
  ['41.2; 40.9; 41.6', { least: 409, count: 3, differ: 7 }],
  ['41.2, 40.9', { least: 409, count: 2, differ: 3 }],
  ['41.2', { least: 412, count: 1, differ: 0 }],
  ['412 mm and 41 cm', { least: 410, count: 2, differ: 2 }],
  ['41.2; about that', null],
  ['', null],
  [' ; ', null],
] as const)('%s', (text, readings) => expect(readReadings(text, 'metric')).toEqual(readings));

const inside = { x: 18, width: 400, depth: 300, height: 350 };
test('the thickest part of each side is off, and comes back', () => {
  const parts = [
    { side: 'back' as const, by: 15, what: 'skirting' },
    { side: 'back' as const, by: 40, what: 'pipe' },
    { side: 'left' as const, by: 30, what: 'hinges' },
  ];
  const free = lessBlocked(inside, parts);
  expect(free).toEqual({ x: 48, width: 370, depth: 260, height: 350 });
  expect(withBlocked(free, parts)).toEqual(inside);
});
test('what would leave nothing is refused', () => {
  expect(blockedProblems(inside, [{ side: 'left', by: 395, what: 'wall' }])).toMatch(/nothing/);
  expect(blockedProblems(inside, [{ side: 'left', by: 100, what: 'wall' }])).toBeNull();
});
