/** What becomes of the bins of a category when it gets other containers: the first ones stay, with codes and labels. */
import { ON_THE_BENCH } from '../../ground/model/bin.ts';
import { groupedBy } from '../../ground/model/grouped-by.ts';
import { inOrder } from '../../ground/model/sort.ts';
import type { Bin, Category } from '../../ground/model/entities.ts';
import type { BinWanted } from './bins-for.ts';

/** Whether a bin that is there is what is wanted: the same container, or without one the same size. */
const sameShape = (own: Bin, wanted: Omit<BinWanted, 'name' | 'litres'>): boolean =>
  own.containerTypeId === wanted.containerTypeId &&
  (own.containerTypeId !== null ||
    (own.outWidth === wanted.outWidth && own.outDepth === wanted.outDepth && own.outHeight === wanted.outHeight));

/** What is written into a bin that stays; in another container it has to find its place anew. Empty: nothing. */
export function binChanges(own: Bin, { name, litres, ...shape }: BinWanted, category: Category): Partial<Bin> {
  const changes: Partial<Bin> = {};
  if (!sameShape(own, shape)) Object.assign(changes, shape, ON_THE_BENCH);
  if (own.lineIds.join() !== shape.lineIds.join()) changes.lineIds = shape.lineIds;
  if (own.seenFull === null && Math.abs(own.litres - litres) > 1e-6) changes.litres = litres;
  if (own.name !== name && (own.name === category.name || /^.* \d+$/.test(own.name))) changes.name = name;
  return changes;
}

/** Of what is chosen for a category: so many of one container; null for what stands without one. */
interface Chosen {
  categoryId: string;
  containerTypeId: string | null;
  count: number;
  bare?: readonly Pick<BinWanted, 'outWidth' | 'outDepth' | 'outHeight'>[];
}

/** Bins that stand somewhere and leave their place when that is taken: for another container, or as they are too many. */
export function leavesPlace(bins: readonly Bin[], chosen: readonly Chosen[]): Bin[] {
  const own = groupedBy(bins, ({ categoryId }) => categoryId);
  return chosen.flatMap(({ categoryId, containerTypeId, count, bare = [] }) =>
    inOrder(own.get(categoryId) ?? []).filter((bin, i) => {
      const { outWidth, outDepth, outHeight } = bare[i] ?? bin;
      const wanted = { containerTypeId, outWidth, outDepth, outHeight, lineIds: [] };
      return bin.compartmentId !== null && (i >= count || !sameShape(bin, wanted));
    }),
  );
}

/** What a bin is that was just made. */
export const NEW_BIN = {
  ...ON_THE_BENCH,
  shortName: '',
  labelLayoutId: null,
  seenFull: null,
  cells: null,
  parkId: null,
} as const;
