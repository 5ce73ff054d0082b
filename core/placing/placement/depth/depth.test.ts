import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { FormatError } from '../../../ground/engine/problem-format.ts';
import { readDepthProblem } from '../read.ts';
import { checkDepth } from '../testing/check-depth.ts';
import { depthProblem } from '../testing/depth-problems.ts';
import type { DepthBin, DepthPosition, DepthProblem } from './problem.ts';
import { CARRIED, depthSteps, solveDepth } from './solve.ts';

const shelf = {
  id: 'c',
  unit: 'u',
  floor: 900,
  width: 500,
  depth: 300,
  height: 320,
  access: 'front' as const,
  door: false,
  drawer: false,
  locked: false,
  sunlit: false,
  onView: true,
  maxLoad: 20_000,
  walk: { z: 2 },
};
const bin = (id: string, more: Partial<DepthBin> = {}): DepthBin => ({
  id,
  width: 200,
  depth: 280,
  height: 140,
  mass: 1000,
  lid: false,
  zone: 'z',
  uses: [{ person: 'p', perWeek: 1 }],
  group: null,
  hazard: false,
  childReach: false,
  lightSensitive: false,
  view: null,
  turnable: false,
  stackable: true,
  ...more,
});
const room = (bins: DepthBin[], more: Partial<DepthProblem> = {}): DepthProblem => ({
  format: 'stube-place/2',
  people: [
    { id: 'p', kind: 'adult', stature: 1700 },
    { id: 'k', kind: 'child', stature: 1200 },
  ],
  zones: [{ id: 'z' }],
  compartments: [shelf],
  bins,
  growth: 0,
  timeMs: 100,
  ...more,
});
const solve = (problem: DepthProblem, iterations = 60) => {
  const answer = solveDepth(problem, { iterations });
  const { problems, effort } = checkDepth(problem, answer);
  expect(problems).toEqual([]);
  expect(answer.effort).toBeCloseTo(effort, 3);
  expect(answer.bound).toBeLessThanOrEqual(answer.effort + 1e-6);
  return answer;
};
const at = (answer: ReturnType<typeof solve>, id: string) => answer.placed.find((put) => put.bin === id)!;

describe('small rooms that are reckoned by hand', () => {
  test('four boxes where two stand side by side: two are stacked, the often used ones on top', () => {
    const answer = solve(
      room(['a', 'b', 'c', 'd'].map((id, i) => bin(id, { uses: [{ person: 'p', perWeek: i < 2 ? 8 : 1 }] }))),
    );
    expect(answer.unplaced).toEqual([]);
    expect([at(answer, 'a').z, at(answer, 'b').z]).toEqual([140, 140]);
    // 2 m of walk, 0.83 s each, there and back; the two below have one to be moved, 4 s, there and back.
    expect(answer.effort).toBeCloseTo(18 * 2 * 2 * 0.83 + 2 * 2 * 4, 6);
    expect(answer.optimal).toBe(false);
  });
  test('what a child uses has nothing on it and nothing before it', () => {
    const theirs = bin('theirs', { uses: [{ person: 'k', perWeek: 1 }], childReach: true });
    const low = { ...shelf, floor: 300 };
    const answer = solve(room([theirs, bin('a'), bin('b'), bin('c')], { compartments: [low] }));
    expect(answer.unplaced).toEqual([]);
    expect(at(answer, 'theirs').z).toBe(140);
  });
  test('a heavy one is never on a light one, and nothing is stacked on what does not bear it', () => {
    const heavy = solve(
      room([bin('light', { mass: 500 }), bin('heavy', { mass: 3000 })], { compartments: [{ ...shelf, width: 210 }] }),
    );
    expect([at(heavy, 'heavy').z, at(heavy, 'light').z]).toEqual([0, 140]);
    const soft = solve(
      room([bin('a', { stackable: false }), bin('b', { stackable: false })], {
        compartments: [{ ...shelf, width: 210 }],
      }),
    );
    expect(soft.unplaced).toHaveLength(1);
  });
  test('two rows deep, the seldom used behind', () => {
    const deep = { ...shelf, width: 210, depth: 600, height: 165 };
    const answer = solve(
      room(
        [
          bin('often', { uses: [{ person: 'p', perWeek: 7 }] }),
          bin('seldom', { uses: [{ person: 'p', perWeek: 0.2 }] }),
        ],
        { compartments: [deep] },
      ),
    );
    expect(at(answer, 'often').y).toBeLessThan(at(answer, 'seldom').y);
  });
  test('no bins, or no compartments', () => {
    expect(solve(room([]))).toMatchObject({ placed: [], effort: 0, optimal: true });
    expect(solve(room([bin('a')], { compartments: [] }))).toMatchObject({
      unplaced: ['a'],
      effort: 3600,
      optimal: true,
    });
  });
});

describe('any room', () => {
  test('every rule holds, the effort is what it says, and the bound is below', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 8 }), fc.integer({ min: 0, max: 500 }), (compartments, seed) => {
        solve(depthProblem(compartments, seed), 25);
      }),
      { numRuns: 25 },
    );
  }, 120_000);
  test('a room that has a place for each is filled', () => {
    expect(solve(depthProblem(12, 3), 150).unplaced).toEqual([]);
  });
  test('more time is never worse, and the same seed is the same plan', () => {
    const problem = depthProblem(8, 5);
    const efforts: number[] = [];
    for (const { effort } of depthSteps(problem, { iterations: 40 })) efforts.push(effort);
    for (let i = 1; i < efforts.length; i++) expect(efforts[i]!).toBeLessThanOrEqual(efforts[i - 1]! + 1e-6);
    expect(solveDepth(problem, { iterations: 30 })).toEqual(solveDepth(problem, { iterations: 30 }));
  });
});

describe('from what stands', () => {
  const stay = (bin: string, x: number, more: Partial<DepthPosition> = {}): DepthPosition => ({
    bin,
    compartment: 'c',
    x,
    y: 0,
    z: 0,
    turned: false,
    ...more,
  });
  test('what is well placed is not touched, not even shifted along its board', () => {
    const standing = [stay('a', 7), stay('b', 281, { y: 11 }), stay('c', 7, { z: 140 })];
    const bins = ['a', 'b', 'c'].map((id) => bin(id));
    const answer = solveDepth(room(bins), { iterations: 60, start: standing });
    expect(answer.placed).toEqual(standing);
  });
  test('what would be worth nothing is not carried, what is worth it is', () => {
    const near = { ...shelf, id: 'near', unit: 'v', walk: { z: 1.8 } };
    const problem = (perWeek: number) =>
      room([bin('a', { uses: [{ person: 'p', perWeek }] })], { compartments: [shelf, near] });
    const placed = (perWeek: number) =>
      solveDepth(problem(perWeek), { iterations: 60, start: [stay('a', 7)] }).placed[0]!.compartment;
    // 0.2 m nearer, there and back, 0.83 s each: 0.66 s for each use, against 2 s a week.
    expect([placed(2), placed(8)]).toEqual(['c', 'near']);
  });
  test('beside what is pinned against a rule, the others keep a place all the same', () => {
    const theirs = bin('theirs', { uses: [{ person: 'k', perWeek: 1 }], childReach: true });
    const low = { ...shelf, floor: 300, depth: 600 };
    const answer = solveDepth(room([theirs, bin('before'), bin('other')], { compartments: [low] }), {
      iterations: 20,
      fixed: [stay('theirs', 0, { y: 300 }), stay('before', 0)],
      start: [stay('other', 250)],
    });
    expect(answer.unplaced).toEqual([]);
    expect(answer.placed).toHaveLength(3);
  });
  test('every rule holds, and nothing that has a place loses it', () => {
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 8 }), fc.integer({ min: 0, max: 500 }), (compartments, seed) => {
        const problem = depthProblem(compartments, seed);
        const first = solveDepth(problem, { iterations: 3, seed: 2 });
        const answer = solveDepth(problem, { iterations: 25, start: first.placed });
        const { problems, effort } = checkDepth(problem, answer);
        expect(problems).toEqual([]);
        expect(answer.effort).toBeCloseTo(effort, 3);
        expect(answer.unplaced.length).toBeLessThanOrEqual(first.unplaced.length);
        const left = answer.placed.filter(
          ({ bin, compartment }) => first.placed.find((one) => one.bin === bin)?.compartment !== compartment,
        );
        expect(answer.effort + CARRIED * left.length).toBeLessThanOrEqual(first.effort + 1e-6);
      }),
      { numRuns: 15 },
    );
  }, 120_000);
});

test('a wrong field is named', () => {
  const { turnable: _gone, ...without } = bin('a');
  expect(() => readDepthProblem({ ...room([]), bins: [without] })).toThrow('bins[0].turnable');
  expect(() => readDepthProblem({ ...room([]), format: 'stube-place/1' })).toThrow(/^format: must be "stube-place\/2"/);
  expect(() => readDepthProblem({ ...room([]), growth: 1 })).toThrow('growth: must be less than 1');
  expect(() => readDepthProblem({ ...room([]), bins: [{ id: 'b', zone: 'x' }] })).toThrow(
    'bins[0].zone: "x" is none of the zones',
  );
  expect(readDepthProblem(JSON.parse(JSON.stringify(room([bin('a')]))))).toEqual(room([bin('a')]));
});
test('whatever is read, it is a problem or refused at a field', () => {
  const any = fc.anything();
  const json = { people: any, zones: any, compartments: any, bins: any, growth: any };
  fc.assert(
    fc.property(fc.record({ format: fc.constant('stube-place/2'), ...json }), (json) => {
      try {
        readDepthProblem(json);
      } catch (error) {
        expect(error).toBeInstanceOf(FormatError);
      }
    }),
  );
});
