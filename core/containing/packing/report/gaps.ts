/** What is left beside and above what was packed into one place, and what would make use of it (practice C3). */
import { FRONT_CLEARANCE } from '../../../ground/problems/place-problem.ts';
import type { ContainerType } from '../../../ground/model/entities.ts';
import type { FitAnswer, FitProblem } from '../../../ground/problems/fit-problem.ts';
import { freeSpaces, type FreeSpace } from './leftover.ts';

/** Narrower or shallower gaps take no tray, mm. */
const TRAY = 60;
/** A gap so narrow is closed by a divider, so that nothing falls over into it; narrower ones are air for the fingers, mm. */
const DIVIDER = 25;
/** A gap that nothing would use is told from that width on, mm. */
const LARGE = 100;
/** Height above what stands that is worth telling, mm. */
export const ABOVE = 40;
/** Of a gap's floor a tray should cover at least so much. */
const COVERS = 0.35;

export interface Gap {
  rect: FreeSpace;
  /** The container that would use it best, and how many of it are free. */
  tray: { type: ContainerType; free: number; turned: boolean } | null;
  /** A divider to cut: as long as the gap, as high as what stands beside it, mm. */
  divider: { length: number; height: number } | null;
}
export interface Leftover {
  gaps: Gap[];
  /** Height above the highest stack, beyond what the hand needs, mm; null where nothing stands. */
  above: number | null;
  /** What the hand needs of it, mm. */
  hand: number;
}

/** Highest point of what was packed, mm. */
export function topOf({ containers }: FitProblem, { placed }: FitAnswer): number {
  const heights = new Map(containers.map(({ id, height }) => [id, height]));
  return Math.max(0, ...placed.map(({ id, z }) => z + heights.get(id)!));
}

/**
 * @param problem its compartment is as high as what may stand there: the hand's room is off already
 * @param free how many of each type are owned and not in use
 */
export function leftoverOf(
  problem: FitProblem,
  answer: FitAnswer,
  types: readonly ContainerType[],
  free: ReadonlyMap<string, number>,
): Leftover {
  const { compartment } = problem;
  const top = topOf(problem, answer);
  const hand = compartment.access === 'front' ? FRONT_CLEARANCE : 0;
  if (!answer.placed.length) return { gaps: [], above: null, hand };
  const gaps = freeSpaces(problem, answer).flatMap((rect): Gap[] => {
    const [short, long] = [Math.min(rect.width, rect.depth), Math.max(rect.width, rect.depth)];
    // Before what stands on a shelf the fingers need their room: only in a drawer does it slide about.
    const inDrawer = compartment.access === 'top';
    if (short < DIVIDER || (short < TRAY && !inDrawer)) return [];
    if (short < TRAY)
      return [{ rect, tray: null, divider: { length: long, height: Math.min(top, compartment.height) } }];
    const trays = types.flatMap((type) => {
      const fits = (width: number, depth: number) => width <= rect.width && depth <= rect.depth;
      const straight = fits(type.outWidth, type.outDepth);
      if (type.soft || type.outHeight > compartment.height || !(straight || fits(type.outDepth, type.outWidth)))
        return [];
      const covers = (type.outWidth * type.outDepth) / (rect.width * rect.depth);
      return covers >= COVERS ? [{ type, free: Math.max(0, free.get(type.id) ?? 0), turned: !straight, covers }] : [];
    });
    // What is owned comes first.
    const [best] = trays.sort((a, b) => Number(b.free > 0) - Number(a.free > 0) || b.covers - a.covers);
    if (!best && short < LARGE) return [];
    return [{ rect, tray: best ? { type: best.type, free: best.free, turned: best.turned } : null, divider: null }];
  });
  return { gaps, above: compartment.height - top, hand };
}
