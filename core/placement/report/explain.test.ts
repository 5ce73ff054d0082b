import { describe, expect, test } from 'vitest';
import fc from 'fast-check';
import { assignmentEffort, compilePlace } from '../compiled/compile.ts';
import { explain, optionsFor } from './explain.ts';
import { solvePlace } from '../solve.ts';
import { plainBin, plainProblem, plainShelf } from '../testing/plain.ts';
import { problems } from '../testing/problems.ts';

describe('explaining a place', () => {
  test('the options of a bin in hand are what the plan would really cost', () => {
    fc.assert(
      fc.property(problems(7, 6), (problem) => {
        const answer = solvePlace(problem, { iterations: 60 });
        const at = new Map(answer.placed.map((one) => [one.bin, one.compartment]));
        const place = compilePlace(problem);
        const index = new Map(problem.compartments.map((compartment, i) => [compartment.id, i]));
        const effort = (map: ReadonlyMap<string, string>) =>
          assignmentEffort(
            place,
            problem.bins.map((bin) => index.get(map.get(bin.id) ?? '') ?? -1),
          );
        for (const { bin: id } of answer.placed) {
          const bin = problem.bins.find((bin) => bin.id === id)!;
          const options = optionsFor(problem, bin, at);
          const here = options.find((option) => option.compartment === at.get(id))!;
          for (const option of options.filter((option) => !option.broken.length && !option.lacksWidth))
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
    const knives = plainBin('knives', { hazard: true, uses: [{ person: 'p0', perWeek: 2 }] });
    const shelves = [plainShelf('low', { floor: 800, unit: 'u' }), plainShelf('high', { floor: 1650, unit: 'u' })];
    const alone = plainProblem([knives], shelves);
    const problem = { ...alone, people: [...alone.people, { id: 'k', kind: 'child' as const, stature: 1100 }] };
    const answer = solvePlace(problem, { iterations: 20 });
    expect(answer.placed).toEqual([{ bin: 'knives', compartment: 'high' }]);
    const why = explain(problem, 'knives', new Map([['knives', 'high']]), (id) => id)!;
    expect(why.parts.walking).toBeCloseTo(2 * 2 * 0.83);
    expect(why.kept).toContain('out of reach of the children');
    expect(why.excluded[0]).toMatchObject({ compartment: 'low', broken: [{ rule: 'hazard', person: 'k' }] });
  });
});
