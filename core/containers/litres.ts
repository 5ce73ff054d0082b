/** From amounts to litres, and from a container's measures to what it takes (design, 4.1). */
import type { ContainerShape, PackingKind, Line } from '../model/entities.ts';
import { litresOf } from '../pile/measures.ts';

/** Bulk per volume of the pieces' boxes, by how they lie: with air between them, or interlocked, or one inside the other. */
export const PACKING_FACTOR: Record<PackingKind, number> = {
  neat: 1.1,
  rigid: 0.7,
  small: 0.8,
  long: 0.7,
  soft: 0.6,
  nesting: 0.35,
};
export const PACKING_WORDS: Record<PackingKind, string> = {
  neat: 'lies neatly, like books',
  rigid: 'rigid, of odd shapes',
  small: 'small and loose',
  long: 'long and thin',
  soft: 'soft, gives way',
  nesting: 'one inside the other',
};

/** Share of the box of its inside measures that a container of that form really holds. */
export const FORM_FACTOR: Record<ContainerShape['form'], number> = { box: 1, tapered: 0.9, round: 0.78 };

/** Told size of one piece in mm, as far as it was told: the rest as wide or high as the side before; null where none was. */
export const sizeOf = ({
  length,
  width,
  height,
}: Pick<Line, 'length' | 'width' | 'height'>): [number, number, number] | null =>
  length ? [length, width ?? length, height ?? width ?? length] : null;

type Amounts = Pick<Line, 'amount' | 'measure' | 'length' | 'width' | 'height'>;

/**
 * Bulk litres of a line. An everyday measure is bulk already; pieces are reckoned from their size, or from `usual`
 * (mm) where the line tells none.
 */
export function bulkLitres(
  line: Amounts,
  packingKind: PackingKind,
  usual: readonly [number, number, number],
  own?: Partial<Record<string, number>>,
): number {
  const each = litresOf(line.measure, own);
  if (each !== undefined) return line.amount * each;
  const [length, width, height] = sizeOf(line) ?? usual;
  return (line.amount * length * width * height * PACKING_FACTOR[packingKind]) / 1e6;
}

/** Litres inside to the brim. */
export const insideLitres = (shape: Pick<ContainerShape, 'form' | 'inWidth' | 'inDepth' | 'inHeight'>): number =>
  (shape.inWidth * shape.inDepth * shape.inHeight * FORM_FACTOR[shape.form]) / 1e6;

/** Litres that should go in: filled to the limit and no further. */
export const usableLitres = (
  shape: Pick<ContainerShape, 'form' | 'inWidth' | 'inDepth' | 'inHeight'>,
  fillLimit: number,
): number => insideLitres(shape) * fillLimit;

/**
 * Whether one piece goes in, turned any way along the sides (mm). A container without a lid lets the piece stand out
 * by a third of its own length, as brushes do in a jar.
 */
export function pieceFits(
  piece: readonly [number, number, number],
  shape: Pick<ContainerShape, 'inWidth' | 'inDepth' | 'inHeight' | 'lid' | 'form'>,
): boolean {
  const sorted = [...piece].sort((a, b) => b - a) as [number, number, number];
  const inside = [shape.inWidth, shape.inDepth, shape.inHeight].sort((a, b) => b - a) as [number, number, number];
  if (sorted.every((length, i) => length <= inside[i]!)) return true;
  const mouth = [shape.inWidth, shape.inDepth].sort((a, b) => b - a) as [number, number];
  return !shape.lid && sorted[0] * (2 / 3) <= shape.inHeight && sorted[1] <= mouth[0] && sorted[2] <= mouth[1];
}

/** Bins needed for `bulk` litres with room to grow; at least one. */
export const binsNeeded = (bulk: number, growth: number, usable: number): number =>
  Math.max(1, Math.ceil((bulk * (1 + growth)) / usable - 1e-9));

/** What the site learns when somebody looks into a bin: the new factor of its category, between a quarter and fourfold. */
export function learnedCorrection(factor: number, reckonedFull: number, seenFull: number): number {
  if (!(reckonedFull > 0) || !(seenFull > 0)) return factor;
  // Half of the way: one look at one bin is no proof.
  return Math.min(4, Math.max(0.25, factor * Math.sqrt(seenFull / reckonedFull)));
}
