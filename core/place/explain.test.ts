import { describe, expect, test } from 'vitest';
import fc from 'fast-check';
import { assignmentEffort, compilePlace } from './compile.ts';
import { explain, optionsFor } from './explain.ts';
import type { PlaceProblem } from './problem.ts';
import { solvePlace } from './solve.ts';
import { problems } from './testing/problems.ts';

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
