/** What came of the pile: what leaves for where, what goes back by when, how much room it freed (practice E5). */
import { litresOfLine } from '../containers/demand.ts';
import type { Category, Decision, Line, Room, Site } from '../model/entities.ts';
import { formatAmount } from './measures.ts';
import { fateOf } from './totals.ts';

export interface ListedLine {
  id: string;
  room: string;
  name: string;
  amount: string;
  litres: number;
  decision: Decision;
  destination: string;
  due: string | null;
  condition: string;
  note: string;
}

/** The lists to take along, by what is on them. */
export const LISTS = { leaving: 'What leaves', returns: 'To take back' } as const;
export type ListKey = keyof typeof LISTS;

/** Lines that leave, by destination; or those that go back to a shop or friend, the earliest first. */
export function listOf(
  which: ListKey,
  lines: readonly Line[],
  rooms: readonly Room[],
  categories: ReadonlyMap<string, Category>,
  site: Pick<Site, 'measures'>,
): ListedLine[] {
  const names = new Map(rooms.map((room) => [room.id, room.name]));
  return lines
    .filter((line) => (which === 'returns' ? line.decision === 'return' : fateOf(line.decision) === 'leaving'))
    .map((line) => ({
      id: line.id,
      room: names.get(line.roomId) ?? '',
      name: line.name,
      amount: formatAmount(line.amount, line.measure),
      litres: Number((litresOfLine(line, categories.get(line.categoryId ?? ''), site) ?? 0).toFixed(1)),
      decision: line.decision,
      destination: line.destination,
      due: line.due,
      condition: line.condition ?? '',
      note: line.note,
    }))
    .sort(
      (a, b) =>
        (which === 'returns' ? (a.due ?? '9').localeCompare(b.due ?? '9') : a.decision.localeCompare(b.decision)) ||
        a.destination.localeCompare(b.destination) ||
        a.name.localeCompare(b.name),
    );
}

/** Litres that all of them add up to. */
export const sumOf = (list: readonly Pick<ListedLine, 'litres'>[]): number =>
  list.reduce((sum, one) => sum + one.litres, 0);
