import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { FormatError } from '../../../ground/engine/problem-format.ts';
import type { Act, WalkProblem } from './problem.ts';
import { readWalkProblem } from './read.ts';
import { solveWalk } from './solve.ts';
import { wrongWith } from './testing/check-walk.ts';
import { WALK_KINDS, walkProblem } from './testing/walk-problems.ts';

/** The shortest of all orders; null where none is possible. */
function shortest(problem: WalkProblem): number | null {
  const acts: Act[] = problem.things.flatMap(({ id }): Act[] => [
    { act: 'take', thing: id },
    { act: 'put', thing: id },
  ]);
  let best: number | null = null;
  const go = (done: Act[]): void => {
    if (done.length === acts.length) {
      const mm = solveLength(problem, done);
      if (mm !== null && (best === null || mm < best)) best = mm;
      return;
    }
    for (const act of acts) if (!done.includes(act)) go([...done, act]);
  };
  go([]);
  return best;
}
function solveLength(problem: WalkProblem, acts: Act[]): number | null {
  const stop = (id: string) => problem.stops.indexOf(id);
  const at = acts.map(({ act, thing }) => {
    const { from, to } = problem.things.find(({ id }) => id === thing)!;
    return stop(act === 'take' ? from : to);
  });
  const way = [
    ...(problem.start === null ? [] : [stop(problem.start)]),
    ...at,
    ...(problem.end === null ? [] : [stop(problem.end)]),
  ];
  const mm = way.slice(1).reduce((sum, next, i) => sum + problem.mm[way[i]!]![next]!, 0);
  return wrongWith(problem, { format: 'stube-walk-answer/1', acts, mm, bound: 0, optimal: false }).length ? null : mm;
}

describe('a round', () => {
  test('of three things is as short as any order of their acts, in every kind of walk', () => {
    for (const kind of WALK_KINDS)
      for (let seed = 1; seed <= 4; seed++)
        for (const start of ['door', null]) {
          const problem = { ...walkProblem(kind, 3, seed), start };
          const answer = solveWalk(problem);
          expect(wrongWith(problem, answer)).toEqual([]);
          expect(answer).toMatchObject({ mm: shortest(problem), bound: answer.mm, optimal: true });
        }
  });

  test('by any orders: a walk that keeps to them, or none where there is none', () => {
    let none = 0;
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 1000 }),
        fc.array(fc.tuple(fc.nat(5), fc.nat(5)), { maxLength: 5 }),
        (seed, pairs) => {
          const act = (n: number): Act => ({ thing: `t${n >> 1}`, act: n & 1 ? 'put' : 'take' });
          const problem: WalkProblem = {
            ...walkProblem('gather', 3, seed),
            carry: 2,
            order: pairs.map(([a, b]) => [act(a), act(b)]),
          };
          const answer = solveWalk(problem);
          const least = shortest(problem);
          expect(answer.mm).toBe(least);
          expect(answer.optimal).toBe(true);
          if (least === null) none++;
          else expect(wrongWith(problem, answer)).toEqual([]);
        },
      ),
      { numRuns: 40 },
    );
    expect(none).toBeGreaterThan(3);
  });

  test('of nine things is proven the shortest', () => {
    for (const kind of WALK_KINDS) {
      const answer = solveWalk(walkProblem(kind, 9, 3));
      expect(answer.optimal).toBe(true);
    }
  });

  test('of many things is whole, no shorter than its bound, and hardly longer after more time', () => {
    for (const kind of WALK_KINDS) {
      const problem = walkProblem(kind, 16, 5);
      const answer = solveWalk(problem, { turns: 400 });
      expect(wrongWith(problem, answer)).toEqual([]);
      const longer = solveWalk(problem, { turns: 3000, seed: 2 });
      expect(answer.mm).toBeLessThanOrEqual(1.06 * longer.mm!);
    }
  });

  test('what is turned where it stands, and nothing at all, are walks too', () => {
    const problem = walkProblem('moves', 4, 2);
    const turned = problem.things.map((thing) => ({ ...thing, to: thing.from }));
    const still = { ...problem, things: turned, order: [] };
    expect(wrongWith(still, solveWalk(still))).toEqual([]);
    expect(solveWalk({ ...problem, things: [], order: [], end: 'door' })).toMatchObject({
      acts: [],
      mm: 0,
      optimal: true,
    });
  });
});

const good = walkProblem('swap', 3, 1);
test.each([
  ['format', { format: 'stube-walk/2' }],
  ['mm', { mm: [[0]] }],
  ['mm[0][0]', { mm: good.mm.map((row, i) => row.map((far, j) => (i + j ? far : 1))) }],
  ['start', { start: 'nowhere' }],
  ['things[0].to', { things: [{ ...good.things[0], to: 'nowhere' }] }],
  [
    'order[0][1].thing',
    {
      order: [
        [
          { thing: 't0', act: 'take' },
          { thing: 'x', act: 'put' },
        ],
      ],
    },
  ],
  ['order[0]', { order: [[{ thing: 't0', act: 'take' }]] }],
])('a problem that is wrong at %s is refused there', (field, wrong) => {
  expect(() => readWalkProblem({ ...good, ...wrong })).toThrow(FormatError);
  expect(() => readWalkProblem({ ...good, ...wrong })).toThrow(`${field}:`);
});
test('a whole problem is read as it is', () => {
  expect(readWalkProblem(JSON.parse(JSON.stringify(good)))).toEqual(good);
});
