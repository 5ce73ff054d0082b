/**
 * Lays pieces one after another, each into the free rectangle it fits tightest, and leaves out what finds none: quick
 * and greedy, for searches that try many orders. The free rectangles are the maximal ones; they overlap each other.
 */
export interface GreedyItem {
  width: number;
  depth: number;
  turnable: boolean;
}
export interface GreedyPlacement {
  piece: number;
  x: number;
  y: number;
  turned: boolean;
}

/** How a place is chosen: the least short side left over, the least area, or the lowest and then leftmost. */
export type FitRule = 'short side' | 'area' | 'low';

export const FIT_RULES: readonly FitRule[] = ['short side', 'area', 'low'];

export class FreeRectangles {
  private readonly width: number;
  private readonly depth: number;
  // x, y, width, depth of each free rectangle, four numbers apiece.
  private free: number[] = [];
  /** What is left of those that were cut. */
  private readonly parts: number[] = [];

  constructor(width: number, depth: number) {
    this.width = width;
    this.depth = depth;
  }

  /** The whole floor is free. */
  clear(): void {
    this.free = [0, 0, this.width, this.depth];
  }

  lay(pieces: readonly GreedyItem[], fitRule: FitRule): GreedyPlacement[] {
    this.clear();
    const laid: GreedyPlacement[] = [];
    pieces.forEach((piece, i) => {
      const place = this.find(piece, fitRule);
      if (!place) return;
      laid.push({ piece: i, ...place });
      this.take(place.x, place.y, place.turned ? piece.depth : piece.width, place.turned ? piece.width : piece.depth);
    });
    return laid;
  }

  /** Where a piece would lie; null when there is no room. */
  find(piece: GreedyItem, fitRule: FitRule): Omit<GreedyPlacement, 'piece'> | null {
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
          fitRule === 'low'
            ? [free[f + 1]! + d, free[f]!]
            : fitRule === 'area'
              ? [free[f + 2]! * free[f + 3]! - w * d, Math.min(across, deep)]
              : [Math.min(across, deep), Math.max(across, deep)];
        if (a < first || (a === first && b < second)) {
          [first, second, best, turned] = [a, b, f, turn === 1];
        }
      }
    }
    return best < 0 ? null : { x: free[best]!, y: free[best + 1]!, turned };
  }

  /** Cuts what is now taken out of every free rectangle, and drops parts that lie within another. */
  take(x: number, y: number, w: number, d: number): void {
    const { free, parts } = this;
    parts.length = 0;
    let kept = 0;
    for (let f = 0; f < free.length; f += 4) {
      const fx = free[f]!;
      const fy = free[f + 1]!;
      const fw = free[f + 2]!;
      const fd = free[f + 3]!;
      if (x >= fx + fw || x + w <= fx || y >= fy + fd || y + d <= fy) {
        if (kept < f) {
          free[kept] = fx;
          free[kept + 1] = fy;
          free[kept + 2] = fw;
          free[kept + 3] = fd;
        }
        kept += 4;
        continue;
      }
      if (x > fx) parts.push(fx, fy, x - fx, fd);
      if (x + w < fx + fw) parts.push(x + w, fy, fx + fw - x - w, fd);
      if (y > fy) parts.push(fx, fy, fw, y - fy);
      if (y + d < fy + fd) parts.push(fx, y + d, fw, fy + fd - y - d);
    }
    free.length = kept;
    // What was not cut was within no other, and is within no part of another either: only the parts are looked at.
    for (let f = 0; f < parts.length; f += 4)
      if (!this.within(f, free, kept) && !this.within(f, parts, parts.length))
        free.push(parts[f]!, parts[f + 1]!, parts[f + 2]!, parts[f + 3]!);
  }

  /** Whether a part lies within one of the first of a list; of two parts alike the first stays. */
  private within(f: number, list: readonly number[], length: number): boolean {
    const { parts } = this;
    const left = parts[f]!;
    const near = parts[f + 1]!;
    const right = left + parts[f + 2]!;
    const far = near + parts[f + 3]!;
    for (let g = 0; g < length; g += 4) {
      if (list[g]! > left || list[g + 1]! > near) continue;
      const beyond = list[g]! + list[g + 2]! - right;
      const behind = list[g + 1]! + list[g + 3]! - far;
      if (beyond < 0 || behind < 0) continue;
      if (list !== parts) return true;
      const alike = beyond === 0 && behind === 0 && list[g] === left && list[g + 1] === near;
      if (!alike || g < f) return true;
    }
    return false;
  }
}
