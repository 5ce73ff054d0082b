import { describe, expect, test } from 'vitest';
import fc from 'fast-check';
import { compartmentsOf, shapeProblems, TEMPLATES } from './template.ts';
import type { TemplateKind, UnitShape } from '../model/entities.ts';

const kinds = Object.keys(TEMPLATES) as TemplateKind[];
const shapes = fc.record({
  template: fc.constantFrom(...kinds),
  width: fc.integer({ min: 60, max: 3000 }),
  height: fc.integer({ min: 60, max: 3000 }),
  depth: fc.integer({ min: 60, max: 900 }),
  columns: fc.integer({ min: 1, max: 8 }),
  rows: fc.integer({ min: 1, max: 10 }),
  board: fc.integer({ min: 3, max: 40 }),
  raised: fc.integer({ min: 0, max: 500 }),
});

describe('compartmentsOf', () => {
  test('a cube shelf of 3 by 2 has six equal cubes whose boards and insides add up to the outside', () => {
    const shape: UnitShape = { template: 'cubes', ...TEMPLATES.cubes.start };
    const spaces = compartmentsOf(shape);
    expect(spaces.map((s) => s.name)).toEqual(['cube A1', 'cube B1', 'cube C1', 'cube A2', 'cube B2', 'cube C2']);
    expect(3 * spaces[0]!.width + 4 * shape.board).toBeLessThanOrEqual(shape.width);
    expect(3 * spaces[0]!.width + 4 * shape.board).toBeGreaterThan(shape.width - 3);
    expect(spaces[5]!.floor).toBe(18);
  });

  test('every compartment lies inside its unit and none overlaps another', () => {
    fc.assert(
      fc.property(shapes, (shape) => {
        if (shapeProblems(shape).length) return;
        const spaces = compartmentsOf(shape);
        expect(spaces).toHaveLength(shape.rows * shape.columns);
        spaces.forEach((a, i) => {
          expect(a.x + a.width).toBeLessThanOrEqual(shape.width);
          expect(a.z + a.height).toBeLessThanOrEqual(shape.height);
          expect(a.depth).toBeLessThanOrEqual(shape.depth);
          for (const b of spaces.slice(i + 1))
            expect(a.x < b.x + b.width && b.x < a.x + a.width && a.z < b.z + b.height && b.z < a.z + a.height).toBe(
              false,
            );
        });
      }),
    );
  });

  test('measures that leave no room are named at their field', () => {
    expect(shapeProblems({ template: 'cubes', ...TEMPLATES.cubes.start, columns: 12, width: 400 })[0]?.field).toBe(
      'columns',
    );
    expect(() => compartmentsOf({ template: 'chest', ...TEMPLATES.chest.start, rows: 20 })).toThrow(/rows/);
  });
});
