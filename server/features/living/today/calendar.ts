/** What is due, as a calendar that other programs subscribe to: routines with holidays left out, days of decisions and returns. */
import { addDays, dayIn } from '@stube/core/calendar';
import { daysDue } from '@stube/core/routines';
import { agendaOf } from '@stube/core/today';
import { calendarText, type CalendarEvent } from '../../../documents/calendar.ts';
import { readSite } from '../../../db/read.ts';
import type { Scope } from '../../../db/scope.ts';

/** So many days ahead are written; a subscription asks again. */
const AHEAD = 90;

export async function todayIcs({ db, siteId, now }: Scope): Promise<string> {
  const data = await readSite(db, siteId);
  const today = dayIn(data.site[0]!.timeZone, now);
  const events: CalendarEvent[] = [];
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
        events.push({
          id: `${routine.id}-${day}`,
          day,
          summary: room ? `${room}: ${routine.name}` : routine.name,
          description: facts,
        });
  }
  for (const item of agendaOf(data, today, AHEAD))
    if (item.kind !== 'routine')
      events.push({
        id: item.key,
        day: item.day < today ? today : item.day,
        summary: item.what,
        description: `${item.kind}, ${item.room?.name ?? ''}`,
      });
  return calendarText(data.site[0]!.name, events, now);
}
