import { expect, test } from 'vitest';
import fc from 'fast-check';
import type { FitContainer, FitProblem } from '../../../ground/problems/fit-problem.ts';
import { StackCapacity } from './stack-capacity.ts';

const box = (id: string, more: Partial<FitContainer>): FitContainer => ({
  id,
  width: 100,
  depth: 100,
  height: 50,
  turnable: false,
  stackable: true,
  count: 1,
  value: 1,
  uses: 0,
  ...more,
});
const shelf = (height: number, containers: FitContainer[]): FitProblem => ({
  format: 'stube-fit/1',
  compartment: { width: 500, depth: 300, height, access: 'front' },
  containers,
  timeMs: 100,
});
const weighed = (problem: FitProblem, weights: number[]): StackCapacity => {
  const tops = new StackCapacity(problem);
  tops.weigh(Float64Array.from(weights));
  return tops;
};

test('a tower is as high as the room, and what stands on top of it may carry nothing', () => {
  const problem = shelf(200, [box('a', { count: 9 }), box('b', { stackable: false, height: 30 })]);
  // Two more of a on the first and b on those: 50 + 50 + 50 + 30.
  const tops = weighed(problem, [2, 7]);
  expect(tops.most(0)).toBe(2 + 2 + 7);
  const contents = new Float64Array(2);
  tops.addContents(0, contents);
  expect(Array.from(contents)).toEqual([2, 1]);
  expect(tops.most(1)).toBe(0);
});

test('two stand on one top when they fit beside each other, turned if they may be', () => {
  const small = { width: 60, depth: 90, stackable: false, count: 2 };
  const below = box('below', { width: 180, depth: 60, count: 1 });
  expect(weighed(shelf(100, [below, box('a', { ...small, turnable: true })]), [0, 5]).most(0)).toBe(10);
  expect(weighed(shelf(100, [below, box('a', small)]), [0, 5]).most(0)).toBe(0);
  const wide = box('wide', { width: 120, depth: 60, stackable: false });
  // By area both would fit, side by side they do not.
  expect(weighed(shelf(100, [below, wide, box('b', { width: 70, depth: 60 })]), [0, 4, 3]).most(0)).toBe(4);
});

test('what may not be turned stands on what may be, turned under it', () => {
  const below = box('below', { width: 80, depth: 150, turnable: true });
  const across = box('across', { width: 140, depth: 70, stackable: false });
  const half = box('half', { width: 70, depth: 70, stackable: false, count: 2 });
  expect(weighed(shelf(100, [below, across, half]), [0, 5, 3]).most(0)).toBe(6);
  expect(weighed(shelf(100, [below, across]), [0, 5]).most(0)).toBe(5);
  expect(weighed(shelf(100, [{ ...below, turnable: false }, across]), [0, 5]).most(0)).toBe(0);
});

test('what weighs nothing or less is left away, but stands where it carries more', () => {
  const chain = [box('a', {}), box('b', { width: 90 }), box('c', { width: 80, depth: 95, stackable: false })];
  expect(weighed(shelf(150, chain), [0, -3, 5]).most(0)).toBe(5);
  const onlyOnB = [
    box('a', { height: 100 }),
    box('b', { height: 20, width: 90 }),
    box('c', { height: 30, width: 120 }),
  ];
  expect(weighed(shelf(150, onlyOnB), [0, -3, 5]).most(0)).toBe(0);
});

const containers = fc.array(
  fc.record({
    width: fc.integer({ min: 20, max: 90 }),
    depth: fc.integer({ min: 20, max: 90 }),
    height: fc.integer({ min: 3, max: 40 }),
    turnable: fc.boolean(),
    stackable: fc.boolean(),
    count: fc.integer({ min: 1, max: 2 }),
  }),
  { minLength: 2, maxLength: 4 },
);

/** One on another, each the widest way it fits: what a single tower of that base can weigh. */
function highestTower(problem: FitProblem, base: number, room: number, weights: readonly number[]): number {
  const top = problem.containers[base]!;
  if (!top.stackable) return 0;
  return problem.containers.reduce((best, container, i) => {
    const stands =
      (container.width <= top.width && container.depth <= top.depth) ||
      ((container.turnable || top.turnable) && container.depth <= top.width && container.width <= top.depth);
    if (!stands || container.height > room || (i === base && container.count < 2)) return best;
    return Math.max(best, weights[i]! + highestTower(problem, i, room - container.height, weights));
  }, 0);
}

test('no tower weighs more, and a lower room never allows more, however many tops there are', () => {
  fc.assert(
    fc.property(
      containers,
      fc.array(fc.integer({ min: -5, max: 30 }), { minLength: 4, maxLength: 4 }),
      (list, weights) => {
        const of = (height: number) =>
          shelf(
            height,
            list.map((one, i) => box(`c${i}`, one)),
          );
        const [high, low] = [weighed(of(120), weights), weighed(of(70), weights)];
        list.forEach((one, base) => {
          expect(high.most(base)).toBeGreaterThanOrEqual(highestTower(of(120), base, 120 - one.height, weights) - 1e-9);
          expect(high.most(base)).toBeGreaterThanOrEqual(low.most(base) - 1e-9);
        });
      },
    ),
    { numRuns: 150 },
  );
});

test('of very many low containers the tops stay few, and still no tower weighs more', () => {
  const list = Array.from({ length: 40 }, (_, i) =>
    box(`c${i}`, { width: 60 + i, depth: 140 - i, height: 11 + ((i * 7) % 23), count: 3 }),
  );
  const problem = shelf(300, list);
  const weights = list.map((_, i) => 1 + (i % 5));
  const tops = weighed(problem, weights);
  expect(tops.size).toBeLessThan(1500);
  const plain = weighed(shelf(60, list), weights);
  for (let base = 0; base < 40; base += 7)
    expect(plain.most(base)).toBeGreaterThanOrEqual(
      highestTower(shelf(60, list), base, 60 - list[base]!.height, weights),
    );
});
