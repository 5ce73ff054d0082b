import { expect, test } from 'vitest';
import fc from 'fast-check';
import { Random } from '../../../ground/engine/random.ts';
import { reduceBlocking } from './reduce-blocking.ts';
import { blockingCostOf } from '../blocking-cost.ts';
import type { FitPlacement, FitProblem } from '../../../ground/problems/fit-problem.ts';
import { positionedBoxesOf, type Placement3d } from '../placement.ts';
import { checkPlaced } from '../testing/check.ts';
import { putByChance, shelves } from '../testing/shelves.ts';

function placed(of: FitProblem, puts: readonly Placement3d[]): FitPlacement[] {
  const numbers = of.containers.map(() => 0);
  return puts.map(({ type, ...at }) => ({ id: of.containers[type]!.id, n: numbers[type]!++, ...at }));
}
const digging = (of: FitProblem, puts: readonly Placement3d[]) =>
  blockingCostOf(positionedBoxesOf(of, puts), of.compartment.access);
const types = (puts: readonly Placement3d[]) => puts.map(({ type }) => type).sort((a, b) => a - b);

test('columns and what stands on them keep every rule, turned or not', () => {
  fc.assert(
    fc.property(shelves, fc.integer({ min: 1, max: 1e6 }), (of, seed) => {
      checkPlaced(of, placed(of, putByChance(of, new Random(seed))));
    }),
    { numRuns: 200 },
  );
});

test('the same containers, by the rules, and never more to be moved than before', () => {
  let better = 0;
  fc.assert(
    fc.property(shelves, fc.integer({ min: 1, max: 1e6 }), (of, seed) => {
      const before = putByChance(of, new Random(seed));
      const after = reduceBlocking(of, before);
      expect(types(after)).toEqual(types(before));
      checkPlaced(of, placed(of, after));
      expect(digging(of, after)).toBeLessThanOrEqual(digging(of, before));
      if (digging(of, after) < digging(of, before)) better++;
    }),
    { numRuns: 200 },
  );
  expect(better).toBeGreaterThan(20);
});

test('of two alike the one that is used more comes to the front', () => {
  const box = { width: 100, depth: 100, height: 50, turnable: false, stackable: false, count: 1, value: 1 };
  const of: FitProblem = {
    format: 'stube-fit/1',
    compartment: { width: 100, depth: 200, height: 100, access: 'front' },
    containers: [
      { ...box, id: 'seldom', uses: 1 },
      { ...box, id: 'often', uses: 8 },
    ],
    timeMs: 100,
  };
  const put = (type: number, y: number): Placement3d => ({ type, x: 0, y, z: 0, turned: false });
  const after = reduceBlocking(of, [put(0, 0), put(1, 100)]);
  expect(after.find(({ type }) => type === 1)!.y).toBe(0);
  expect(digging(of, after)).toBe(1);
});
