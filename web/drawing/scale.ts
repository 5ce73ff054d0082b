/** Shared by the to-scale drawings: SVG units are millimetres, letters and strokes stay in pixels. */
import type { Bin } from '@stube/core/model';
import type { BinShape } from '@stube/core/contents';
import type { DepthPosition } from '@stube/core/placement';

export interface DrawnBin {
  bin: Bin;
  type: BinShape;
  hue: string;
  pictogram: string;
  /** How full it stands as a share of its inside, more than 1 where it overflows; null where nothing can be said. */
  full: number | null;
  /** Where it stands in its compartment, mm from the left, the front and the bottom; null: there is no room for it. */
  at?: Pick<DepthPosition, 'x' | 'y' | 'z' | 'turned'> | null;
  /** Its picture, never its name: for those who do not read. */
  wordless?: boolean;
}
/** As it is seen from the front, mm. */
export const widthOfDrawn = ({ type, at }: DrawnBin): number => (at?.turned ? type.outDepth : type.outWidth);
export const depthOfDrawn = ({ type, at }: DrawnBin): number => (at?.turned ? type.outWidth : type.outDepth);

/** Bins of one category next to each other, otherwise in their order. */
function likeWithLike(bins: readonly DrawnBin[]): DrawnBin[] {
  const first = new Map<string, number>();
  bins.forEach(({ bin }, i) => first.has(bin.categoryId) || first.set(bin.categoryId, i));
  return [...bins].sort((a, b) => first.get(a.bin.categoryId)! - first.get(b.bin.categoryId)!);
}

export interface InFront {
  /** What stands further back comes first; `covered`: something stands before it. */
  shown: { one: DrawnBin; x: number; z: number; covered?: boolean }[];
  /** What is kept in the depth: it is not seen, or has no room at the front. */
  behind: DrawnBin[];
}

/** As much of its front has to be hidden that its label is not read. */
const HIDDEN = 0.35;

/** What is seen where every bin has its position: the back rows above and between what stands before them. */
function inDepth(bins: readonly DrawnBin[]): InFront {
  const boxes = bins.map((one) => {
    const { x, y, z } = one.at!;
    return { one, x, y, z, right: x + widthOfDrawn(one), top: z + one.type.outHeight };
  });
  const covered = boxes.map((box) => {
    const hidden = boxes
      .filter((other) => other.y < box.y)
      .reduce((sum, other) => {
        const wide = Math.min(box.right, other.right) - Math.max(box.x, other.x);
        const high = Math.min(box.top, other.top) - Math.max(box.z, other.z);
        return wide > 0 && high > 0 ? sum + wide * high : sum;
      }, 0);
    return hidden > HIDDEN * (box.right - box.x) * (box.top - box.z);
  });
  return {
    shown: boxes
      .map(({ one, x, z, y }, i) => ({ one, x, z, y, covered: covered[i]! }))
      .sort((a, b) => b.y - a.y || a.z - b.z)
      .map(({ one, x, z, covered }) => ({ one, x, z, covered })),
    behind: boxes.filter((_, i) => covered[i]).map(({ one }) => one),
  };
}

/**
 * What is seen of the bins of a space from the front: side by side from the left, and, where an arrangement was kept that
 * is fuller than one row, on top of these. Nothing sticks out.
 * @param space mm inside
 * @returns x from its left, z from its bottom, mm
 */
export function inFront(bins: readonly DrawnBin[], space: { width: number; height: number }): InFront {
  if (bins.some(({ at }) => at)) {
    const { shown, behind } = inDepth(bins.filter(({ at }) => at));
    return { shown, behind: [...behind, ...bins.filter(({ at }) => !at)] };
  }
  const rows: DrawnBin[][] = [];
  const behind: DrawnBin[] = [];
  const widthOf = (row: readonly DrawnBin[]) => row.reduce((sum, { type }) => sum + type.outWidth, 0);
  const heightOf = (row: readonly DrawnBin[]) => Math.max(0, ...row.map(({ type }) => type.outHeight));
  for (const one of likeWithLike(bins)) {
    const row = rows.at(-1);
    const below = rows.slice(0, -1).reduce((sum, under) => sum + heightOf(under), 0);
    if (row && widthOf(row) + one.type.outWidth <= space.width && below + one.type.outHeight <= space.height)
      row.push(one);
    // What is larger than its space was placed by hand: better seen than lost.
    else if (!row || below + heightOf(row) + one.type.outHeight <= space.height) rows.push([one]);
    else behind.push(one);
  }
  let z = 0;
  const shown = rows.flatMap((row) => {
    const gap = Math.max(0, Math.min(12, (space.width - widthOf(row)) / (row.length + 1)));
    let x = gap;
    const at = z;
    z += heightOf(row);
    return row.map((one) => {
      const left = x;
      x += one.type.outWidth + gap;
      return { one, x: left, z: at };
    });
  });
  return { shown, behind };
}
