import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { NATURE, natureOf, notBeside } from '../../../ground/hazards/natures.ts';
import { UNPLACED } from '../../../ground/problems/place-problem.ts';
import { checkDepth } from '../testing/check-depth.ts';
import { depthProblem } from '../testing/depth-problems.ts';
import { plainBin, plainProblem, plainShelf } from '../testing/plain.ts';
import { explain, optionsFor } from './explain.ts';
import type { DepthAnswer, DepthBin, DepthProblem } from './problem.ts';
import { solveDepth } from './solve.ts';
import { Standing, type Home } from './standing.ts';

const bin = (id: string, more: Partial<DepthBin> = {}): DepthBin => ({
  ...plainBin(id),
  turnable: false,
  stackable: true,
  ...more,
});
const room = (bins: DepthBin[], shelves = [plainShelf('low', { floor: 800, unit: 'u' })]): DepthProblem => ({
  ...plainProblem([], shelves),
  format: 'stube-place/2',
  bins,
});
const homes = (answer: Pick<DepthAnswer, 'placed'>) =>
  new Map(answer.placed.map(({ bin: id, ...home }): [string, Home] => [id, home]));
const anywhere = (...ids: string[]) =>
  new Map(ids.map((id): [string, Home] => [id, { compartment: 'low', x: null, y: null, z: null, turned: false }]));

describe('what stands', () => {
  test('an answer stands as it says, and costs what it says; one picked up goes where it is said to, at that price', () => {
    let alone = 0;
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 6 }), fc.integer({ min: 1, max: 500 }), (compartments, seed) => {
        const problem = depthProblem(compartments, seed);
        const answer = solveDepth(problem, { iterations: 10 });
        const standing = new Standing(problem, homes(answer));
        expect(standing.crowded).toEqual([]);
        expect(standing.effort).toBeCloseTo(answer.effort - UNPLACED * answer.unplaced.length, 3);
        expect(new Set(standing.positions)).toEqual(new Set(answer.placed));
        const { bin: held } = answer.placed[seed % answer.placed.length]!;
        // What stands on it comes down, wherever there is room: then more changes than the one place.
        if (answer.placed.some(({ bin: other }) => standing.supports(other).includes(held))) return;
        alone++;
        for (const { spot, compartment, change } of optionsFor(standing, held)) {
          if (!spot) continue;
          const { x, y, z, turned } = spot;
          const without = standing.without(held);
          const moved = homes({ placed: [...without.positions, { bin: held, compartment, x, y, z, turned }] });
          const after = new Standing(problem, moved);
          expect(after.effort - standing.effort).toBeCloseTo(change, 3);
          const { problems } = checkDepth(problem, {
            ...answer,
            placed: after.positions,
            effort: after.effort + UNPLACED * answer.unplaced.length,
          });
          expect(problems).toEqual([]);
        }
      }),
      { numRuns: 12, examples: [[2, 495]] },
    );
    expect(alone).toBeGreaterThan(3);
  }, 120_000);

  test('what nobody has said a position for stands where there is room, and what has none is told', () => {
    const shelf = { ...plainShelf('low', { floor: 800, unit: 'u' }), width: 500, depth: 300, height: 320 };
    const bins = ['a', 'b', 'c', 'd', 'e'].map((id) => bin(id, { width: 240, depth: 290, height: 140 }));
    const standing = new Standing(room(bins, [shelf]), anywhere('a', 'b', 'c', 'd', 'e'));
    expect(standing.positions.map(({ x, y, z }) => [x, y, z])).toEqual([
      [0, 0, 0],
      [240, 0, 0],
      [0, 0, 140],
      [240, 0, 140],
    ]);
    expect(standing.crowded).toEqual(['e']);
    expect(standing.blockers('a')).toEqual(['c']);
    expect(standing.covers('c')).toEqual(['a']);
    expect(standing.without('a').position('c')).toMatchObject({ z: 0 });
  });

  test('a position that cannot be is looked for anew: through a wall, through another, on nothing', () => {
    const bins = ['a', 'b', 'c'].map((id) => bin(id, { width: 200, depth: 200, height: 100 }));
    const at = (x: number, z = 0): Home => ({ compartment: 'low', x, y: 0, z, turned: false });
    const standing = new Standing(
      room(bins),
      new Map([
        ['a', at(5000)],
        ['b', at(0)],
        ['c', at(100, 100)],
      ]),
    );
    expect(standing.position('b')).toMatchObject({ x: 0, z: 0 });
    expect(standing.crowded).toEqual([]);
    expect(standing.position('a')!.x).toBeLessThan(1000);
    expect(standing.position('c')!.x).not.toBe(100);
  });

  test('on a bin or behind it, where the rules allow it', () => {
    const shelf = { ...plainShelf('low', { floor: 800, unit: 'u' }), width: 300, depth: 500, height: 320 };
    const bins = [
      bin('under', { width: 240, depth: 240, height: 140, mass: 3000 }),
      bin('light', { width: 200, depth: 200, height: 100, mass: 500 }),
      bin('heavy', { width: 200, depth: 200, height: 100, mass: 4000 }),
    ];
    const standing = new Standing(room(bins, [shelf]), anywhere('under'));
    expect(standing.spotAt('light', 'under', 'on')).toMatchObject({ z: 140, y: 0 });
    expect(standing.spotAt('light', 'under', 'behind')).toMatchObject({ z: 0, y: 240 });
    expect(standing.spotAt('heavy', 'under', 'on')).toBeNull();
    // On a hook they hang side by side.
    const hook = new Standing(room(bins, [{ ...shelf, hangs: true }]), anywhere('under'));
    expect(hook.spotAt('light', 'under', 'behind')).toBeNull();
  });
});

test('what is fixed stays where it stands, and what must be locked gets the locked place first', () => {
  const shelves = [
    plainShelf('low', { floor: 900, unit: 'u' }),
    { ...plainShelf('safe', { floor: 500, unit: 'v' }), locked: true },
  ];
  const bins = [bin('a'), bin('b'), bin('knives')];
  const stays = { bin: 'b', compartment: 'safe', x: 300, y: 0, z: 0, turned: false };
  const answer = solveDepth(room(bins, shelves), { iterations: 30, fixed: [stays], locked: ['knives'] });
  expect(answer.placed).toContainEqual(stays);
  expect(answer.placed.find((one) => one.bin === 'knives')).toMatchObject({ compartment: 'safe' });
  expect(answer.placed.find((one) => one.bin === 'a')).toMatchObject({ compartment: 'low' });
});

test('the reason names the parts, what was kept, what is moved first, and what keeps it out of easier places', () => {
  const shelves = [plainShelf('low', { floor: 800, unit: 'u' }), plainShelf('high', { floor: 1650, unit: 'u' })];
  const knives = bin('knives', { hazard: true, uses: [{ person: 'p0', perWeek: 2 }] });
  const on = bin('on', { uses: [{ person: 'p0', perWeek: 1 }], mass: 1 });
  const alone = room([knives, on], shelves);
  const problem = { ...alone, people: [...alone.people, { id: 'k', kind: 'child' as const, stature: 1100 }] };
  const high = { compartment: 'high', x: 0, y: 0, turned: false };
  const standing = new Standing(
    problem,
    new Map([
      ['knives', { ...high, z: 0 }],
      ['on', { ...high, z: knives.height }],
    ]),
  );
  const why = explain(standing, 'knives', optionsFor(standing, 'knives'), (id) => id)!;
  expect(why.parts.walking).toBeCloseTo(2 * 2 * 0.83);
  expect(why).toMatchObject({ movedFirst: ['on'], perWeek: 2, parts: { moving: 16 } });
  expect(why.kept).toContain('out of reach of the children');
  expect(why.excluded[0]).toMatchObject({ compartment: 'low', broken: [{ rule: 'hazard', person: 'k' }] });
});

describe('what must stand apart', () => {
  const near = plainShelf('low', { floor: 800, unit: 'u' });
  const far = plainShelf('high', { floor: 1150, unit: 'u' });
  const gun = bin('gun', { nature: NATURE.hot });
  const spray = bin('spray', { nature: NATURE.burns });
  test('never shares a compartment, whatever the plan begins with and however long it is searched', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 400 }), (seed) => {
        const more = Array.from({ length: 6 }, (_, i) => bin(`b${i}`, { nature: i % 3 ? 0 : NATURE.burns }));
        const problem = room([gun, spray, ...more], [near, far]);
        const start = [
          { bin: 'gun', compartment: 'low', x: 0, y: 0, z: 0, turned: false },
          { bin: 'spray', compartment: 'low', x: 200, y: 0, z: 0, turned: false },
        ];
        const { placed } = solveDepth(problem, { seed, iterations: 15, ...(seed % 2 ? { start } : {}) });
        const spaceOf = new Map(placed.map(({ bin: id, compartment }) => [id, compartment]));
        for (const { id, nature } of problem.bins)
          if (nature === NATURE.burns && spaceOf.has('gun') && spaceOf.has(id))
            expect(spaceOf.get(id)).not.toBe(spaceOf.get('gun'));
        expect(placed.length).toBeGreaterThan(2);
      }),
      { numRuns: 25 },
    );
  });
  test('what could drip is never above what is eaten from, however good the place is', () => {
    const shelves = ['a', 'b', 'c'].map((id, i, all) =>
      plainShelf(id, { floor: 700 + 350 * i, unit: 'u', width: 450, over: all.slice(0, i) }),
    );
    const other = plainShelf('elsewhere', { floor: 100, unit: 'v', walk: { z0: 6 } });
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 400 }), (seed) => {
        const natures = Array.from({ length: 7 }, (_, i) => [NATURE.chemical, NATURE.food, 0][(i + seed) % 3]!);
        const problem = room(
          natures.map((nature, i) => bin(`b${i}`, { nature, uses: [{ person: 'p0', perWeek: 1 + ((i * seed) % 5) }] })),
          [...shelves, other],
        );
        const { placed } = solveDepth(problem, { seed, iterations: 15 });
        const floors = (nature: number) =>
          placed
            .filter(({ bin: id }) => natures[Number(id.slice(1))] === nature)
            .flatMap(({ compartment }) => shelves.find(({ id }) => id === compartment)?.floor ?? []);
        expect(placed).toHaveLength(7);
        for (const dripping of floors(NATURE.chemical))
          for (const eaten of floors(NATURE.food)) expect(dripping).toBeLessThan(eaten);
      }),
      { numRuns: 25 },
    );
  });
  test('two of one size do not change places where one would come above the other', () => {
    const shelves = [plainShelf('low', { unit: 'u' }), plainShelf('high', { floor: 1150, unit: 'u', over: ['low'] })];
    const now = (low: number, high: number) => {
      const problem = room([bin('l', { nature: low }), bin('h', { nature: high })], shelves);
      const standing = new Standing(
        problem,
        new Map([
          ['l', { compartment: 'low', x: 0, y: 0, z: 0, turned: false }],
          ['h', { compartment: 'high', x: 0, y: 0, z: 0, turned: false }],
        ]),
      );
      standing.now.place.ready(0);
      standing.now.place.ready(1);
      return standing.now;
    };
    expect(now(NATURE.chemical, NATURE.food).swapCost(0, 1, Infinity)).toBe(Infinity);
    expect(now(NATURE.food, NATURE.chemical).swapCost(0, 1, Infinity)).toBeLessThan(Infinity);
    expect(now(NATURE.chemical, 0).swapCost(0, 1, Infinity)).toBeLessThan(Infinity);
  });
  test('is told where somebody would put it there', () => {
    const problem = room([gun, spray], [near, far]);
    const standing = new Standing(problem, anywhere('spray'));
    const options = new Map(optionsFor(standing, 'gun').map((option) => [option.compartment, option]));
    expect(options.get('low')).toMatchObject({ spot: null, broken: [{ rule: 'apart' }] });
    expect(options.get('high')!.spot).not.toBeNull();
    expect(standing.spotAt('gun', 'spray', 'on')).toBeNull();
    // What stands so already stays, and the caution says so.
    expect(new Standing(problem, anywhere('spray', 'gun')).position('gun')?.compartment).toBe('low');
  });
});

test.each([
  ['glue guns', ['H15'], 'art', NATURE.hot],
  ['varnish and solvents', ['H5'], 'art', NATURE.burns | NATURE.chemical],
  ['copy paper', [], 'office', NATURE.burns],
  ['lunch boxes and snacks', [], 'whole room', NATURE.food],
  ['nappies', [], 'changing', NATURE.changing],
  ['wooden blocks', [], 'building', 0],
] as const)('%s', (words, hazards, zoneKind, nature) => {
  expect(natureOf({ words, hazards: new Set(hazards), zoneKind })).toBe(nature);
  expect(notBeside(nature) & nature).toBe(0);
});
