import { expect, test } from 'vitest';
import fc from 'fast-check';
import { freeSpaces, nearMisses } from './leftover.ts';
import type { FitProblem } from '../../../ground/problems/fit-problem.ts';
import { solveFit } from '../solve.ts';

const box = (id: string, width: number, depth: number, count = 1) => ({
  id,
  width,
  depth,
  height: 50,
  turnable: true,
  stackable: false,
  count,
  value: 10,
  uses: 1,
});
const problem = (containers: FitProblem['containers']): FitProblem => ({
  format: 'stube-fit/1',
  compartment: { width: 300, depth: 200, height: 60, access: 'top' },
  containers,
  timeMs: 50,
});

test('what is free is free, does not overlap, and with what is taken makes no more than the floor', () => {
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.integer({ min: 30, max: 200 }), fc.integer({ min: 30, max: 200 })), { maxLength: 5 }),
      (sizes) => {
        const own = problem(sizes.map(([w, d], i) => box(`c${i}`, w, d)));
        const answer = solveFit(own, { iterations: 20 });
        const taken = answer.placed.map((put) => {
          const kind = own.containers.find((container) => container.id === put.id)!;
          return {
            x: put.x,
            y: put.y,
            width: put.turned ? kind.depth : kind.width,
            depth: put.turned ? kind.width : kind.depth,
          };
        });
        const all = [...taken, ...freeSpaces(own, answer)];
        all.forEach((a, i) => {
          expect(a.x >= 0 && a.y >= 0 && a.x + a.width <= 300 && a.y + a.depth <= 200).toBe(true);
          all.forEach((b, j) => {
            if (i < j)
              expect(a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.depth && b.y < a.y + a.depth).toBe(
                false,
              );
          });
        });
      },
    ),
  );
});
test('what was left out is told by how much it misses', () => {
  const own = problem([box('big', 280, 200), box('small', 30, 60)]);
  const answer = solveFit(own, { iterations: 60 });
  expect(answer.placed.map((put) => put.id)).toEqual(['big']);
  expect(nearMisses(own, answer)).toMatchObject([{ id: 'small', narrower: 10, shallower: 0, lower: 0 }]);
  expect(freeSpaces(own, answer)).toHaveLength(1);
});
