/**
 * Where the boards of adjustable shelves go, so that what stands there loses the least height (practice M1, C3): each
 * shelf is as high as its tallest bin and the hand above it, in the steps in which the boards move; the sum is least.
 * Exact for one column of a unit: every set of bins is asked once which shelf of its tallest bin is best (a dynamic
 * program over subsets).
 */
import { FRONT_CLEARANCE } from '../../ground/problems/place-problem.ts';

export interface StandingBin {
  id: string;
  /** Outside, mm. */
  width: number;
  height: number;
}

export interface ShelfColumn {
  /** Usable width of every shelf, mm. */
  width: number;
  /** From the top of the lowest board to the underside of the unit's top, mm. */
  height: number;
  board: number;
  /** Boards move in such steps, mm. */
  step: number;
  /** Shelves there can be at most: one more than there are boards between. */
  most: number;
}

export interface Shelf {
  bins: string[];
  /** Clear height, mm. */
  height: number;
}

export interface BoardHeights {
  /** The tallest first; in which order they stand is free. */
  shelves: Shelf[];
  /** What is left above the last shelf that something stands on, mm: its own height is not in it. */
  free: number;
  /** Nothing loses less height: proven. */
  optimal: boolean;
}

/** Bins for which every set can be asked; beyond, shelves are filled first-fit by falling height. */
export const MOST_EXACT = 13;

/** Clear height a shelf needs, with the board beneath it on the grid of holes. */
const shelfHeight = (tallest: number, { step, board }: ShelfColumn): number => {
  const needed = tallest + FRONT_CLEARANCE + board;
  return Math.ceil(needed / step) * step - board;
};

/** @returns null where they do not all go in, however the boards are moved */
export function boardHeights(column: ShelfColumn, bins: readonly StandingBin[]): BoardHeights | null {
  const sorted = [...bins].sort((a, b) => b.height - a.height || b.width - a.width);
  if (sorted.some(({ width }) => width > column.width)) return null;
  const exact = sorted.length <= MOST_EXACT;
  const groups = exact ? leastHeights(column, sorted) : firstFit(column, sorted);
  if (!groups) return null;
  const used = groups.reduce((sum, group) => sum + shelfHeight(group[0]!.height, column) + column.board, 0);
  // The topmost needs no board above it: the unit's own top is there.
  const free = column.height - used + column.board;
  if (groups.length > column.most || free < 0) return null;
  return {
    shelves: groups.map((group) => ({
      bins: group.map(({ id }) => id),
      height: shelfHeight(group[0]!.height, column),
    })),
    free,
    optimal: exact,
  };
}

/** Sets of bins, the tallest first in each; by how many shelves at most and the least sum of heights. */
function leastHeights(column: ShelfColumn, bins: readonly StandingBin[]): StandingBin[][] | null {
  const all = (1 << bins.length) - 1;
  const width = new Float64Array(all + 1);
  for (let set = 1; set <= all; set++) {
    const low = 31 - Math.clz32(set & -set);
    width[set] = width[set & (set - 1)]! + bins[low]!.width;
  }
  // best[k][set]: least height of k shelves that hold the set; asked downwards only as far as shelves are allowed.
  let before = new Float64Array(all + 1).fill(Infinity);
  before[0] = 0;
  const taken: Int32Array[] = [];
  let [least, shelves] = [Infinity, -1];
  if (all === 0) return [];
  for (let k = 1; k <= Math.min(column.most, bins.length); k++) {
    const now = new Float64Array(all + 1).fill(Infinity);
    const last = new Int32Array(all + 1);
    for (let set = 1; set <= all; set++) {
      // The tallest of the set is on some shelf: the one of lowest index.
      const first = set & -set;
      const height = shelfHeight(bins[31 - Math.clz32(first)]!.height, column) + column.board;
      const rest = set ^ first;
      for (let others = rest; ; others = (others - 1) & rest) {
        const shelf = others | first;
        if (width[shelf]! <= column.width) {
          const total = before[set ^ shelf]! + height;
          if (total < now[set]! - 1e-9) {
            now[set] = total;
            last[set] = shelf;
          }
        }
        if (!others) break;
      }
    }
    taken.push(last);
    if (now[all]! < least - 1e-9) [least, shelves] = [now[all]!, k];
    before = now;
  }
  if (shelves < 0) return null;
  const groups: StandingBin[][] = [];
  for (let k = shelves, set = all; k > 0; k--) {
    const shelf = taken[k - 1]![set]!;
    groups.push(bins.filter((_, i) => shelf & (1 << i)));
    set ^= shelf;
  }
  return groups.sort((a, b) => b[0]!.height - a[0]!.height);
}

function firstFit(column: ShelfColumn, bins: readonly StandingBin[]): StandingBin[][] {
  const groups: { bins: StandingBin[]; free: number }[] = [];
  for (const bin of bins) {
    const group = groups.find(({ free }) => free >= bin.width);
    if (group) {
      group.bins.push(bin);
      group.free -= bin.width;
    } else groups.push({ bins: [bin], free: column.width - bin.width });
  }
  return groups.map(({ bins }) => bins);
}

/** Height above the tallest bin of each shelf and the hand over it, summed, mm; shelves on which nothing stands are free, not lost. */
export const heightLost = (shelves: readonly { height: number; tallest: number }[]): number =>
  shelves.reduce(
    (sum, { height, tallest }) => sum + (tallest ? Math.max(0, height - tallest - FRONT_CLEARANCE) : 0),
    0,
  );
