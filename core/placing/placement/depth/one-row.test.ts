/** Rooms in which nothing turns or bears another: whatever stands in one row, by the words of the rules, is a plan in depth. */
import { byId } from '../../../ground/model/by-id.ts';
import fc from 'fast-check';
import { expect, test } from 'vitest';
import { runToEnd } from '../../../ground/engine/run-to-end.ts';
import { effortOf } from '../../../ground/body/effort.ts';
import { GROUP_SPLIT, UNPLACED } from '../../../ground/problems/place-problem.ts';
import { brokenRules, usableWidth } from '../../../ground/body/rules.ts';
import { checkDepth } from '../testing/check-depth.ts';
import { problems } from '../testing/problems.ts';
import { DepthBound } from './bound.ts';
import { compileDepth } from './compiled.ts';
import type { DepthProblem } from './problem.ts';
import { solveDepth } from './solve.ts';

/** The least effort of all plans in one row, by trying every compartment for every bin. */
function bestInOneRow({ people, compartments, bins, growth }: DepthProblem): number {
  const persons = byId(people);
  const at: number[] = [];
  let best = Infinity;
  const go = (b: number, effort: number): void => {
    if (effort >= best) return;
    if (b === bins.length) {
      const units = new Map<string, Set<string>>();
      bins.forEach(({ group }, i) => {
        if (group && at[i]! >= 0) units.set(group, (units.get(group) ?? new Set()).add(compartments[at[i]!]!.unit));
      });
      const apart = [...units.values()].reduce((sum, { size }) => sum + GROUP_SPLIT * (size - 1), 0);
      best = Math.min(best, effort + apart);
      return;
    }
    for (const [c, space] of compartments.entries()) {
      const beside = bins.filter((_, i) => i <= b && (i === b || at[i] === c));
      if (beside.reduce((sum, { width }) => sum + width, 0) > usableWidth(space.width, growth)) continue;
      if (beside.reduce((sum, { mass }) => sum + mass, 0) > space.maxLoad) continue;
      if (brokenRules(bins[b]!, space, persons, growth).length) continue;
      at[b] = c;
      go(b + 1, effort + effortOf(bins[b]!, space, persons).total);
    }
    at[b] = -1;
    go(b + 1, effort + UNPLACED);
  };
  go(0, 0);
  return best;
}

test('no plan in one row beats the bound, and small rooms come out no worse than the best of them', () => {
  let placed = 0;
  fc.assert(
    fc.property(problems(4, 4), (problem) => {
      const best = bestInOneRow(problem);
      const bound = new DepthBound(runToEnd(compileDepth(problem)));
      for (let round = 0; round < 60; round++) bound.round(best + 1);
      expect(bound.best).toBeLessThanOrEqual(best + 1e-6);
      const answer = solveDepth(problem, { iterations: 60 });
      expect(checkDepth(problem, answer).problems).toEqual([]);
      expect(answer.effort).toBeLessThanOrEqual(best + 1e-6);
      placed += answer.placed.length;
    }),
    { numRuns: 250 },
  );
  expect(placed).toBeGreaterThan(20);
});
test.each([
  ['no bins', { bins: [] }],
  ['no compartments', { compartments: [] }],
  ['no people', { people: [], bins: [] }],
])('%s is answered', (_, change) => {
  const [problem] = fc.sample(problems(4, 4), { numRuns: 1, seed: 5 });
  const asked = { ...problem!, ...change };
  const answer = solveDepth(asked, { iterations: 10 });
  expect(answer.placed.length + answer.unplaced.length).toBe(asked.bins.length);
});
