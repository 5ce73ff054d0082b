/** Calendars say the day that is meant wherever the server stands, and hold no events but those they were given. */
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import fc from 'fast-check';
import { expect, test } from 'vitest';
import { calendarText } from './calendar.ts';

const NOW = new Date('2026-12-01T10:00:00Z');
const event = { id: 'a', day: '2026-12-03', summary: 'Lamp', description: '' };

test('whatever things are called, a calendar holds the events it was given', () => {
  const text = fc.oneof(
    fc.string(),
    fc
      .constantFrom('\n', '\r', '\r\n', '\u2028', '\u0085', '\v')
      .map((line) => `Loft${line}END:VEVENT${line}BEGIN:VEVENT`),
  );
  fc.assert(
    fc.property(text, text, text, text, (name, id, summary, description) => {
      const lines = calendarText(name, [{ ...event, id, summary, description }], NOW).split(
        /\r\n|[\r\n\u2028\u0085\v]/,
      );
      expect(lines.filter((line) => line === 'BEGIN:VEVENT')).toHaveLength(1);
      for (const line of lines) expect(line).toMatch(/^( .*|[A-Z-]+(;[A-Z]+=[A-Z]+)?:.*)$/);
    }),
    { numRuns: 300 },
  );
  expect(calendarText('Loft, Quay; \\o/', [], NOW)).toContain('X-WR-CALNAME:Loft\\, Quay\\; \\\\o/');
});

test.each(['Europe/Berlin', 'America/New_York', 'Australia/Sydney', 'Pacific/Kiritimati'])(
  'in %s days stay days, and hours that float stay hours, over both changes of the clock',
  (TZ) => {
    const days = ['2026-03-29', '2026-10-25', '2026-11-01', '2026-12-03', '2027-04-04'];
    const events = days.flatMap((day) => [
      { ...event, id: `day-${day}`, day },
      { ...event, id: `nine-${day}`, day, at: { hour: 9, minutes: 90 } },
    ]);
    const file = join(import.meta.dirname, 'calendar.ts');
    const code = `import { calendarText } from '${file}';
console.log(calendarText('House', ${JSON.stringify(events)}, new Date()));`;
    const { stdout, stderr } = spawnSync(process.execPath, ['--import', 'tsx', '--input-type=module', '-e', code], {
      env: { ...process.env, TZ },
      encoding: 'utf8',
    });
    expect(stderr).not.toContain('Error');
    for (const day of days) {
      const digits = day.replaceAll('-', '');
      expect(stdout).toContain(`DTSTART;VALUE=DATE:${digits}\r\n`);
      expect(stdout).toContain(`DTSTART:${digits}T090000\r\n`);
      expect(stdout).toContain(`DTEND:${digits}T103000\r\n`);
    }
  },
);
