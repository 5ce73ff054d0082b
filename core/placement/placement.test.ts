import { describe, expect, test } from 'vitest';
import fc from 'fast-check';
import { FormatError } from '../engine/problem-format.ts';
import { runToEnd } from '../engine/run-to-end.ts';
import { LagrangianBound } from './bounds/lagrangian-bound.ts';
import { CandidateLists } from './bounds/candidate-lists.ts';
import { widthMultipliers } from './bounds/width-multipliers.ts';
import { assignmentEffort, compilePlace } from './compiled/compile.ts';
import { effortOf } from './effort.ts';
import type { PlaceAnswer, PlaceProblem } from './problem.ts';
import { readPlaceProblem } from './read.ts';
import { brokenRules } from './rules.ts';
import { solvePlace, solvePlaceSteps } from './solve.ts';
import { problems } from './testing/problems.ts';

/** Effort of an answer by the words of the format, after every rule was checked, or an error. */
function judge(problem: PlaceProblem, answer: PlaceAnswer, pinned: ReadonlySet<string> = new Set()): number {
  const people = new Map(problem.people.map((person) => [person.id, person]));
  const at = new Map(answer.placed.map((one) => [one.bin, one.compartment]));
  expect(at.size + answer.unplaced.length).toBe(problem.bins.length);
  let sum = 3600 * answer.unplaced.length;
  const units = new Map<string, Set<string>>();
  for (const space of problem.compartments) {
    const inside = problem.bins.filter((bin) => at.get(bin.id) === space.id);
    for (const bin of inside) {
      if (!pinned.has(bin.id)) expect(brokenRules(bin, space, people, problem.growth)).toEqual([]);
      sum += effortOf(bin, space, people).total;
      if (bin.group) units.set(bin.group, (units.get(bin.group) ?? new Set()).add(space.unit));
    }
    if (!inside.some((bin) => pinned.has(bin.id))) {
      expect(inside.reduce((all, bin) => all + bin.width, 0)).toBeLessThanOrEqual(
        (1 - problem.growth) * space.width + 1e-6,
      );
      expect(inside.reduce((all, bin) => all + bin.mass, 0)).toBeLessThanOrEqual(space.maxLoad);
    }
  }
  for (const set of units.values()) sum += 60 * (set.size - 1);
  return sum;
}

/** The best of all plans, by trying every assignment. */
function bestOfAll(problem: PlaceProblem): { effort: number; at: Int32Array } {
  const place = compilePlace(problem);
  const at = new Int32Array(place.bins).fill(-1);
  let best = { effort: Infinity, at };
  const go = (b: number): void => {
    if (b === place.bins) {
      const effort = assignmentEffort(place, at);
      if (effort < best.effort) best = { effort, at: at.slice() };
      return;
    }
    for (let c = -1; c < place.compartments; c++) {
      if (c >= 0) {
        if (place.costs.at(b, c) === Infinity) continue;
        let [width, mass] = [place.width[b]!, place.mass[b]!];
        for (let other = 0; other < b; other++)
          if (at[other] === c) {
            width += place.width[other]!;
            mass += place.mass[other]!;
          }
        if (width > place.widthCapacity[c]! || mass > place.loadCapacity[c]!) continue;
      }
      at[b] = c;
      go(b + 1);
      at[b] = -1;
    }
  };
  go(0);
  return best;
}

const bruteForce = (problem: PlaceProblem): number => bestOfAll(problem).effort;

/** Groups that are too wide for one unit, where some bins have to be left out. */
const crowded: fc.Arbitrary<PlaceProblem> = problems(5, 4).map((problem) => ({
  ...problem,
  compartments: problem.compartments.map((compartment) => ({
    ...compartment,
    width: 150 + (compartment.width % 300),
    depth: 500,
    height: 400,
    floor: compartment.floor % 700,
    locked: false,
    maxLoad: 25000,
  })),
  bins: problem.bins.map((bin, i) => ({
    ...bin,
    group: i ? 'g0' : bin.group,
    width: 120 + (bin.width % 160),
    mass: 800,
    hazard: false,
    lightSensitive: false,
    view: null,
  })),
}));

describe('the placing engine', () => {
  test('whatever the problem, every rule is kept, the effort is right and the bound below it', () => {
    fc.assert(
      fc.property(problems(14, 10), fc.integer({ min: 1, max: 60 }), (problem, iterations) => {
        const answer = solvePlace(problem, { iterations });
        const effort = judge(problem, answer);
        expect(answer.effort).toBeCloseTo(effort, 6);
        expect(answer.bound).toBeLessThanOrEqual(effort + 1e-6);
      }),
      { numRuns: 60 },
    );
  });
  test('small ones come out as by trying everything, and are proven', () => {
    fc.assert(
      fc.property(problems(4, 4), (problem) => {
        const best = bruteForce(problem);
        const answer = solvePlace(problem, { iterations: 400 });
        expect(answer.effort).toBeCloseTo(best, 6);
        expect(answer.bound).toBeCloseTo(best, 5);
        expect(answer.optimal).toBe(true);
      }),
      { numRuns: 60 },
    );
  });
  test('no bound is above the best of all, at whatever iteration it is stopped', () => {
    fc.assert(
      fc.property(problems(5, 4), (problem) => {
        const best = bruteForce(problem);
        for (const now of solvePlaceSteps(problem, { iterations: 60 })) {
          expect(now.bound).toBeLessThanOrEqual(best + 1e-6);
          expect(now.effort).toBeGreaterThanOrEqual(best - 1e-6);
        }
      }),
      { numRuns: 40 },
    );
  });
  test.each([
    ['whole lists', 64],
    ['lists of one that are made longer', 1],
  ])('with %s, prices never pass the best plan of crowded groups nor forget its choices', (_, nearest) => {
    fc.assert(
      fc.property(crowded, (problem) => {
        const best = bestOfAll(problem);
        const place = compilePlace(problem, new Map(), nearest);
        const reach = new CandidateLists(place);
        const bound = runToEnd(
          LagrangianBound.begin(place, reach, runToEnd(widthMultipliers(place, reach, best.effort + 0.5))),
        );
        const first = compilePlace(problem, new Map(), nearest).choices;
        for (let round = 0; round < 120; round++) {
          bound.round(best.effort + 0.5);
          if (bound.worthExtending) runToEnd(bound.extendLists());
          if (bound.worthFixing(best.effort + 0.5)) runToEnd(bound.fixArcs(best.effort + 0.5));
          expect(bound.best).toBeLessThanOrEqual(best.effort + 1e-6);
        }
        // A choice that was never on a list is not forgotten either.
        best.at.forEach((c, b) => {
          if (c >= 0 && first[b]!.includes(c)) expect(bound.choices[b]).toContain(c);
        });
      }),
      { numRuns: 150 },
    );
  });
  test('what is pinned stays, and a pinned best plan is left as it is', () => {
    fc.assert(
      fc.property(problems(8, 6), (problem) => {
        const first = solvePlace(problem, { iterations: 200 });
        const pins = new Map(first.placed.map((one) => [one.bin, one.compartment]));
        const again = solvePlace(problem, { iterations: 60, pins });
        for (const [id, space] of pins) expect(again.placed).toContainEqual({ bin: id, compartment: space });
        judge(problem, again, new Set(pins.keys()));
      }),
      { numRuns: 30 },
    );
  });
  test('the same seed and iterations give the same plan', () => {
    fc.assert(
      fc.property(problems(10, 8), (problem) => {
        expect(solvePlace(problem, { seed: 3, iterations: 40 })).toEqual(
          solvePlace(problem, { seed: 3, iterations: 40 }),
        );
      }),
      { numRuns: 20 },
    );
  });
  test.each([
    ['no bins', { bins: [] }],
    ['no compartments', { compartments: [] }],
    ['no people', { people: [], bins: [] }],
  ])('%s is answered', (_, change) => {
    const [problem] = fc.sample(problems(4, 4), { numRuns: 1, seed: 5 });
    const answer = solvePlace({ ...problem!, ...change }, { iterations: 30 });
    expect(answer.placed.length + answer.unplaced.length).toBe(('bins' in change ? change.bins : problem!.bins).length);
  });
});

test('a problem is read, or refused at its field', () => {
  const good = {
    format: 'stube-place/1',
    people: [],
    zones: [{ id: 'z' }],
    compartments: [],
    bins: [],
    growth: 0.1,
    timeMs: 5,
  };
  expect(readPlaceProblem(good)).toEqual(good);
  expect(() => readPlaceProblem({ ...good, growth: 1 })).toThrow('growth: must be less than 1');
  expect(() => readPlaceProblem({ ...good, bins: [{ id: 'b', zone: 'x' }] })).toThrow(
    'bins[0].zone: "x" is none of the zones',
  );
  fc.assert(
    fc.property(
      fc.record({
        format: fc.constant('stube-place/1'),
        people: fc.anything(),
        zones: fc.anything(),
        compartments: fc.anything(),
        bins: fc.anything(),
      }),
      (json) => {
        try {
          readPlaceProblem(json);
        } catch (error) {
          expect(error).toBeInstanceOf(FormatError);
        }
      },
    ),
  );
});
