/**
 * Lays pieces one after another, each into the free rectangle it fits tightest, and leaves out what finds none: quick
 * and greedy, for searches that try many orders. The free rectangles are the maximal ones; they overlap each other.
 */
export interface GreedyPiece {
  width: number;
  depth: number;
  turnable: boolean;
}
export interface Laid {
  piece: number;
  x: number;
  y: number;
  turned: boolean;
}

/** How a place is chosen: the least short side left over, the least area, or the lowest and then leftmost. */
export type Taste = 'short side' | 'area' | 'low';

export const TASTES: readonly Taste[] = ['short side', 'area', 'low'];

export class FreeRectangles {
  private readonly width: number;
  private readonly depth: number;
  // x, y, width, depth of each free rectangle, four numbers apiece.
  private free: number[] = [];
  private spare: number[] = [];

  constructor(width: number, depth: number) {
    this.width = width;
    this.depth = depth;
  }

  /** The whole floor is free. */
  clear(): void {
    this.free = [0, 0, this.width, this.depth];
  }

  lay(pieces: readonly GreedyPiece[], taste: Taste): Laid[] {
    this.clear();
    const laid: Laid[] = [];
    pieces.forEach((piece, i) => {
      const place = this.find(piece, taste);
      if (!place) return;
      laid.push({ piece: i, ...place });
      this.take(place.x, place.y, place.turned ? piece.depth : piece.width, place.turned ? piece.width : piece.depth);
    });
    return laid;
  }

  /** Where a piece would lie; null when there is no room. */
  find(piece: GreedyPiece, taste: Taste): Omit<Laid, 'piece'> | null {
    const { free } = this;
    let best = -1;
    let turned = false;
    let first = Infinity;
    let second = Infinity;
    for (let turn = 0; turn <= (piece.turnable && piece.width !== piece.depth ? 1 : 0); turn++) {
      const w = turn ? piece.depth : piece.width;
      const d = turn ? piece.width : piece.depth;
      for (let f = 0; f < free.length; f += 4) {
        const across = free[f + 2]! - w;
        const deep = free[f + 3]! - d;
        if (across < 0 || deep < 0) continue;
        const [a, b] =
          taste === 'low'
            ? [free[f + 1]! + d, free[f]!]
            : taste === 'area'
              ? [free[f + 2]! * free[f + 3]! - w * d, Math.min(across, deep)]
              : [Math.min(across, deep), Math.max(across, deep)];
        if (a < first || (a === first && b < second)) {
          [first, second, best, turned] = [a, b, f, turn === 1];
        }
      }
    }
    return best < 0 ? null : { x: free[best]!, y: free[best + 1]!, turned };
  }

  /** Cuts what is now taken out of every free rectangle, and drops those that lie within another. */
  take(x: number, y: number, w: number, d: number): void {
    const { free, spare } = this;
    spare.length = 0;
    for (let f = 0; f < free.length; f += 4) {
      const [fx, fy, fw, fd] = [free[f]!, free[f + 1]!, free[f + 2]!, free[f + 3]!];
      if (x >= fx + fw || x + w <= fx || y >= fy + fd || y + d <= fy) {
        spare.push(fx, fy, fw, fd);
        continue;
      }
      if (x > fx) spare.push(fx, fy, x - fx, fd);
      if (x + w < fx + fw) spare.push(x + w, fy, fx + fw - x - w, fd);
      if (y > fy) spare.push(fx, fy, fw, y - fy);
      if (y + d < fy + fd) spare.push(fx, y + d, fw, fy + fd - y - d);
    }
    free.length = 0;
    for (let f = 0; f < spare.length; f += 4) {
      let within = false;
      for (let g = 0; g < spare.length && !within; g += 4)
        within =
          g !== f &&
          spare[g]! <= spare[f]! &&
          spare[g + 1]! <= spare[f + 1]! &&
          spare[g]! + spare[g + 2]! >= spare[f]! + spare[f + 2]! &&
          spare[g + 1]! + spare[g + 3]! >= spare[f + 1]! + spare[f + 3]! &&
          // Of two alike the first stays.
          (g < f ||
            spare[g] !== spare[f] ||
            spare[g + 1] !== spare[f + 1] ||
            spare[g + 2] !== spare[f + 2] ||
            spare[g + 3] !== spare[f + 3]);
      if (!within) free.push(spare[f]!, spare[f + 1]!, spare[f + 2]!, spare[f + 3]!);
    }
  }
}
