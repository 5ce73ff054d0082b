import { describe, expect, test } from 'vitest';
import { defaultsOf, noRows } from '../../ground/model/defaults.ts';
import { lineValues, ROOM } from '../../ground/model/testing/rows.ts';
import type {
  Compartment,
  Person,
  Rotating,
  Room,
  Season,
  SiteData,
  Slot,
  Spell,
  Unit,
} from '../../ground/model/entities.ts';
import { interestIn, plannedSpells, rotationOfRoom, weekOfYear } from './rotation-of-room.ts';
import { isInSeason, seasonsDue } from './seasons.ts';
import { whyThis } from './why.ts';

const row = { siteId: 's', version: 1 };
const thing = (lineId: string, more: Partial<Rotating> = {}): Rotating => ({
  ...row,
  ...defaultsOf('rotating'),
  id: `turn-${lineId}`,
  lineId,
  areas: ['numbers'],
  fromMonths: 36,
  toMonths: 72,
  ...more,
});
const spell = (lineId: string, slotId: string, from: string, more: Partial<Spell> = {}): Spell => ({
  ...row,
  ...defaultsOf('spell'),
  id: `${lineId}-${from}`,
  lineId,
  slotId,
  from,
  ...more,
});
const line = (id: string, more: object = {}) => ({
  ...row,
  id,
  ...lineValues(id, { amount: 1, length: 300, width: 200, height: 90, roomId: 'r', ...more }),
});
const data = (more: Partial<SiteData> = {}): SiteData => ({
  ...noRows(),
  room: [{ ...row, ...defaultsOf('room'), ...ROOM, id: 'r', code: 'N', sort: 0 } as Room],
  person: [
    {
      ...row,
      ...defaultsOf('person'),
      id: 'k',
      name: 'Otter',
      kind: 'child',
      stature: 1000,
      born: '2023-03',
    } as Person,
  ],
  unit: [{ id: 'u', roomId: 'r' } as Unit],
  compartment: [{ id: 'c', unitId: 'u', width: 700, depth: 300, height: 330, access: 'front' } as Compartment],
  slot: [{ ...row, id: 'a', compartmentId: 'c', area: 'numbers', part: 1, parts: 2 } as Slot],
  line: [
    line('rods'),
    line('beads'),
    line('sold', { decision: 'sell' }),
    line('vague', { length: null, width: null, height: null }),
  ],
  rotating: [thing('rods', { afterIds: ['beads', 'gone'] }), thing('beads'), thing('sold'), thing('vague')],
  ...more,
});
const MONDAY = '2026-11-30';

test('a room becomes a problem: places halved, ages in months, what is out, what rests since when, what is pinned', () => {
  const spells = [
    spell('beads', 'a', '2026-11-16', { begun: true }),
    spell('rods', 'a', '2026-10-05', { begun: true, ended: true, to: '2026-11-09' }),
    spell('rods', 'a', '2026-12-14', { pinned: true, to: '2026-12-28' }),
  ];
  const made = rotationOfRoom(data({ spell: spells }), 'r', MONDAY, 1000)!;
  const { problem } = made;
  expect(problem.slots).toEqual([{ id: 'a', area: 'numbers', width: 350, depth: 300, height: 310 }]);
  expect(problem.children).toEqual([{ id: 'k', months: 44 }]);
  expect(problem.out).toEqual({ a: 'beads' });
  expect(problem.things.map(({ id }) => id)).toEqual(['rods', 'beads', 'vague']);
  expect(problem.things[0]).toMatchObject({
    rested: 3,
    shown: true,
    after: ['beads'],
    width: 300,
    depth: 200,
    height: 90,
  });
  expect(problem.things[1]).toMatchObject({ rested: null, outFor: 2, shown: true });
  expect(problem.pinned).toEqual([{ slot: 'a', thing: 'rods', from: 2, to: 4 }]);
  expect(made.unknownSizes).toEqual(['vague']);
  expect(made.mondays.slice(0, 2)).toEqual([MONDAY, '2026-12-07']);
  expect(rotationOfRoom(data(), 'gone', MONDAY, 1000)).toBeNull();
});

test('seasons are weeks of the year, and interest is what was told and what was seen', () => {
  expect(weekOfYear('2026-12-28')).toBe(53);
  expect(weekOfYear('2027-01-04')).toBe(1);
  const { problem } = rotationOfRoom(
    data({ rotating: [thing('beads', { weeksOfYear: [50, 51, 1] })] }),
    'r',
    MONDAY,
    9,
  )!;
  expect(problem.things[0]!.season).toEqual([1, 2, 5]);
  expect(interestIn(0.5, [])).toBe(0.5);
  expect(interestIn(0.5, [{ kind: 'loved' }, { kind: 'not touched' }, { kind: 'not touched' }])).toBeCloseTo(2.5 / 6);
});

test('a plan becomes spells from Monday to Monday', () =>
  expect(
    plannedSpells(
      [{ a: 'rods' }, { a: 'rods', b: 'beads' }, { a: 'beads' }],
      ['2026-11-30', '2026-12-07', '2026-12-14'],
    ),
  ).toEqual([
    { slotId: 'a', lineId: 'rods', from: '2026-11-30', to: '2026-12-14' },
    { slotId: 'b', lineId: 'beads', from: '2026-12-07', to: '2026-12-14' },
    { slotId: 'a', lineId: 'beads', from: '2026-12-14', to: null },
  ]));

test('why this and not that', () => {
  const { problem } = rotationOfRoom(
    data({
      rotating: [
        thing('rods', { afterIds: ['beads'] }),
        thing('beads', { loved: 0.9 }),
        thing('vague', { fromMonths: 90, toMonths: 99 }),
      ],
    }),
    'r',
    MONDAY,
    9,
  )!;
  const plan = Array.from({ length: 8 }, (_, week) => ({ a: week < 4 ? 'beads' : 'rods' }));
  const why = whyThis(problem, plan, 0, 'a', (id) => id)!;
  expect(why).toMatchObject({ fits: 1, weeksOut: 1 });
  expect(why.others).toEqual([
    { thing: 'rods', because: 'beads comes first' },
    { thing: 'vague', because: 'it is right for none of the children then' },
  ]);
  expect(whyThis(problem, plan, 5, 'a', (id) => id)!.others[0]).toEqual({
    thing: 'beads',
    because: 'it has just been out: it rests',
  });
});

describe('seasonal boxes', () => {
  const winter = (out: boolean): Season => ({
    ...row,
    id: 'w',
    binId: 'b',
    name: 'Winter',
    comesOut: '11-20',
    goesBack: '01-10',
    out,
  });
  test('run over the end of the year', () => {
    expect(isInSeason(winter(false), '2026-12-31')).toBe(true);
    expect(isInSeason(winter(false), '2027-01-09')).toBe(true);
    expect(isInSeason(winter(false), '2027-01-10')).toBe(false);
    expect(isInSeason({ comesOut: '05-01', goesBack: '09-30' }, '2026-06-01')).toBe(true);
  });
  test('are due on their dates, late ones since then', () => {
    expect(seasonsDue([winter(false)], '2026-11-27', 7)).toMatchObject([{ act: 'bring out', day: '2026-11-20' }]);
    expect(seasonsDue([winter(true)], '2026-11-27', 7)).toEqual([]);
    expect(seasonsDue([winter(true)], '2027-01-05', 7)).toMatchObject([{ act: 'put back', day: '2027-01-10' }]);
    expect(seasonsDue([winter(true)], '2027-02-01', 7)).toMatchObject([{ act: 'put back', day: '2027-01-10' }]);
    expect(seasonsDue([winter(false)], '2027-11-15', 7)).toMatchObject([{ act: 'bring out', day: '2027-11-20' }]);
  });
});

test('what is kept from the children who come is not planned, and named', () => {
  const lines = [line('rods'), line('magnet', { name: 'strong magnets' })];
  const rotating = [thing('rods'), thing('magnet')];
  const made = rotationOfRoom(data({ line: lines, rotating }), 'r', MONDAY, 1000)!;
  expect(made.problem.things.map(({ id }) => id)).toEqual(['rods']);
  expect(made.kept).toEqual(['strong magnets']);
  // Where only adults come, nothing is kept from anybody.
  expect(rotationOfRoom(data({ line: lines, rotating, person: [] }), 'r', MONDAY, 1000)!.kept).toEqual([]);
});
