/** One place for all of a thing, or a said reason (practices P11, P14). */
import { groupedBy } from '../../ground/model/grouped-by.ts';
import type { Bin, Category } from '../../ground/model/entities.ts';

export interface InSeveralRooms {
  category: Category;
  /** The other rooms in which it has bins. */
  rooms: string[];
  /** Bins here and there. */
  here: number;
  elsewhere: number;
}

/** Classes of which bins stand here and in other rooms, without a reason; the same thing is told by its entry in the library too. */
export function inSeveralRooms(
  bins: readonly Pick<Bin, 'roomId' | 'categoryId'>[],
  categories: ReadonlyMap<string, Category>,
  roomId: string,
): InSeveralRooms[] {
  const sameThing = (bin: Pick<Bin, 'categoryId'>): string | null => {
    const category = categories.get(bin.categoryId);
    return category ? (category.starter ?? category.id) : null;
  };
  return [...groupedBy(bins, sameThing).values()].flatMap((same): InSeveralRooms[] => {
    const here = same.filter((bin) => bin.roomId === roomId);
    const there = same.filter((bin) => bin.roomId !== roomId);
    const category = categories.get(here[0]?.categoryId ?? '');
    const reason = same.some((bin) => categories.get(bin.categoryId)?.severalRooms);
    if (!category || !there.length || reason) return [];
    const rooms = [...new Set(there.map((bin) => bin.roomId))];
    return [{ category, rooms, here: here.length, elsewhere: there.length }];
  });
}
