/** What leaves and what goes back, and the days planned for the rest, as documents. */
import ical from 'ical-generator';
import { LISTS, listOf, sumOf, type ListedLine } from '@stube/core/pile/departures';
import { portionsOf } from '@stube/core/makeover/portions';
import { planDays, type DayPlan } from '@stube/core/makeover/pace';
import type { ListQuery } from '@stube/contract/requests';
import type { Db } from '../../db/open.ts';
import { tableCsv, tablePdf, type Column } from '../../documents/table.ts';
import { NotFound, Refused } from '../../db/problems.ts';
import { readSite } from '../sites/service.ts';

const COLUMNS: Column<ListedLine>[] = [
  { title: 'what', share: 5, of: (row) => row.name },
  { title: 'how much', share: 3, of: (row) => row.amount },
  { title: 'litres', share: 1.2, of: (row) => row.litres },
  { title: 'decision', share: 2, of: (row) => row.decision },
  { title: 'to', share: 2.4, of: (row) => row.whereto },
  { title: 'by', share: 1.8, of: (row) => row.due ?? '' },
  { title: 'room', share: 2.4, of: (row) => row.room },
  { title: 'note', share: 3, of: (row) => [row.condition, row.note].filter(Boolean).join(', ') },
];

async function listed(db: Db, siteId: string, query: ListQuery) {
  const data = await readSite(db, siteId);
  const lines = data.line.filter((line) => !query.room || line.roomId === query.room);
  const rows = listOf(
    query.of,
    lines,
    data.room,
    new Map(data.category.map((category) => [category.id, category])),
    data.site[0]!,
  );
  const where = data.room.find((room) => room.id === query.room)?.name ?? data.site[0]!.name;
  return { rows, title: `${LISTS[query.of]}: ${where}` };
}

export async function listCsv(db: Db, siteId: string, query: ListQuery): Promise<string> {
  return tableCsv(COLUMNS, (await listed(db, siteId, query)).rows);
}

export async function listPdf(db: Db, siteId: string, query: ListQuery): Promise<{ title: string; pdf: Buffer }> {
  const { rows, title } = await listed(db, siteId, query);
  const under = `${rows.length} ${rows.length === 1 ? 'line' : 'lines'}, about ${Math.round(sumOf(rows))} litres`;
  return { title, pdf: await tablePdf(title, under, COLUMNS, rows, true) };
}

/** The hour at which a planned day begins in the calendar. */
const BEGIN = 9;

/** The plan of a room's makeover from `now` on. */
export async function dayPlan(db: Db, siteId: string, roomId: string, now: Date): Promise<DayPlan & { room: string }> {
  const data = await readSite(db, siteId);
  const room = data.room.find((room) => room.id === roomId);
  if (!room) throw new NotFound('room', roomId);
  if (!room.minutesADay) throw new Refused([{ field: 'minutesADay', message: 'Say first how many minutes a day.' }]);
  const portions = portionsOf(data, roomId, now);
  return { room: room.name, ...planDays(portions, room.minutesADay, now.toISOString().slice(0, 10), room.deadline) };
}

export async function dayPlanIcs(db: Db, siteId: string, roomId: string, now: Date): Promise<string> {
  const plan = await dayPlan(db, siteId, roomId, now);
  const calendar = ical({ name: `Makeover: ${plan.room}`, prodId: { company: 'Stube', product: 'Stube' } });
  for (const day of plan.days) {
    // Floating time: nine o'clock wherever the calendar is read.
    const start = new Date(`${day.date}T${String(BEGIN).padStart(2, '0')}:00:00`);
    calendar.createEvent({
      id: `${roomId}-${day.date}`,
      start,
      end: new Date(start.getTime() + day.minutes * 60_000),
      floating: true,
      stamp: now,
      summary: `${plan.room}: ${day.what}`.slice(0, 120),
      description: `${day.minutes} minutes: ${day.what}`,
    });
  }
  return calendar.toString();
}
