import { expect, test } from 'vitest';
import fc from 'fast-check';
import { compilePlace, type CompiledPlace } from '../compiled/compile.ts';
import { GroupFits } from './group-fits.ts';
import { problems } from '../testing/problems.ts';

/** Whether the bins find room in the compartments, by trying everything. */
function haveRoom(place: CompiledPlace, bins: readonly number[], spaces: readonly number[]): boolean {
  const free = spaces.map((c) => place.widthCapacity[c]!);
  const load = spaces.map((c) => place.loadCapacity[c]!);
  const go = (i: number): boolean => {
    if (i === bins.length) return true;
    const b = bins[i]!;
    return spaces.some((c, s) => {
      if (place.costs.at(b, c) === Infinity || place.width[b]! > free[s]! || place.mass[b]! > load[s]!) return false;
      free[s]! -= place.width[b]!;
      load[s]! -= place.mass[b]!;
      const found = go(i + 1);
      free[s]! += place.width[b]!;
      load[s]! += place.mass[b]!;
      return found;
    });
  };
  return go(0);
}

test('whether a part of a group has room in a unit is told as by trying, also after units came to it', () => {
  fc.assert(
    fc.property(problems(6, 8), fc.boolean(), (problem, turned) => {
      const place = compilePlace({ ...problem, bins: problem.bins.map((bin) => ({ ...bin, group: 'g0' })) });
      const members = place.inGroup[0] ?? [];
      const room = new GroupFits(place, members);
      const units = Array.from({ length: place.units }, (_, u) => u);
      const layouts = turned ? [units.slice(1), [...units].reverse()] : [units];
      for (const layout of layouts) {
        room.setUnits(layout);
        layout.forEach((unit, column) => {
          for (let mask = 1; mask < 1 << members.length; mask++) {
            const part = members.filter((_, m) => mask & (1 << m));
            const expected = haveRoom(place, part, place.inUnit[unit]!);
            expect(room.holds(column, mask)).toBe(expected);
            expect(room.refuses(column, mask)).toBe(!expected);
          }
        });
      }
      expect(room.holds(units.length, 1)).toBe(true);
      expect(room.refuses(units.length, 1)).toBe(false);
    }),
    { numRuns: 60 },
  );
});

test('nothing is refused before it was asked, and no answer is forgotten', () => {
  const [problem] = fc.sample(
    problems(4, 2).filter((problem) => problem.bins.length > 1 && problem.compartments.length > 0),
    { numRuns: 1, seed: 4 },
  );
  const place = compilePlace({ ...problem!, bins: problem!.bins.map((bin) => ({ ...bin, width: 5000 })) });
  const room = new GroupFits(place, [0, 1]);
  room.setUnits([0]);
  expect(room.refuses(0, 3)).toBe(false);
  expect(room.holds(0, 3)).toBe(false);
  expect(room.refuses(0, 3)).toBe(true);
  // Nor is it forgotten when units are laid out anew.
  room.setUnits([0]);
  expect(room.refuses(0, 3)).toBe(true);
});
