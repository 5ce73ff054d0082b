import { expect, test } from 'vitest';
import type { TemplateKind } from '../../ground/model/entities.ts';
import { guideOf, leastOf } from './guide.ts';
import { compartmentsOf } from './template.ts';
import { startOf } from './templates.ts';

const spacesOf = (template: TemplateKind, more = {}) =>
  compartmentsOf({ ...startOf(template), ...more }).map((space, i) => ({ id: String(i), ...space }));

test('like columns and rows are asked once: three lengths for a grid of cubes', () => {
  const steps = guideOf(spacesOf('cubes'));
  expect(steps.map(({ asks }) => asks)).toEqual([
    'Inside width of each of the 3 columns',
    'Inside height of each of the 2 rows',
    'Inside depth of all',
  ]);
  expect(steps.every(({ spaces }) => spaces.length === 6)).toBe(true);
});
test('every inside is told by some step, whatever the kind of place', () => {
  for (const kind of ['composed', 'stairs', 'table', 'chest', 'hooks'] as const) {
    const spaces = spacesOf(kind);
    for (const side of ['width', 'height', 'depth'] as const)
      expect(
        guideOf(spaces)
          .filter((step) => step.side === side)
          .flatMap((step) => step.spaces)
          .sort(),
      ).toEqual(spaces.map(({ id }) => id).sort());
  }
});
test('where they differ each row is asked, from the top', () => {
  const steps = guideOf(spacesOf('bookcase', { columns: 2 }), new Set(['height']));
  expect(steps.map(({ side }) => side)).toEqual(['width', 'height', 'height', 'height', 'height', 'height', 'depth']);
  expect(steps[1]!.asks).toBe('Inside height of shelf A1 and shelf B1');
});
test('of two readings the least counts, and a difference that matters is told', () => {
  expect(leastOf([])).toBeNull();
  expect(leastOf([1215, 1212])).toEqual({ mm: 1212, differs: null });
  expect(leastOf([1215, 1209])).toEqual({ mm: 1209, differs: 6 });
});
