/** What is due in all rooms of a site, by its day (practices E2, E4, E9, F2, N2, U1). */
import { byId } from '../../ground/model/by-id.ts';
import { addDays } from '../../ground/calendar/day.ts';
import type { Deferral, Line, SiteData, Stray } from '../../ground/model/entities.ts';
import { forecastsOf } from '../restock/forecast-of-site.ts';
import { dueRoutines } from '../routines/routines.ts';
import type { AgendaItem } from './agenda-item.ts';
import { stockAgenda, type StockData } from './stock-agenda.ts';

/** Days ahead that are shown; papers and keepsakes are warned of so long before their day. */
export const AHEAD_DAYS = 28;

/** Minutes that one of them usually takes (our own judgement); a routine says it itself. */
type RowKind = 'decide' | 'return' | 'keep until' | 'part put off' | 'stray';
const MINUTES: Record<RowKind, number> = {
  decide: 1,
  return: 10,
  'keep until': 2,
  'part put off': 15,
  stray: 1,
};

export type { AgendaItem, AgendaKind } from './agenda-item.ts';
export type AgendaData = StockData & Pick<SiteData, 'deferral' | 'routine' | 'routineDay' | 'stray'>;

/**
 * @param today ISO date
 * @param forecasts of what is used up, where they are known already
 * @returns the earliest first
 */
export function agendaOf(
  data: AgendaData,
  today: string,
  ahead = AHEAD_DAYS,
  forecasts = forecastsOf(data, today),
): AgendaItem[] {
  const rooms = byId(data.room);
  const until = addDays(today, ahead);
  const item = (kind: RowKind, row: Line | Deferral | Stray, day: string | null, what: string): AgendaItem[] => {
    const room = rooms.get(row.roomId);
    if (!day || day > until || !room) return [];
    const when = day < today ? 'overdue' : day === today ? 'today' : 'coming';
    const shared = { personId: null, minutes: MINUTES[kind], more: '' };
    return [{ key: `${kind} ${row.id}`, kind, id: row.id, day, when, room, what, ...shared }];
  };
  const routines = dueRoutines(data, today, ahead).map(({ routine, day, when, row, missed }): AgendaItem => {
    const more = [
      row?.ticked.length ? `${row.ticked.length} of ${routine.steps.length} ticked` : '',
      missed ? `left ${missed === 1 ? 'once' : `${missed} times`} before` : '',
    ];
    return {
      key: `routine ${routine.id}`,
      kind: 'routine',
      id: routine.id,
      day,
      when,
      room: rooms.get(routine.roomId ?? '') ?? null,
      what: routine.name,
      personId: routine.personId,
      minutes: routine.minutes,
      more: more.filter(Boolean).join(', '),
    };
  });
  return [
    ...data.line.flatMap((line) => {
      if (line.handedOver) return [];
      if (line.decision === 'decide later') return item('decide', line, line.due, line.name);
      if (line.decision === 'return') return item('return', line, line.due, line.name);
      if (line.decision === 'keep') return item('keep until', line, line.keepUntil, line.name);
      return [];
    }),
    ...data.deferral.flatMap((part) => (part.done ? [] : item('part put off', part, part.until, part.what))),
    ...data.stray.flatMap((stray) => (stray.settled ? [] : item('stray', stray, stray.due, stray.what))),
    ...routines,
    ...stockAgenda(data, today, until, forecasts),
  ].sort((a, b) => a.day.localeCompare(b.day) || a.what.localeCompare(b.what));
}
