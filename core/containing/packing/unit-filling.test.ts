import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { CATALOGUE } from '../containers/catalogue.ts';
import type { ContainerType } from '../../ground/model/entities.ts';
import { alwaysTight, tightSides } from '../../measuring/measuring/tight.ts';
import { fitProblemOf } from './fit-problem-of.ts';
import { solveFit } from './solve.ts';
import { leftoverOf } from './report/gaps.ts';
import { fillUnit, type FillBin, type FillProblem, type FillSpace } from './unit-filling.ts';

const types: ContainerType[] = CATALOGUE.map((shape, i) => ({
  ...shape,
  id: shape.name,
  version: i,
  siteId: 's',
  owned: 0,
  tried: null,
}));
const space = (id: string, more: Partial<FillSpace> = {}): FillSpace => ({
  id,
  width: 800,
  depth: 350,
  height: 300,
  access: 'front',
  maxLoad: 20_000,
  ...more,
});
const box = (id: string, allowed: string[], more: Partial<FillBin> = {}): FillBin => ({
  id,
  width: 260,
  depth: 340,
  height: 200,
  turnable: false,
  stackable: false,
  count: 1,
  value: 10,
  uses: 1,
  mass: 2000,
  allowed,
  home: null,
  group: id,
  ...more,
});

/** What must hold of every answer, whatever the engine does. */
function check({ spaces, bins }: FillProblem, { spaces: filled, without }: ReturnType<typeof fillUnit>): void {
  const placed = filled.flatMap(({ answer }) => answer.placed.map(({ id }) => id));
  expect([...placed, ...without].sort()).toEqual(bins.map(({ id }) => id).sort());
  for (const { space: id, answer } of filled) {
    const place = spaces.find((one) => one.id === id)!;
    const inside = answer.placed.map((put) => ({ put, bin: bins.find((bin) => bin.id === put.id)! }));
    expect(inside.reduce((sum, { bin }) => sum + bin.mass, 0)).toBeLessThanOrEqual(place.maxLoad);
    for (const { put, bin } of inside) {
      expect(bin.allowed).toContain(id);
      expect(put.x + (put.turned ? bin.depth : bin.width)).toBeLessThanOrEqual(place.width);
      expect(put.z + bin.height).toBeLessThanOrEqual(place.height);
    }
  }
}

test('all find room where they just do: three to a shelf, six bins, two shelves', () => {
  const problem = { spaces: [space('a'), space('b')], bins: [...'123456'].map((id) => box(id, ['a', 'b'])) };
  const answer = fillUnit(problem);
  expect(answer.without).toEqual([]);
  check(problem, answer);
});
test('what has only one place gets it, whatever else would fit there', () => {
  const bins = [...[...'12345'].map((id) => box(id, ['a', 'b'], { value: 30 })), box('only', ['b'], { value: 5 })];
  expect(fillUnit({ spaces: [space('a'), space('b')], bins }).without).toEqual([]);
});
test('no place bears more than it can, and what is allowed nowhere is told', () => {
  const problem = {
    spaces: [space('a', { maxLoad: 5000 })],
    bins: [box('1', ['a']), box('2', ['a']), box('3', ['a'], { mass: 2500 }), box('4', [])],
  };
  const answer = fillUnit(problem);
  expect([...answer.without].sort()).toEqual(['3', '4']);
  check(problem, answer);
});
test('a bin stays where it is when that costs nothing', () => {
  const bins = [...'123456'].map((id, i) => box(id, ['a', 'b'], { home: i < 3 ? 'b' : 'a' }));
  const { spaces } = fillUnit({ spaces: [space('a'), space('b')], bins });
  const inside = Object.fromEntries(
    spaces.map(({ space, answer }) => [
      space,
      answer.placed
        .map(({ id }) => id)
        .sort()
        .join(''),
    ]),
  );
  expect(inside).toEqual({ a: '456', b: '123' });
});
test('never through a wall, never over a load, nothing lost: any unit, any bins', () => {
  const side = (min: number, max: number) => fc.integer({ min, max });
  fc.assert(
    fc.property(
      fc.array(
        fc.record({
          width: side(200, 900),
          depth: side(200, 500),
          height: side(100, 400),
          access: fc.constantFrom('front' as const, 'top' as const),
          maxLoad: side(1000, 15000),
        }),
        { minLength: 1, maxLength: 4 },
      ),
      fc.array(
        fc.record({
          width: side(60, 400),
          depth: side(60, 400),
          height: side(40, 300),
          turnable: fc.boolean(),
          stackable: fc.boolean(),
          mass: side(100, 6000),
          allowed: fc.subarray(['0', '1', '2', '3']),
        }),
        { maxLength: 12 },
      ),
      (places, things) => {
        const problem = {
          spaces: places.map((one, i) => ({ ...one, id: `${i}` })),
          bins: things.map((one, i) => box(`b${i}`, one.allowed, one)),
        };
        check(problem, fillUnit(problem));
      },
    ),
    { numRuns: 25 },
  );
}, 60_000);

describe('what is left', () => {
  const shelf = { width: 400, depth: 300, height: 330, access: 'front' as const };
  const lidded = { id: 'x', outWidth: 390, outDepth: 290, outHeight: 120 };
  test('a shelf of 330 with boxes of 120: two stacked, and 70 above, besides the 20 for the hand', () => {
    const type = { ...types[0]!, ...lidded, lid: true, stackable: true } as ContainerType;
    const bins = ['1', '2', '3'].map((id) => ({ id, categoryId: 'c', containerTypeId: 'x' }));
    const problem = fitProblemOf(
      shelf,
      bins as never,
      new Map([['c', { perWeek: 1 }]]) as never,
      new Map([['x', type]]),
      0,
    );
    const answer = solveFit(problem, { iterations: 30 });
    expect(answer.placed.map(({ z }) => z).sort()).toEqual([0, 120]);
    expect(leftoverOf(problem, answer, [], new Map())).toMatchObject({ above: 70, hand: 20 });
  });
  test('a gap is for the tray that is owned; a narrow one is closed by a divider', () => {
    const drawer = { width: 400, depth: 300, height: 100, access: 'top' as const };
    const taken = {
      id: '1',
      width: 270,
      depth: 300,
      height: 60,
      turnable: false,
      stackable: false,
      count: 1,
      value: 10,
      uses: 0,
    };
    const problem = { format: 'stube-fit/1' as const, compartment: drawer, containers: [taken], timeMs: 0 };
    const answer = solveFit(problem, { iterations: 20 });
    const narrow = types.find(({ name }) => name === 'Drawer tray, narrow')!;
    const left = (free: number) => leftoverOf(problem, answer, types, new Map([[narrow.id, free]])).gaps[0]!;
    expect(left(2).tray).toMatchObject({ type: { name: 'Drawer tray, narrow' }, free: 2 });
    expect(left(2).rect).toMatchObject({ width: 130, depth: 300 });
    const tight = { ...problem, containers: [{ ...taken, width: 360 }] };
    const [gap] = leftoverOf(tight, solveFit(tight, { iterations: 20 }), types, new Map()).gaps;
    expect(gap).toMatchObject({ tray: null, divider: { length: 300, height: 60 } });
  });
  test('a fit within 5 mm is doubted only where the size is reckoned', () => {
    const place = { ...shelf, measured: false };
    expect(tightSides(place, { width: 396, depth: 290, height: 310 })).toEqual(['wide', 'high']);
    expect(tightSides(place, { width: 394, depth: 290, height: 304 })).toEqual([]);
    expect(tightSides({ ...place, opening: 380 }, { width: 378, depth: 290, height: 100 })).toEqual(['wide']);
    const type = { outWidth: 396, outDepth: 200, outHeight: 100 };
    expect(alwaysTight(type, [place], () => true)?.sides).toEqual(['wide']);
    expect(alwaysTight(type, [place, { ...place, width: 500 }], () => true)).toBeNull();
    expect(alwaysTight(type, [place], () => false)).toBeNull();
    expect(tightSides({ ...place, measured: true }, { width: 400, depth: 300, height: 310 })).toEqual([]);
  });
});
