/** Containers and places chosen together: valid, priced right, bounded, and no worse than choosing first. */
import { describe, expect, test } from 'vitest';
import { solveDepth } from '../../placement/depth/solve.ts';
import { togetherOf } from './open.ts';
import { readPlanProblem } from './read.ts';
import { solveTogether } from './solve.ts';
import { checkPlan } from './testing/check-plan.ts';
import { planProblem } from './testing/plan-problems.ts';
import type { OpenPlanProblem } from './problem.ts';

const solve = (problem: OpenPlanProblem, iterations: number, seed = 1) =>
  solveTogether(togetherOf(problem), { iterations, seed });

test.each([1, 2, 3, 4, 5, 6])(
  'a plan keeps every rule, costs what it says, and no less than is proven (%i)',
  (seed) => {
    const problem = planProblem(4 + 3 * seed, seed);
    const answer = solve(problem, 20, seed);
    const { problems, cost } = checkPlan(problem, answer);
    expect(problems).toEqual([]);
    expect(answer.cost).toBeCloseTo(cost, 3);
    expect(answer.bound).toBeLessThanOrEqual(answer.cost + 1e-6);
    expect(answer.bound).toBeGreaterThan(0);
  },
);
test.each([3, 7])(
  'with one option each it is the placing of bins: no more is left out, and it costs no more (%i)',
  (seed) => {
    const problem = planProblem(6, seed);
    const needs = problem.needs.map((need) => ({ ...need, family: null, options: need.options.slice(0, 1) }));
    const one = { ...problem, needs, weights: { perPrice: 0, perKind: 0, familySpread: 0 } };
    const placed = solveDepth(
      { ...one, format: 'stube-place/2', bins: togetherOf(one).needs.flatMap(({ ways }) => ways[0]!.bins) },
      { iterations: 60 },
    );
    const answer = solve(one, 400);
    expect(answer.unplaced.length).toBeLessThanOrEqual(placed.unplaced.length);
    expect(answer.cost).toBeLessThanOrEqual(placed.effort * 1.03);
  },
);
describe('a small room', () => {
  const problem = planProblem(3, 1);
  const type = (id: string, height: number, price: number, owned = 0) => ({
    ...{ id, width: 280, depth: 300, height, turnable: false, stackable: true, lid: true, mass: 500, price, owned },
  });
  const space = { ...problem.compartments[0]!, width: 320, depth: 320, height: 340, access: 'front' as const };
  const open = { door: false, drawer: false, locked: false, sunlit: false, onView: false, maxLoad: 50_000 };
  const room = (more: Partial<OpenPlanProblem>): OpenPlanProblem => ({
    ...problem,
    growth: 0,
    compartments: [{ ...space, ...open, floor: 700 }],
    weights: { perPrice: 0.01, perKind: 10, familySpread: 0 },
    ...more,
  });
  const rules = { hazard: false, childReach: false, lightSensitive: false, view: null, family: null };
  const need = (id: string, ...options: [string, number][]) => ({
    id,
    ...rules,
    zone: problem.zones[0]!.id,
    uses: [{ person: 'tall', perWeek: 1 }],
    options: options.map(([of, count]) => ({ type: of, masses: Array.from({ length: count }, () => 1000) })),
  });
  test('a container that is cheap and too high for the place is not chosen, and what is bought is paid', () => {
    const answer = solve(
      room({ types: [type('high', 400, 10), type('low', 150, 900)], needs: [need('n', ['high', 1], ['low', 2])] }),
      20,
    );
    expect(answer.chosen).toEqual([{ need: 'n', option: 1 }]);
    expect(answer.placed.map(({ z }) => z).sort()).toEqual([0, 150]);
    expect(answer.cost).toBeGreaterThan(28);
  });
  test('what is owned is shared, and no more than there is', () => {
    const answer = solve(
      room({
        types: [type('owned', 100, 5000, 1), type('cheap', 100, 100)],
        needs: [need('a', ['owned', 1], ['cheap', 1]), need('b', ['owned', 1], ['cheap', 1])],
      }),
      40,
    );
    expect(answer.chosen.map(({ option }) => option).sort()).toEqual([0, 1]);
  });
  test('what is left out counts by the share of its need', () => {
    const answer = solve(room({ types: [type('low', 150, 0)], needs: [need('n', ['low', 4])] }), 20);
    expect(answer.unplaced).toHaveLength(2);
    expect(answer.cost).toBeGreaterThan(1800);
    expect(answer.cost).toBeLessThan(1900);
  });
});
test.each([
  [{ format: 'stube-place/2' }, 'format: must be "stube-plan/1"'],
  [{ types: [] }, 'needs[0].options[0].type: "'],
  [{ weights: {} }, 'weights.perPrice: must be a number'],
  [{ needs: [{ ...planProblem(3, 1).needs[0], options: [] }] }, 'needs[0].options: must have at least one'],
  [{ needs: [{ ...planProblem(3, 1).needs[0], zone: 'x' }] }, 'needs[0].zone: "x" is none of the zones'],
])('a wrong field is named: %#', (wrong, message) =>
  expect(() => readPlanProblem({ ...planProblem(3, 1), ...wrong })).toThrow(message),
);
