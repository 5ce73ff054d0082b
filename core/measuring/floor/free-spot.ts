/** Where a new piece of furniture stands before anybody has said: the first free stretch of the back wall. */
import type { Room, Unit } from '../../ground/model/entities.ts';
import { footprintOf, overlap, sharesHeight, type Point } from './footprint.ts';

/** Tried along the wall in such steps, mm. */
const STEP = 50;
/** Air between neighbours, mm. */
const GAP = 20;

type Standing = Pick<Unit, 'x' | 'y' | 'width' | 'depth' | 'faces' | 'raised' | 'height'>;

/** @returns the middle of its front; where the wall is full, its right end */
export function freeSpot(
  shape: Pick<Unit, 'width' | 'depth' | 'raised' | 'height'>,
  others: readonly Standing[],
  room: Pick<Room, 'width' | 'depth'>,
): Point {
  const y = Math.max(0, room.depth - shape.depth);
  const beside = others.filter((other) => sharesHeight(shape, other)).map(footprintOf);
  const last = Math.max(shape.width / 2, room.width - shape.width / 2);
  for (let x = shape.width / 2; x <= last; x += STEP) {
    const print = footprintOf({ ...shape, width: shape.width + 2 * GAP, x, y, faces: 'front' });
    if (!beside.some((other) => overlap(other, print, 0))) return { x: Math.round(x), y };
  }
  return { x: Math.round(last), y };
}
