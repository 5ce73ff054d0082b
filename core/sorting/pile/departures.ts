/** What came of the pile: what leaves for where, what goes back by when, how much room it freed (practice E5). */
import { litresOfLine } from '../../ground/contents/demand.ts';
import {
  DECISIONS,
  type Category,
  type Decision,
  type Line,
  type Room,
  type Site,
} from '../../ground/model/entities.ts';
import { formatAmount } from '../../ground/contents/measures.ts';
import { fateOf } from './fate.ts';

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

/** Lines that go the same way to the same place: handed over together. */
export interface Departure {
  decision: Decision;
  destination: string;
  lines: Line[];
}

/** What still has to be handed over, by where it goes; what nobody has said where last. */
export function departuresOf(lines: readonly Line[]): Departure[] {
  const found = new Map<string, Departure>();
  for (const line of lines) {
    if (!line.decision || fateOf(line.decision) !== 'leaving' || line.handedOver) continue;
    const key = `${line.decision} ${line.destination.toLowerCase()}`;
    const departure = found.get(key);
    if (departure) departure.lines.push(line);
    else found.set(key, { decision: line.decision, destination: line.destination, lines: [line] });
  }
  return [...found.values()].sort(
    (a, b) =>
      DECISIONS.indexOf(a.decision) - DECISIONS.indexOf(b.decision) ||
      Number(!a.destination) - Number(!b.destination) ||
      a.destination.localeCompare(b.destination),
  );
}

/** What was handed over, the latest first. */
export const handedOver = (lines: readonly Line[]): Line[] =>
  lines
    .filter((line) => line.handedOver !== null && fateOf(line.decision) === 'leaving')
    .sort((a, b) => b.handedOver!.localeCompare(a.handedOver!) || a.name.localeCompare(b.name));

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
    .filter((line) => !line.handedOver)
    .filter((line) => (which === 'returns' ? line.decision === 'return' : fateOf(line.decision) === 'leaving'))
    .map((line) => ({
      id: line.id,
      room: names.get(line.roomId) ?? '',
      name: line.name,
      amount: formatAmount(line.amount, line.measure),
      litres: Number((litresOfLine(line, categories.get(line.categoryId ?? ''), site) ?? 0).toFixed(1)),
      decision: line.decision!,
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
