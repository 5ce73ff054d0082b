/** From amounts to litres, and from a container's measures to what it takes (docs/computing.md, How much room does it take?). */
import type { Category, ContainerShape, PackingKind, Line } from '../model/entities.ts';
import type { PieceShape } from '../starter/shape.ts';
import { litresOf } from './measures.ts';
import { CLOTH_WIDTH, densityOf, kindOfLine, liesOf, pieceOf, piecesOf, shapeOfPiece, type OfKind } from './piece.ts';

/**
 * How much of its own box each further piece adds, by how they lie and by their form. Balls and cylinders that are poured
 * fill 0.60 and 0.63 of a box (Scott 1960; Zou and Yu 1996), cubes 0.62: with the share of their box that their bodies
 * are (0.52, 0.79, 1) that makes 0.87, 1.25 and 1.6. Rigid cylinders (jars, tins) stand in rows, long ones lie side by
 * side; things of no form interlock; the rest by our own judgement.
 */
export const PACKING_FACTOR: Record<PackingKind, Readonly<Record<PieceShape, number>>> = {
  neat: { box: 1.1, cylinder: 1.1, ball: 1.1, irregular: 1.1 },
  rigid: { box: 1.6, cylinder: 1.1, ball: 0.87, irregular: 0.85 },
  small: { box: 1.6, cylinder: 1.25, ball: 0.87, irregular: 0.85 },
  long: { box: 1.3, cylinder: 1.15, ball: 0.87, irregular: 0.8 },
  soft: { box: 0.6, cylinder: 0.6, ball: 0.6, irregular: 0.6 },
  nesting: { box: 0.3, cylinder: 0.3, ball: 0.3, irregular: 0.3 },
  flat: { box: 1.05, cylinder: 1.05, ball: 1.05, irregular: 1.05 },
};
/** Share of its box that the body of a piece is: a cylinder π ÷ 4, a ball π ÷ 6. Of what has no form nobody can say. */
export const BODY_SHARE: Readonly<Record<Exclude<PieceShape, 'irregular'>, number>> = {
  box: 1,
  cylinder: Math.PI / 4,
  ball: Math.PI / 6,
};
/** From that volume of its box on, litres, a rigid piece is stacked, not poured. */
const STACKED = 1;
const STACKED_FACTOR: Readonly<Record<PieceShape, number>> = { box: 1.1, cylinder: 1.1, ball: 0.87, irregular: 1 };

/**
 * Bulk litres of pieces of one size: the first takes its own box, each further one what it adds by its form.
 * @param each litres of the box of one
 */
export function bulkOfPieces(pieces: number, each: number, lies: PackingKind, shape: PieceShape): number {
  const factor = lies === 'rigid' && each >= STACKED ? STACKED_FACTOR[shape] : PACKING_FACTOR[lies][shape];
  // Cloth gives way, and sheets have no air in their box: one as many.
  if (lies === 'soft' || lies === 'flat') return pieces * each * factor;
  return each * (Math.min(1, pieces) + Math.max(0, pieces - 1) * factor);
}
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
  const box = (piece[0] * piece[1] * piece[2]) / 1e6;
  return bulkOfPieces(pieces, box, liesOf(line, category), shapeOfPiece(line, kind));
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
