/** What is due, as a calendar that other programs subscribe to: routines with holidays left out, days of decisions and returns. */
import ical from 'ical-generator';
import { addDays, isoDay } from '@stube/core/deadlines/day';
import { daysDue } from '@stube/core/routines/recurrence';
import { agendaOf } from '@stube/core/today/agenda';
import { readSite } from '../../db/read.ts';
import type { Scope } from '../../db/scope.ts';

/** So many days ahead are written; a subscription asks again. */
const AHEAD = 90;

export async function todayIcs({ db, siteId, now }: Scope): Promise<string> {
  const data = await readSite(db, siteId);
  const today = isoDay(now);
  const calendar = ical({ name: data.site[0]!.name, prodId: { company: 'Stube', product: 'Stube' } });
  const event = (id: string, day: string, summary: string, description: string): void => {
    const start = new Date(`${day}T00:00:00`);
    calendar.createEvent({ id, start, allDay: true, stamp: now, summary: summary.slice(0, 200), description });
  };
  const rooms = new Map(data.room.map(({ id, name }) => [id, name]));
  const people = new Map(data.person.map(({ id, name }) => [id, name]));
  const over = new Set(
    data.routineDay
      .filter(({ doneAt, skipped }) => doneAt || skipped)
      .map(({ routineId, day }) => `${routineId} ${day}`),
  );
  for (const routine of data.routine) {
    const room = rooms.get(routine.roomId ?? '');
    const who = people.get(routine.personId ?? '');
    const facts = [`${routine.minutes} minutes`, who, ...routine.steps].filter(Boolean).join('\n');
    for (const day of daysDue(routine, { from: today, to: addDays(today, AHEAD) }, data.holiday))
      if (!over.has(`${routine.id} ${day}`))
        event(`${routine.id}-${day}`, day, room ? `${room}: ${routine.name}` : routine.name, facts);
  }
  for (const item of agendaOf(data, today, AHEAD))
    if (item.kind !== 'routine')
      event(
        item.key.replaceAll(' ', '-'),
        item.day < today ? today : item.day,
        item.what,
        `${item.kind}, ${item.room?.name ?? ''}`,
      );
  return calendar.toString();
}
