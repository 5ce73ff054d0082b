import { describe, expect, test } from 'vitest';
import fc from 'fast-check';
import { FormatError } from '../format.ts';
import { PlaceBound } from './bound.ts';
import { assignmentEffort, compilePlace } from './compile.ts';
import { effortOf } from './effort.ts';
import { explain, optionsFor } from './explain.ts';
import type { PlaceAnswer, PlaceProblem } from './problem.ts';
import { readPlaceProblem } from './read.ts';
import { brokenRules } from './rules.ts';
import { solvePlace, solvePlaceSteps } from './solve.ts';

const flag = fc.boolean();
const compartment = fc.record({
  unit: fc.constantFrom('u0', 'u1', 'u2'),
  floor: fc.integer({ min: 0, max: 1900 }),
  width: fc.integer({ min: 150, max: 900 }),
  depth: fc.integer({ min: 200, max: 500 }),
  height: fc.integer({ min: 120, max: 400 }),
  access: fc.constantFrom('front' as const, 'top' as const),
  door: flag,
  drawer: flag,
  locked: flag,
  sunlit: flag,
  onView: flag,
  maxLoad: fc.integer({ min: 2000, max: 25000 }),
  walk: fc.record({ z0: fc.integer({ min: 0, max: 9 }), z1: fc.integer({ min: 0, max: 9 }) }),
});
const bin = fc.record({
  width: fc.integer({ min: 80, max: 400 }),
  depth: fc.integer({ min: 100, max: 420 }),
  height: fc.integer({ min: 60, max: 330 }),
  mass: fc.integer({ min: 100, max: 12000 }),
  lid: flag,
  zone: fc.constantFrom('z0', 'z1'),
  uses: fc.array(fc.record({ person: fc.constantFrom('p0', 'p1', 'p2'), perWeek: fc.integer({ min: 0, max: 20 }) }), {
    maxLength: 2,
  }),
  group: fc.constantFrom(null, 'g0', 'g1'),
  hazard: flag,
  childReach: flag,
  lightSensitive: flag,
  view: fc.constantFrom('show' as const, 'hide' as const, null),
});
const problems = (mostBins: number, mostSpaces: number): fc.Arbitrary<PlaceProblem> =>
  fc
    .record({
      compartments: fc.array(compartment, { maxLength: mostSpaces }),
      bins: fc.array(bin, { maxLength: mostBins }),
      growth: fc.constantFrom(0, 0.1, 0.15),
    })
    .map(({ compartments, bins, growth }) => ({
      format: 'stube-place/1',
      people: [
        { id: 'p0', kind: 'adult', stature: 1640 },
        { id: 'p1', kind: 'adult', stature: 1820 },
        { id: 'p2', kind: 'child', stature: 1100 },
      ],
      zones: [{ id: 'z0' }, { id: 'z1' }],
      compartments: compartments.map((one, i) => ({ ...one, id: `c${i}` })),
      bins: bins.map((one, i) => ({ ...one, id: `b${i}` })),
      growth,
      timeMs: 100,
    }));

/** Effort of an answer by the words of the format, after every rule was checked, or an error. */
function judge(problem: PlaceProblem, answer: PlaceAnswer, pinned: ReadonlySet<string> = new Set()): number {
  const people = new Map(problem.people.map((one) => [one.id, one]));
  const at = new Map(answer.placed.map((one) => [one.bin, one.compartment]));
  expect(at.size + answer.unplaced.length).toBe(problem.bins.length);
  let sum = 3600 * answer.unplaced.length;
  const units = new Map<string, Set<string>>();
  for (const space of problem.compartments) {
    const inside = problem.bins.filter((one) => at.get(one.id) === space.id);
    for (const one of inside) {
      if (!pinned.has(one.id)) expect(brokenRules(one, space, people, problem.growth)).toEqual([]);
      sum += effortOf(one, space, people).total;
      if (one.group) units.set(one.group, (units.get(one.group) ?? new Set()).add(space.unit));
    }
    if (!inside.some((one) => pinned.has(one.id))) {
      expect(inside.reduce((all, one) => all + one.width, 0)).toBeLessThanOrEqual(
        (1 - problem.growth) * space.width + 1e-6,
      );
      expect(inside.reduce((all, one) => all + one.mass, 0)).toBeLessThanOrEqual(space.maxLoad);
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
        if (width > place.roomWidth[c]! || mass > place.roomLoad[c]!) continue;
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
  compartments: problem.compartments.map((one) => ({
    ...one,
    width: 150 + (one.width % 300),
    depth: 500,
    height: 400,
    floor: one.floor % 700,
    locked: false,
    maxLoad: 25000,
  })),
  bins: problem.bins.map((one, i) => ({
    ...one,
    group: i ? 'g0' : one.group,
    width: 120 + (one.width % 160),
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
  test('no bound is above the best of all, at whatever breath it is stopped', () => {
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
  test('where groups are crowded and bins left out, prices never pass the best plan nor forget its choices', () => {
    fc.assert(
      fc.property(crowded, (problem) => {
        const best = bestOfAll(problem);
        const bound = new PlaceBound(compilePlace(problem));
        for (let round = 0; round < 120; round++) {
          bound.round(best.effort + 0.5);
          expect(bound.best).toBeLessThanOrEqual(best.effort + 1e-6);
        }
        best.at.forEach((c, b) => {
          if (c >= 0) expect(bound.choices[b]).toContain(c);
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
  test('the same seed and breaths give the same plan', () => {
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

describe('explaining a place', () => {
  test('the options of a bin in hand are what the plan would really cost', () => {
    fc.assert(
      fc.property(problems(7, 6), (problem) => {
        const answer = solvePlace(problem, { iterations: 60 });
        const at = new Map(answer.placed.map((one) => [one.bin, one.compartment]));
        const place = compilePlace(problem);
        const index = new Map(problem.compartments.map((one, i) => [one.id, i]));
        const effort = (map: ReadonlyMap<string, string>) =>
          assignmentEffort(
            place,
            problem.bins.map((one) => index.get(map.get(one.id) ?? '') ?? -1),
          );
        for (const { bin: id } of answer.placed) {
          const own = problem.bins.find((one) => one.id === id)!;
          const options = optionsFor(problem, own, at);
          const here = options.find((one) => one.compartment === at.get(id))!;
          for (const option of options.filter((one) => !one.broken.length && !one.lacksWidth))
            expect(option.seconds - here.seconds).toBeCloseTo(
              effort(new Map(at).set(id, option.compartment)) - answer.effort,
              5,
            );
        }
      }),
      { numRuns: 30 },
    );
  });
  test('it names the parts, what was kept, and what keeps it out of easier places', () => {
    const space = {
      unit: 'u',
      width: 400,
      depth: 400,
      height: 300,
      access: 'front' as const,
      door: false,
      drawer: false,
      locked: false,
      sunlit: false,
      onView: true,
      maxLoad: 20000,
    };
    const problem: PlaceProblem = {
      format: 'stube-place/1',
      people: [
        { id: 'a', kind: 'adult', stature: 1700 },
        { id: 'k', kind: 'child', stature: 1100 },
      ],
      zones: [{ id: 'z' }],
      growth: 0,
      timeMs: 1,
      compartments: [
        { ...space, id: 'low', floor: 800, walk: { z: 1 } },
        { ...space, id: 'high', floor: 1650, walk: { z: 1 } },
      ],
      bins: [
        {
          id: 'knives',
          width: 200,
          depth: 200,
          height: 100,
          mass: 900,
          lid: false,
          zone: 'z',
          uses: [{ person: 'a', perWeek: 2 }],
          group: null,
          hazard: true,
          childReach: false,
          lightSensitive: false,
          view: null,
        },
      ],
    };
    const answer = solvePlace(problem, { iterations: 20 });
    expect(answer.placed).toEqual([{ bin: 'knives', compartment: 'high' }]);
    const why = explain(problem, 'knives', new Map([['knives', 'high']]), (id) => id)!;
    expect(why.parts.walking).toBeCloseTo(2 * 2 * 0.83);
    expect(why.kept).toContain('out of reach of the children');
    expect(why.excluded[0]).toMatchObject({ compartment: 'low', broken: [{ rule: 'hazard', person: 'k' }] });
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
