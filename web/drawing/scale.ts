/** Shared by the to-scale drawings: SVG units are millimetres, letters and strokes stay in pixels. */
import type { Bin, ContainerType } from '@stube/core/model/entities';
import { insideLitres } from '@stube/core/containers/litres';

export interface DrawnBin {
  bin: Bin;
  type: ContainerType;
  hue: string;
  /** 0 … 1: how full it stands. */
  full: number;
}

export const fullOf = (bin: Pick<Bin, 'litres' | 'seenFull'>, type: ContainerType): number =>
  Math.min(1, bin.seenFull ?? bin.litres / insideLitres(type));

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
