import { describe, expect, test } from 'vitest';
import fc from 'fast-check';
import { runToEnd } from '../../engine/run-to-end.ts';
import { LagrangianBound } from '../bounds/lagrangian-bound.ts';
import { assignmentEffort, compilePlace, type CompiledPlace } from '../compiled/compile.ts';
import { planByRegret, planByWidthMultipliers } from './construction.ts';
import type { PlaceProblem } from '../problem.ts';
import { CandidateLists } from '../bounds/candidate-lists.ts';
import { widthMultipliers } from '../bounds/width-multipliers.ts';
import { PlacementSearch } from './search.ts';
import { plainBin, plainProblem, plainShelf } from '../testing/plain.ts';
import { problems } from '../testing/problems.ts';

/** Every rule and all room kept; pins where they are. */
function keepsRules(place: CompiledPlace, at: Int32Array): void {
  const width = place.widthCapacity.slice();
  const load = place.loadCapacity.slice();
  at.forEach((c, b) => {
    if (place.pinned[b]! >= 0) expect(c).toBe(place.pinned[b]);
    if (c < 0) return;
    expect(place.costs.at(b, c)).toBeLessThan(Infinity);
    width[c]! -= place.width[b]!;
    load[c]! -= place.mass[b]!;
    expect(width[c]).toBeGreaterThanOrEqual(0);
    expect(load[c]).toBeGreaterThanOrEqual(0);
  });
}

/** Room for about every second bin, and few rules: all want into full compartments. */
const crowded = (problem: PlaceProblem): PlaceProblem => ({
  ...problem,
  compartments: problem.compartments.map((compartment) => ({
    ...compartment,
    width: 150 + (compartment.width % 350),
    depth: 500,
    height: 400,
    floor: 800,
    locked: false,
    maxLoad: 25000,
  })),
  bins: problem.bins.map((bin) => ({ ...bin, mass: 500, hazard: false, lightSensitive: false, view: null })),
});

const withPins = fc.tuple(problems(12, 8), fc.nat(3)).map(([problem, many]): [PlaceProblem, Map<string, string>] => {
  const first = compilePlace(problem);
  const plan = planByRegret(first);
  const pins = new Map<string, string>();
  plan.forEach((c, b) => {
    if (c >= 0 && pins.size < many) pins.set(problem.bins[b]!.id, problem.compartments[c]!.id);
  });
  return [problem, pins];
});

/** A shelf so many metres from the zones. */
const shelf = (id: string, metres: number) => plainShelf(id, { walk: { z0: metres, z1: metres } });

describe('plans made in one go', () => {
  test('by regret, by width multipliers and as prices lean, all keep the rules and the pins', () => {
    fc.assert(
      fc.property(withPins, ([problem, pins]) => {
        const place = compilePlace(problem, pins);
        const regret = planByRegret(place);
        keepsRules(place, regret);
        const lists = new CandidateLists(place);
        const multiplier = runToEnd(widthMultipliers(place, lists, assignmentEffort(place, regret)));
        keepsRules(place, planByWidthMultipliers(place, multiplier));
        const bound = runToEnd(LagrangianBound.begin(place, lists, multiplier));
        for (let round = 0; round < 30; round++) bound.round(assignmentEffort(place, regret));
        keepsRules(place, bound.primalHeuristic().plan());
      }),
      { numRuns: 60 },
    );
  });
  test('nobody waits for a place that is free and open', () => {
    fc.assert(
      fc.property(problems(10, 6), (problem) => {
        const place = compilePlace(problem);
        const at = planByRegret(place);
        const width = place.widthCapacity.slice();
        const load = place.loadCapacity.slice();
        at.forEach((c, b) => {
          if (c < 0) return;
          width[c]! -= place.width[b]!;
          load[c]! -= place.mass[b]!;
        });
        at.forEach((c, b) => {
          if (c >= 0) return;
          for (let to = 0; to < place.compartments; to++)
            expect(
              place.costs.at(b, to) < Infinity && place.width[b]! <= width[to]! && place.mass[b]! <= load[to]!,
            ).toBe(false);
        });
      }),
      { numRuns: 60 },
    );
  });
});

test('what the prices lean to is not lost when lists grow', () => {
  fc.assert(
    fc.property(problems(10, 8), (problem) => {
      const place = compilePlace(problem, new Map(), 2);
      const lists = new CandidateLists(place);
      const bound = runToEnd(LagrangianBound.begin(place, lists, new Float64Array(place.compartments)));
      for (let round = 0; round < 20; round++) bound.round(1e5);
      const before = bound.primalHeuristic().choices;
      runToEnd(bound.extendLists());
      bound.primalHeuristic().choices.forEach((choice, b) => {
        expect(Array.from(choice.slice(0, 1))).toEqual(Array.from(before[b]!.slice(0, 1)));
        expect(choice.length).toBeGreaterThanOrEqual(before[b]!.length);
      });
    }),
    { numRuns: 60 },
  );
});

describe('width multipliers', () => {
  test('room that nobody lacks costs nothing', () => {
    const place = compilePlace(plainProblem([plainBin('a')], [shelf('near', 1), shelf('far', 9)]));
    expect(Array.from(runToEnd(widthMultipliers(place, new CandidateLists(place), 1000)))).toEqual([0, 0]);
  });
  test('where two want the same near shelf, the near one costs more than the far one', () => {
    const place = compilePlace(plainProblem([plainBin('a'), plainBin('b')], [shelf('near', 1), shelf('far', 9)]));
    const [near, far] = runToEnd(widthMultipliers(place, new CandidateLists(place), 400));
    expect(near).toBeGreaterThan(0);
    expect(near).toBeGreaterThan(far!);
    // No more than the walk it saves: 8 m, there and back, fetching and putting back, ten times a week.
    const saved = 10 * 2 * 2 * 8 * 0.83;
    expect(near! * 300).toBeLessThanOrEqual(saved + 1e-6);
    expect(near! * 300).toBeGreaterThan(saved / 3);
    expect(far).toBe(0);
  });
  test('what one room lacks costs nothing in another', () => {
    const shelves = [shelf('near', 1), shelf('east', 1), shelf('far', 9)];
    shelves[0]!.walk = { z0: 1, z1: 30 };
    shelves[1]!.walk = { z0: 30, z1: 1 };
    const bins = [plainBin('a'), plainBin('b', { zone: 'z1' }), plainBin('c', { zone: 'z1' })];
    const place = compilePlace(plainProblem(bins, shelves));
    const [near, east] = runToEnd(widthMultipliers(place, new CandidateLists(place), 700));
    expect(near).toBe(0);
    expect(east).toBeGreaterThan(0);
  });
  test('the bin that is used more gets the near shelf', () => {
    const often = plainBin('often', { uses: [{ person: 'p0', perWeek: 30 }] });
    const place = compilePlace(plainProblem([plainBin('seldom'), often], [shelf('near', 1), shelf('far', 9)]));
    const multiplier = runToEnd(widthMultipliers(place, new CandidateLists(place), 900));
    expect(Array.from(planByWidthMultipliers(place, multiplier))).toEqual([1, 0]);
  });
});

describe('the search', () => {
  test('its sum stays the sum of its plan, whatever it tries', () => {
    fc.assert(
      fc.property(withPins, fc.boolean(), fc.integer({ min: 1, max: 1e6 }), ([problem, pins], crowd, seed) => {
        const place = compilePlace(crowd ? crowded(problem) : problem, crowd ? new Map() : pins);
        const search = new PlacementSearch(place, seed);
        // From nothing placed, so that every way of changing is used to come back.
        search.adopt(new Int32Array(place.bins).fill(-1));
        for (const cooled of [0, 0.3, 0.6, 1]) {
          search.bestEffort = Infinity;
          search.step(400, cooled);
          if (search.bestEffort === Infinity) continue;
          keepsRules(place, search.best);
          expect(search.bestEffort).toBeCloseTo(assignmentEffort(place, search.best), 6);
        }
      }),
      { numRuns: 60 },
    );
  });
  test('a chain frees what single exchanges cannot', () => {
    // Three wide bins, each where another belongs: no two can change places without the third.
    const shelves = [shelf('c0', 1), shelf('c1', 1), shelf('c2', 1)];
    shelves.forEach((compartment, i) => {
      compartment.walk = Object.fromEntries(['p', 'q', 'r'].map((zone, z) => [zone, [1, 50, 9][(z - i + 3) % 3]!]));
    });
    const bins = ['p', 'q', 'r'].map((zone) => plainBin(zone, { zone }));
    const place = compilePlace(plainProblem(bins, shelves));
    const search = new PlacementSearch(place, 1);
    search.bestEffort = Infinity;
    search.adopt(Int32Array.of(1, 2, 0));
    search.step(3000, 1);
    expect(Array.from(search.best)).toEqual([0, 1, 2]);
  });
  test('who is left out can change: the one whose place costs least stays', () => {
    const often = plainBin('often', { uses: [{ person: 'p0', perWeek: 90 }] });
    const place = compilePlace(plainProblem([often, plainBin('seldom')], [shelf('only', 3)]));
    const search = new PlacementSearch(place, 1);
    // Its own start would have it right at once.
    search.bestEffort = Infinity;
    search.adopt(Int32Array.of(0, -1));
    expect(Array.from(search.best)).toEqual([0, -1]);
    search.step(500, 1);
    expect(Array.from(search.best)).toEqual([-1, 0]);
  });
});
