import { byId } from '../../ground/model/by-id.ts';
import fc from 'fast-check';
import { expect, test } from 'vitest';
import { heavyFirst, type OrderedStep } from './heavy-first.ts';
import { solveMoves } from './solve.ts';
import { playMoves, rearrangement } from './testing/rearrangement.ts';

const step = (bin: string, from: string | null, to: string | null, parks = false): OrderedStep => ({
  bin,
  from,
  to,
  parks,
});
const MASS: Record<string, number> = { feathers: 100, books: 9000, paper: 7000 };
const massOf = (bin: string) => MASS[bin] ?? 1;

test('what has nothing to do with each other goes by its weight; what shares a place keeps its order', () => {
  const apart = [step('feathers', 'a', 'b'), step('paper', 'c', 'd'), step('books', 'e', 'f')];
  expect(heavyFirst(apart, massOf)).toEqual([2, 1, 0]);
  const chain = [step('feathers', 'a', 'b'), step('books', 'c', 'a'), step('paper', 'd', 'e')];
  expect(heavyFirst(chain, massOf)).toEqual([2, 0, 1]);
  const floor = [step('feathers', 'a', null, true), step('books', 'b', null, true), step('feathers', null, 'b')];
  expect(heavyFirst(floor, massOf)).toEqual([0, 1, 2]);
});

test('every plan can still be done step by step, with no more on the floor', () => {
  let played = 0;
  fc.assert(
    fc.property(fc.integer({ min: 3, max: 14 }), fc.integer({ min: 1, max: 4 }), fc.nat(5000), (n, places, seed) => {
      const problem = rearrangement(n, places, seed);
      const { steps } = solveMoves(problem, { rounds: 3 });
      // Some made ones are wrong in themselves: there is nothing to keep.
      if (!steps?.length || playMoves(problem, steps)) return;
      played++;
      const bins = byId(problem.bins);
      const at = new Map(problem.bins.map((bin) => [bin.id, bin.from?.compartment ?? null]));
      const ordered = steps.map(({ bin, to }): OrderedStep => {
        const from = at.get(bin) ?? null;
        const goal = to === 'place' ? (bins.get(bin)!.to?.compartment ?? null) : null;
        at.set(bin, goal);
        return step(bin, from, goal, to === 'parking');
      });
      const order = heavyFirst(ordered, (bin) => (Number(bin.replace(/\D/g, '')) * 7919) % 97);
      expect([...order].sort((a, b) => a - b)).toEqual(steps.map((_, i) => i));
      expect(
        playMoves(
          problem,
          order.map((i) => steps[i]!),
        ),
      ).toBeNull();
    }),
    { numRuns: 150 },
  );
  expect(played).toBeGreaterThan(40);
});
