/** How large a thing is as it stands on an open shelf: one piece as it is, many together as much as one tray takes. */
import { litresOfLine } from '../../ground/contents/demand.ts';
import { kindOfLine, pieceOf, piecesOf, type Piece } from '../../ground/contents/piece.ts';
import type { Category, Line, Site } from '../../ground/model/entities.ts';

/** A tray for work that a child carries, mm, and what lies on it at most, litres: the rest stays in (our own judgement). */
export const TRAY = { length: 340, width: 250, litres: 8 } as const;
/** How flat it lies: length and width by the side of a cube of the same litres. */
const FLAT = { length: 1.6, width: 1.2 } as const;

/** @returns mm, the longest side on the floor first; null where nobody knows how large its pieces are */
export function turnSize(line: Line, category: Category | undefined, site: Pick<Site, 'measures'>): Piece | null {
  const piece = pieceOf(line, category);
  const litres = litresOfLine(line, category, site);
  if (!piece) return null;
  if (litres === null || (line.measure === 'pieces' && piecesOf(line, kindOfLine(line, category)) <= 1)) return piece;
  const volume = Math.min(litres, TRAY.litres) * 1e6;
  const side = Math.cbrt(volume);
  const length = Math.max(piece[0], Math.min(TRAY.length, FLAT.length * side));
  const width = Math.max(piece[1], Math.min(TRAY.width, FLAT.width * side));
  const height = Math.max(piece[2], volume / (length * width));
  return [Math.round(length), Math.round(width), Math.round(height)];
}
