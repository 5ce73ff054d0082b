/** The days planned for the rest of a makeover, as a calendar. */
import { isoDay } from '@stube/core/deadlines/day';
import ical from 'ical-generator';
import { portionsOf } from '@stube/core/makeover/portions';
import { planDays, type DayPlan } from '@stube/core/makeover/pace';
import { NotFound, Refused } from '../../db/problems.ts';
import { readSite } from '../../db/read.ts';
import type { Scope } from '../../db/scope.ts';

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
    ...planDays(portions, room.minutesADay, isoDay(now), room.deadline, data.site[0]!.restDays),
  };
}

export async function dayPlanIcs(scope: Scope, roomId: string): Promise<string> {
  const plan = await dayPlan(scope, roomId);
  const calendar = ical({ name: `Makeover: ${plan.room}`, prodId: { company: 'Stube', product: 'Stube' } });
  for (const day of plan.days) {
    // Floating time: nine o'clock wherever the calendar is read.
    const start = new Date(`${day.date}T${String(BEGIN).padStart(2, '0')}:00:00`);
    calendar.createEvent({
      id: `${roomId}-${day.date}`,
      start,
      end: new Date(start.getTime() + day.minutes * 60_000),
      floating: true,
      stamp: scope.now,
      summary: `${plan.room}: ${day.what}`.slice(0, 120),
      description: `${day.minutes} minutes: ${day.what}`,
    });
  }
  return calendar.toString();
}
