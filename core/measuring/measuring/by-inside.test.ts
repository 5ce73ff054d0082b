import fc from 'fast-check';
import { expect, test } from 'vitest';
import { isAlike, outsideOf, readAlike } from './by-inside.ts';
import { compartmentsOf } from './template.ts';
import { startOf, TEMPLATES } from './templates.ts';
import type { TemplateKind } from '../../ground/model/entities.ts';

const side = fc.integer({ min: 60, max: 500 });

test('what is told of one inside is the inside of every compartment', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...(Object.keys(TEMPLATES) as TemplateKind[]).filter(isAlike)),
      fc.record({ width: side, height: side, depth: side }),
      fc.integer({ min: 1, max: 5 }),
      fc.integer({ min: 1, max: 4 }),
      fc.integer({ min: 3, max: 30 }),
      (template, inside, columns, rows, board) => {
        const grid = { ...startOf(template), columns, rows, board };
        const spaces = compartmentsOf({ ...grid, ...outsideOf(grid, inside) });
        expect(spaces).toHaveLength(columns * rows);
        for (const { width, height, depth } of spaces) expect({ width, height, depth }).toEqual(inside);
      },
    ),
  );
});

const CUBE = { width: 330, height: 330, depth: 380 };
test.each([
  ['5 × 2 cubes of 33 × 33 × 38', 'metric', 5, 2, CUBE],
  ['5x2 of 33x33x38 cm', 'metric', 5, 2, CUBE],
  ['4 by 4, 330 x 330 x 380 mm', 'metric', 4, 4, CUBE],
  ['3 x 2 cubes: 13 x 13 x 15', 'imperial', 3, 2, { width: 330, height: 330, depth: 381 }],
  ['3 by 2 cubbies of 13 in by 13 in by 15 in inside', 'metric', 3, 2, { width: 330, height: 330, depth: 381 }],
] as const)('%s', (text, system, columns, rows, inside) => {
  expect(readAlike(text, system)).toEqual({ columns, rows, inside });
});

test.each(['', '5 cubes', '5 × 2 cubes', '5 × 2 cubes of 33 × 33', 'of 33 × 33 × 38', '5 × 2 cubes of a × b × c'])(
  '%s says too little',
  (text) => {
    expect(readAlike(text, 'metric')).toBeNull();
  },
);
