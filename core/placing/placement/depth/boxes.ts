/** Boxes in a compartment of an arrangement: what would stand at a place, what is there, what bears it, which rules allow it. */
import type { Arrangement } from './arrangement.ts';
import { gripAt, reaches, type CompiledDepth } from './compiled.ts';

export interface Place {
  /** mm */
  x: number;
  y: number;
  z: number;
  turned: boolean;
}
interface Box {
  x0: number;
  x1: number;
  y0: number;
  y1: number;
  z0: number;
  z1: number;
}

export function boxAt({ width, depth, height }: CompiledDepth, bin: number, { x, y, z, turned }: Place): Box {
  const [wide, deep] = turned ? [depth[bin]!, width[bin]!] : [width[bin]!, depth[bin]!];
  return { x0: x, x1: x + wide, y0: y, y1: y + deep, z0: z, z1: z + height[bin]! };
}

/** Whether nothing stands where the box would be. */
export const isFree = (now: Arrangement, space: number, { x0, x1, y0, y1, z0, z1 }: Box): boolean =>
  now.inside[space]!.every(
    (other) =>
      now.x0[other]! >= x1 ||
      x0 >= now.x1[other]! ||
      now.y0[other]! >= y1 ||
      y0 >= now.y1[other]! ||
      now.z0[other]! >= z1 ||
      z0 >= now.z1[other]!,
  );

const isWithin = (now: Arrangement, under: number, { x0, x1, y0, y1 }: Box): boolean =>
  now.x0[under]! <= x0 && x1 <= now.x1[under]! && now.y0[under]! <= y0 && y1 <= now.y1[under]!;

/** What a box would stand on: a bin, -1 for the bottom; undefined where nothing bears all of it. */
export const bearerOf = (now: Arrangement, space: number, box: Box): number | undefined =>
  box.z0 === 0 ? -1 : now.inside[space]!.find((under) => now.z1[under] === box.z0 && isWithin(now, under, box));

/** Whether the rules let it stand there, whatever else stands there. @param on what bears it, -1 for the bottom */
export function mayStand(now: Arrangement, bin: number, space: number, box: Box, on: number): boolean {
  const { place, load, apart } = now;
  const { mass } = place;
  if (place.base[bin * place.spaces + space] === Infinity) return false;
  if (load[space]! + mass[bin]! > place.maxLoad[space]!) return false;
  if (box.x0 < 0 || box.y0 < 0 || box.x1 > place.roomWidth[space]! || box.y1 > place.roomDepth[space]!) return false;
  if (box.z1 > place.roomHeight[space]!) return false;
  if (on >= 0 && (!place.stackable[on] || mass[on]! < mass[bin]! || !isWithin(now, on, box))) return false;
  if (place.hangs[space] && (box.z0 > 0 || box.y0 > 0)) return false;
  return apart.mayJoin(bin, space) && reaches(place, bin, space, gripAt(place, bin, space, box.z0));
}

/** How often children would have to move something first, as it stands. */
export const childrenBlocked = (now: Arrangement, space: number): number =>
  now.inside[space]!.reduce((sum, bin) => sum + now.place.ofChild[bin]! * now.blocked[bin]!, 0);
