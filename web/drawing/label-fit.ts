/** What of a bin is legible on its front: its name, else its picture, else its code (docs/computing.md, Labels). */

/** Letters below that height, in pixels, are not read. */
const LEGIBLE = 9;
const SIZES = [13, 12, 11, 10, LEGIBLE];
/** Mean width of a bold letter of the reading face, of its height. */
export const LETTER = 0.56;
/** Distance of lines, of its height. */
export const LINE = 1.14;
export const MAX_LINES = 3;
/** A picture is told from that side on, in pixels. */
const PICTURE = 15;

export type FrontLabel =
  | { kind: 'name'; size: number; lines: string[] }
  | { kind: 'picture'; side: number }
  | { kind: 'code'; size: number }
  | { kind: 'none' };

function wrap(words: readonly string[], letters: number): string[] | null {
  const lines: string[] = [];
  for (const word of words) {
    if (word.length > letters) return null;
    const last = lines.at(-1);
    if (last !== undefined && last.length + 1 + word.length <= letters) lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  return lines;
}

/** For those who do not read. */
export const pictureOn = (width: number, height: number): FrontLabel =>
  Math.min(width, height) >= PICTURE ? { kind: 'picture', side: Math.min(width, height, 30) } : { kind: 'none' };

/**
 * @param width of the face that is free for a label, pixels
 * @param height the same upwards
 * @example labelOn('Felt-tip pens', 'N3', 80, 30) // { kind: 'name', size: 11, lines: ['Felt-tip pens'] }
 */
export function labelOn(name: string, code: string, width: number, height: number): FrontLabel {
  const words = name.split(/\s+/);
  for (const size of SIZES) {
    const lines = wrap(words, Math.floor((width - 4) / (size * LETTER)));
    if (lines && lines.length <= MAX_LINES && lines.length * size * LINE <= height)
      return { kind: 'name', size, lines };
  }
  const picture = pictureOn(width, height);
  if (picture.kind === 'picture') return picture;
  const size = Math.min(height, 14, (width - 2) / (Math.max(2, code.length) * LETTER));
  return size >= LEGIBLE ? { kind: 'code', size } : { kind: 'none' };
}
