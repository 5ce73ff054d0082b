import fc from 'fast-check';
import { expect, test } from 'vitest';
import { indexById } from '../../../ground/model/by-id.ts';
import { runToEnd } from '../../../ground/engine/run-to-end.ts';
import { checkDepth } from '../testing/check-depth.ts';
import { depthProblem } from '../testing/depth-problems.ts';
import { plainBin, plainProblem, plainShelf } from '../testing/plain.ts';
import { Arrangement } from './arrangement.ts';
import { compileDepth } from './compiled.ts';
import type { DepthPosition, DepthProblem } from './problem.ts';
import { putStanding, shiftBack } from './put-standing.ts';
import { answerOf, solveDepth } from './solve.ts';

const at = (bin: string, x: number, y = 0): DepthPosition => ({ bin, compartment: 's', x, y, z: 0, turned: false });
/** Where each stands after it was `found` so, and stood so `today`. */
function shifted(problem: DepthProblem, found: readonly DepthPosition[], today: readonly DepthPosition[]) {
  const [binAt, spaceAt] = [indexById(problem.bins), indexById(problem.compartments)];
  const now = new Arrangement(runToEnd(compileDepth(problem)));
  putStanding(now, found, new Set(), binAt, spaceAt);
  const before = now.effort;
  shiftBack(now, today, binAt, spaceAt);
  return { now, before, answer: answerOf(problem, now, now.effort, 0) };
}
const shelf = (...bins: string[]): DepthProblem => ({
  ...plainProblem([], [plainShelf('s', { width: 900, depth: 600, height: 400 })]),
  format: 'stube-place/2',
  bins: bins.map((id) => ({
    ...plainBin(id, { width: 200, depth: 250, height: 150 }),
    turnable: false,
    stackable: true,
  })),
});

test('who was only shifted goes back, one after the other where one makes room for the next', () => {
  const { answer } = shifted(shelf('a', 'b'), [at('a', 10), at('b', 220)], [at('a', 230), at('b', 660)]);
  expect(answer.placed).toEqual([at('a', 230), at('b', 660)]);
});
test('not into another, and not where something would have to be moved first', () => {
  const found = [at('a', 0), at('b', 300)];
  expect(shifted(shelf('a', 'b'), found, [at('a', 150)]).answer.placed).toEqual(found);
  expect(shifted(shelf('a', 'b'), found, [at('a', 300, 300)]).answer.placed).toEqual(found);
});
test('what a child has to move first is not laid to those that stand beside it, only to who is in the way', () => {
  const room = shelf('a', 'pinned', 'child', 'b', 'behind');
  const problem = {
    ...room,
    people: [...room.people, { ...room.people[0]!, id: 'kid', kind: 'child' as const, stature: 1200 }],
    bins: room.bins.map((bin) => (bin.id === 'child' ? { ...bin, uses: [{ person: 'kid', perWeek: 3 }] } : bin)),
  };
  const [binAt, spaceAt] = [indexById(problem.bins), indexById(problem.compartments)];
  const now = new Arrangement(runToEnd(compileDepth(problem)));
  const standing = [at('pinned', 0), at('child', 0, 250), at('a', 220), at('behind', 220, 250)];
  const inTheWay = { ...at('b', 0, 250), z: 150 };
  putStanding(now, [...standing, inTheWay], new Set(['pinned', 'child']), binAt, spaceAt);
  const stands = problem.bins.filter((_, bin) => now.space[bin] === 0).map(({ id }) => id);
  expect(stands).toEqual(['a', 'pinned', 'child', 'behind']);
});
test('it never costs, breaks no rule, and takes no place away', () => {
  fc.assert(
    fc.property(fc.integer({ min: 2, max: 8 }), fc.integer({ min: 0, max: 500 }), (compartments, seed) => {
      const problem = depthProblem(compartments, seed);
      const [found, today] = [1, 2].map((seed) => solveDepth(problem, { iterations: 2, seed }));
      const { now, before, answer } = shifted(problem, found!.placed, today!.placed);
      const { problems, effort } = checkDepth(problem, answer);
      expect(problems).toEqual([]);
      expect(now.effort).toBeCloseTo(effort, 4);
      expect(now.effort).toBeLessThanOrEqual(before + 1e-6);
      expect(answer.unplaced).toEqual(found!.unplaced);
    }),
    { numRuns: 25 },
  );
}, 120_000);
