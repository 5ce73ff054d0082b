/** A site's bins as things that can be found, with the way to each. */
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
  const named = new Map<string, Set<string>>();
  for (const line of data.line) {
    if (!line.categoryId || line.decision !== 'keep') continue;
    const key = `${line.roomId} ${line.categoryId}`;
    const words = named.get(key) ?? new Set();
    named.set(key, words.add(line.name));
    // One home, found under both of its classes.
    for (const id of line.also) if (categories.has(id)) words.add(categories.get(id)!.name);
    for (const part of line.spread) words.add(part.where);
  }
  return data.bin.map((bin) => {
    const category = categories.get(bin.categoryId);
    const path = paths.get(bin.id)!;
    return {
      id: bin.id,
      code: bin.code,
      name: bin.name,
      category: category?.name ?? '',
      family: families.get(category?.familyId ?? '')?.name ?? '',
      words: [...(category?.synonyms ?? []), ...(named.get(`${bin.roomId} ${bin.categoryId}`) ?? [])].join(' '),
      room: path.room,
      place: [path.unit, path.compartment].filter(Boolean).join(' '),
    };
  });
}
