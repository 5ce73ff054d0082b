import { expect, test } from 'vitest';
import type { Observation, ObservationKind } from '../../ground/model/entities.ts';
import type { DepthProblem } from '../../placing/placement/depth/problem.ts';
import { Standing } from '../../placing/placement/depth/standing.ts';
import { exchangeFor } from './exchange.ts';
import { misplacedOf } from './misplaced.ts';
import { proposalsFor, type BinFacts } from './proposals.ts';

let n = 0;
const saw = (binId: string, kind: ObservationKind, more: Partial<Observation> = {}): Observation => ({
  id: `o${n++}`,
  siteId: 's',
  version: 1,
  roomId: 'r',
  binId,
  kind,
  at: '2026-12-01T10:00:00.000Z',
  foundId: null,
  personId: null,
  seconds: null,
  ...more,
});
const facts = (id: string, more: Partial<BinFacts> = {}): [string, BinFacts] => [
  id,
  {
    id,
    categoryId: id,
    spaceId: `at ${id}`,
    lid: false,
    perWeek: 7,
    wantsPicture: false,
    words: [],
    awkward: false,
    outOfReach: false,
    floor: 900,
    ...more,
  },
];
const bins = [{ id: 'a' }, { id: 'b' }, { id: 'calm' }];

test('the table counts true homes against found places, with strays and times', () => {
  const seen = [
    saw('a', 'elsewhere', { foundId: 'at b' }),
    saw('a', 'elsewhere', { foundId: 'at b' }),
    saw('a', 'elsewhere', { foundId: 'rug' }),
    saw('a', 'not here'),
    saw('b', 'over-full'),
    saw('a', 'tidied', { seconds: 30 }),
    saw('a', 'tidied', { seconds: 50 }),
    saw('calm', 'used'),
  ];
  const table = misplacedOf(bins, seen, [{ lineId: 'wheel', settled: null }], new Map([['wheel', 'b']]));
  expect(table.map(({ binId, trouble }) => [binId, trouble])).toEqual([
    ['a', 4],
    ['b', 2],
  ]);
  expect(table[0]).toMatchObject({
    found: [
      { spaceId: 'at b', times: 2 },
      { spaceId: 'rug', times: 1 },
    ],
    tidySeconds: 40,
  });
});

test('what is left in one place is moved there; what changes places is merged; once is chance', () => {
  const both = [
    ...[1, 2].map(() => saw('a', 'elsewhere', { foundId: 'at b' })),
    ...[1, 2].map(() => saw('b', 'elsewhere', { foundId: 'at a' })),
  ];
  const known = new Map([facts('a', { wantsPicture: true }), facts('b'), facts('calm')]);
  const option = (compartment: string, change: number) => ({
    compartment,
    change,
    spot: { cost: 0 } as never,
    broken: [],
  });
  const all = misplacedOf(bins, both, [], new Map());
  const made = proposalsFor(all[0]!, known, all, [option('at b', -12)], () => 0);
  expect(made.map(({ kind, toId, saves }) => [kind, toId, saves])).toEqual([
    ['merge', 'b', null],
    ['move', 'at b', 12],
    ['picture', null, null],
  ]);
  // No room there: it is not proposed.
  expect(
    proposalsFor(all[0]!, known, all, [{ ...option('at b', -12), spot: null }], () => 0).map(({ kind }) => kind),
  ).toEqual(['merge', 'picture']);
  const once = misplacedOf(bins, both.slice(0, 1), [], new Map());
  expect(proposalsFor(once[0]!, known, once, [option('at b', -12)], () => 0)).toEqual([]);
});

test('too high is lowered, over-full divided, a lid dropped, a name nobody looks for changed', () => {
  const seen = [
    saw('a', 'over-full'),
    saw('a', 'over-full'),
    saw('a', 'searched', { seconds: 40 }),
    saw('a', 'searched', { seconds: 20 }),
  ];
  const all = misplacedOf(bins, seen, [], new Map());
  const known = new Map([facts('a', { awkward: true, lid: true, words: ['bricks'] })]);
  const option = (compartment: string, change: number) => ({
    compartment,
    change,
    spot: { cost: 0 } as never,
    broken: [],
  });
  const floors: Record<string, number> = { low: 200, lower: 100, high: 1500 };
  const made = proposalsFor(
    all[0]!,
    known,
    all,
    [option('high', -50), option('low', -5), option('lower', 3)],
    (id) => floors[id]!,
  );
  expect(made.map(({ kind, toId, saves }) => [kind, toId, saves])).toEqual([
    ['lower', 'low', 5],
    ['divide', null, null],
    ['lid', null, 35],
    ['rename', null, null],
  ]);
});

test('where there is no room beside it, the two that fit each other’s place change places', () => {
  const space = (id: string, width: number) => ({
    id,
    unit: 'u',
    floor: 800,
    depth: 400,
    height: 300,
    access: 'front' as const,
    width,
    door: false,
    drawer: false,
    locked: false,
    sunlit: false,
    onView: true,
    hangs: false,
    maxLoad: 40_000,
    walk: { z: id === 'near' ? 1 : 4 },
  });
  const box = (id: string, width: number, perWeek: number) => ({
    id,
    width,
    depth: 300,
    height: 250,
    mass: 1000,
    lid: false,
    zone: 'z',
    uses: [{ person: 'p', perWeek }],
    group: null,
    hazard: false,
    childReach: false,
    lightSensitive: false,
    view: null,
    turnable: false,
    stackable: false,
  });
  const problem: DepthProblem = {
    format: 'stube-place/2',
    people: [{ id: 'p', kind: 'adult', stature: 1700 }],
    zones: [{ id: 'z' }],
    compartments: [space('near', 330), space('far', 330)],
    bins: [box('much', 300, 20), box('seldom', 300, 1), box('wide', 900, 1)],
    growth: 0,
    timeMs: 100,
  };
  const at = (compartment: string) => ({ compartment, x: null, y: null, z: null, turned: false });
  const standing = new Standing(
    problem,
    new Map([
      ['much', at('far')],
      ['seldom', at('near')],
    ]),
  );
  const exchange = exchangeFor(standing, 'much', 'near', new Set());
  expect(exchange?.withId).toBe('seldom');
  // Nineteen uses more by the shorter way: 3 m there and back, 0.83 s a metre.
  expect(exchange!.change).toBeCloseTo(-19 * 2 * 3 * 0.83, 5);
  expect(exchangeFor(standing, 'much', 'near', new Set(['seldom']))).toBeNull();
  expect(exchangeFor(standing, 'wide', 'near', new Set())).toBeNull();
});
