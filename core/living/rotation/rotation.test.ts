import { beforeAll, describe, expect, test } from 'vitest';
import { isBroken, loadSolver, type SolveProgram } from '../../ground/engine/mixed-integer.ts';
import { readRotateProblem } from './read.ts';
import { rotateSteps } from './solve.ts';
import { mostOfAll, valueOfPlan } from './testing/check.ts';
import { rotateProblem } from './testing/problems.ts';
import { rotateWith } from './with-solver.ts';
import type { RotateAnswer, RotateProblem } from './problem.ts';

let solve: SolveProgram;
beforeAll(async () => {
  solve = await loadSolver();
});
function search(problem: RotateProblem, rounds = 600): RotateAnswer {
  const steps = rotateSteps(problem, { rounds });
  let step = steps.next();
  while (!step.done) step = steps.next();
  return step.value;
}
/** What is proven ends at once: the limit is there for machines that are busy. */
const UNHURRIED = { timeMs: 10_000 };
const SMALL = { weeks: 3, slots: 2, things: 3, children: 2, areas: 2 };
const SHELF = { weeks: 6, slots: 6, things: 16, children: 3, areas: 4 };

test.each(Array.from({ length: 40 }, (_, i) => i))(
  'small problem %i: nothing tried has more than the solver finds, and the bounds hold',
  (seed) => {
    const problem = { ...rotateProblem(seed, SMALL), ...UNHURRIED };
    const most = mostOfAll(problem);
    const answer = rotateWith(problem, solve, () => performance.now());
    expect(answer.value).toBeCloseTo(most, 5);
    expect(answer.optimal).toBe(true);
    expect(valueOfPlan(problem, answer.plan)).toBeCloseTo(answer.value, 6);
    const alone = search(problem);
    expect(valueOfPlan(problem, alone.plan)).toBeCloseTo(alone.value, 6);
    expect(alone.value).toBeLessThanOrEqual(most + 1e-6);
    expect(alone.bound).toBeGreaterThanOrEqual(most - 1e-6);
  },
);

test.each([1, 2, 3])('shelf %i: the plan keeps every rule, and the search is near what is proven', (seed) => {
  const problem = { ...rotateProblem(seed, SHELF), timeMs: 8_000 };
  const answer = rotateWith(problem, solve, () => performance.now());
  expect(valueOfPlan(problem, answer.plan)).toBeCloseTo(answer.value, 6);
  // Proven in seconds; where others are busy the proof may not come in its time.
  expect(answer.bound).toBeGreaterThanOrEqual(answer.value - 1e-6);
  const alone = search(problem, 1500);
  expect(valueOfPlan(problem, alone.plan)).toBeCloseTo(alone.value, 6);
  expect(alone.value).toBeLessThanOrEqual(answer.bound + 1e-6);
  expect(alone.value).toBeGreaterThan(answer.value - 0.15 * Math.abs(answer.value));
  expect(alone.bound).toBeGreaterThanOrEqual(answer.value - 1e-6);
});

test.each(Array.from({ length: 25 }, (_, i) => i))(
  'small problem %i with weights, minutes, filling and what is said of each child: still the most of all plans',
  (seed) => {
    const plain = { ...rotateProblem(seed, SMALL), ...UNHURRIED };
    const [ready, not] = plain.children.map(({ id }) => id);
    const problem: RotateProblem = {
      ...plain,
      weights: { balance: seed % 3, loved: 1 + (seed % 2), rest: 2, swaps: 0.5 },
      rules: { ...plain.rules, minutesAWeek: 6, filling: seed % 3 },
      things: plain.things.map((thing, i) => ({
        ...thing,
        minutes: 3 + i,
        ready: i === 0 ? [ready!] : [],
        notReady: i === 1 ? [not!] : [],
      })),
    };
    const answer = rotateWith(problem, solve, () => performance.now());
    expect(answer.value).toBeCloseTo(mostOfAll(problem), 5);
    expect(valueOfPlan(problem, answer.plan)).toBeCloseTo(answer.value, 6);
  },
);

const LARGE = { weeks: 12, slots: 24, things: 80, children: 8, areas: 8 };
test('a large one is planned by the search alone, in its time', () => {
  const problem = { ...rotateProblem(3, LARGE), timeMs: 3000 };
  const unasked = () => {
    throw new Error('not asked');
  };
  const answer = rotateWith(problem, unasked, () => performance.now());
  expect(valueOfPlan(problem, answer.plan)).toBeCloseTo(answer.value, 5);
  expect(answer.bound).toBeGreaterThanOrEqual(answer.value);
});

test('where the search took all the time, on a slow machine, its plan is the answer', () => {
  const problem = { ...rotateProblem(3, SHELF), timeMs: 2000 };
  // Every look at the clock finds it 900 ms further.
  let now = 0;
  const answer = rotateWith(problem, solve, () => (now += 900));
  expect(valueOfPlan(problem, answer.plan)).toBeCloseTo(answer.value, 5);
});

test('a solver that fails is survived: the plan of the search stands, the solver is broken, and another is whole', async () => {
  const failing = await loadSolver();
  expect(isBroken(failing)).toBe(false);
  // A program that is none.
  expect(failing({ text: 'Maximize nothing at all <=' }, new Float64Array(0), 1)).toBeNull();
  expect(isBroken(failing)).toBe(true);
  const problem = { ...rotateProblem(2, SMALL), ...UNHURRIED };
  const answer = rotateWith(
    { ...problem, timeMs: 400 },
    () => null,
    () => performance.now(),
  );
  expect(valueOfPlan(problem, answer.plan)).toBeCloseTo(answer.value, 5);
  expect(rotateWith(problem, await loadSolver(), () => performance.now()).optimal).toBe(true);
});

describe('reading', () => {
  const whole = rotateProblem(1, SMALL);
  const wrong = (change: (problem: RotateProblem) => void): string => {
    const problem = structuredClone(whole);
    change(problem);
    try {
      readRotateProblem(problem);
      return '';
    } catch (error) {
      return (error as Error).message;
    }
  };
  test('a sound one is taken as it is', () => expect(readRotateProblem(structuredClone(whole))).toEqual(whole));
  test.each([
    ['weeks', (p: RotateProblem) => (p.weeks = 0)],
    ['slots[0].width', (p: RotateProblem) => (p.slots[0]!.width = 0.5)],
    ['slots', (p: RotateProblem) => (p.slots[1]!.id = p.slots[0]!.id)],
    ['things[0].to', (p: RotateProblem) => (p.things[0]!.to = 1)],
    ['things[0].after', (p: RotateProblem) => (p.things[0]!.after = ['nobody'])],
    ['things[0].areas', (p: RotateProblem) => (p.things[0]!.areas = [])],
    ['things[0].season', (p: RotateProblem) => (p.things[0]!.season = [-1])],
    [
      'out.nowhere',
      (p: RotateProblem) => {
        p.things.forEach((thing, i) => (thing.rested = i ? 1 : null));
        p.out = { nowhere: 't0' };
      },
    ],
    ['rules.shortestSpell', (p: RotateProblem) => (p.rules.shortestSpell = 99)],
    ['rules.leastRest', (p: RotateProblem) => (p.rules.leastRest = -1)],
  ])('%s is named', (field, change) => expect(wrong(change)).toContain(field));
});
