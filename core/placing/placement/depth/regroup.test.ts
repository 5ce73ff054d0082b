import fc from 'fast-check';
import { expect, test } from 'vitest';
import { Random } from '../../../ground/engine/random.ts';
import { runToEnd } from '../../../ground/engine/run-to-end.ts';
import { checkDepth } from '../testing/check-depth.ts';
import { depthProblem } from '../testing/depth-problems.ts';
import { plainBin, plainProblem, plainShelf } from '../testing/plain.ts';
import { Arrangement } from './arrangement.ts';
import { ChangeLog } from './change-log.ts';
import { cheapestOf, compileDepth } from './compiled.ts';
import { construct } from './construct.ts';
import type { DepthProblem } from './problem.ts';
import { Regroup } from './regroup.ts';
import { alikeIn } from './searching.ts';
import { answerOf } from './solve.ts';
import { Spots } from './spots.ts';

function regroupOf(now: Arrangement, seed: number): Regroup {
  const { place } = now;
  const random = new Random(seed);
  const spots = new Spots(now, random);
  return new Regroup({
    now,
    spots,
    log: new ChangeLog(now, spots),
    random,
    fixed: new Uint8Array(place.bins),
    alike: alikeIn(place),
    cheapest: cheapestOf(place),
    aim: (bin) => place.order[bin]![random.below(Math.max(1, place.order[bin]!.length))],
  });
}

test('two that belong together leave a far shelf for a near one, which neither would alone', () => {
  const often = { group: 'paint', uses: [{ person: 'p0', perWeek: 4 }], width: 200, turnable: false, stackable: false };
  const seldom = { ...often, group: null, uses: [{ person: 'p0', perWeek: 0.1 }] };
  const bins = [plainBin('a', often), plainBin('b', often), plainBin('c', seldom), plainBin('d', seldom)];
  const shelves = [plainShelf('near'), plainShelf('far', { walk: { z0: 4 } })];
  const problem = { ...plainProblem(bins, shelves), format: 'stube-place/2' } as DepthProblem;
  const now = new Arrangement(runToEnd(compileDepth(problem)));
  for (const [bin, space, x] of [
    [0, 1, 0],
    [1, 1, 200],
    [2, 0, 0],
    [3, 0, 200],
  ] as const)
    now.put(bin, space, x, 0, 0, 0, -1);
  for (const bin of [0, 1]) for (const other of [2, 3]) expect(now.swapCost(bin, other, Infinity)).toBeGreaterThan(20);
  const before = now.effort;
  const regroup = regroupOf(now, 1);
  for (let n = 0; n < 50; n++) regroup.try(0);
  expect([...now.space]).toEqual([0, 0, 1, 1]);
  expect(now.effort).toBeLessThan(before - 20);
});

test('whatever groups do, the rules hold, the effort is what it is and grows by no more than is allowed', () => {
  let moved = 0;
  fc.assert(
    fc.property(fc.integer({ min: 4, max: 12 }), fc.integer({ min: 0, max: 10_000 }), (compartments, seed) => {
      const problem = depthProblem(compartments, seed);
      const now = new Arrangement(runToEnd(compileDepth(problem)));
      runToEnd(construct(now));
      const regroup = regroupOf(now, seed);
      for (let n = 0; n < 200; n++) {
        const before = now.effort;
        regroup.try(40);
        if (now.effort !== before) moved++;
        expect(now.effort).toBeLessThanOrEqual(before + 40 + 1e-6);
      }
      const { problems, effort } = checkDepth(problem, answerOf(problem, now, now.effort, 0));
      expect(problems).toEqual([]);
      expect(now.effort).toBeCloseTo(effort, 4);
    }),
    { numRuns: 25 },
  );
  expect(moved).toBeGreaterThan(25);
}, 120_000);
