import { expect, test } from 'vitest';
import { plainBin, plainProblem, plainShelf } from '../testing/plain.ts';
import { solveDepth } from './solve.ts';
import type { DepthProblem } from './problem.ts';

const usual = { maxLoad: 3000, height: 300 };
const bins = (count: number, mass: number) =>
  Array.from({ length: count }, (_, i) => ({
    ...plainBin(`b${i}`, { width: 100, mass }),
    ...{ turnable: false, stackable: false },
  }));
const solved = (problem: Omit<DepthProblem, 'format'>) =>
  solveDepth({ ...problem, format: 'stube-place/2' }, { iterations: 40 });
const loadOf = ({ placed }: ReturnType<typeof solved>, id: string, mass: number) =>
  placed.filter(({ compartment }) => compartment === id).length * mass;

test('what such a place usually bears is kept to while all has a place by it', () => {
  const near = plainShelf('near', { maxLoad: 1e7, usual });
  const far = plainShelf('far', { maxLoad: 1e7, usual, walk: { z0: 6, z1: 6 } });
  const answer = solved({ ...plainProblem([], [near, far]), bins: bins(4, 1500) });
  expect(answer.unplaced).toEqual([]);
  expect(loadOf(answer, 'near', 1500)).toBe(3000);
});

test('and leaves nothing out: a guess gives way, a load that was told does not', () => {
  const near = plainShelf('near', { maxLoad: 1e7, usual });
  const room = (space: typeof near) => ({ ...plainProblem([], [space]), bins: bins(4, 1500) });
  expect(solved(room(near)).unplaced).toEqual([]);
  expect(solved(room({ ...near, maxLoad: 3000 })).unplaced).toHaveLength(2);
});

test('where it would not help, it is kept to all the same', () => {
  const near = plainShelf('near', { maxLoad: 1e7, usual, width: 200 });
  const answer = solved({ ...plainProblem([], [near]), bins: bins(3, 1500) });
  expect(answer.unplaced).toHaveLength(1);
  expect(loadOf(answer, 'near', 1500)).toBe(3000);
});
