/** What is due in all rooms of a site, by its day (practices E2, E4, E9, N2). */
import { addDays } from '../deadlines/day.ts';
import type { Deferral, Line, Room } from '../model/entities.ts';

export type AgendaKind = 'decide' | 'return' | 'keep until' | 'part put off';
export interface AgendaItem {
  /** Stable for the same row. */
  key: string;
  kind: AgendaKind;
  /** ISO date. */
  day: string;
  when: 'overdue' | 'today' | 'coming';
  room: Pick<Room, 'id' | 'name'>;
  what: string;
  lineId: string | null;
  deferralId: string | null;
}

/** Days ahead that are shown; papers and keepsakes are warned of so long before their day. */
export const AHEAD_DAYS = 28;

/**
 * @param today ISO date
 * @returns the earliest first
 */
export function agendaOf(
  data: { line: readonly Line[]; deferral: readonly Deferral[]; room: readonly Room[] },
  today: string,
  ahead = AHEAD_DAYS,
): AgendaItem[] {
  const rooms = new Map(data.room.map((room) => [room.id, room]));
  const until = addDays(today, ahead);
  const item = (kind: AgendaKind, row: Line | Deferral, day: string | null, what: string): AgendaItem[] => {
    const room = rooms.get(row.roomId);
    if (!day || day > until || !room) return [];
    const when = day < today ? 'overdue' : day === today ? 'today' : 'coming';
    const isPart = kind === 'part put off';
    return [
      {
        key: `${kind} ${row.id}`,
        kind,
        day,
        when,
        room,
        what,
        lineId: isPart ? null : row.id,
        deferralId: isPart ? row.id : null,
      },
    ];
  };
  return [
    ...data.line.flatMap((line) => {
      if (line.handedOver) return [];
      if (line.decision === 'decide later') return item('decide', line, line.due, line.name);
      if (line.decision === 'return') return item('return', line, line.due, line.name);
      if (line.decision === 'keep') return item('keep until', line, line.keepUntil, line.name);
      return [];
    }),
    ...data.deferral.flatMap((part) => (part.done ? [] : item('part put off', part, part.until, part.what))),
  ].sort((a, b) => a.day.localeCompare(b.day) || a.what.localeCompare(b.what));
}
