import fc from 'fast-check';
import { expect, test } from 'vitest';
import { Random } from '../../../ground/engine/random.ts';
import { runToEnd } from '../../../ground/engine/run-to-end.ts';
import { UNPLACED } from '../../../ground/problems/place-problem.ts';
import { checkDepth } from '../testing/check-depth.ts';
import { depthProblem } from '../testing/depth-problems.ts';
import { Arrangement } from './arrangement.ts';
import { ChangeLog } from './change-log.ts';
import { compileDepth } from './compiled.ts';
import type { DepthProblem } from './problem.ts';
import { answerOf } from './solve.ts';
import { Spots } from './spots.ts';

test('whatever comes, goes and changes places: the rules hold, the effort is what it is, a spot costs what it says, and what is given up is as before', () => {
  fc.assert(
    fc.property(fc.integer({ min: 2, max: 8 }), fc.integer({ min: 0, max: 10_000 }), (compartments, seed) => {
      const problem = depthProblem(compartments, seed);
      // A few sizes, many of each, and as many of one mass: then bins of one size stand on one another and change places.
      const first = problem.bins[0]!;
      problem.bins.forEach((bin, i) => {
        if (i % 2) Object.assign(bin, { width: 75, depth: 75, height: 110, mass: i % 4 === 1 ? 340 : first.mass });
      });
      const now = new Arrangement(runToEnd(compileDepth(problem)));
      const random = new Random(seed);
      const spots = new Spots(now, random);
      const log = new ChangeLog(now, spots);
      const isRight = () => {
        const { problems, effort } = checkDepth(problem, answerOf(problem, now, now.effort, 0));
        expect(problems).toEqual([]);
        expect(now.effort).toBeCloseTo(effort, 4);
      };
      for (let n = 0; n < 400; n++) {
        const bin = random.below(problem.bins.length);
        const other = random.below(problem.bins.length);
        const before = now.effort;
        if (now.space[bin]! < 0) {
          log.clear();
          if (!spots.best(bin, UNPLACED)) continue;
          const { cost } = spots;
          const versions = now.version.slice();
          log.put(bin);
          expect(now.effort - before).toBeCloseTo(cost - UNPLACED, 4);
          if (random.next() < 0.2) {
            log.undo();
            expect(now.effort).toBeCloseTo(before, 4);
            expect(now.version).toEqual(versions);
          }
        } else if (random.next() < 0.15 && !now.carries[bin]) now.take(bin);
        else if (now.space[other]! >= 0 && bin !== other && isAlike(problem, bin, other)) {
          const allowed = random.next() < 0.7 ? Infinity : 0;
          const change = now.swapCost(bin, other, allowed);
          expect(now.effort).toBe(before);
          if (change === Infinity) continue;
          expect(change).toBeLessThanOrEqual(allowed);
          const versions = now.version.slice();
          log.clear();
          log.swap(bin, other, change);
          expect(now.effort - before).toBeCloseTo(change, 4);
          if (random.next() < 0.2) {
            log.undo();
            expect(now.effort).toBeCloseTo(before, 4);
            expect(now.version).toEqual(versions);
          }
        }
        if (n % 20 === 0) isRight();
      }
      isRight();
    }),
    { numRuns: 30 },
  );
}, 120_000);

function isAlike({ bins }: DepthProblem, a: number, b: number): boolean {
  return (['width', 'depth', 'height'] as const).every((field) => bins[a]![field] === bins[b]![field]);
}
