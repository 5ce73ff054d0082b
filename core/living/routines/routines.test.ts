import { expect, test } from 'vitest';
import fc from 'fast-check';
import { addDays } from '../../ground/calendar/day.ts';
import type { Holiday, Routine, RoutineDay } from '../../ground/model/entities.ts';
import { daysDue, isRule, ruleProblem, wordsOfRule } from './recurrence.ts';
import { dueRoutines, usualRoutines } from './routines.ts';

const row = { siteId: 's', version: 1 };
const routine = (more: Partial<Routine> = {}): Routine => ({
  ...row,
  id: 'k',
  roomId: 'r',
  name: 'Weekly reset',
  kind: 'weekly reset',
  personId: null,
  minutes: 20,
  rule: 'FREQ=WEEKLY;BYDAY=FR',
  from: '2026-12-01',
  steps: ['tray', 'tops'],
  onHolidays: false,
  ...more,
});
const closed: Holiday = { ...row, id: 'h', name: 'Midwinter', from: '2026-12-21', to: '2027-01-03' };
const done = (day: string, more: Partial<RoutineDay> = {}): RoutineDay => ({
  ...row,
  id: day,
  routineId: 'k',
  day,
  ticked: [],
  doneAt: `${day}T15:00:00.000Z`,
  skipped: false,
  ...more,
});

test('what is weekly is left out on holidays, what is monthly waits for the first open day', () => {
  const span = { from: '2026-12-01', to: '2027-01-31' };
  expect(daysDue(routine(), span, [closed])).toEqual([
    '2026-12-04',
    '2026-12-11',
    '2026-12-18',
    '2027-01-08',
    '2027-01-15',
    '2027-01-22',
    '2027-01-29',
  ]);
  expect(daysDue(routine({ onHolidays: true }), span, [closed])).toContain('2026-12-25');
  const monthly = routine({ rule: 'FREQ=MONTHLY;BYDAY=-1MO' });
  expect(daysDue(monthly, span, [closed])).toEqual(['2027-01-04', '2027-01-25']);
  // It has moved into the span from before it.
  expect(daysDue(monthly, { from: '2027-01-01', to: '2027-01-10' }, [closed])).toEqual(['2027-01-04']);
});

test('what was left does not pile up: the last time is due, the others are told', () => {
  const data = { routine: [routine()], routineDay: [done('2026-12-04')], holiday: [] as Holiday[] };
  expect(dueRoutines(data, '2026-12-20', 7)).toMatchObject([{ day: '2026-12-18', when: 'overdue', missed: 1 }]);
  data.routineDay.push(done('2026-12-18', { doneAt: null, skipped: true }));
  expect(dueRoutines(data, '2026-12-20', 7)).toMatchObject([{ day: '2026-12-25', when: 'coming', missed: 0 }]);
  data.holiday.push(closed);
  expect(dueRoutines(data, '2026-12-20', 7)).toEqual([]);
  expect(dueRoutines(data, '2027-01-08', 7)).toMatchObject([{ day: '2027-01-08', when: 'today' }]);
});

test('no day is given on a holiday, none twice, and none out of the span', () =>
  fc.assert(
    fc.property(
      fc.constantFrom('FREQ=DAILY', 'FREQ=WEEKLY;BYDAY=MO,TH', 'FREQ=MONTHLY;BYDAY=1MO', 'FREQ=YEARLY'),
      fc.integer({ min: 0, max: 400 }),
      fc.integer({ min: 0, max: 60 }),
      (rule, start, long) => {
        const from = addDays('2026-12-01', start);
        const span = { from, to: addDays(from, long) };
        const days = daysDue(routine({ rule }), span, [closed]);
        expect(new Set(days).size).toBe(days.length);
        for (const day of days) {
          expect(day >= span.from && day <= span.to).toBe(true);
          expect(day >= closed.from && day <= closed.to).toBe(false);
        }
      },
    ),
  ));

test('a recurrence is read or refused, and said in words', () => {
  for (const rule of ['FREQ=WEEKLY;BYDAY=FR', 'FREQ=MONTHLY;INTERVAL=3;BYDAY=1SA', 'FREQ=DAILY'])
    expect(isRule(rule)).toBe(true);
  for (const rule of ['', 'weekly', 'FREQ=HOURLY', 'FREQ=WEEKLY;BYDAY=XX', 'FREQ=DAILY;COUNT=3', 'FREQ=DAILY;BYHOUR=9'])
    expect(isRule(rule), rule).toBe(false);
  for (const rule of [
    'FREQ=DAILY;INTERVAL=0',
    'FREQ=DAILY;INTERVAL=-3',
    'FREQ=WEEKLY;INTERVAL=1.5;BYDAY=MO',
    'FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30',
    'FREQ=YEARLY;INTERVAL=2;BYMONTH=2;BYMONTHDAY=29',
    'FREQ=MONTHLY;INTERVAL=12;BYMONTHDAY=31',
    'FREQ=MONTHLY;BYMONTHDAY=32',
    'FREQ=YEARLY;BYMONTH=13',
  ]) {
    expect(ruleProblem(rule), rule).toContain('never comes due');
    // Kept by an earlier version: no day, and no search for one without end.
    expect(
      daysDue({ rule, from: '2026-01-01', onHolidays: true }, { from: '2026-01-01', to: '2027-01-01' }, []),
    ).toEqual([]);
    expect(wordsOfRule(rule)).toBe(rule);
  }
  for (const rule of [
    'FREQ=DAILY;BYMONTH=2',
    'FREQ=WEEKLY;BYSETPOS=9;BYDAY=MO',
    'FREQ=WEEKLY;BYDAY=5MO',
    'FREQ=MONTHLY;BYDAY=6MO',
  ])
    expect(ruleProblem(rule), rule).toContain('must be a recurrence');
  expect(wordsOfRule('FREQ=WEEKLY;BYDAY=FR')).toBe('every week on Friday');
  for (const one of usualRoutines({ id: 'r', name: 'Den', secondLife: 'guest room' }, '2026-12-01'))
    expect(isRule(one.rule)).toBe(true);
});

test('every rule that is taken comes due within eight years', () => {
  const weekday = fc.constantFrom('MO', 'TU', 'SU');
  const rule = fc.oneof(
    fc.constant('FREQ=DAILY'),
    weekday.map((day) => `FREQ=WEEKLY;BYDAY=${day}`),
    fc.tuple(fc.integer({ min: -5, max: 5 }), weekday).map(([n, day]) => `FREQ=MONTHLY;BYDAY=${n || ''}${day}`),
    fc.integer({ min: -31, max: 31 }).map((day) => `FREQ=MONTHLY;BYMONTHDAY=${day}`),
    fc
      .tuple(fc.integer({ min: 1, max: 12 }), fc.integer({ min: -31, max: 31 }))
      .map(([month, day]) => `FREQ=YEARLY;BYMONTH=${month};BYMONTHDAY=${day}`),
  );
  const interval = fc.integer({ min: 1, max: 7 });
  let taken = 0;
  fc.assert(
    fc.property(rule, interval, fc.integer({ min: 0, max: 800 }), (text, n, late) => {
      const whole = `${text};INTERVAL=${n}`;
      if (!isRule(whole)) return;
      taken++;
      const from = addDays('2026-01-01', late);
      const days = daysDue({ rule: whole, from, onHolidays: true }, { from, to: addDays(from, 8 * 366) }, []);
      expect(days.length, whole).toBeGreaterThan(0);
    }),
    { numRuns: 300 },
  );
  expect(taken).toBeGreaterThan(150);
});
