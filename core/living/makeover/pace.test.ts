import { expect, test } from 'vitest';
import fc from 'fast-check';
import type { Session } from '../../ground/model/entities.ts';
import { daysUntil, paceOf, planDays, secondsOf } from './pace.ts';

const now = new Date('2026-11-25T12:00:00Z');
const session = (change: Partial<Session>): Session => ({
  id: 's',
  version: 1,
  siteId: 'x',
  roomId: 'r',
  startedAt: '2026-11-25T10:00:00Z',
  runningSince: null,
  endedAt: null,
  seconds: 0,
  ...change,
});

test('a running session counts up to now, a paused one stands', () => {
  expect(secondsOf(session({ seconds: 100, runningSince: '2026-11-25T11:59:00Z' }), now)).toBe(160);
  expect(secondsOf(session({ seconds: 100 }), now)).toBe(100);
});
test('the pace is learned from the lines that were decided while a session ran', () => {
  const lines = [
    ...Array.from({ length: 45 }, () => ({ decision: 'keep' as const, decidedAt: '2026-11-25T10:30:00Z' })),
    { decision: 'keep' as const, decidedAt: '2026-11-24T10:30:00Z' },
    { decision: 'decide later' as const, decidedAt: null },
    { decision: 'decide later' as const, decidedAt: null },
  ];
  const pace = paceOf([session({ seconds: 800 })], lines, [{ done: false }, { done: true }], now);
  // 45 lines in 800 s, and the usual 40 s counted for five more.
  expect(pace).toMatchObject({ worked: 800, decided: 45, perLine: 20, open: 2, parts: 1 });
  expect(pace.left).toBe((2 + 12) * 20);
});
test('a plan over days keeps to its minutes and says whether they are enough', () => {
  const portions = [
    { what: 'drawer', seconds: 3000 },
    { what: 'trunk', seconds: 1500 },
  ];
  const plan = planDays(portions, 30, '2026-11-25', null);
  expect(plan.days).toEqual([
    { date: '2026-11-25', minutes: 30, what: 'drawer' },
    { date: '2026-11-26', minutes: 30, what: 'drawer, trunk' },
    { date: '2026-11-27', minutes: 15, what: 'trunk' },
  ]);
  const short = planDays(portions, 30, '2026-11-25', '2026-11-26');
  expect(short).toMatchObject({ enough: false, needed: 38 });
  expect(daysUntil('2026-11-30', '2026-12-02')).toBe(3);
});
test('however the work is portioned, the days add up to it', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 60, max: 9000 }), { maxLength: 12 }),
      fc.integer({ min: 5, max: 240 }),
      (seconds, minutes) => {
        const plan = planDays(
          seconds.map((second, i) => ({ what: `part ${i}`, seconds: second })),
          minutes,
          '2026-01-30',
          null,
        );
        const total = seconds.reduce((sum, second) => sum + second, 0) / 60;
        expect(plan.days.every((day) => day.minutes <= minutes)).toBe(true);
        expect(Math.abs(plan.days.reduce((sum, day) => sum + day.minutes, 0) - total)).toBeLessThanOrEqual(
          1 + plan.days.length * 0.5,
        );
      },
    ),
  );
});
