import { describe, expect, test } from 'vitest';
import fc from 'fast-check';
import type { FitContainer, FitProblem } from '../../ground/problems/fit-problem.ts';
import { fitSteps, solveFit } from './solve.ts';
import { check } from './testing/check.ts';

const container = fc.record({
  width: fc.integer({ min: 20, max: 160 }),
  depth: fc.integer({ min: 20, max: 160 }),
  height: fc.integer({ min: 20, max: 140 }),
  turnable: fc.boolean(),
  stackable: fc.boolean(),
  count: fc.integer({ min: 0, max: 3 }),
  value: fc.integer({ min: 0, max: 60 }),
  uses: fc.integer({ min: 0, max: 9 }),
});
const problems = (access: fc.Arbitrary<'top' | 'front'>, most = 5): fc.Arbitrary<FitProblem> =>
  fc
    .record({
      compartment: fc.record({
        width: fc.integer({ min: 60, max: 400 }),
        depth: fc.integer({ min: 60, max: 300 }),
        height: fc.integer({ min: 40, max: 260 }),
        access,
      }),
      containers: fc.array(container, { maxLength: most }),
    })
    .map(({ compartment, containers }) => ({
      format: 'stube-fit/1',
      compartment,
      containers: containers.map((container, i) => ({ ...container, id: `c${i}` })),
      timeMs: 100,
    }));

/** The best value by trying every order, way and corner on the bare floor: slow and independent. */
function bruteForce(problem: FitProblem): number {
  const { width, depth, height } = problem.compartment;
  const units = problem.containers.flatMap((container) =>
    Array.from({ length: container.height <= height ? container.count : 0 }, () => container),
  );
  let best = 0;
  const placed: [number, number, number, number][] = [];
  const go = (left: FitContainer[], value: number): void => {
    best = Math.max(best, value);
    left.forEach((container, i) => {
      if (left.indexOf(container) !== i) return;
      for (const [w, d] of container.turnable
        ? [
            [container.width, container.depth],
            [container.depth, container.width],
          ]
        : ([[container.width, container.depth]] as [number, number][]))
        for (const x of new Set([0, ...placed.map((p) => p[2])]))
          for (const y of new Set([0, ...placed.map((p) => p[3])])) {
            if (
              x + w! > width ||
              y + d! > depth ||
              placed.some((p) => x < p[2] && p[0] < x + w! && y < p[3] && p[1] < y + d!)
            )
              continue;
            placed.push([x, y, x + w!, y + d!]);
            go(
              left.filter((_, j) => j !== i),
              value + container.value,
            );
            placed.pop();
          }
    });
  };
  go(units, 0);
  return best;
}

describe('the packing engine', () => {
  test('whatever the problem, every rule is kept and no bound is refuted', () => {
    fc.assert(
      fc.property(problems(fc.constantFrom('top', 'front')), fc.integer({ min: 1, max: 40 }), (problem, iterations) =>
        check(problem, solveFit(problem, { iterations })),
      ),
      { numRuns: 120 },
    );
  });

  test('small floors come out as by trying everything', () => {
    const small = problems(fc.constant('top'), 2).map((problem) => ({
      ...problem,
      containers: problem.containers.map((container) => ({
        ...container,
        stackable: false,
        count: Math.min(container.count, 2),
      })),
    }));
    fc.assert(
      fc.property(small, (problem) => {
        const answer = solveFit(problem, { iterations: 3000 });
        check(problem, answer);
        expect(answer.value).toBe(bruteForce(problem));
        expect(answer.optimal).toBe(true);
      }),
      { numRuns: 60 },
    );
  });

  test('a wider drawer is never worse', () => {
    fc.assert(
      fc.property(problems(fc.constant('top'), 3), fc.integer({ min: 1, max: 80 }), (problem, more) => {
        const narrow = solveFit(problem, { iterations: 1500 });
        const wide = solveFit(
          { ...problem, compartment: { ...problem.compartment, width: problem.compartment.width + more } },
          { iterations: 1500 },
        );
        if (narrow.optimal && wide.optimal) expect(wide.value).toBeGreaterThanOrEqual(narrow.value);
        expect(wide.bound).toBeGreaterThanOrEqual(narrow.value);
      }),
      { numRuns: 40 },
    );
  });

  test('a floor cut to pieces is filled again, whole', () => {
    const rects = [
      [300, 120],
      [180, 80],
      [120, 80],
      [90, 150],
      [210, 70],
      [130, 80],
      [80, 80],
    ];
    const answer = solveFit(
      {
        format: 'stube-fit/1',
        compartment: { width: 300, depth: 350, height: 90, access: 'top' },
        timeMs: 1000,
        containers: rects.map(([width, depth], i) => ({
          id: `c${i}`,
          width: width!,
          depth: depth!,
          height: 60,
          turnable: true,
          stackable: false,
          count: 1,
          value: width! * depth!,
          uses: 0,
        })),
      },
      { iterations: 2000 },
    );
    expect(answer).toMatchObject({ value: 105000, optimal: true });
  });

  test('the same seed and iterations give the same packing', () => {
    fc.assert(
      fc.property(problems(fc.constantFrom('top', 'front')), (problem) => {
        expect(solveFit(problem, { seed: 7, iterations: 30 })).toEqual(solveFit(problem, { seed: 7, iterations: 30 }));
      }),
      { numRuns: 25 },
    );
  });

  test('of equal packings the one with less digging is kept', () => {
    const one = (id: string, uses: number): FitContainer => ({
      id,
      width: 200,
      depth: 100,
      height: 50,
      turnable: false,
      stackable: false,
      count: 1,
      value: 5,
      uses,
    });
    const answer = solveFit(
      {
        format: 'stube-fit/1',
        compartment: { width: 200, depth: 200, height: 60, access: 'front' },
        containers: [one('often', 9), one('seldom', 1)],
        timeMs: 100,
      },
      { iterations: 400 },
    );
    expect(answer.placed.sort((a, b) => a.y - b.y).map((put) => put.id)).toEqual(['often', 'seldom']);
  });

  test('progress never falls, the bound never rises, and a stop leaves a whole answer', () => {
    fc.assert(
      fc.property(problems(fc.constantFrom('top', 'front')), (problem) => {
        let [value, bound] = [0, Infinity];
        let n = 0;
        for (const now of fitSteps(problem, { iterations: 60 })) {
          expect(now.value).toBeGreaterThanOrEqual(value);
          expect(now.bound).toBeLessThanOrEqual(bound);
          [value, bound] = [now.value, now.bound];
          if (++n % 20 === 0) check(problem, now.answer());
        }
      }),
      { numRuns: 30 },
    );
  });
});
