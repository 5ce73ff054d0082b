import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { FACINGS, type Fixture, type Zone } from '../../ground/model/entities.ts';
import { fixture, UNIT } from '../../placing/cautions/testing/scene.ts';
import { clearancesOf, TO_PASS, type FloorData } from './clearances.ts';
import { placesChanged } from './change-places.ts';
import { backOf, beforeOf, footprintOf, overlap, turnedOnSpot } from './footprint.ts';
import { snapped } from './snap.ts';
import { fixturesOnWall, inWallOrder, unitsOnWall } from './walls.ts';
import { walksOf } from '../../placing/walking/walks.ts';

const room = { width: 5000, depth: 4000 };
const unit = (id: string, more: Partial<typeof UNIT> = {}) => ({
  ...UNIT,
  id,
  name: id,
  width: 1000,
  depth: 400,
  ...more,
});
const facing = fc.constantFrom(...FACINGS);
const anyUnit = fc
  .record({
    x: fc.integer({ min: 0, max: 5000 }),
    y: fc.integer({ min: 0, max: 4000 }),
    width: fc.integer({ min: 60, max: 2000 }),
    depth: fc.integer({ min: 60, max: 900 }),
    faces: facing,
  })
  .map((sides) => unit('a', sides));

describe('what a unit covers', () => {
  test.each([
    ['front', { left: 2000, right: 3000, front: 1000, back: 1400 }],
    ['back', { left: 2000, right: 3000, front: 600, back: 1000 }],
    ['left', { left: 2500, right: 2900, front: 500, back: 1500 }],
    ['right', { left: 2100, right: 2500, front: 500, back: 1500 }],
  ] as const)('facing %s', (faces, rect) => {
    const standing = unit('a', { x: 2500, y: 1000, faces });
    expect(footprintOf(standing)).toEqual(rect);
    expect(overlap(footprintOf(standing), beforeOf(standing, 600), 0)).toBe(false);
  });
  test('turned on the spot its middle stays, and four quarters bring it back', () => {
    fc.assert(
      fc.property(anyUnit, facing, (standing, faces) => {
        const middle = ({ left, right, front, back }: ReturnType<typeof footprintOf>) => [
          (left + right) / 2,
          (front + back) / 2,
        ];
        const turned = { ...standing, ...turnedOnSpot(standing, faces), faces };
        const [a, b] = [middle(footprintOf(standing)), middle(footprintOf(turned))];
        expect(Math.hypot(a[0]! - b[0]!, a[1]! - b[1]!)).toBeLessThanOrEqual(1);
      }),
    );
  });
});

describe('changing places', () => {
  test('both stand in the room and clear of each other, backs where backs were, and once more brings them back', () => {
    let done = 0;
    fc.assert(
      fc.property(anyUnit, anyUnit, (one, two) => {
        const [a, b] = [one, { ...two, id: 'b' }];
        const changed = placesChanged(a, b, [a, b], room);
        if (!changed) return;
        done++;
        expect(overlap(footprintOf(changed[0]), footprintOf(changed[1]))).toBe(false);
        expect(changed.map(backOf)).toEqual([backOf(b), backOf(a)]);
        for (const { left, right, front, back } of changed.map(footprintOf))
          expect(left >= 0 && front >= 0 && right <= room.width && back <= room.depth).toBe(true);
        const again = placesChanged(...changed, changed, room);
        if (again) expect(again).toEqual([a, b]);
      }),
      { numRuns: 600 },
    );
    expect(done).toBeGreaterThan(20);
  });
  test('what is too wide for the other place stays', () => {
    const [a, b, c] = [
      unit('a', { x: 500, y: 3600 }),
      unit('b', { x: 1500, y: 3600 }),
      unit('c', { x: 3000, y: 3600, width: 1800 }),
    ];
    expect(placesChanged(a, b, [a, b, c], room)?.map(({ x }) => x)).toEqual([1500, 500]);
    expect(placesChanged(a, c, [a, b, c], room)).toBeNull();
  });
});

describe('dragging', () => {
  test('comes to rest flush with a wall and with its neighbour', () => {
    const other = unit('b', { x: 1000, y: 3600 });
    expect(snapped(unit('a', { x: 2060, y: 3540 }), [other], room)).toEqual({ x: 2000, y: 3600 });
    expect(snapped(unit('a', { x: 2500, y: 2000 }), [other], room)).toEqual({ x: 2500, y: 2000 });
  });
  test('ends inside the room, whatever its size and way', () => {
    fc.assert(
      fc.property(anyUnit, (standing) => {
        const print = footprintOf({ ...standing, ...snapped(standing, [], room) });
        expect(
          Math.min(print.left, print.front, room.width - print.right, room.depth - print.back),
        ).toBeGreaterThanOrEqual(-1);
      }),
    );
  });
});

test('walls are seen from inside: each from its own left end', () => {
  const units = [
    unit('left', { x: 400, y: 1800, faces: 'right' }),
    unit('front', { x: 2500, y: 400, faces: 'back' }),
    unit('back right', { x: 3800, y: 3600 }),
    unit('right', { x: 4600, y: 1800, faces: 'left' }),
    unit('back left', { x: 900, y: 3600 }),
    unit('free', { x: 2500, y: 2000 }),
  ];
  expect(unitsOnWall(units, 'back', room).map(({ it, left }) => [it.name, left])).toEqual([
    ['back left', 400],
    ['back right', 3300],
  ]);
  expect(unitsOnWall(units, 'right', room).map(({ it, left }) => [it.name, left])).toEqual([['right', 1700]]);
  expect(unitsOnWall(units, 'front', room).map(({ left }) => left)).toEqual([2000]);
  expect(inWallOrder(units.slice(0, 5), room).map(({ name }) => name)).toEqual([
    'back left',
    'back right',
    'right',
    'front',
    'left',
  ]);
  const door = { ...fixture('door', 4000, 0), width: 900 };
  expect(fixturesOnWall([door], 'front', room)).toEqual([{ it: door, left: 550 }]);
});

describe('what the floor plan breaks', () => {
  const data = (more: Partial<FloorData>): FloorData => ({
    room,
    units: [],
    zones: [],
    fixtures: [],
    compartments: [],
    ...more,
  });
  const broken = (more: Partial<FloorData>) => clearancesOf(data(more)).map(({ broken, about }) => [broken, ...about]);
  const door = (more: Partial<Fixture>): Fixture => ({
    ...fixture('door', 2500, 0),
    width: 900,
    height: 2000,
    swing: 'left',
    ...more,
  });
  const rug: Zone = {
    id: 'rug',
    siteId: 's',
    version: 1,
    roomId: 'r',
    name: 'Rug',
    kind: 'building',
    x: 2500,
    y: 2000,
    width: 1000,
    depth: 1000,
  };
  const drawer = {
    ...({} as FloorData['compartments'][number]),
    id: 'd',
    unitId: 'a',
    drawer: true,
    door: false,
    depth: 700,
    width: 900,
    access: 'top' as const,
  };
  const against = unit('a', { x: 1000, y: 3600 });
  test.each<[string, Partial<FloorData>, unknown[]]>([
    ['nothing', { units: [against] }, []],
    ['through the wall', { units: [unit('a', { x: 300, y: 3600 })] }, [['outside', 'a']]],
    ['in the same place', { units: [against, unit('b', { x: 1500, y: 3600 })] }, [['overlap', 'a', 'b']]],
    [
      'too near to stand',
      { units: [against, unit('b', { x: 1000, y: 3300, faces: 'back', width: 300 })] },
      [['front', 'a', 'b']],
    ],
    ['just room to stand', { units: [against, unit('b', { x: 1000, y: 3600 - TO_PASS - 400, faces: 'front' })] }, []],
    [
      'a drawer that meets a bench',
      { units: [against, unit('b', { x: 1000, y: 2550, faces: 'front' })], compartments: [drawer] },
      [['drawer', 'a', 'b']],
    ],
    [
      'a door that meets a shelf',
      { units: [unit('a', { x: 3300, y: 400, faces: 'back' })], fixtures: [door({})] },
      [['door', 'a', 'door']],
    ],
    [
      'a door that opens outwards',
      { units: [unit('a', { x: 3300, y: 400, faces: 'back' })], fixtures: [door({ swing: 'out' })] },
      [],
    ],
    [
      'higher than the sill',
      {
        units: [against],
        fixtures: [{ ...door({ swing: null }), kind: 'window', x: 1000, y: 4000, sill: 900, height: 1000 }],
      },
      [['window', 'a', 'door']],
    ],
    [
      'under the sill',
      {
        units: [{ ...against, height: 800 }],
        fixtures: [{ ...door({ swing: null }), kind: 'window', x: 1000, y: 4000, sill: 900, height: 1000 }],
      },
      [],
    ],
    ['the floor of a zone', { units: [unit('a', { x: 2500, y: 2300 })], zones: [rug] }, [['zone', 'a', 'rug']]],
    ['on wheels', { units: [unit('a', { x: 2500, y: 2300, wheels: true })], zones: [rug] }, []],
    ['hung above heads', { units: [against, unit('b', { x: 1000, y: 3600, raised: 1900 })] }, []],
  ])('%s', (_, more, expected) => {
    expect(broken(more)).toEqual(expected);
  });
});

describe('walking', () => {
  const zone = { id: 'z', x: 2500, y: 500 };
  const metres = (units: (typeof UNIT)[], to = 'a') => walksOf(room, [zone], units).metres('z', to);
  const shelf = unit('a', { x: 2500, y: 3600 });
  test('straight where the way is free', () => expect(metres([shelf])).toBe(3.1));
  test('around what stands between, by its nearer end', () => {
    const across = unit('b', { x: 2000, y: 2000, width: 3000, depth: 400 });
    // By hand: past the right end (3500 and 200 of shoulder): over (3700, 1800) and (3700, 2600) to the front.
    const byHand = Math.hypot(1200, 1300) + 800 + Math.hypot(1200, 750) + 250;
    expect(metres([shelf, across]) * 1000).toBeGreaterThan(byHand * 0.97);
    expect(metres([shelf, across]) * 1000).toBeLessThan(byHand * 1.06);
    // The way that is drawn is the way that is told.
    const way = walksOf(room, [zone], [shelf, across]).way('z', 'a');
    const drawn = way.slice(1).reduce((sum, at, i) => sum + Math.hypot(at.x - way[i]!.x, at.y - way[i]!.y), 0);
    expect(drawn / 1000).toBeCloseTo(metres([shelf, across]), 1);
    expect(way[0]).toMatchObject({ x: zone.x, y: zone.y });
    expect(way.at(-1)).toEqual({ x: shelf.x, y: shelf.y });
  });
  test('what rolls or hangs high is not in the way', () => {
    const across = { x: 2500, y: 2000, width: 4000, depth: 400 };
    expect(metres([shelf, unit('b', { ...across, wheels: true })])).toBe(3.1);
    expect(metres([shelf, unit('b', { ...across, raised: 1800 })])).toBe(3.1);
  });
  test('what is shut off is told as straight across', () =>
    expect(metres([shelf, unit('b', { x: 2500, y: 2000, width: 5000, depth: 400 })])).toBe(3.1));
  test('never shorter than straight, and not changed by what is behind', () => {
    fc.assert(
      fc.property(anyUnit, anyUnit, (one, other) => {
        const far = metres([shelf, { ...one, id: 'b' }, { ...other, id: 'c' }]);
        expect(far).toBeGreaterThanOrEqual(3.1 - 0.011);
        expect(far).toBeLessThan(20);
      }),
      { numRuns: 60 },
    );
  });
});
