import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { MoveBin, MovePosition, MovesProblem } from './problem.ts';
import { readMovesProblem } from './read.ts';
import { solveMoves } from './solve.ts';
import { fewestSteps, playMoves, rearrangement } from './testing/rearrangement.ts';
import { walkOf } from './walk.ts';

const at = (x: number, y = 0, z = 0, compartment = 'c'): MovePosition => ({ compartment, x, y, z, turned: false });
const bin = (id: string, from: MovePosition | null, to: MovePosition | null, more: Partial<MoveBin> = {}): MoveBin => ({
  id,
  width: 100,
  depth: 100,
  height: 100,
  stackable: true,
  from,
  to,
  ...more,
});
const problem = (bins: MoveBin[], places = 3, more: Partial<MovesProblem> = {}): MovesProblem => ({
  format: 'stube-moves/1',
  timeMs: 100,
  parking: { places, at: [0, 0] },
  compartments: [
    { id: 'c', width: 300, depth: 200, height: 200, access: 'front', at: [1000, 0] },
    { id: 'd', width: 300, depth: 200, height: 200, access: 'front', at: [3000, 0] },
  ],
  bins,
  ...more,
});
const solve = (asked: MovesProblem) => {
  const answer = solveMoves(asked, { rounds: 5 });
  if (answer.steps) {
    expect(playMoves(asked, answer.steps)).toBeNull();
    expect([answer.length, answer.walk]).toEqual([answer.steps.length, walkOf(asked, answer.steps)]);
    expect(answer.bound).toBeLessThanOrEqual(answer.length);
  }
  return answer;
};

describe('by hand', () => {
  test('nothing to do', () =>
    expect(solve(problem([bin('a', at(0), at(0))]))).toMatchObject({
      steps: [],
      length: 0,
      walk: 0,
      bound: 0,
      optimal: true,
    }));
  test('two that change places: one is parked, three steps', () =>
    expect(solve(problem([bin('a', at(0), at(100)), bin('b', at(100), at(0))]))).toMatchObject({
      length: 3,
      bound: 3,
      optimal: true,
    }));
  test('without a place to park they cannot', () =>
    expect(solve(problem([bin('a', at(0), at(100)), bin('b', at(100), at(0))], 0))).toMatchObject({
      steps: null,
      optimal: false,
      blocked: expect.arrayContaining(['a', 'b']),
    }));
  test('a chain goes from its free end', () => {
    const { steps } = solve(problem([bin('a', at(0), at(100)), bin('b', at(100), at(200))]));
    expect(steps).toEqual([
      { bin: 'b', to: 'place' },
      { bin: 'a', to: 'place' },
    ]);
  });
  test('what only stands in front is parked and put back', () => {
    const answer = solve(problem([bin('front', at(0, 0), at(0, 0)), bin('back', at(0, 100), at(200, 0))]));
    expect(answer).toMatchObject({ length: 3, optimal: true });
    expect(answer.steps!.map((step) => `${step.bin} ${step.to}`)).toEqual([
      'front parking',
      'back place',
      'front place',
    ]);
  });
  test('with one place, what is in front goes back and out again between two', () => {
    const bins = [
      bin('front', at(0, 0), at(0, 0), { width: 200 }),
      bin('a', at(0, 100), at(100, 100)),
      bin('b', at(100, 100), at(0, 100)),
    ];
    expect(solve(problem(bins, 1))).toMatchObject({ steps: null });
    expect(solve(problem(bins, 2))).toMatchObject({ length: 5, optimal: true });
  });
  test('new ones come from the parking without a place of it, others leave', () => {
    const answer = solve(problem([bin('new', null, at(0)), bin('old', at(0), null)], 0));
    expect(answer.steps).toEqual([
      { bin: 'old', to: 'place' },
      { bin: 'new', to: 'place' },
    ]);
    // From c to the parking, then back to c: 1,000 each.
    expect(answer.walk).toBe(2000);
  });
  test('one that stands on another waits for it', () => {
    const answer = solve(problem([bin('top', at(0, 0, 100), at(0, 0, 100, 'd')), bin('low', at(0), at(0, 0, 0, 'd'))]));
    expect(answer).toMatchObject({ length: 3, optimal: true });
  });
});

test('never more steps than by trying all, whatever the parking; what is said to be proven is', () => {
  let plans = 0;
  let none = 0;
  fc.assert(
    fc.property(
      fc.integer({ min: 2, max: 6 }),
      fc.integer({ min: 0, max: 3 }),
      fc.integer({ min: 0, max: 100_000 }),
      (n, places, seed) => {
        const asked = rearrangement(n, places, seed);
        try {
          readMovesProblem(asked);
        } catch {
          // What stays may be where another is wanted: no problem to be asked.
          return;
        }
        const answer = solve(asked);
        const fewest = fewestSteps(asked);
        if (answer.steps) {
          plans++;
          expect(answer.bound).toBeLessThanOrEqual(fewest!);
          expect(answer.length).toBe(fewest);
        } else {
          none++;
          expect(fewest).toBeNull();
        }
      },
    ),
    { numRuns: 400 },
  );
  expect(plans).toBeGreaterThan(50);
  expect(none).toBeGreaterThan(0);
}, 120_000);

test('a wrong field, and a state that cannot be, are refused by name', () => {
  const good = problem([bin('a', at(0), at(100))]);
  expect(readMovesProblem(JSON.parse(JSON.stringify(good)))).toEqual(good);
  const field = (bins: MoveBin[]) => () => readMovesProblem(problem(bins));
  expect(() => readMovesProblem({ ...good, parking: { places: -1, at: [0, 0] } })).toThrow('parking.places');
  expect(() => readMovesProblem({ ...good, parking: { places: 1, at: [0] } })).toThrow('parking.at');
  expect(field([bin('a', null, null)])).toThrow('bins[0]');
  expect(field([bin('a', at(0), at(0)), bin('b', at(50), at(200))])).toThrow('bins[0].from');
  expect(field([bin('a', at(0, 0, 50), at(0))])).toThrow('bins[0].from');
  expect(field([bin('a', at(250), at(0))])).toThrow('outside');
  expect(field([bin('a', at(0, 0, 0, 'z'), at(0))])).toThrow('bins[0].from.compartment');
});
