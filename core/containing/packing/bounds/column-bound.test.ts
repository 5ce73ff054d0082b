import { expect, test } from 'vitest';
import fc from 'fast-check';
import { runToEnd } from '../../../ground/engine/run-to-end.ts';
import { Random } from '../../../ground/engine/random.ts';
import { ColumnBound } from './column-bound.ts';
import { ValidInequalities } from './valid-inequalities.ts';
import { enlargeSides } from './enlarge-sides.ts';
import { itemTypesOf } from '../item-types.ts';
import type { FitProblem } from '../../../ground/problems/fit-problem.ts';
import { solveFit } from '../solve.ts';
import { putByChance, shelves } from '../testing/shelves.ts';

const boundOf = (of: FitProblem) =>
  new ColumnBound(of, new ValidInequalities(of.compartment, enlargeSides(itemTypesOf(of.containers), of.compartment)));

/** How many of each type stand in a packing made by chance. */
function packedByChance(of: FitProblem, random: Random): number[] {
  const counts = of.containers.map(() => 0);
  for (const { type } of putByChance(of, random)) counts[type]!++;
  return counts;
}

test('no packing breaks a constraint, whichever choice it was made for', () => {
  let made = 0;
  fc.assert(
    fc.property(shelves, fc.integer({ min: 1, max: 1e6 }), (of, seed) => {
      const random = new Random(seed);
      const bound = boundOf(of);
      const choice = of.containers.map((container) => container.count * random.next());
      for (const taken of [of.containers.map((container) => container.count), choice])
        for (const cut of [bound.maxBroken(taken), runToEnd(bound.sharpest(taken))]) {
          if (!cut) continue;
          made++;
          expect(cut.reduce((sum, one, t) => sum + one * taken[t]!, 0)).toBeGreaterThan(1);
          for (let n = 0; n < 20; n++) {
            const packed = packedByChance(of, random);
            expect(cut.reduce((sum, one, t) => sum + one * packed[t]!, 0)).toBeLessThanOrEqual(1 + 1e-6);
          }
        }
    }),
    { numRuns: 150 },
  );
  expect(made).toBeGreaterThan(100);
});
test('what can only stand on the floor does not count as carried, and what can be carried does', () => {
  const box = { width: 100, depth: 100, height: 90, turnable: false, stackable: true, count: 4, value: 1, uses: 0 };
  const shelf = (height: number): FitProblem => ({
    format: 'stube-fit/1',
    compartment: { width: 200, depth: 100, height, access: 'front' },
    containers: [{ id: 'a', ...box }],
    timeMs: 100,
  });
  expect(boundOf(shelf(180)).maxBroken([4])).toBeNull();
  expect(Array.from(boundOf(shelf(179)).maxBroken([4])!)).toEqual([0.5]);
});

test('what may not be turned counts as carried by what is turned under it', () => {
  const box = { height: 50, count: 1, value: 5, uses: 0 };
  const of: FitProblem = {
    format: 'stube-fit/1',
    compartment: { width: 150, depth: 80, height: 100, access: 'front' },
    containers: [
      { ...box, id: 'below', width: 80, depth: 150, turnable: true, stackable: true },
      { ...box, id: 'across', width: 140, depth: 70, turnable: false, stackable: false },
    ],
    timeMs: 100,
  };
  expect(boundOf(of).maxBroken([1, 1])).toBeNull();
  expect(solveFit(of, { iterations: 60 })).toMatchObject({ value: 10, bound: 10 });
});
