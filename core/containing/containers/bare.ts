/** Things without a container: how large a row of binders, a stack of games or a globe is as it stands (practice F5). */
import type { Compartment } from '../../ground/model/entities.ts';
import { clearHeight, HEAVY_MASS } from '../../ground/problems/place-problem.ts';
import type { Stands } from '../../ground/starter/kind.ts';
import type { Demand, DemandLine } from '../../ground/contents/demand.ts';
import { goesOnRods, isForFiles } from './hanging.ts';
import { piecesOf, type Piece } from '../../ground/contents/piece.ts';

export interface BareBin {
  /** Outside, mm. */
  outWidth: number;
  outDepth: number;
  outHeight: number;
  lineIds: string[];
  /** Bulk litres of what it is. */
  litres: number;
}

/** The shelves of the room: rows and stacks are no larger than what takes them. */
export type Shelves = readonly (Pick<Compartment, 'width' | 'depth' | 'height' | 'access' | 'maxLoad'> &
  Partial<Pick<Compartment, 'hangs'>>)[];

/** A row is no longer than a shelf bay, mm, where the room is not measured; a stack no higher than one takes the lowest out of. Our own judgement. */
const ROW_WIDTH = 800;
const STACK_HEIGHT = 320;
/** Grams that one row or stack weighs at most, and of what a shelf bears: something else stands there too. */
const TOGETHER_MASS = 15_000;
const SHARE_OF_LOAD = 0.9;
/** From that length on a thing stands upright. */
const UPRIGHT = 1000;
/** Long things may stand on end from that length on, mm. */
const ON_END = 400;
/** Rolls and rods no thicker than this are kept as one bundle of so many at most, mm. */
const SLENDER = 80;
const BUNDLE = 9;
/** Of one line more single things than these are not one bin each. */
const MAX_SINGLES = 12;
/** Room to take one out of a row or stack, as a share. */
const SLACK = 1.05;

/** How it would stand without a container: as people keep it, else as it lies. */
export const standsOf = ({ kind, lies, piece }: DemandLine): Stands | 'file' =>
  isForFiles(kind?.category.key)
    ? 'file'
    : (kind?.stands ?? (lies === 'flat' || lies === 'neat' ? 'stack' : piece && piece[0] >= 400 ? 'single' : 'stack'));

/** Whether people keep most of it without a container. */
export function usuallyStands(demand: Demand): boolean {
  const standing = demand.lines.filter(({ kind }) => kind?.stands).reduce((sum, { litres }) => sum + (litres ?? 0), 0);
  return (
    demand.litres > 0 && standing > demand.litres / 2 && demand.lines.every(({ line }) => line.measure === 'pieces')
  );
}

/** No side of a bin is told larger, mm. */
const LARGEST = 6000;
const whole = (n: number): number => Math.min(LARGEST, Math.max(5, Math.ceil(n - 1e-9)));

/** Other ways than people usually do: in rows and stacks that one lifts over one's head, lying flat, or standing on end. */
export type Pose = 'usual' | 'light' | 'lying' | 'on end';

/** The outside of so many pieces as they stand together. */
function together(
  stands: Stands | 'file',
  pose: Pose,
  piece: Piece,
  pieces: number,
  shelves: Shelves,
  /** Grams of one piece. */
  mass: number,
): Pick<BareBin, 'outWidth' | 'outDepth' | 'outHeight'>[] {
  const [length, width, height] = piece;
  if (stands === 'file')
    return [{ outWidth: whole(length), outDepth: whole(pieces * height * SLACK), outHeight: whole(width) }];
  const parts = (most: number): number[] => {
    const bears = shelves.length ? Math.max(...shelves.map((shelf) => shelf.maxLoad)) : Infinity;
    const byMass =
      mass > 0
        ? Math.floor((Math.min(bears, pose === 'light' ? HEAVY_MASS : TOGETHER_MASS) * SHARE_OF_LOAD) / mass)
        : Infinity;
    const each = Math.max(1, Math.min(byMass, Math.floor(most / Math.max(0.01, height * SLACK))));
    const count = Math.ceil(pieces / each);
    return Array.from({ length: count }, (_, i) => Math.ceil((pieces - i) / count));
  };
  if (stands === 'row')
    return parts(widest(shelves, width, length)).map((n) => ({
      outWidth: whole(n * height * SLACK),
      outDepth: whole(width),
      outHeight: whole(length),
    }));
  if (stands === 'stack')
    return parts(tallest(shelves, length, width)).map((n) => ({
      outWidth: whole(length),
      outDepth: whole(width),
      outHeight: whole(n * height * SLACK),
    }));
  if (stands === 'hook')
    return parts(STACK_HEIGHT).map((n) => ({
      outWidth: whole(width),
      outDepth: whole(n * height * SLACK),
      outHeight: whole(length),
    }));
  const single = Math.min(MAX_SINGLES, pieces);
  if (pose === 'lying' && stands === 'single')
    return parts(STACK_HEIGHT)
      .slice(0, single)
      .map((n) => ({ outWidth: whole(length), outDepth: whole(width), outHeight: whole(n * height * SLACK) }));
  if (width <= SLENDER && length >= 5 * width && pieces > 1) {
    const count = Math.ceil(pieces / BUNDLE);
    return Array.from({ length: Math.min(MAX_SINGLES, count) }, (_, i) => {
      const n = Math.ceil((pieces - i) / count);
      const across = Math.ceil(Math.sqrt(n));
      const [wide, high] = [whole(across * width * SLACK), whole(Math.ceil(n / across) * height * SLACK)];
      return length >= UPRIGHT || (pose === 'on end' && length >= ON_END)
        ? { outWidth: wide, outDepth: high, outHeight: whole(length) }
        : { outWidth: whole(length), outDepth: wide, outHeight: high };
    });
  }
  const one =
    length >= UPRIGHT || (pose === 'on end' && length >= ON_END && length >= 3 * width)
      ? { outWidth: whole(width), outDepth: whole(height), outHeight: whole(length) }
      : { outWidth: whole(length), outDepth: whole(height), outHeight: whole(width) };
  return Array.from({ length: single }, () => one);
}

/** Soft or long things that are hung where the room has hooks or rods for them; reels go in a row on a rod. Null where none takes them. */
function hung(
  { line, kind, lies, piece }: DemandLine,
  pieces: number,
  hooks: Shelves,
  /** Grams of one piece. */
  mass: number,
): Pick<BareBin, 'outWidth' | 'outDepth' | 'outHeight'>[] | null {
  if (!piece || !hooks.length) return null;
  const [length, width, height] = piece;
  const onRod = goesOnRods(kind?.category.key) && /\bon rods\b/.test(line.note);
  if (!onRod && lies !== 'soft' && lies !== 'long' && kind?.stands !== 'hook') return null;
  const takes = hooks.filter((hook) =>
    onRod ? hook.height >= width && hook.depth >= width : hook.height >= length && hook.width >= width,
  );
  if (!takes.length) return null;
  const [most, thick] = onRod
    ? [Math.max(...takes.map((rod) => rod.width)), height]
    : [Math.max(...takes.map((hook) => hook.depth)), height];
  const bears = Math.max(...takes.map((hook) => hook.maxLoad)) * SHARE_OF_LOAD;
  const each = Math.max(1, Math.floor(Math.min(most / Math.max(0.5, thick * SLACK), bears / Math.max(1, mass))));
  const count = Math.ceil(pieces / each);
  if (count > MAX_SINGLES) return null;
  return Array.from({ length: count }, (_, i) => {
    const n = Math.ceil((pieces - i) / count);
    const along = whole(n * thick * SLACK);
    return onRod
      ? { outWidth: along, outDepth: whole(width), outHeight: whole(length) }
      : { outWidth: whole(width), outDepth: along, outHeight: whole(length) };
  });
}

/** How long a row of things so deep and high may be: as the widest shelf that takes one. */
const widest = (shelves: Shelves, depth: number, height: number): number => {
  const own = shelves
    .filter((shelf) => shelf.depth >= depth && clearHeight(shelf) >= height)
    .map((shelf) => shelf.width);
  return own.length ? Math.min(ROW_WIDTH, Math.max(...own)) : ROW_WIDTH;
};
/** How high a stack of things so wide and deep may be. */
const tallest = (shelves: Shelves, width: number, depth: number): number => {
  const own = shelves.filter((shelf) => shelf.width >= width && shelf.depth >= depth).map(clearHeight);
  return own.length ? Math.min(STACK_HEIGHT, Math.max(...own)) : STACK_HEIGHT;
};

/**
 * The bins that a demand becomes without containers; empty where the size of its pieces is not known. What was told in
 * measures is taken as one heap, as high as it is wide.
 */
export function bareBins(demand: Demand, places: Shelves = [], pose: Pose = 'usual'): BareBin[] {
  const shelves = places.filter(({ hangs }) => !hangs);
  const hooks = places.filter(({ hangs }) => hangs);
  return demand.lines.flatMap((demandLine): BareBin[] => {
    const { line, litres, piece } = demandLine;
    if (litres === null) return [];
    const pieces = line.measure === 'pieces' ? Math.max(1, Math.ceil(piecesOf(line, demandLine.kind))) : 1;
    const each = (litres * demand.mass) / Math.max(1e-9, demand.litres) / pieces;
    const sizes =
      line.measure === 'pieces' && piece
        ? (hung(demandLine, pieces, hooks, each) ?? together(standsOf(demandLine), pose, piece, pieces, shelves, each))
        : [heap(litres, piece)];
    return sizes.map((size) => ({ ...size, lineIds: [line.id], litres: litres / sizes.length }));
  });
}

function heap(litres: number, piece: Piece | null): Pick<BareBin, 'outWidth' | 'outDepth' | 'outHeight'> {
  const side = Math.cbrt(litres * 1e6);
  const long = Math.max(side, piece?.[0] ?? 0);
  const rest = Math.sqrt((litres * 1e6) / long);
  return { outWidth: whole(long), outDepth: whole(rest), outHeight: whole(rest) };
}
