/** What is due in all rooms of a site, by its day (practices E2, E4, E9, F2, N2, U1). */
import { addDays } from '../deadlines/day.ts';
import type { Deferral, Line, Room, SiteData, Stray } from '../model/entities.ts';
import { dueRoutines } from '../routines/routines.ts';

export type AgendaKind = 'decide' | 'return' | 'keep until' | 'part put off' | 'routine' | 'stray';
export interface AgendaItem {
  /** Stable for the same row. */
  key: string;
  kind: AgendaKind;
  /** The row it comes from: a line, a part put off, a routine, a stray. */
  id: string;
  /** ISO date. */
  day: string;
  when: 'overdue' | 'today' | 'coming';
  /** Null: it is about the whole site. */
  room: Pick<Room, 'id' | 'name'> | null;
  what: string;
  /** Who does it, where that is said. */
  personId: string | null;
  /** How long it takes, minutes. */
  minutes: number;
  /** More to say: steps that are ticked, times it was left. */
  more: string;
}

/** Days ahead that are shown; papers and keepsakes are warned of so long before their day. */
export const AHEAD_DAYS = 28;

/** Minutes that one of them usually takes (our own judgement); a routine says it itself. */
const MINUTES: Record<Exclude<AgendaKind, 'routine'>, number> = {
  decide: 1,
  return: 10,
  'keep until': 2,
  'part put off': 15,
  stray: 1,
};

export type AgendaData = Pick<SiteData, 'line' | 'deferral' | 'room' | 'routine' | 'routineDay' | 'holiday' | 'stray'>;

/**
 * @param today ISO date
 * @returns the earliest first
 */
export function agendaOf(data: AgendaData, today: string, ahead = AHEAD_DAYS): AgendaItem[] {
  const rooms = new Map(data.room.map((room) => [room.id, room]));
  const until = addDays(today, ahead);
  const item = (
    kind: Exclude<AgendaKind, 'routine'>,
    row: Line | Deferral | Stray,
    day: string | null,
    what: string,
  ): AgendaItem[] => {
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
  ].sort((a, b) => a.day.localeCompare(b.day) || a.what.localeCompare(b.what));
}
