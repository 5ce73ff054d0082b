/** A site's bins, and things that have none yet, as what can be found, with the way to each. */
import { isWaiting, storedLines, type StoredLine } from '../../ground/contents/stored-lines.ts';
import { isOpen } from '../../sorting/pile/fate.ts';
import { byId } from '../../ground/model/by-id.ts';
import { groupedBy } from '../../ground/model/grouped-by.ts';
import type { SiteData } from '../../ground/model/entities.ts';
import type { Findable } from './word-index.ts';

/** What is found follows from these tables. */
export const FIND_TABLES = [
  'room',
  'unit',
  'compartment',
  'family',
  'category',
  'line',
  'bin',
  'setNumber',
  'photo',
] as const;
export type FindData = Pick<SiteData, (typeof FIND_TABLES)[number]>;

export interface BinPath {
  room: string;
  unit: string | null;
  compartment: string | null;
  /** Where it is parked in another room, in words; null for what is not carried about. */
  parked: string | null;
}

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
      const park = spaces.get(bin.parkId ?? '');
      const at = park && units.get(park.unitId);
      const parked = at ? `${rooms.get(at.roomId)?.name ?? ''} › ${at.name} › ${park.name}` : null;
      return [bin.id, { room: room?.name ?? '', unit: unit?.name ?? null, compartment: space?.name ?? null, parked }];
    }),
  );
}

/** @example wayOf(path) // 'Den › Bookcase › shelf 2' */
export const wayOf = ({ room, unit, compartment }: Pick<BinPath, 'room' | 'unit' | 'compartment'>): string =>
  [room, unit, compartment].filter(Boolean).join(' › ');

export function thingsOf(data: FindData): Findable[] {
  const categories = byId(data.category);
  const families = byId(data.family);
  const paths = pathsOf(data);
  const stored = storedLines(data.line, categories);
  const keyOf = ({ line, category }: StoredLine) => `${line.roomId} ${category.id}`;
  /** What is in the bins of each room and category, and for each line which these are. */
  const inside = groupedBy(stored, keyOf);
  const lies = new Map(stored.map((each) => [each.line.id, keyOf(each)]));
  const contained = new Set(data.bin.map((bin) => `${bin.roomId} ${bin.categoryId}`));
  const rooms = byId(data.room);
  const numbersOf = groupedBy(data.setNumber, ({ lineId }) => lineId);
  const notesOf = groupedBy(data.photo, ({ lineId }) => lineId ?? undefined);
  const loose = data.line
    .filter(
      (line) =>
        (line.decision === 'keep' || isOpen(line) || isWaiting(line)) && !contained.has(lies.get(line.id) ?? ''),
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
        categoryId: line.categoryId,
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
      categoryId: bin.categoryId,
    };
  });
  return [...bins, ...loose];

  /** A bin that names its lines is found by these, the others by all that none names. */
  function wordsInside(bin: FindData['bin'][number]): string[] {
    const lines = inside.get(`${bin.roomId} ${bin.categoryId}`) ?? [];
    const own = lines.filter(({ line, host }) => bin.lineIds.includes((host ?? line).id));
    const open = lines.filter(({ line, host }) => !claimed.has((host ?? line).id));
    return (own.length ? own : open.length ? open : lines).flatMap(({ line }) => [
      line.name,
      // One home, found under both of its classes.
      ...line.also.flatMap((id) => wordsOf(categories.get(id))),
      ...(line.setPieces ? [`${line.setPieces} pieces`] : []),
      ...line.spread.map((part) => part.where),
      ...(notesOf.get(line.id) ?? []).map(({ note }) => note),
      ...(numbersOf.get(line.id) ?? []).map(({ series, number, name }) => `${series} ${number} ${name}`),
    ]);
  }
}

const LOOSE = 'line:';
/** The id of a thing that has no bin: that of its line, told apart from those of bins. */
const looseId = (lineId: string): string => `${LOOSE}${lineId}`;
/** The line that an id of a found thing stands for; null where it is a bin's. */
export const looseLine = (id: string): string | null => (id.startsWith(LOOSE) ? id.slice(LOOSE.length) : null);

const wordsOf = (category: { name: string; synonyms: string[] } | undefined): string[] =>
  category ? [category.name, ...category.synonyms] : [];
