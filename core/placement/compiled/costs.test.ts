import { expect, test } from 'vitest';
import fc from 'fast-check';
import { compilePlace } from './compile.ts';
import { effortOf } from '../effort.ts';
import { Nearest } from './nearest.ts';
import { CandidateLists } from '../bounds/candidate-lists.ts';
import { brokenRules, usableWidth } from '../rules.ts';
import { UNPLACED } from '../problem.ts';
import { problems } from '../testing/problems.ts';

test('a compartment costs what the format says, and is closed where a rule is broken', () => {
  fc.assert(
    fc.property(problems(8, 8), (problem) => {
      const people = new Map(problem.people.map((person) => [person.id, person]));
      const { costs } = compilePlace(problem);
      problem.bins.forEach((bin, b) =>
        problem.compartments.forEach((at, c) => {
          const open = brokenRules(bin, at, people, problem.growth).length === 0;
          if (open) expect(costs.at(b, c)).toBeCloseTo(effortOf(bin, at, people).total, 6);
          else expect(costs.at(b, c)).toBe(Infinity);
        }),
      );
    }),
    { numRuns: 80 },
  );
});

test('by the walk, no compartment from one on costs less than is said of it, and none is missing', () => {
  fc.assert(
    fc.property(problems(8, 8), fc.constantFrom(1, 1e-4, 1e12), (problem, far) => {
      // The format sets no end to a walk.
      for (const { walk } of problem.compartments) for (const zone in walk) walk[zone]! *= far;
      const { costs, bins, compartments } = compilePlace(problem);
      for (let b = 0; b < bins; b++) {
        const order = Array.from(costs.byWalk(b));
        expect([...order].sort((x, y) => x - y)).toEqual(Array.from({ length: compartments }, (_, c) => c));
        order.forEach((c, i) => {
          for (const later of order.slice(i)) expect(costs.at(b, later)).toBeGreaterThanOrEqual(costs.leastAfter(b, c));
        });
      }
    }),
    { numRuns: 60 },
  );
});

test('each bin lists its cheapest compartments, and a longer list goes on where the first ended', () => {
  fc.assert(
    fc.property(problems(8, 8), fc.integer({ min: 1, max: 4 }), (problem, most) => {
      const place = compilePlace(problem, new Map(), most);
      const reach = new CandidateLists(place);
      for (let b = 0; b < place.bins; b++) {
        const all = Array.from({ length: place.compartments }, (_, c) => place.costs.at(b, c))
          .filter((cost) => cost < Infinity)
          .sort((x, y) => x - y);
        const listed = () => Array.from(reach.choices[b]!, (c) => place.costs.at(b, c));
        expect(listed()).toEqual(all.slice(0, most));
        while (reach.canExtend(b)) {
          const had = reach.choices[b]!.length;
          reach.extend(b);
          expect(listed().sort((x, y) => x - y)).toEqual(all.slice(0, 2 * had));
          expect(reach.limit[b]).toBe(Math.min(UNPLACED, all[2 * had] ?? UNPLACED));
        }
      }
    }),
    { numRuns: 80 },
  );
});

test('the nearest are the least of all that were offered', () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 0, max: 50 })), fc.integer({ min: 1, max: 8 }), (values, most) => {
      const nearest = new Nearest(most);
      values.forEach((value, i) => nearest.offer(value, i));
      const kept = nearest.sorted();
      expect(Array.from(kept.values)).toEqual([...values].sort((x, y) => x - y).slice(0, most));
      kept.items.forEach((item, i) => expect(values[item]).toBe(kept.values[i]));
      expect(new Set(kept.items).size).toBe(kept.items.length);
    }),
  );
});

test('room to grow is whole millimetres, exact where it comes out even', () => {
  expect(usableWidth(1000, 0.1)).toBe(900);
  expect(usableWidth(335, 0.1)).toBe(301);
  expect(usableWidth(600, 0.15)).toBe(510);
});
