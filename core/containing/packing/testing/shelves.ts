/** Small shelves of chance, and packings of them that are not the engine's, for property tests. */
import fc from 'fast-check';
import type { Random } from '../../../ground/engine/random.ts';
import { FreeRectangles } from '../search/free-rectangles.ts';
import { expandItems } from '../item-types.ts';
import type { FitProblem } from '../../../ground/problems/fit-problem.ts';
import type { Placement3d } from '../placement.ts';
import { buildColumns, placementsOf, turnedColumn } from '../search/columns.ts';

const side = fc.integer({ min: 30, max: 120 });
const container = fc.record({
  width: side,
  depth: side,
  height: fc.integer({ min: 20, max: 150 }),
  turnable: fc.boolean(),
  stackable: fc.boolean(),
  count: fc.integer({ min: 1, max: 3 }),
  value: fc.integer({ min: 1, max: 60 }),
  uses: fc.integer({ min: 0, max: 9 }),
});
export const shelves = fc.array(container, { minLength: 2, maxLength: 6 }).map((list): FitProblem => ({
  format: 'stube-fit/1',
  compartment: { width: 230, depth: 170, height: 190, access: 'front' },
  containers: list.map((one, t) => ({ id: `c${t}`, ...one })),
  timeMs: 100,
}));

/** Stood on one another and laid in an order of chance. */
export function putByChance(of: FitProblem, random: Random): Placement3d[] {
  const { width, depth, height } = of.compartment;
  const units = expandItems(of.containers.map((container) => container.count)).filter(
    (t) => of.containers[t]!.height <= height,
  );
  const order = units
    .map((t) => ({ t, key: random.next() }))
    .sort((a, b) => a.key - b.key)
    .map(({ t }) => t);
  const columns = buildColumns(
    of,
    order.map((_, i) => i),
    () => random.next() < 0.2,
    order,
    random,
  );
  return new FreeRectangles(width, depth).lay(columns, 'short side').flatMap(({ piece, x, y, turned }) => {
    const column = columns[piece]!;
    return placementsOf(turned ? turnedColumn(column) : column, x, y);
  });
}
