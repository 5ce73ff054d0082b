import { describe, expect, test } from 'vitest';
import fc from 'fast-check';
import { compartmentsOf, outlineOf, shapeProblems } from './template.ts';
import { startOf, TEMPLATES } from './templates.ts';
import type { TemplateKind, UnitShape } from '../../ground/model/entities.ts';

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
  slope: fc.constant(null),
  layout: fc.constant(TEMPLATES.composed.start.layout!),
});

describe('compartmentsOf', () => {
  test('a cube shelf of 3 by 2 has six equal cubes whose boards and insides add up to the outside', () => {
    const shape: UnitShape = startOf('cubes');
    const spaces = compartmentsOf(shape);
    expect(spaces.map((s) => s.name)).toEqual(['cube A1', 'cube B1', 'cube C1', 'cube A2', 'cube B2', 'cube C2']);
    expect(3 * spaces[0]!.width + 4 * shape.board).toBeLessThanOrEqual(shape.width);
    expect(3 * spaces[0]!.width + 4 * shape.board).toBeGreaterThan(shape.width - 3);
    expect(spaces[5]!.floor).toBe(18);
  });

  test('every compartment lies inside its unit and none overlaps another', () => {
    let whole = 0;
    fc.assert(
      fc.property(shapes, (shape) => {
        if (shapeProblems(shape).length) return;
        whole++;
        const spaces = compartmentsOf(shape);
        const composed = shape.template === 'composed';
        const isTop = (name: string) => ['table top', 'desk top'].includes(name);
        expect(spaces).toHaveLength(
          composed ? 5 : shape.rows * shape.columns + (TEMPLATES[shape.template].worktop ? 1 : 0),
        );
        expect(new Set(spaces.map(({ name }) => name)).size).toBe(spaces.length);
        spaces.forEach((a, i) => {
          expect(Math.min(a.x, a.z)).toBeGreaterThanOrEqual(0);
          expect(a.x + a.width).toBeLessThanOrEqual(shape.width);
          if (!isTop(a.name)) expect(a.z + a.height).toBeLessThanOrEqual(shape.height);
          expect(a.depth).toBeLessThanOrEqual(shape.depth);
          for (const b of spaces.slice(i + 1))
            expect(a.x < b.x + b.width && b.x < a.x + a.width && a.z < b.z + b.height && b.z < a.z + a.height).toBe(
              false,
            );
        });
      }),
    );
    expect(whole).toBeGreaterThan(20);
  });

  test('measures that leave no room are named at their field', () => {
    expect(shapeProblems({ ...startOf('cubes'), columns: 12, width: 400 })[0]?.field).toBe('columns');
    expect(() => compartmentsOf({ ...startOf('chest'), rows: 20 })).toThrow(/rows/);
  });

  const sizes = (shape: UnitShape) =>
    Object.fromEntries(compartmentsOf(shape).map(({ name, width, height, floor }) => [name, [width, height, floor]]));

  test('a front of one’s own: columns and parts as told, the last of each takes what is left', () =>
    // 1600 = 3 boards of 18 + 760 + 786; a drawer loses its runners (26 a side) and 45 of its height.
    expect(sizes(startOf('composed'))).toEqual({
      'open part A1': [760, 300, 60 + 1200 - 18 - 300],
      'drawer A2': [708, 115, 60 + 1200 - 18 - 300 - 18 - 160 + 15],
      'behind door A3': [760, 1200 - 4 * 18 - 460, 60 + 18],
      'open part B1': [786, 420, 60 + 1200 - 18 - 420],
      'open part B2': [786, 1200 - 3 * 18 - 420, 60 + 18],
    }));
  test('a stepped outline: a lower column ends lower, its upright belongs to the higher one', () => {
    const { layout, ...start } = startOf('composed');
    const [first, last] = layout!;
    const shape: UnitShape = { ...start, layout: [first!, { ...last!, high: 800 }] };
    expect(sizes(shape)).toMatchObject({
      'open part A1': [760, 300, 60 + 1200 - 18 - 300],
      'open part B1': [786, 420, 60 + 800 - 18 - 420],
      'open part B2': [786, 800 - 3 * 18 - 420, 60 + 18],
    });
    expect(outlineOf(shape)).toEqual([
      { x: 0, z: 1200 },
      { x: 18 + 760 + 18, z: 1200 },
      { x: 18 + 760 + 18, z: 800 },
      { x: 1600, z: 800 },
    ]);
    expect(shapeProblems({ ...shape, layout: [{ ...first!, high: 1300 }, last!] })[0]?.field).toBe('layout');
  });
  test('under stairs each bay is as high as its lower end', () => {
    const shape: UnitShape = { ...startOf('stairs'), width: 2000, height: 1600, slope: 400, columns: 2, board: 20 };
    // Right end of the first bay at 990 + … of 2000: 1600 − 0.6 × x, less the board above and that beneath.
    expect(sizes(shape)).toEqual({ 'bay 1': [970, 966, 20], 'bay 2': [970, 372, 20] });
    expect(shapeProblems({ ...shape, slope: 1700 })[0]?.field).toBe('slope');
  });
  test('shelves on rails are as wide as their boards, hooks share their board, a table has its top', () => {
    expect(sizes(startOf('rails'))['shelf 4']).toEqual([1200, 332, 718]);
    expect(compartmentsOf(startOf('hooks'))).toHaveLength(6);
    expect(compartmentsOf(startOf('hooks')).every(({ hangs, width }) => hangs && width === 150)).toBe(true);
    expect(sizes(startOf('table'))['table top']).toEqual([1400, 400, 720]);
  });
});

test('a desk has drawers at its ends and nothing where the legs go', () => {
  const spaces = compartmentsOf({ ...startOf('desk'), columns: 2 });
  expect(spaces.map(({ name }) => name)).toEqual([
    ...['drawer A1', 'drawer B1', 'drawer A2', 'drawer B2', 'drawer A3', 'drawer B3'],
    'desk top',
  ]);
  const right = Math.max(...spaces.filter(({ x, drawer }) => drawer && x < 700).map(({ x, width }) => x + width));
  const left = Math.min(...spaces.filter(({ x, drawer }) => drawer && x > 700).map(({ x }) => x));
  expect(left - right).toBeGreaterThan(550);
});

test('one drawer is as large as it is inside', () => {
  expect(compartmentsOf({ ...startOf('drawer'), width: 352, height: 96, depth: 431 })).toMatchObject([
    { name: 'inside', width: 352, height: 96, depth: 431, floor: 700, drawer: true, access: 'top' },
  ]);
});
