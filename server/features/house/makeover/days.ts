/** The days planned for the rest of a makeover, as a calendar. */
import { dayIn } from '@stube/core/calendar';
import { type DayPlan, planDays, portionsOf } from '@stube/core/makeover';
import { NotFound, Refused } from '../../../db/problems.ts';
import { calendarText } from '../../../documents/calendar.ts';
import { readSite } from '../../../db/read.ts';
import type { Scope } from '../../../db/scope.ts';

/** The hour at which a planned day begins in the calendar. */
const BEGIN = 9;

/** The plan of a room's makeover from `now` on. */
export async function dayPlan({ db, siteId, now }: Scope, roomId: string): Promise<DayPlan & { room: string }> {
  const data = await readSite(db, siteId);
  const room = data.room.find((room) => room.id === roomId);
  if (!room) throw new NotFound('room', roomId);
  if (!room.minutesADay) throw new Refused([{ field: 'minutesADay', message: 'Say first how many minutes a day.' }]);
  const portions = portionsOf(data, roomId, now);
  return {
    room: room.name,
    ...planDays(portions, room.minutesADay, dayIn(data.site[0]!.timeZone, now), room.deadline, data.site[0]!.restDays),
  };
}

export async function dayPlanIcs(scope: Scope, roomId: string): Promise<string> {
  const plan = await dayPlan(scope, roomId);
  const events = plan.days.map(({ date, minutes, what }) => ({
    id: `${roomId}-${date}`,
    day: date,
    at: { hour: BEGIN, minutes },
    summary: `${plan.room}: ${what}`,
    description: `${minutes} minutes: ${what}`,
  }));
  return calendarText(`Makeover: ${plan.room}`, events, scope.now);
}
