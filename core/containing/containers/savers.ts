/** Things that take far less room, or are found at last, another way (practice C5), with their arithmetic. */
import type { Category, Line, SetNumber, Site } from '../../ground/model/entities.ts';
import { nextNumbers } from '../../ground/contents/set-numbers.ts';
import { IN_A_FILE } from './hanging.ts';
import { litresOfLine } from '../../ground/contents/demand.ts';
import { PACKING_FACTOR } from '../../ground/contents/litres.ts';
import { kindOfLine, pieceOf } from '../../ground/contents/piece.ts';

export type SaverId = 'pouches' | 'sleeves' | 'files' | 'scraps' | 'protectors' | 'rolls' | 'rods' | 'bobbins';

export interface Saving {
  saver: SaverId;
  line: Line;
  /** Bulk litres as it is, and as it would be. */
  before: number;
  after: number;
  /** What is done, as a sentence without its full stop. */
  words: string;
  /** What is written into the line: its new size, and where its pieces are. */
  values: Partial<Pick<Line, 'length' | 'width' | 'height' | 'note' | 'lies' | 'categoryId'>>;
  /** Each piece gets a number of this series, so that a set is found by its number and the index (practice L4). */
  numbers?: { series: string; numbers: number[] };
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
/** Thicker than this, mm, a pouch does not close, or bursts (our own judgement). */
const THICKEST = 30;
/** Kinds of those whose parts are boards of wood or card, which fill their box. */
const LARGE_PARTS: readonly string[] = [
  'jigsaw-puzzles/floor puzzle',
  'jigsaw-puzzles/3d puzzle',
  'jigsaw-puzzles/puzzle mat',
  'jigsaw-puzzles/foam puzzle mat',
];
/** Kinds whose box is mostly air. */
const BOXED = ['board-games', 'jigsaw-puzzles', 'memory-games', 'word-games'];
const DISCS = ['audio-stories'];
/** Thinner than this, mm, it is not in a box any more. */
const BOX = 25;
const CASE = 8;
/** Fewer litres are not worth the work. */
const LEAST_SAVED = 3;

/** A fabric that hangs in a file: its face, mm (for hanging files of A4 and Letter). */
export const FILE = { length: 300, width: 230 } as const;
/** One layer of cotton, mm. */
export const LAYER = 0.5;
/** A sheet protector with a folded pattern and its picture, mm. */
export const PROTECTOR = { length: 300, width: 230, height: 3 } as const;
/** Shorter than this, mm, a fabric is a scrap: a quarter of a metre. */
export const SCRAP = 250;
const CLOTH = ['fabric', 'felt-sheets'];
/** What is done for order's sake says so without litres. */
const FOR_ORDER: readonly SaverId[] = ['files', 'scraps', 'rolls', 'rods', 'bobbins'];

/** The next numbers of a series, and how they are said: `pouches 7 to 30`. */
function numbered(series: string, noun: string, amount: number, given: readonly SetNumber[]) {
  const numbers = nextNumbers(given, series, Math.max(1, Math.round(amount)), false);
  const [first, last] = [numbers[0]!, numbers.at(-1)!];
  return { numbers: { series, numbers }, said: last > first ? `${noun} ${first} to ${last}` : `${noun} ${first}` };
}

/**
 * @returns what is worth doing in these lines, the most saved first
 * @example savingsOf(lines, categories, site)[0]?.words
 */
export function savingsOf(
  lines: readonly Line[],
  categories: ReadonlyMap<string, Category>,
  site: Pick<Site, 'measures'>,
  /** A place of the room with rods, where there is one. */
  rods: string | null = null,
  given: readonly SetNumber[] = [],
): Saving[] {
  const scraps = [...categories.values()].find(({ starter }) => starter === 'fabric-scraps');
  return lines
    .flatMap((line): Saving[] => {
      const category = categories.get(line.categoryId ?? '');
      const before = line.decision === 'keep' && category ? litresOfLine(line, category, site) : null;
      const piece = pieceOf(line, category);
      const key = kindOfLine(line, category)?.category.key ?? category?.starter ?? '';
      if (!before || !piece || line.measure !== 'pieces' || line.amount < 1) return [];
      const way = wayOf(key, line, piece, scraps, rods, given);
      if (!way) return [];
      const after = litresOfLine(
        { ...line, ...way.values },
        way.values.categoryId ? categories.get(way.values.categoryId)! : category!,
        site,
      );
      const pays = after !== null && (FOR_ORDER.includes(way.saver) || before - after >= LEAST_SAVED);
      return pays ? [{ ...way, line, before, after }] : [];
    })
    .sort((a, b) => b.before - b.after - (a.before - a.after));
}

type Way = Pick<Saving, 'saver' | 'words' | 'values' | 'numbers'>;
const noteOf = (line: Line, said: string): string => [line.note, said].filter(Boolean).join(', ').slice(0, 400);

function pouches(
  line: Line,
  [length, width, height]: readonly number[] & { 0: number; 1: number; 2: number },
  given: readonly SetNumber[],
): Way | null {
  // A board lies folded in its box: it goes in as it is.
  const pouch = POUCHES.find((one) => one.length >= length && one.width >= width);
  if (height < BOX || !pouch || LARGE_PARTS.includes(line.kind ?? '')) return null;
  const thick = Math.max(4, Math.ceil((length * width * height * PARTS_OF_BOX) / (pouch.length * pouch.width)));
  if (thick > THICKEST) return null;
  const { said, numbers } = numbered('pouch', 'pouches', line.amount, given);
  return {
    saver: 'pouches',
    words: `out of ${line.amount > 1 ? 'their boxes' : 'its box'} into ${pouch.name} zip ${said}, each with the picture and the rules`,
    values: { length: pouch.length, width: pouch.width, height: thick, note: noteOf(line, `in ${said}`) },
    numbers,
  };
}

function sleeves(line: Line, [, , height]: readonly number[] & { 2: number }, given: readonly SetNumber[]): Way | null {
  if (height < CASE) return null;
  const { said, numbers } = numbered('disc', 'sleeves', line.amount, given);
  return {
    saver: 'sleeves',
    words: `out of their cases into ${said}, the covers beside them`,
    values: { ...SLEEVE, note: noteOf(line, `in ${said}`) },
    numbers,
  };
}

function wayOf(
  key: string,
  line: Line,
  piece: readonly [number, number, number],
  scraps: Category | undefined,
  rods: string | null,
  given: readonly SetNumber[],
): Way | null {
  const kind = line.kind ?? '';
  if (BOXED.includes(key)) return pouches(line, piece, given);
  if (DISCS.includes(key)) return sleeves(line, piece, given);
  if (CLOTH.includes(key)) return cloth(line, scraps);
  if (key === 'sewing-patterns') return protectors(line, piece);
  if (key === 'gift-wrap') return rolls(line, piece);
  if (key === 'ribbon') return onRods(line, rods);
  if (kind === 'sewing-thread/bobbin') return bobbins(line);
  return null;
}

/** Fabric as it is spread out, told with two sides: over a hanger in a box for hanging files, or among the scraps. */
function cloth(line: Line, scraps: Category | undefined): Way | null {
  if (line.length === null || line.width === null) return null;
  const [length, width] = [Math.max(line.length, line.width), Math.min(line.length, line.width)];
  if (length < SCRAP) {
    if (!scraps || line.categoryId === scraps.id) return null;
    return {
      saver: 'scraps',
      words: 'shorter than a quarter of a metre: with the scraps, in their one box',
      values: { categoryId: scraps.id },
    };
  }
  // Folded to the width of the file, then hung over its hanger.
  const layers = Math.ceil(width / FILE.length) * Math.ceil(length / FILE.width);
  const thick = Math.max(3, Math.ceil(layers * LAYER));
  if (line.lies === 'neat') return null;
  return {
    saver: 'files',
    words: `folded to ${layers} layers and hung over a hanger in a box for hanging files, ${thick} mm each: ${Math.max(1, Math.floor(FILE_BOX / (thick * PACKING_FACTOR.neat.box)))} to a box`,
    values: { ...FILE, height: thick, lies: 'neat', note: noteOf(line, IN_A_FILE) },
  };
}
/** The catalogue's box for hanging files is so long inside, mm. */
const FILE_BOX = 375;

function protectors(line: Line, [, , height]: readonly [number, number, number]): Way | null {
  if (height <= PROTECTOR.height) return null;
  return {
    saver: 'protectors',
    words: 'out of their envelopes into sheet protectors, the picture in front, in a binder',
    values: { ...PROTECTOR, lies: 'neat', note: noteOf(line, 'in a binder') },
  };
}

function rolls(line: Line, [length, width]: readonly [number, number, number]): Way | null {
  if (/\bstanding\b/.test(line.note) || length < 4 * width || line.amount < 2) return null;
  return {
    saver: 'rolls',
    words: 'standing close together in a tall bin, with the pattern outside',
    values: { note: noteOf(line, 'standing') },
  };
}

function onRods(line: Line, rods: string | null): Way | null {
  if (!rods || /\bon rods\b/.test(line.note)) return null;
  return {
    saver: 'rods',
    words: `on the rods of ${rods}: seen at once, and nothing is dug out`,
    values: { note: noteOf(line, 'on rods') },
  };
}

function bobbins(line: Line): Way | null {
  if (/\bwith its reel\b/.test(line.note)) return null;
  return {
    saver: 'bobbins',
    words: 'each on the reel of its colour, held by a ring or a peg',
    values: { note: noteOf(line, 'each with its reel') },
  };
}
