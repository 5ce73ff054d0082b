import { expect, test } from 'vitest';
import { plainBin, plainProblem, plainShelf } from '../testing/plain.ts';
import type { DepthBin } from './problem.ts';
import { solveDepth } from './solve.ts';

const bin = (id: string, more: Partial<DepthBin> = {}): DepthBin => ({
  ...plainBin(id, { width: 400, depth: 300, height: 260 }),
  turnable: false,
  stackable: false,
  ...more,
});

test('who has no place is looked a place for wherever one is to be had, not in the best places only', () => {
  // Nearer than the last two shelves are more full ones than are usually looked at.
  const full = Array.from({ length: 14 }, (_, i) => `full ${i}`);
  const small = { width: 200, uses: [{ person: 'p0', perWeek: 200 }] };
  const problem = {
    ...plainProblem(
      [],
      [
        ...full.map((id) => plainShelf(id, { walk: { z0: 1, z1: 30, p: 30 } })),
        plainShelf('far', { walk: { z0: 9, z1: 0, p: 8 } }),
        plainShelf('farther', { walk: { z0: 10, z1: 8, p: 0 } }),
      ],
    ),
    format: 'stube-place/2' as const,
    bins: [
      ...full.map((id) => bin(`in ${id}`, { uses: [{ person: 'p0', perWeek: 50 }] })),
      bin('waits', { uses: [{ person: 'p0', perWeek: 1 }] }),
      bin('one', { ...small, zone: 'z1' }),
      bin('other', { ...small, zone: 'p' }),
      // No shelf takes it: it keeps nobody from being helped.
      bin('hopeless', { height: 900 }),
    ],
  };
  for (let seed = 1; seed <= 8; seed++)
    expect(solveDepth(problem, { seed, iterations: 10 }).unplaced).toEqual(['hopeless']);
});
