import { expect, test } from 'vitest';
import { lineValues } from '../../ground/model/testing/rows.ts';
import type { Line, Observation, Stray } from '../../ground/model/entities.ts';
import { direction, healthOf, lastWeeks, signsOf, WEEKS, type RoomFacts } from './signs.ts';

const row = { siteId: 's', version: 1 };
let n = 0;
const saw = (binId: string, kind: Observation['kind'], day: string): Observation => ({
  ...row,
  id: `o${n++}`,
  roomId: 'r',
  binId,
  kind,
  at: `${day}T10:00:00.000Z`,
  foundId: null,
  personId: null,
  seconds: null,
});
const facts = (more: Partial<RoomFacts> = {}): RoomFacts => ({
  bins: ['a', 'b', 'c', 'd'].map((id) => ({ id, compartmentId: 'x' })),
  lines: [],
  observations: [],
  strays: [],
  routineDays: [],
  outOfReach: 0,
  labelsDue: 0,
  labelsPrinted: 4,
  doubles: 0,
  catchAll: { bins: [], full: 0 },
  today: '2026-12-10',
  timeZone: null,
  ...more,
});
const kinds = (of: RoomFacts) => signsOf(of).map(({ kind, count }) => [kind, count]);

test('a room of which nothing is known has no signs, and nothing is claimed of it', () => {
  expect(signsOf(facts())).toEqual([]);
  expect(healthOf([], 0).state).toBe('not known');
  expect(healthOf([], 12).state).toBe('well');
});

test('signs are counted from what was seen, week by week', () => {
  expect(lastWeeks('2026-12-10').at(-1)).toBe('2026-12-07');
  const observations = [
    saw('a', 'over-full', '2026-12-08'),
    saw('b', 'over-full', '2026-11-24'),
    saw('b', 'empty', '2026-11-30'),
    saw('a', 'elsewhere', '2026-12-09'),
  ];
  const [overFull] = signsOf(facts({ observations })).filter(({ kind }) => kind === 'over-full');
  expect(overFull).toMatchObject({ count: 1, of: 4 });
  expect(overFull!.trend).toHaveLength(WEEKS);
  expect(overFull!.trend!.slice(-3)).toEqual([1, 0, 1]);
  // Whether something was never opened is told after weeks of looking, not before.
  expect(kinds(facts({ observations }))).not.toContainEqual(['never opened', 2]);
  expect(kinds(facts({ observations: [...observations, saw('a', 'used', '2026-11-01')] }))).toContainEqual([
    'never opened',
    2,
  ]);
});

test('strays, loose bins, what lies still and routines that were left are told', () => {
  const line = {
    ...row,
    id: 'l',
    ...lineValues('blanket', { decision: 'decide later' }),
    decidedAt: '2026-08-01T00:00:00.000Z',
  } as Line;
  const stray = { ...row, id: 'y', roomId: 'r', what: 'wheel', foundOn: '2026-12-08', settled: null } as Stray;
  const told = facts({
    lines: [line],
    strays: [stray],
    bins: [{ id: 'a', compartmentId: null }],
    routineDays: [
      { day: '2026-12-04', row: null },
      { day: '2026-12-10', row: null },
    ],
  });
  expect(new Map(kinds(told) as [string, number][])).toEqual(
    new Map([
      ['on the floor', 1],
      ['lying still', 1],
      ['strays', 1],
      ['routines left', 1],
    ]),
  );
  expect(healthOf(signsOf(told), 1)).toMatchObject({ state: 'failing' });
});

test('a trend needs three weeks of looking', () => {
  expect(direction(null)).toBeNull();
  expect(direction([0, 0, 0, 0, 0, 0, 2, 2])).toBeNull();
  expect(direction([0, 0, 1, 1, 1, 1, 3, 4])).toBe('rising');
  expect(direction([0, 6, 5, 4, 4, 3, 1, 0])).toBe('falling');
  expect(direction([2, 2, 2, 2, 2, 2, 2, 2])).toBe('steady');
});
