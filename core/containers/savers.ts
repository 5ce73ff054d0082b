/** Things that take far less room another way (practice C5): games in pouches, discs in sleeves. With their arithmetic. */
import type { Category, Line, Site } from '../model/entities.ts';
import { litresOfLine } from './demand.ts';
import { kindOfLine, pieceOf } from './piece.ts';

export type SaverId = 'pouches' | 'sleeves';

export interface Saving {
  saver: SaverId;
  line: Line;
  /** Bulk litres as it is, and as it would be. */
  before: number;
  after: number;
  /** What is done, as a sentence without its full stop. */
  words: string;
  /** What is written into the line: its new size, and where its pieces are. */
  values: Pick<Line, 'length' | 'width' | 'height' | 'note'>;
}

/** Zip pouches by their face, mm (for sheets of A4 and A3). */
export const POUCHES = [
  { name: 'A4', length: 340, width: 250 },
  { name: 'A3', length: 450, width: 330 },
] as const;
/** Of a game's or puzzle's box, the board and parts are so much, and the rest is air (our own judgement: an eighth). */
export const PARTS_OF_BOX = 0.13;
/** A disc in its sleeve, mm. */
export const SLEEVE = { length: 130, width: 125, height: 2 } as const;
/** Kinds whose box is mostly air. */
const BOXED = ['board-games', 'jigsaw-puzzles', 'memory-games', 'word-games'];
const DISCS = ['audio-stories'];
/** Thinner than this, mm, it is not in a box any more. */
const BOX = 25;
const CASE = 8;
/** Fewer litres are not worth the work. */
const LEAST_SAVED = 3;

/** Numbered from one on, so that a set is found by its number and the index. */
const numbered = (noun: string, amount: number): string =>
  amount > 1 ? `${noun} 1 to ${Math.round(amount)}` : `${noun} 1`;

/**
 * @returns what is worth doing in these lines, the most saved first
 * @example savingsOf(lines, categories, site)[0]?.words
 */
export function savingsOf(
  lines: readonly Line[],
  categories: ReadonlyMap<string, Category>,
  site: Pick<Site, 'measures'>,
): Saving[] {
  return lines
    .flatMap((line): Saving[] => {
      const category = categories.get(line.categoryId ?? '');
      const before = line.decision === 'keep' && category ? litresOfLine(line, category, site) : null;
      const piece = pieceOf(line, category);
      const key = kindOfLine(line, category)?.category.key ?? category?.starter ?? '';
      if (!before || !piece || line.measure !== 'pieces' || line.amount < 1) return [];
      const way = BOXED.includes(key) ? pouches(line, piece) : DISCS.includes(key) ? sleeves(line, piece) : null;
      if (!way) return [];
      const after = litresOfLine({ ...line, ...way.values }, category, site);
      return after === null || before - after < LEAST_SAVED ? [] : [{ ...way, line, before, after }];
    })
    .sort((a, b) => b.before - b.after - (a.before - a.after));
}

type Way = Pick<Saving, 'saver' | 'words' | 'values'>;
const noteOf = (line: Line, said: string): string => [line.note, said].filter(Boolean).join(', ').slice(0, 400);

function pouches(
  line: Line,
  [length, width, height]: readonly number[] & { 0: number; 1: number; 2: number },
): Way | null {
  // A board is folded at least once: half of the box's longer side is what has to go in.
  const pouch = POUCHES.find((one) => one.length >= width && one.width >= length / 2);
  if (height < BOX || !pouch) return null;
  const thick = Math.max(4, Math.ceil((length * width * height * PARTS_OF_BOX) / (pouch.length * pouch.width)));
  const said = numbered('pouches', line.amount);
  return {
    saver: 'pouches',
    words: `out of ${line.amount > 1 ? 'their boxes' : 'its box'} into ${pouch.name} zip ${said}, each with the picture and the rules`,
    values: { length: pouch.length, width: pouch.width, height: thick, note: noteOf(line, `in ${said}`) },
  };
}

function sleeves(line: Line, [, , height]: readonly number[] & { 2: number }): Way | null {
  if (height < CASE) return null;
  const said = numbered('sleeves', line.amount);
  return {
    saver: 'sleeves',
    words: `out of their cases into ${said}, the covers beside them`,
    values: { ...SLEEVE, note: noteOf(line, `in ${said}`) },
  };
}
