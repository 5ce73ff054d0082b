import fc from 'fast-check';
import { expect, test } from 'vitest';
import { addDays, dayIn, isTimeZone, momentIn, startOfDay } from './day.ts';

test.each([
  ['UTC', '2026-11-25T10:30:00Z', '2026-11-25'],
  ['Europe/Berlin', '2026-11-25T23:30:00Z', '2026-11-26'],
  ['America/New_York', '2026-11-25T04:59:59.999Z', '2026-11-24'],
  ['America/New_York', '2026-11-25T05:00:00Z', '2026-11-25'],
  ['Australia/Sydney', '2026-11-30T22:00:00Z', '2026-12-01'],
  ['Pacific/Kiritimati', '2026-11-25T10:30:00Z', '2026-11-26'],
  // Both changes of the clock: the hour that is there twice, and the one that is missing, are of that day.
  ['Europe/Berlin', '2026-10-25T00:30:00Z', '2026-10-25'],
  ['Europe/Berlin', '2026-03-28T23:00:00Z', '2026-03-29'],
])('in %s %s is %s', (zone, instant, day) => {
  expect(dayIn(zone, instant)).toBe(day);
  expect(momentIn(zone, new Date(instant))).toEqual({ at: new Date(instant).toISOString(), today: day });
});

test('a day begins at its first instant, also where clocks are changed or no midnight is', () => {
  expect(startOfDay('2026-10-25', 'Europe/Berlin').toISOString()).toBe('2026-10-24T22:00:00.000Z');
  expect(startOfDay('2026-10-26', 'Europe/Berlin').toISOString()).toBe('2026-10-25T23:00:00.000Z');
  // In Beirut clocks went from 0:00 to 1:00.
  expect(startOfDay('2022-03-27', 'Asia/Beirut').toISOString()).toBe('2022-03-26T22:00:00.000Z');
  const zones = fc.constantFrom('Europe/Berlin', 'America/New_York', 'Australia/Sydney', 'Pacific/Kiritimati', 'UTC');
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 4000 }), zones, (days, zone) => {
      const day = addDays('2020-01-01', days);
      const start = startOfDay(day, zone);
      expect(dayIn(zone, start)).toBe(day);
      expect(dayIn(zone, new Date(start.getTime() - 1))).toBe(addDays(day, -1));
    }),
    { numRuns: 200 },
  );
});

test('zones have names that are known', () => {
  expect(isTimeZone('Europe/Berlin')).toBe(true);
  for (const name of ['Europe/Quay', '', 'Berlin time']) expect(isTimeZone(name)).toBe(false);
});
