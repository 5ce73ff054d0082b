import { expect, test } from 'vitest';
import { labelOn } from './label-fit.ts';

test('as much as is legible: the name in lines, else the picture, else the code, else nothing', () => {
  expect(labelOn('Felt-tip pens', 'N3', 120, 40)).toEqual({ kind: 'name', size: 13, lines: ['Felt-tip pens'] });
  expect(labelOn('Felt-tip pens', 'N3', 60, 40)).toMatchObject({ kind: 'name', lines: ['Felt-tip', 'pens'] });
  expect(labelOn('Felt-tip pens', 'N3', 30, 40)).toEqual({ kind: 'picture', side: 30 });
  expect(labelOn('Felt-tip pens', 'N3', 30, 12)).toMatchObject({ kind: 'code' });
  expect(labelOn('Felt-tip pens', 'N103', 14, 6)).toEqual({ kind: 'none' });
});
test('no letter is smaller than can be read, and no line wider than the face', () => {
  for (let width = 10; width < 200; width += 7)
    for (let height = 6; height < 80; height += 5) {
      const label = labelOn('Magnets for crafts and boards', 'N101', width, height);
      if (label.kind === 'name' || label.kind === 'code') expect(label.size).toBeGreaterThanOrEqual(9);
      if (label.kind === 'name')
        for (const line of label.lines) expect(line.length * label.size * 0.56).toBeLessThanOrEqual(width);
    }
});
