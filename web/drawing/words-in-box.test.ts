import { expect, test } from 'vitest';
import { wordsInBox } from './words-in-box.ts';

test.each([
  ['A3', 300, 200, ['A3'], false],
  ['Paper clips and pins', 60, 120, ['Paper clips', 'and pins'], true],
  ['Rubbers and sharpeners', 120, 60, ['Rubbers and', 'sharpeners'], false],
  ['Crayons', 50, 140, ['Crayons'], true],
])('%s in %d × %d', (text, width, depth, lines, turned) => {
  const found = wordsInBox(text, width, depth, 30);
  expect(found).toMatchObject({ lines, turned });
  const [along, across] = turned ? [depth, width] : [width, depth];
  expect(Math.max(...lines.map((line) => line.length)) * 0.58 * found.size).toBeLessThanOrEqual(along);
  expect(lines.length * 1.15 * found.size).toBeLessThanOrEqual(across);
  expect(found.size).toBeLessThanOrEqual(30);
});
