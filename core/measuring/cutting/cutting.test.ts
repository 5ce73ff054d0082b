import { byId } from '../../ground/model/by-id.ts';
import fc from 'fast-check';
import { expect, test } from 'vitest';
import { FormatError } from '../../ground/engine/problem-format.ts';
import { runToEnd } from '../../ground/engine/run-to-end.ts';
import type { CutAnswer, CutProblem } from './problem.ts';
import { readCutProblem } from './read.ts';
import { cutSteps } from './solve.ts';

const problemOf = (kerf: number, stock: [number, number, number | null][], pieces: [number, number][]): CutProblem => ({
  format: 'stube-cut/1',
  kerf,
  timeMs: 1000,
  stock: stock.map(([length, price, count], i) => ({ id: `s${i}`, material: 'bar', length, price, count })),
  pieces: pieces.map(([length, count], i) => ({ id: `p${i}`, material: 'bar', length, count })),
});
const solve = (problem: CutProblem): CutAnswer => runToEnd(cutSteps(readCutProblem(problem)));

/** Every rule of the format, on an answer with bars. */
function expectValid(problem: CutProblem, answer: CutAnswer): void {
  const stock = byId(problem.stock);
  const length = new Map(problem.pieces.map((piece) => [piece.id, piece.length]));
  const cut = new Map<string, number>();
  const used = new Map<string, number>();
  for (const bar of answer.bars!) {
    expect(bar.pieces.length).toBeGreaterThan(0);
    const needed = bar.pieces.reduce((sum, id) => sum + length.get(id)!, 0) + (bar.pieces.length - 1) * problem.kerf;
    expect(needed).toBeLessThanOrEqual(stock.get(bar.stock)!.length);
    used.set(bar.stock, (used.get(bar.stock) ?? 0) + 1);
    for (const id of bar.pieces) cut.set(id, (cut.get(id) ?? 0) + 1);
  }
  for (const { id, count } of problem.pieces) expect(cut.get(id)).toBe(count);
  for (const [id, count] of used) expect(count).toBeLessThanOrEqual(stock.get(id)!.count ?? Infinity);
  expect(answer.price).toBe(answer.bars!.reduce((sum, bar) => sum + stock.get(bar.stock)!.price, 0));
  expect(answer.bound).toBeLessThanOrEqual(answer.price!);
}

/** Least price and, of that, fewest bars, by trying everything; null where there is no plan. */
function exhaustive({ kerf, stock, pieces }: CutProblem): [number, number] | null {
  const all = pieces.flatMap(({ length, count }) => Array<number>(count).fill(length)).sort((a, b) => b - a);
  let best: [number, number] | null = null;
  const go = (i: number, open: number[], left: (number | null)[], price: number): void => {
    if (best && (price > best[0] || (price === best[0] && open.length >= best[1]))) return;
    if (i === all.length) {
      best = [price, open.length];
      return;
    }
    for (const [bar, free] of open.entries())
      if (free >= all[i]! + kerf) go(i + 1, open.with(bar, free - all[i]! - kerf), left, price);
    stock.forEach((bar, s) => {
      if (bar.length < all[i]! || left[s] === 0) return;
      const fewer = left.with(s, left[s] === null ? null : left[s]! - 1);
      go(i + 1, [...open, bar.length - all[i]!], fewer, price + bar.price);
    });
  };
  go(
    0,
    [],
    stock.map(({ count }) => count),
    0,
  );
  return best;
}

test('six rods of a closet need six lengths: two of them and the saw are longer than one', () => {
  const problem = problemOf(3, [[2400, 690, null]], [[1211, 6]]);
  const answer = solve(problem);
  expectValid(problem, answer);
  expect(answer).toMatchObject({ price: 6 * 690, bound: 6 * 690, optimal: true });
  expect(answer.bars!.map(({ pieces }) => pieces.length)).toEqual([1, 1, 1, 1, 1, 1]);
  // Without the kerf two would just about fit a length of 2422.
  expect(solve(problemOf(0, [[2422, 690, null]], [[1211, 6]])).bars).toHaveLength(3);
  expect(solve(problemOf(3, [[2422, 690, null]], [[1211, 6]])).bars).toHaveLength(6);
});

test('what it finds is the least there is, and it says so', () => {
  const length = fc.integer({ min: 20, max: 100 });
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 6 }),
      fc.array(fc.tuple(length, fc.integer({ min: 0, max: 40 }), fc.constantFrom(null, null, 0, 1, 2)), {
        minLength: 1,
        maxLength: 3,
      }),
      fc.array(fc.tuple(fc.integer({ min: 5, max: 60 }), fc.integer({ min: 1, max: 3 })), { maxLength: 4 }),
      (kerf, stock, pieces) => {
        const problem = problemOf(kerf, stock, pieces);
        const fits = pieces.every(([piece]) => stock.some(([bar, , count]) => count !== 0 && bar >= piece));
        if (!fits) return void expect(() => solve(problem)).toThrow(FormatError);
        const answer = solve(problem);
        const least = exhaustive(problem);
        expect(answer.optimal).toBe(true);
        if (!least) return void expect(answer).toMatchObject({ bars: null, price: null, bound: null });
        expectValid(problem, answer);
        expect([answer.price, answer.bars!.length]).toEqual(least);
        expect(answer.bound).toBe(least[0]);
      },
    ),
    { numRuns: 300 },
  );
});

test('offcuts come first, bars of several lengths are mixed, and materials stay apart', () => {
  const problem = problemOf(
    3,
    [
      [1800, 1000, null],
      [2400, 1200, null],
      [950, 0, 1],
    ],
    [
      [900, 3],
      [1190, 2],
    ],
  );
  expect(solve(problem)).toMatchObject({ price: 2400, optimal: true });
  const two = {
    ...problem,
    stock: [...problem.stock, { id: 'x', material: 'board', length: 2000, price: 500, count: null }],
    pieces: [...problem.pieces, { id: 'y', material: 'board', length: 600, count: 4 }],
  };
  const answer = solve(two);
  expectValid(two, answer);
  expect(answer.price).toBe(2400 + 1000);
});

test('at any time there is a whole plan, never dearer than the longest piece first onto the first bar it fits', () => {
  const problem = problemOf(
    2,
    [[4000, 100, null]],
    Array.from({ length: 60 }, (_, i): [number, number] => [
      i % 3 ? 940 + ((i * 37) % 115) : 1250 + ((i * 53) % 150),
      1,
    ]),
  );
  const bars: number[] = [];
  for (const length of problem.pieces.map((piece) => piece.length).sort((a, b) => b - a)) {
    const at = bars.findIndex((free) => free >= length + 2);
    if (at < 0) bars.push(4000 - length);
    else bars[at]! -= length + 2;
  }
  const first = cutSteps(problem).next().value as { answer(): CutAnswer };
  expectValid(problem, first.answer());
  expect(first.answer().bars!.length).toBeLessThanOrEqual(bars.length);
  const answer = solve(problem);
  expectValid(problem, answer);
  expect(answer.optimal).toBe(true);
});

test.each([
  [{ kerf: -1 }, 'kerf: must be an integer, 0 or more'],
  [{ stock: [{ id: 'a', material: 'bar', length: 0, price: 1, count: null }] }, 'stock[0].length: must be a positive'],
  [{ pieces: [{ id: 'a', material: 'rod', length: 5, count: 1 }] }, 'pieces[0].length: "a" is longer than every stock'],
])('%j is refused', (wrong, message) => {
  const problem = { ...problemOf(3, [[100, 1, null]], [[50, 1]]), ...wrong };
  expect(() => readCutProblem(problem)).toThrow(message);
});
