/** What becomes of the bins of a category when it gets other containers: the first ones stay, with codes and labels. */
import { ON_THE_BENCH } from '../../ground/model/bin.ts';
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

/** What a bin is that was just made. */
export const NEW_BIN = {
  ...ON_THE_BENCH,
  shortName: '',
  labelLayoutId: null,
  seenFull: null,
  cells: null,
  parkId: null,
} as const;
