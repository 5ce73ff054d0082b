/** Where a dragged unit comes to rest: flush with walls and with its neighbours' sides, fronts and backs. */
import type { Fixture, Room } from '../../ground/model/entities.ts';
import { footprintOf, overlap, type Point, type Rect, type Standing } from './footprint.ts';
import { AT_WALL, nearestWall } from './walls.ts';

/** From so near it is drawn to an edge, mm. */
export const SNAP = 120;

/** The least shift that brings one of the own edges onto one of the others; 0 where none is near. */
function least(own: readonly number[], others: readonly number[]): number {
  let best = Infinity;
  for (const edge of own) for (const other of others) if (Math.abs(other - edge) < Math.abs(best)) best = other - edge;
  return Math.abs(best) <= SNAP ? best : 0;
}

const near = (a: Rect, b: Rect): boolean =>
  overlap({ left: a.left - SNAP, right: a.right + SNAP, front: a.front - SNAP, back: a.back + SNAP }, b, 0);

/**
 * @param unit where it would be put
 * @returns the middle of its front, inside the room
 */
export function snapped(unit: Standing, others: readonly Standing[], room: Pick<Room, 'width' | 'depth'>): Point {
  const own = footprintOf(unit);
  const beside = others.map(footprintOf).filter((other) => near(own, other));
  const dx = least([own.left, own.right], [0, room.width, ...beside.flatMap(({ left, right }) => [left, right])]);
  const dy = least([own.front, own.back], [0, room.depth, ...beside.flatMap(({ front, back }) => [front, back])]);
  const [left, front] = [own.left + dx, own.front + dy];
  const inX = Math.max(0, Math.min(room.width - (own.right - own.left), left)) - own.left;
  const inY = Math.max(0, Math.min(room.depth - (own.back - own.front), front)) - own.front;
  return { x: Math.round(unit.x + inX), y: Math.round(unit.y + inY) };
}

/** Doors and windows are in a wall; heaters and sockets are drawn to one that is near. @param point where it would be put */
export function onWall(kind: Fixture['kind'], point: Point, room: Pick<Room, 'width' | 'depth'>): Point {
  const there = {
    back: { x: point.x, y: room.depth },
    front: { x: point.x, y: 0 },
    left: { x: 0, y: point.y },
    right: { x: room.width, y: point.y },
  }[nearestWall(point, room)];
  const near = Math.hypot(there.x - point.x, there.y - point.y) <= AT_WALL;
  return near || ['door', 'window', 'exit'].includes(kind) ? there : point;
}
