/** A site's bins, and things that have none yet, as what can be found, with the way to each. */
import { isWaiting, storedLines } from '../containers/stored-lines.ts';
import type { SiteData } from '../model/entities.ts';
import type { Findable } from './search.ts';

export type FindData = Pick<SiteData, 'room' | 'unit' | 'compartment' | 'family' | 'category' | 'line' | 'bin'>;

export interface BinPath {
  room: string;
  unit: string | null;
  compartment: string | null;
}

const byId = <T extends { id: string }>(rows: readonly T[]): Map<string, T> =>
  new Map(rows.map((row) => [row.id, row]));

/** `room › unit › compartment` of every bin, by bin id. */
export function pathsOf(data: Pick<FindData, 'room' | 'unit' | 'compartment' | 'bin'>): Map<string, BinPath> {
  const rooms = byId(data.room);
  const units = byId(data.unit);
  const spaces = byId(data.compartment);
  return new Map(
    data.bin.map((bin) => {
      const space = spaces.get(bin.compartmentId ?? '');
      const unit = space && units.get(space.unitId);
      const room = rooms.get(unit?.roomId ?? bin.roomId);
      return [bin.id, { room: room?.name ?? '', unit: unit?.name ?? null, compartment: space?.name ?? null }];
    }),
  );
}

export function thingsOf(data: FindData): Findable[] {
  const categories = byId(data.category);
  const families = byId(data.family);
  const paths = pathsOf(data);
  /** What is in the bins of a room and category, line by line. */
  const inside = new Map<string, { id: string; words: string[] }[]>();
  const lies = new Map<string, string>();
  for (const { line, category } of storedLines(data.line, categories)) {
    const key = `${line.roomId} ${category.id}`;
    lies.set(line.id, key);
    const words = [line.name];
    // One home, found under both of its classes.
    for (const id of line.also) words.push(...wordsOf(categories.get(id)));
    if (line.setPieces) words.push(`${line.setPieces} pieces`);
    for (const part of line.spread) words.push(part.where);
    inside.set(key, [...(inside.get(key) ?? []), { id: line.id, words }]);
  }
  const contained = new Set(data.bin.map((bin) => `${bin.roomId} ${bin.categoryId}`));
  const rooms = byId(data.room);
  const loose = data.line
    .filter(
      (line) =>
        (line.decision === 'keep' || line.decision === 'decide later' || isWaiting(line)) &&
        !contained.has(lies.get(line.id) ?? ''),
    )
    .map((line): Findable => {
      const category = categories.get(line.categoryId ?? '');
      return {
        id: looseId(line.id),
        code: '',
        name: line.name,
        category: category?.name ?? '',
        family: families.get(category?.familyId ?? '')?.name ?? '',
        words: [category, ...line.also.map((id) => categories.get(id))].flatMap(wordsOf).join(' '),
        room: rooms.get(line.roomId)?.name ?? '',
        place: '',
      };
    });
  const claimed = new Set(data.bin.flatMap((bin) => bin.lineIds));
  const bins = data.bin.map((bin) => {
    const category = categories.get(bin.categoryId);
    const path = paths.get(bin.id)!;
    return {
      id: bin.id,
      code: bin.code,
      name: bin.name,
      category: category?.name ?? '',
      family: families.get(category?.familyId ?? '')?.name ?? '',
      words: [...new Set([...(category?.synonyms ?? []), ...wordsInside(bin)])].join(' '),
      room: path.room,
      place: [path.unit, path.compartment].filter(Boolean).join(' '),
    };
  });
  return [...bins, ...loose];

  /** A bin that names its lines is found by these, the others by all that none names. */
  function wordsInside(bin: FindData['bin'][number]): string[] {
    const lines = inside.get(`${bin.roomId} ${bin.categoryId}`) ?? [];
    const own = lines.filter(({ id }) => bin.lineIds.includes(id));
    const open = lines.filter(({ id }) => !claimed.has(id));
    return (own.length ? own : open.length ? open : lines).flatMap(({ words }) => words);
  }
}

const LOOSE = 'line:';
/** The id of a thing that has no bin: that of its line, told apart from those of bins. */
const looseId = (lineId: string): string => `${LOOSE}${lineId}`;
/** The line that an id of a found thing stands for; null where it is a bin's. */
export const looseLine = (id: string): string | null => (id.startsWith(LOOSE) ? id.slice(LOOSE.length) : null);

const wordsOf = (category: { name: string; synonyms: string[] } | undefined): string[] =>
  category ? [category.name, ...category.synonyms] : [];
