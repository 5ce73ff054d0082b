/** Furniture in the order in which it stands along the walls: the back wall from the left, then on clockwise. */
import type { Room, Unit } from '@stube/core/model/entities';

type Standing = Pick<Unit, 'x' | 'y' | 'width' | 'depth'>;

/** How far along the walls a unit stands, mm from the back left corner. */
export function alongWalls(unit: Standing, room: Pick<Room, 'width' | 'depth'>): number {
  const middle = unit.y + unit.depth / 2;
  const away = {
    back: room.depth - (unit.y + unit.depth),
    right: room.width - (unit.x + unit.width / 2),
    front: unit.y,
    left: unit.x - unit.width / 2,
  };
  const nearest = Math.min(...Object.values(away));
  if (away.back === nearest) return unit.x;
  if (away.right === nearest) return room.width + room.depth - middle;
  if (away.front === nearest) return 2 * room.width + room.depth - unit.x;
  return 2 * room.width + room.depth + middle;
}

/** @example inWallOrder(units, room).map((unit) => unit.name) */
export const inWallOrder = <U extends Standing>(units: readonly U[], room: Pick<Room, 'width' | 'depth'>): U[] =>
  [...units].sort((a, b) => alongWalls(a, room) - alongWalls(b, room));
