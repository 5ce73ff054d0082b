/** The container is the limit (practices E4, E6): how full it is, and what has to go. */
import { isOpen } from './fate.ts';
import { addDays } from '../../ground/calendar/day.ts';
import { litresOfLine } from '../../ground/contents/demand.ts';
import { usableLitres } from '../../ground/contents/litres.ts';
import { groupedBy } from '../../ground/model/grouped-by.ts';
import type { Category, ContainerType, Limit, Line, Person, Room, Site } from '../../ground/model/entities.ts';
import { yearOf } from './year-of.ts';

export interface LimitUse {
  /** What is limited: a category or a person, with the year where it is one of each year. */
  name: string;
  limit: Limit;
  type: ContainerType;
  /** Bulk litres kept, and that the containers may hold. */
  litres: number;
  room: number;
  /** Litres too much; 0 where it fits. */
  over: number;
  /** All lines that count against it, the largest first; and those to look at first, until the rest fits. */
  lines: Line[];
  first: Line[];
}

export interface LimitData {
  site: Pick<Site, 'measures' | 'fillLimit'>;
  lines: readonly Line[];
  categories: ReadonlyMap<string, Category>;
  people: readonly Person[];
  types: ReadonlyMap<string, ContainerType>;
  rooms: ReadonlyMap<string, Pick<Room, 'name'>>;
}

/** The library entry of the catch-all: a small one is allowed in every room, each with its limit (practice G4). */
export const ODDS_AND_ENDS = 'odds-and-ends';

/** Every limit that is set and what is kept against it, by the year where it is one of each year: a person's limit counts the lines said to be theirs. */
export function limitsOf({ site, lines, categories, people, types, rooms }: LimitData): LimitUse[] {
  const kept = lines.filter((line) => line.decision === 'keep');
  const uses = (name: string, limit: Limit | null, counts: (line: Line) => boolean, byRoom = false): LimitUse[] => {
    const type = limit && types.get(limit.containerTypeId);
    if (!limit || !type) return [];
    const counted = kept.filter(counts);
    if (byRoom)
      return [...groupedBy(counted, (line) => line.roomId)].map(([room, lines]) =>
        use(`${name}, ${rooms.get(room)?.name ?? ''}`, limit, type, lines),
      );
    if (!limit.perYear) return [use(name, limit, type, counted)];
    return [...groupedBy(counted, (line) => yearOf(line) ?? '')]
      .sort(([a], [b]) => b.localeCompare(a))
      .map(([year, lines]) => use(`${name} ${year}`.trim(), limit, type, lines));
  };
  const use = (name: string, limit: Limit, type: ContainerType, counted: readonly Line[]): LimitUse => {
    const sized = counted
      .map((line) => ({ line, litres: litresOfLine(line, categories.get(line.categoryId ?? ''), site) ?? 0 }))
      .sort((a, b) => b.litres - a.litres);
    const litres = sized.reduce((sum, one) => sum + one.litres, 0);
    const room = limit.count * usableLitres(type, site.fillLimit);
    const first: Line[] = [];
    let left = litres;
    for (const one of sized) {
      if (left <= room) break;
      first.push(one.line);
      left -= one.litres;
    }
    const lines = sized.map((one) => one.line);
    return { name, limit, type, litres, room, over: Math.max(0, litres - room), lines, first };
  };
  return [
    ...[...categories.values()].flatMap((category) =>
      uses(
        category.name,
        category.limit,
        (line) => line.categoryId === category.id,
        category.starter === ODDS_AND_ENDS,
      ),
    ),
    ...people.flatMap((person) => uses(person.name, person.limit, (line) => line.keepsakeOf === person.id)),
  ];
}

/** Papers whose time is over, by ISO date. */
export const pastKeeping = (lines: readonly Line[], today: string): Line[] =>
  lines.filter((line) => line.decision === 'keep' && line.keepUntil !== null && line.keepUntil < today);

/** Open decisions, returns and exchanges whose day has come or comes within `days`, the earliest first. */
export const dueLines = (lines: readonly Line[], today: string, days = 0): Line[] => {
  const until = addDays(today, days);
  return lines
    .filter(
      (line) =>
        line.due !== null && !line.handedOver && line.due <= until && (line.decision === 'return' || isOpen(line)),
    )
    .sort((a, b) => a.due!.localeCompare(b.due!));
};
