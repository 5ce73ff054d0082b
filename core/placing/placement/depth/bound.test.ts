import fc from 'fast-check';
import { expect, test } from 'vitest';
import { Random } from '../../../ground/engine/random.ts';
import { runToEnd } from '../../../ground/engine/run-to-end.ts';
import { UNPLACED } from '../../../ground/problems/place-problem.ts';
import { checkDepth } from '../testing/check-depth.ts';
import { depthProblem } from '../testing/depth-problems.ts';
import { DepthBound } from './bound.ts';
import { cheapestSum, compileDepth } from './compiled.ts';
import type { DepthPosition, DepthProblem } from './problem.ts';
import { solveDepth } from './solve.ts';

/** Two narrow compartments for which a few bins compete. */
function tiny(seed: number): DepthProblem {
  const random = new Random(seed);
  const pick = <T>(list: readonly T[]): T => list[random.below(list.length)]!;
  const problem = depthProblem(2, seed);
  const compartments = problem.compartments.map((space, i) => ({
    ...space,
    unit: `u${i}`,
    width: pick([230, 340]),
    depth: pick([160, 310]),
    height: 280,
    access: pick(['front', 'front', 'top'] as const),
    locked: false,
    floor: pick([100, 700, 1200]),
  }));
  const bins = Array.from({ length: 3 }, (_, i) => ({
    ...problem.bins[0]!,
    id: `b${i}`,
    ...pick([
      { width: 100, depth: 150, height: 120, mass: 500 },
      { width: 200, depth: 140, height: 100, mass: 900 },
      { width: 110, depth: 290, height: 130, mass: 700 },
    ]),
    lid: false,
    uses: [{ person: pick(['tall', 'short', 'big']), perWeek: pick([0.5, 3, 9]) }],
    group: random.next() < 0.4 ? 'g' : null,
    hazard: false,
    view: null,
    lightSensitive: false,
    turnable: random.next() < 0.5,
    stackable: random.next() < 0.8,
  }));
  return { ...problem, compartments, bins };
}

/** The least effort of all plans whose boxes touch a wall, a neighbour or what they stand on. */
function leastOfAll(problem: DepthProblem): number {
  let least = Infinity;
  const place = (placed: DepthPosition[], left: number[]) => {
    const unplaced = problem.bins.filter((_, i) => left.includes(i)).map(({ id }) => id);
    const answer = { format: 'stube-place-answer/2' as const, placed, unplaced, effort: 0, bound: 0, optimal: false };
    const { problems, effort } = checkDepth(problem, answer);
    if (problems.some((text) => !text.includes('child would have to dig'))) return;
    if (!problems.length) least = Math.min(least, effort);
    if (effort - UNPLACED * left.length >= least) return;
    for (const i of left) {
      const bin = problem.bins[i]!;
      for (const { id: compartment, width, depth } of problem.compartments)
        for (const turned of bin.turnable ? [false, true] : [false]) {
          const [wide, deep] = turned ? [bin.depth, bin.width] : [bin.width, bin.depth];
          const there = placed.filter((put) => put.compartment === compartment);
          const ends = there.map((put) => {
            const other = problem.bins.find(({ id }) => id === put.bin)!;
            const [w, d] = put.turned ? [other.depth, other.width] : [other.width, other.depth];
            return { x: put.x + w, y: put.y + d, z: put.z + other.height, left: put.x, near: put.y };
          });
          const xs = [0, ...ends.flatMap(({ x, left: at }) => [x, at])].filter((x) => x + wide <= width);
          const ys = [0, ...ends.flatMap(({ y, near }) => [y, near])].filter((y) => y + deep <= depth);
          for (const x of new Set(xs))
            for (const y of new Set(ys))
              for (const z of new Set([0, ...ends.map((end) => end.z)]))
                place(
                  [...placed, { bin: bin.id, compartment, x, y, z, turned }],
                  left.filter((other) => other !== i),
                );
        }
    }
  };
  place(
    [],
    problem.bins.map((_, i) => i),
  );
  return least;
}

test('no plan of all there are is below the bound, and the search finds the least nearly always', () => {
  let proven = 0;
  let found = 0;
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 100_000 }), (seed) => {
      const problem = tiny(seed);
      const least = leastOfAll(problem);
      const bound = new DepthBound(runToEnd(compileDepth(problem)));
      for (let round = 0; round < 60; round++) bound.round(least);
      expect(bound.best).toBeLessThanOrEqual(least + 1e-6);
      const answer = solveDepth(problem, { iterations: 100 });
      expect(answer.effort).toBeGreaterThan(least - 1e-3);
      if (answer.effort < least + 1e-3) found++;
      if (answer.optimal) proven++;
    }),
    { numRuns: 40 },
  );
  expect(found).toBeGreaterThan(36);
  expect(proven).toBeGreaterThan(5);
}, 120_000);

test('what a front has no room for costs something: the bound is above the sum of the cheapest places', () => {
  const problem = depthProblem(12, 3);
  const place = runToEnd(compileDepth(problem));
  const cheapest = cheapestSum(problem);
  const bound = new DepthBound(place);
  const { effort } = solveDepth(problem, { iterations: 60 });
  for (let round = 0; round < 100; round++) bound.round(effort);
  expect(bound.best).toBeGreaterThan(1.02 * cheapest);
  expect(bound.best).toBeLessThanOrEqual(effort);
});

test('what stays where it stands is in the bound, also where it breaks a rule', () => {
  const problem = depthProblem(4, 7);
  const bin = problem.bins.find(({ hazard }) => !hazard)!;
  const floor = problem.compartments[0]!;
  // Far above anybody's reach.
  const high = { ...floor, id: 'high', floor: 2600, locked: false };
  const fixed = [{ bin: bin.id, compartment: 'high', x: 0, y: 0, z: 0, turned: false }];
  const answer = solveDepth({ ...problem, compartments: [...problem.compartments, high] }, { iterations: 10, fixed });
  expect(answer.placed).toContainEqual(fixed[0]);
  expect(answer.bound).toBeGreaterThan(0);
  expect(answer.bound).toBeLessThan(answer.effort);
  expect(answer.optimal).toBe(false);
});
