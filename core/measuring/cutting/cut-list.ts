/**
 * The cut list of a room: from the inside of its compartments to pieces, and what carries them (practices M1, M5).
 * A rod, a rail or a board is as long as its compartment is wide, less the clearance; a divider as it is high. Panels,
 * and boards where sheets are sold, are cut from sheets (see sheets).
 */
import type { Compartment, CutPart, CutPiece, CutStock, Site, Unit } from '../../ground/model/entities.ts';
import type { Bar, CutProblem } from './problem.ts';

export interface ListedPiece {
  piece: CutPiece;
  compartment: Compartment;
  unit: Unit;
  /** mm */
  length: number;
  /** How long it would be without clearance. */
  inside: number;
  /** The other side of a board or a panel, mm; null where only the length counts. */
  width: number | null;
}

/** Time the search may take, ms. */
export const CUT_MS = 1000;
/** Boards lie on pins, rods in brackets: apart at most so far, mm, or the piece sags under its load (our own judgement). */
export const SPAN = { rod: 800, board: 600 } as const;
/** A rail is screwed to the wall at least so often, mm; our own judgement, the maker's leaflet holds. */
export const RAIL_SCREWS = 400;
/** A back or a peg panel is screwed all around at least so often, mm (our own judgement). */
export const PANEL_SCREWS = 250;

/** @param clearance mm taken off what is measured, so that the piece goes in */
export function listPieces(
  pieces: readonly CutPiece[],
  compartments: ReadonlyMap<string, Compartment>,
  units: ReadonlyMap<string, Unit>,
  clearance: number,
): ListedPiece[] {
  return pieces.flatMap((piece) => {
    const compartment = compartments.get(piece.compartmentId);
    const unit = compartment && units.get(compartment.unitId);
    if (!compartment || !unit) return [];
    const inside = piece.part === 'divider' ? compartment.height : compartment.width;
    // A panel closes the front: as wide and as high; a board is as deep as its place.
    const across = {
      panel: compartment.height - clearance,
      board: compartment.depth,
      rod: null,
      rail: null,
      divider: compartment.depth,
    }[piece.part];
    const width = across === null ? null : Math.max(1, across);
    return [{ piece, compartment, unit, inside, length: Math.max(1, inside - clearance), width }];
  });
}

/** Pieces that are cut from sheets: panels, and boards where sheets are what is there. */
export const isFromSheets = ({ piece, width }: ListedPiece, stock: readonly CutStock[]): boolean =>
  width !== null && (piece.part === 'panel' || stock.some((one) => one.part === piece.part && one.width !== null));

export interface CutList {
  problem: CutProblem;
  /** Pieces that no stock is long enough for. */
  tooLong: ListedPiece[];
}

/** The problem in the open format; what is too long for every stock is left out and told. */
export function cutProblemOf(
  listed: readonly ListedPiece[],
  stock: readonly CutStock[],
  { kerf }: Pick<Site, 'kerf'>,
): CutList {
  const bars = stock.filter(({ width }) => width === null);
  const fits = ({ piece, length }: ListedPiece) =>
    bars.some((bar) => bar.part === piece.part && bar.count !== 0 && bar.length >= length);
  const asBars = listed.filter((one) => !isFromSheets(one, stock));
  return {
    problem: {
      format: 'stube-cut/1',
      kerf,
      timeMs: CUT_MS,
      stock: bars.map(({ id, part, length, price, count }) => ({ id, material: part, length, price, count })),
      pieces: asBars
        .filter(fits)
        .map(({ piece, length }) => ({ id: piece.id, material: piece.part, length, count: piece.count })),
    },
    tooLong: asBars.filter((one) => !fits(one)),
  };
}

export interface BarsAlike {
  stock: string;
  /** mm, the longest first. */
  lengths: number[];
  times: number;
  /** Of all these bars. */
  pieces: string[];
}

/** Bars that are cut alike, once each with how often. */
export function barsAlike(bars: readonly Bar[], lengthOf: (piece: string) => number): BarsAlike[] {
  const alike = new Map<string, BarsAlike>();
  for (const { stock, pieces } of bars) {
    const lengths = pieces.map(lengthOf).sort((a, b) => b - a);
    const key = `${stock} ${lengths.join()}`;
    const known = alike.get(key) ?? { stock, lengths, times: 0, pieces: [] };
    known.times++;
    known.pieces.push(...pieces);
    alike.set(key, known);
  }
  return [...alike.values()];
}

/** What is left of a bar, mm. */
export const leftOf = (bar: number, lengths: readonly number[], kerf: number): number =>
  Math.max(0, bar - lengths.reduce((sum, length) => sum + length, 0) - (lengths.length - 1) * kerf);

export interface Fixing {
  what: string;
  count: number;
  why: string;
}

/** How many supports a piece of that length stands on: one at each end, and one more for each span beyond the first. */
export const supportsOf = (length: number, span: number): number => Math.max(2, Math.ceil(length / span) + 1);

/** Screws, brackets, pins and plugs for all pieces, with the sum in words. */
export function fixingsOf(listed: readonly ListedPiece[]): Fixing[] {
  const sums = new Map<string, Fixing>();
  const add = (what: string, count: number, why: string): void => {
    const known = sums.get(what);
    if (known) known.count += count;
    else sums.set(what, { what, count, why });
  };
  for (const { piece, length, width, unit } of listed) {
    const { part, count } = piece;
    const onWall = unit.template === 'rails' || unit.template === 'rods' || unit.template === 'hooks';
    if (part === 'rod') {
      const brackets = supportsOf(length, SPAN.rod) * count;
      add('rod brackets', brackets, `one at each end, one more for every ${SPAN.rod} mm`);
      add('screws for the brackets', 2 * brackets, 'two a bracket');
      if (onWall) add('wall plugs', 2 * brackets, 'one a screw, of the kind for that wall');
    } else if (part === 'board') {
      const lines = supportsOf(length, SPAN.board) * count;
      if (onWall) add('shelf brackets', lines, `one at each end, one more for every ${SPAN.board} mm`);
      else add('shelf pins', 4 * count, 'four a board');
    } else if (part === 'panel') {
      const around = 2 * (length + (width ?? 0));
      add(
        'screws for the panels',
        Math.max(4, Math.ceil(around / PANEL_SCREWS)) * count,
        `all around, every ${PANEL_SCREWS} mm`,
      );
    } else if (part === 'rail') {
      const screws = supportsOf(length, RAIL_SCREWS) * count;
      add('screws for the rails', screws, `at least every ${RAIL_SCREWS} mm`);
      add('wall plugs', screws, 'one a screw, of the kind for that wall');
    }
  }
  return [...sums.values()];
}

/** What belongs to every list of things that are fixed to a wall or bear weight (H8). */
export const FIXING_CAUTION =
  'Fixings are counted for an even load on a sound wall. Which plug holds in which wall, what may be drilled, and cables and pipes behind it are to be found out first; where anybody could be hurt, ask a licensed craftsman and keep to your local codes.';

/** Whether a part hangs on a wall or bears weight: then the caution of H8 belongs to the list. */
export const bearsWeight = (part: CutPart): boolean => part !== 'divider';
