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

/** Bins side by side from the left on the bottom of a space; x in mm from its left. */
export function sideBySide(bins: readonly DrawnBin[], width: number): { one: DrawnBin; x: number }[] {
  const sum = bins.reduce((total, { type }) => total + type.outWidth, 0);
  const gap = bins.length ? Math.max(0, Math.min(12, (width - sum) / (bins.length + 1))) : 0;
  let x = gap;
  return bins.map((drawnBin) => {
    const at = x;
    x += drawnBin.type.outWidth + gap;
    return { one: drawnBin, x: at };
  });
}
