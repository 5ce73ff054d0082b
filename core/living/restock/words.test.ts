import { expect, test } from 'vitest';
import { inUnitsOf, packsOf, usedUp } from './words.ts';

test.each([
  [inUnitsOf(1, 'tubes'), '1 tube'],
  [inUnitsOf(1, 'boxes'), '1 box'],
  [inUnitsOf(1, 'glass'), '1 glass'],
  [inUnitsOf(2.44, 'rolls'), '2.4 rolls'],
  [inUnitsOf(150.4, 'sheets'), '150 sheets'],
  [packsOf(1, { pack: 1, unit: 'tubes' }), '1 tube'],
  [packsOf(2, { pack: 40, unit: 'pieces' }), '2 packs of 40 pieces'],
  [usedUp(5), '5 a day'],
  [usedUp(0.02), 'one in 50 days'],
  [usedUp(0.4), 'one in 3 days'],
])('%s', (said, expected) => expect(said).toBe(expected));
