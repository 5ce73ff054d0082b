/** From amounts to litres, and from a container's measures to what it takes (docs/computing.md, How much room does it take?). */
import type { Category, ContainerShape, PackingKind, Line } from '../model/entities.ts';
import { litresOf } from './measures.ts';
import { CLOTH_WIDTH, densityOf, kindOfLine, liesOf, pieceOf, piecesOf, type OfKind } from './piece.ts';

/** Bulk per volume of the pieces' boxes, by how they lie: with air between them, or interlocked, or one inside the other. */
export const PACKING_FACTOR: Record<PackingKind, number> = {
  neat: 1.1,
  rigid: 0.7,
  small: 0.8,
  long: 0.7,
  soft: 0.6,
  nesting: 0.35,
  flat: 1.05,
};
export const PACKING_WORDS: Record<PackingKind, string> = {
  neat: 'lies neatly, like books',
  rigid: 'rigid, of odd shapes',
  small: 'small and loose',
  long: 'long and thin',
  soft: 'soft, gives way',
  nesting: 'one inside the other',
  flat: 'flat, in a stack, like paper',
};

/** Share of the box of its inside measures that a container of that form really holds. */
export const FORM_FACTOR: Record<ContainerShape['form'], number> = { box: 1, tapered: 0.9, round: 0.78 };

/** Of a bottle or tube, by the litres it holds: walls, neck and the air between several. */
export const CONTENT_FACTOR = 1.4;
/** Of what is told by its length where its kind says nothing, litres a metre: a thin cord. */
const LITRES_PER_METRE = 0.03;

type Amounts = Pick<
  Line,
  'amount' | 'measure' | 'length' | 'width' | 'height' | 'kind' | 'lies' | 'litresEach' | 'setPieces'
>;

/**
 * Bulk litres of a line. An everyday measure is bulk already; pieces are reckoned from their size (docs/computing.md, How much room does it take?), those
 * of several that make a set each for itself unless the set has its own box.
 * @param own litres of everyday measures on this site
 * @returns null where nothing sensible can be said: pieces of no known kind whose size was not told
 */
export function bulkLitres(
  line: Amounts & Partial<Pick<Line, 'name' | 'note'>>,
  category: (OfKind & Pick<Category, 'density'>) | undefined,
  own?: Partial<Record<string, number>>,
): number | null {
  const kind = kindOfLine(line, category);
  if (line.measure === 'metre') return line.amount * (kind?.litresPerMetre ?? LITRES_PER_METRE);
  if (line.measure === 'kilogram') {
    return kind || category ? (line.amount * 1000) / densityOf(line, category) : null;
  }
  const each = litresOf(line.measure, own);
  if (each !== undefined) return line.amount * each;
  if (line.litresEach) return line.amount * line.litresEach * CONTENT_FACTOR;
  const pieces = piecesOf(line, kind);
  if (kind?.litresPerMetre && line.length && line.width === null)
    return (pieces * line.length * kind.litresPerMetre) / 1000;
  // Cloth by the metre, of another width than usual.
  if (kind?.litresPerMetre && kind.lies === 'soft' && line.length && line.width && line.length > 1000)
    return (pieces * line.length * line.width * kind.litresPerMetre) / 1000 / CLOTH_WIDTH;
  const piece = pieceOf(line, category);
  if (!piece) return null;
  return (pieces * piece[0] * piece[1] * piece[2] * PACKING_FACTOR[liesOf(line, category)]) / 1e6;
}

/** Litres inside to the brim. */
export const insideLitres = (shape: Pick<ContainerShape, 'form' | 'inWidth' | 'inDepth' | 'inHeight'>): number =>
  (shape.inWidth * shape.inDepth * shape.inHeight * FORM_FACTOR[shape.form]) / 1e6;

/** Litres that should go in: filled to the limit and no further. */
export const usableLitres = (
  shape: Pick<ContainerShape, 'form' | 'inWidth' | 'inDepth' | 'inHeight'>,
  fillLimit: number,
): number => insideLitres(shape) * fillLimit;

/** Bins needed for `bulk` litres with room to grow; at least one. */
export const binsNeeded = (bulk: number, growth: number, usable: number): number =>
  Math.max(1, Math.ceil((bulk * (1 + growth)) / usable - 1e-9));

/** What the site learns when somebody looks into a bin: the new factor of its category, between a quarter and fourfold. */
export function learnedCorrection(factor: number, reckonedFull: number, seenFull: number): number {
  if (!(reckonedFull > 0) || !(seenFull > 0)) return factor;
  // Half of the way: one look at one bin is no proof.
  return Math.min(4, Math.max(0.25, factor * Math.sqrt(seenFull / reckonedFull)));
}
