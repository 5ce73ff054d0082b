/** Words in a drawn rectangle, as large as they can be: in one line or several, along its width or its depth. */
import { LETTER, LINE, MAX_LINES } from './label-fit.ts';

export interface FittedWords {
  lines: string[];
  /** In the rectangle's own units. */
  size: number;
  /** Written along the depth. */
  turned: boolean;
}

/** So much of a side is written on. */
const USED = 0.92;

/** The same words in so many lines, the longest as short as can be. */
function inLines(words: readonly string[], count: number): string[] {
  if (count === 1) return [words.join(' ')];
  let best: string[] = [];
  for (let first = 1; first <= words.length - count + 1; first++) {
    const lines = [words.slice(0, first).join(' '), ...inLines(words.slice(first), count - 1)];
    if (!best.length || longest(lines) < longest(best)) best = lines;
  }
  return best;
}
const longest = (lines: readonly string[]): number => Math.max(...lines.map((line) => line.length));

/** @example wordsInBox('Paper clips and pins', 60, 120, 20).turned // true */
export function wordsInBox(text: string, width: number, depth: number, largest: number): FittedWords {
  const words = text.split(/\s+/);
  let best: FittedWords = { lines: [text], size: 0, turned: false };
  for (const turned of [false, true]) {
    const [along, across] = turned ? [depth, width] : [width, depth];
    for (let count = 1; count <= Math.min(MAX_LINES, words.length); count++) {
      const lines = inLines(words, count);
      const size = Math.min(largest, (USED * along) / (LETTER * longest(lines)), (USED * across) / (LINE * count));
      if (size > best.size * 1.02) best = { lines, size, turned };
    }
  }
  return best;
}

/** How far below the middle line `i` of so many is, in the letters' size. */
export const lineOffset = (i: number, count: number): number => (i - (count - 1) / 2) * LINE;
