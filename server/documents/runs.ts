/** A text as runs of one face and one direction, in the order in which they stand from left to right. */
import bidiFactory from 'bidi-js';
import { FACES, type Face } from './faces.ts';

export interface Run {
  face: Face;
  text: string;
  /** Written from right to left. */
  rightToLeft: boolean;
}

const bidi = bidiFactory();
/** Letters, digits and marks of scripts from right to left: without them every level is that of the line. */
const FROM_RIGHT =
  /[\u0590-\u08ff\u200f\u202b\u202e\u2067\ufb1d-\ufdff\ufe70-\ufeff\u{10800}-\u{10fff}\u{1e800}-\u{1efff}]/u;
/** What stands for a letter that no face has. */
const UNKNOWN = '·';
/** Marks that only choose between looks of a picture: their faces have one look. */
const LOOKS = /\u200d|\ufe0e|\ufe0f|\p{Emoji_Modifier}/u;
const MARK = /\p{M}/u;
/** Goes with the face beside it where words run from right to left: they are laid whole. */
const BETWEEN = /[\p{Z}\p{P}]/u;

const isFor = ({ ranges }: Face, code: number): boolean =>
  !ranges || ranges.some(([from, to]) => code >= from && code <= to);

/**
 * Directions by the Unicode bidirectional algorithm (UAX 9), in a line that begins at the left.
 * @param has whether a face has a glyph, asked only for faces that are for it
 */
export function runsOf(text: string, has: (face: Face, code: number) => boolean): Run[] {
  const told = text.normalize('NFC');
  const levels = FROM_RIGHT.test(told) ? bidi.getEmbeddingLevels(told, 'ltr').levels : null;
  const found: (Run & { level: number })[] = [];
  let at = 0;
  for (const letter of told) {
    const level = levels?.[at] ?? 0;
    const rightToLeft = level % 2 === 1;
    at += letter.length;
    if (LOOKS.test(letter)) continue;
    const code = letter.codePointAt(0)!;
    const last = found.at(-1);
    const takes = (face: Face): boolean => isFor(face, code) && has(face, code);
    const beside =
      last &&
      last.level === level &&
      (MARK.test(letter) || (rightToLeft && BETWEEN.test(letter))) &&
      has(last.face, code);
    const face = beside ? last.face : FACES.find(takes);
    // A mark without its letter's face would stand beside it.
    if (MARK.test(letter) && !beside) continue;
    const shown = face ? (rightToLeft && bidi.getMirroredCharacter(letter)) || letter : UNKNOWN;
    const own = face ?? FACES[0]!;
    if (last && last.face === own && last.level === level) last.text += shown;
    else found.push({ face: own, text: shown, rightToLeft, level });
  }
  return inVisualOrder(found).map(({ level: _level, ...run }) => run);
}

/** Rule L2: from the highest level down to the lowest odd one, what stands on it or above is turned around. */
function inVisualOrder<T extends { level: number }>(runs: T[]): T[] {
  const order = [...runs];
  for (let level = Math.max(0, ...runs.map((run) => run.level)); level > 0; level--)
    for (let from = 0; from < order.length; from++) {
      if (order[from]!.level < level) continue;
      let to = from;
      while (to < order.length && order[to]!.level >= level) to++;
      order.splice(from, to - from, ...order.slice(from, to).reverse());
      from = to;
    }
  return order;
}
