/** Shared by the to-scale drawings: SVG units are millimetres, letters and strokes stay in pixels. */
import type { Bin } from '@stube/core/model/entities';
import type { BinShape } from '@stube/core/containers/shape';

export interface DrawnBin {
  bin: Bin;
  type: BinShape;
  hue: string;
  pictogram: string;
  /** How full it stands as a share of its inside, more than 1 where it overflows; null where nothing can be said. */
  full: number | null;
}

/** Bins of one category next to each other, otherwise in their order. */
function likeWithLike(bins: readonly DrawnBin[]): DrawnBin[] {
  const first = new Map<string, number>();
  bins.forEach(({ bin }, i) => first.has(bin.categoryId) || first.set(bin.categoryId, i));
  return [...bins].sort((a, b) => first.get(a.bin.categoryId)! - first.get(b.bin.categoryId)!);
}

export interface InFront {
  shown: { one: DrawnBin; x: number; z: number }[];
  /** What is kept in the depth: it has no room at the front. */
  behind: DrawnBin[];
}

/**
 * What is seen of the bins of a space from the front: side by side from the left, and, where an arrangement was kept that
 * is fuller than one row, on top of these. Nothing sticks out.
 * @param space mm inside
 * @returns x from its left, z from its bottom, mm
 */
export function inFront(bins: readonly DrawnBin[], space: { width: number; height: number }): InFront {
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
