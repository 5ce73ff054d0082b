import { expect, test } from 'vitest';
import { lineValues } from '../../ground/model/testing/rows.ts';
import type { DaySlot, Line } from '../../ground/model/entities.ts';
import { nextDay, nextSlots } from './day-slots.ts';

const row = { siteId: 's', version: 1 };
const line = (id: string, more: Partial<Line> = {}): Line => ({ ...row, id, ...lineValues(id, more) });
const slot = (id: string, weekday: number, more: Partial<DaySlot> = {}): DaySlot => ({
  ...row,
  id,
  roomId: 'r',
  weekday,
  personId: null,
  activity: id,
  lineIds: [],
  filledFor: null,
  ...more,
});

test('slots stand by their next day, with what they lack', () => {
  expect(nextDay(5, '2026-11-27')).toBe('2026-11-27');
  expect(nextDay(1, '2026-11-27')).toBe('2026-11-30');
  const lines = [
    line('paint'),
    line('paper'),
    line('stamps', { setPieces: 10, setMissing: 2 }),
    line('old press', { decision: 'sell' }),
  ];
  const forecasts = new Map([
    ['paint', { par: { least: 4 }, forecast: { now: 3 } }],
    ['paper', { par: { least: 4 }, forecast: { now: 90 } }],
  ]);
  const made = nextSlots(
    [
      slot('printing', 1, { lineIds: ['paint', 'paper', 'stamps', 'old press', 'nowhere'] }),
      slot('weaving', 5, { filledFor: '2026-11-27' }),
    ],
    lines,
    forecasts,
    '2026-11-27',
  );
  expect(made.map(({ slot: { id }, day, filled }) => [id, day, filled])).toEqual([
    ['weaving', '2026-11-27', true],
    ['printing', '2026-11-30', false],
  ]);
  expect(made[1]!.needs.map(({ line: { id }, lacks }) => [id, lacks])).toEqual([
    ['paint', 'low'],
    ['paper', null],
    ['stamps', 'incomplete'],
    ['old press', 'gone'],
  ]);
});
