/** Whether a piece goes into a container (practice C4), turned any way along the sides. */
import type { ContainerShape, PackingKind } from '../../ground/model/entities.ts';
import { cellSize } from '../../ground/contents/cells.ts';
import type { Piece } from '../../ground/contents/piece.ts';

type Inside = Pick<ContainerShape, 'inWidth' | 'inDepth' | 'inHeight' | 'lid' | 'form'> &
  Partial<Pick<ContainerShape, 'compartments'>>;

/** Soft things are pressed together by this share of each side. */
const GIVES_WAY = 0.2;
/** A tapered container is narrower at its bottom than at its mouth, by this share of each side. */
const TAPER = 0.05;
/** What stands in something without a lid may stand out by a third of its length, as brushes do. */
const STANDS_OUT = 2 / 3;

/** Whether a rectangle of a × b mm goes through the mouth, as it is or turned. */
function throughMouth(a: number, b: number, { form, inWidth, inDepth }: Inside): boolean {
  if (form === 'round') return Math.hypot(a, b) <= Math.min(inWidth, inDepth);
  const taper = form === 'tapered' ? 1 - TAPER : 1;
  const [long, short] = [Math.max(inWidth, inDepth) * taper, Math.min(inWidth, inDepth) * taper];
  return Math.max(a, b) <= long && Math.min(a, b) <= short;
}

/** What one piece has to go into: the whole inside, or one compartment of a sorting case. */
function inner(shape: Inside): Inside {
  if (!shape.compartments || shape.compartments < 2) return shape;
  const { width, depth, height } = cellSize(shape.compartments, shape);
  return { ...shape, inWidth: width, inDepth: depth, inHeight: height };
}

/**
 * @param piece mm, longest first
 * @param lies soft things give way; flat ones lie or stand but are not bent
 * @example pieceFits([320, 12, 12], tallTin) // true: a brush stands out of it by less than a third
 */
export function pieceFits(piece: Readonly<Piece>, whole: Inside, lies: PackingKind = 'rigid'): boolean {
  const shape = inner(whole);
  const give = lies === 'soft' ? 1 - GIVES_WAY : 1;
  const [length, width, height] = piece.map((side) => side * give) as Piece;
  const ways: [up: number, a: number, b: number][] = [
    [height, length, width],
    [width, length, height],
    [length, width, height],
  ];
  return ways.some(([up, a, b]) => {
    if (!throughMouth(a, b, shape)) return false;
    if (up <= shape.inHeight) return true;
    return !shape.lid && up === length && up * STANDS_OUT <= shape.inHeight;
  });
}
