/** How large one piece of a line is and how it lies: from what was told of it, else from the kind of thing it is (docs/computing.md, How much room does it take?). */
import type { Category, Line, PackingKind } from '../model/entities.ts';
import { kindOf, type Kind } from '../starter/library.ts';
import { shapeOfKind, type PieceShape } from '../starter/shape.ts';

export type Piece = [length: number, width: number, height: number];
/** What of a line tells how large its pieces are. `length`, `width`, `height`: told sides, mm; null where not told. */
export type Sized = Pick<Line, 'length' | 'width' | 'height' | 'kind'>;
export type OfKind = Pick<Category, 'starter' | 'packingKind'>;

/** The kind of thing a line is: its own, which stays with it, else that of its category. */
export const kindOfLine = (
  line: Pick<Line, 'kind'>,
  category: Pick<Category, 'starter'> | undefined,
): Kind | undefined => kindOf(line.kind) ?? kindOf(category?.starter);

const volume = ([length, width, height]: Kind['piece']): number => length * width * height;
/** A kind as large as that, mm³, is the whole set: a tool kit, a doctor's case. */
const SET_BOX = 3e6;

/**
 * Pieces that take room: those of a set each for itself, unless its kind is a set in a box of its own or nobody knows;
 * of what is meant by the box (gloves, staples) a large number counts what is in it.
 */
export function piecesOf(line: Pick<Line, 'amount' | 'setPieces'>, kind: Kind | undefined): number {
  if (kind?.holds && line.amount >= kind.holds / 2) return line.amount / kind.holds;
  const counts = line.setPieces && kind && !kind.isSet && volume(kind.piece) < SET_BOX;
  return line.amount * (counts ? line.setPieces! : 1);
}

/** Sides from which on a face is one, not an edge: a hoop is as wide as it is long. */
const FACE = 0.5;
/** So many times as long as usual, a thing is another one than its kind: then nothing is said. */
const BELIEVED = 6;
/** Thickness of a puzzle without its box, mm. */
const BARE_PUZZLE = 5;
/** Thickness of a blanket, a curtain, a throw, mm. */
const SPREAD_CLOTH = 5;
/** How wide fabric is sold, mm: its litres are told by the metre. */
export const CLOTH_WIDTH = 1400;
const clothThickness = (kind: Kind): number =>
  kind.litresPerMetre ? (kind.litresPerMetre * 1000) / CLOTH_WIDTH : SPREAD_CLOTH;
/** Thickness of what is sold and kept in rolls, mm: wrapping paper, maps, wallpaper. */
const ROLLED_SHEET = 0.2;

/** From that length on, mm, the longer of two sides is how long the sheet on a roll is. */
const SHEET_LENGTH = 3000;

/** The sides that were told, longest first; a thickness alone is none of them. */
const toldSides = ({ length, width, height }: Pick<Line, 'length' | 'width' | 'height'>): number[] =>
  length === null ? [] : [length, width, height].filter((side): side is number => side !== null).sort((a, b) => b - a);

/**
 * Size of one piece, mm, longest first. One told side is the longest, two are the face; what is missing is the usual
 * one of the kind, never a copy of another.
 * @returns null where too little is told and the kind is not known
 * @example pieceOf({ kind: 'hoops-and-rings/hula-hoop', length: 800, width: null, height: null }, undefined) // [800, 800, 20]
 */
export function pieceOf(
  line: Sized & Partial<Pick<Line, 'name' | 'note'>>,
  category?: Pick<Category, 'starter'>,
): Piece | null {
  const kind = kindOfLine(line, category);
  const told = toldSides(line);
  if (told.length === 3) return told as Piece;
  if (!kind) return null;
  const [length, width, height] = kind.piece;
  const thin = line.length === null && line.height ? line.height : null;
  if (!told.length && !(isSheet(kind) && paperNamed(line.name)))
    return thin ? sorted([length, thin, Math.min(thin, height)], kind, thin) : [length, width, height];
  // `100 sheets of card A3`: its name says how large the sheet is.
  const paper = told.length ? undefined : paperNamed(line.name);
  if (paper && isSheet(kind)) return [paper[0], paper[1], thin ?? height];
  // Told alone and thinner than anything of it is: how wide its tape or thread is, no side.
  if (told.length === 1 && told[0]! < 0.75 * height && height / length < FACE) return [length, width, height];
  // `ring binders 80 mm`: the one side that was told is how thick they are.
  if (told.length === 1 && height / length < FACE && isThickness(told[0]!, kind.piece))
    return [length, width, told[0]!].sort((a, b) => b - a) as Piece;
  // `wooden cubes 50 mm`, `marbles 16 mm`: one side tells all three.
  if (told.length === 1 && EQUAL_SIDES.test(line.name ?? '')) return [told[0]!, told[0]!, told[0]!];
  const scale = told[0]! / length;
  // What is much the same in all directions grows in all of them.
  if (told.length === 1 && height / length >= FACE)
    return scale > BELIEVED ? null : [told[0]!, width * scale, height * scale];
  const second = told[1] ?? Math.min(told[0]!, width / length >= FACE ? width * scale : width);
  // A rug or mat that lies rolled up is as thick as it is told to be.
  if (told.length === 2 && /\brolled(?: up)?\b/i.test(`${line.name ?? ''} ${line.note ?? ''}`))
    return [told[0]!, told[1]!, told[1]!];
  const bare =
    kind.category.key === 'jigsaw-puzzles' &&
    /\b(?:no box|without (?:its )?box|unboxed|made up|finished|glued)\b/i.test(`${line.name ?? ''} ${line.note ?? ''}`);
  // The face of what usually stands rolled up is that of one sheet of it.
  const rolled =
    told.length === 2 &&
    /\b(?:wrap|paper|maps?|posters?|charts?|planners?|vinyl|cellophane|foil)\b/i.test(kind.names[0]!) &&
    width / length < 0.2 &&
    height / width > FACE &&
    (told[1]! / told[0]! > 0.3 || told[0]! >= SHEET_LENGTH);
  // Two sides of a disc or a row: the second is how thick it is where that is nearer.
  if (
    told.length === 2 &&
    !rolled &&
    kind.lies !== 'soft' &&
    kind.lies !== 'flat' &&
    isNearer(told[1]!, height * scale, width * scale)
  )
    return [told[0]!, Math.min(told[0]!, width * scale), told[1]!].sort((a, b) => b - a) as Piece;
  // Cloth is told as it is spread out, not as it lies folded.
  const spread = told.length === 2 && kind.lies === 'soft' && told[0]! * told[1]! > 3 * length * width;
  if (spread) {
    // It is put away folded, as large as such things usually lie.
    const thick = (told[0]! * told[1]! * clothThickness(kind)) / (length * width);
    return [length, width, thick].sort((a, b) => b - a) as Piece;
  }
  const third = bare ? BARE_PUZZLE : rolled ? ROLLED_SHEET : height;
  return [told[0]!, second, Math.min(second, third)];
}

/** Whether a side is nearer to one than to another, as people see it: by their ratio. */
const isNearer = (side: number, to: number, than: number): boolean =>
  Math.abs(Math.log(side / to)) < Math.abs(Math.log(side / than)) - 1e-9;

/** Names of what is as wide and as high as it is long. */
const EQUAL_SIDES = /\b(?:cubes?|dice|balls?|marbles?|beads?|globes?|baubles?)\b/i;
/** Sheets of the A sizes, mm (ISO 216). */
const PAPER_SIDES: Readonly<Record<string, readonly [number, number]>> = {
  A1: [841, 594],
  A2: [594, 420],
  A3: [420, 297],
  A4: [297, 210],
  A5: [210, 148],
  A6: [148, 105],
};
const paperNamed = (name: string | undefined): readonly [number, number] | undefined =>
  PAPER_SIDES[/\bA[1-6]\b/i.exec(name ?? '')?.[0].toUpperCase() ?? ''];
/** Paper, card, books and folders of it: as long against their width as its sheets are, or in a stack. */
const isSheet = ({ lies, piece: [length, width] }: Kind): boolean =>
  lies === 'flat' || (lies === 'neat' && Math.abs(length / width - Math.SQRT2) < 0.08);

/** Whether a side is the thin one of a piece rather than its longest: clearly nearer to it. */
const isThickness = (side: number, [length, , height]: readonly [number, number, number]): boolean =>
  Math.abs(Math.log(side / height)) < 0.5 && Math.abs(Math.log(side / length)) > 0.9;

/** A long thing of which only the thickness was told: as long as usual, as thick as told both ways where it is round. */
const sorted = (piece: Piece, kind: Kind, thin: number): Piece =>
  (kind.piece[1] / kind.piece[2] < 2 ? [piece[0], thin, thin] : [kind.piece[0], kind.piece[1], thin]).sort(
    (a, b) => b - a,
  ) as Piece;

/** The form of a piece: as its kind has it; of what no kind is known its name tells it, else it is none. */
export const shapeOfPiece = (line: Partial<Pick<Line, 'name'>> & Sized, kind: Kind | undefined): PieceShape => {
  if (kind) return kind.shape;
  const [length, width, height] = toldSides(line);
  return height === undefined ? 'irregular' : shapeOfKind([line.name ?? ''], [length!, width!, height]);
};

/**
 * What a line takes along when it goes into another category, so that it takes as much room there as before: regrouping
 * never changes litres (docs/computing.md, How much room does it take?).
 * @param from the category it leaves; undefined where it had none
 */
export function takenAlong(
  line: Pick<Line, 'kind' | 'lies'>,
  from: OfKind | undefined,
): Partial<Pick<Line, 'kind' | 'lies'>> {
  if (!from) return {};
  const kind = line.kind ?? from.starter;
  const lies = liesOf(line, from);
  return {
    ...(kind !== line.kind ? { kind } : {}),
    ...(lies !== line.lies && lies !== kindOf(kind)?.lies ? { lies } : {}),
  };
}

/** Grams a bulk litre: as the category says for what is of its own kind or of no known one, else as the kind does. */
export function densityOf(
  line: Pick<Line, 'kind'>,
  category: (OfKind & Pick<Category, 'density'>) | undefined,
): number {
  const kind = kindOf(line.kind);
  if (!kind) return category?.density ?? DENSITY;
  return category && kind.density === kind.category.density && category.starter === kind.category.key
    ? category.density
    : kind.density;
}
/** Of what nobody knows, grams a litre. */
const DENSITY = 300;

/**
 * How several of it lie: as somebody said by hand, else as its kind does; the category tells it for what is of its own
 * kind or of no known one.
 */
export function liesOf(line: Pick<Line, 'kind' | 'lies'>, category: OfKind | undefined): PackingKind {
  if (line.lies) return line.lies;
  const kind = kindOf(line.kind);
  if (!kind) return category?.packingKind ?? 'rigid';
  const asCategory = kind.lies === kind.category.packingKind && category?.starter === kind.category.key;
  return asCategory ? category.packingKind : kind.lies;
}
