/** The four walls of a room: what stands along which, and where on it as seen from inside. */
import type { Facing, Fixture, Room } from '../../ground/model/entities.ts';
import { backOf, BEHIND, type Point, type Rect, type Standing } from './footprint.ts';

type Floor = Pick<Room, 'width' | 'depth'>;
export const WALLS: readonly Facing[] = ['back', 'right', 'front', 'left'];
/** Further from a wall it stands free in the room, mm. */
export const AT_WALL = 350;

/** How far a point is from a wall, mm. */
export const away = ({ x, y }: Point, wall: Facing, room: Floor): number =>
  ({ back: room.depth - y, right: room.width - x, front: y, left: x })[wall];

export const nearestWall = (point: Point, room: Floor): Facing =>
  WALLS.reduce((best, wall) => (away(point, wall, room) < away(point, best, room) - 1e-9 ? wall : best));

/** Along a wall from its left end, as one sees it from inside. */
export const alongWall = ({ x, y }: Point, wall: Facing, room: Floor): number =>
  ({ back: x, right: room.depth - y, front: room.width - x, left: y })[wall];

export const lengthOfWall = (wall: Facing, room: Floor): number =>
  wall === 'back' || wall === 'front' ? room.width : room.depth;

/** What one sees of a unit or a fixture on a wall: its left end along it, mm. */
export interface OnWall<T> {
  it: T;
  left: number;
}

/** Units with their back to a wall and near it, from its left end on. */
export const unitsOnWall = <U extends Standing>(units: readonly U[], wall: Facing, room: Floor): OnWall<U>[] =>
  units
    .filter((unit) => BEHIND[unit.faces] === wall && away(backOf(unit), wall, room) <= AT_WALL)
    .map((it) => ({ it, left: alongWall(it, wall, room) - it.width / 2 }))
    .sort((a, b) => a.left - b.left);

/** Doors, windows, heaters and sockets of a wall. */
export const fixturesOnWall = (fixtures: readonly Fixture[], wall: Facing, room: Floor): OnWall<Fixture>[] =>
  fixtures
    .filter((fixture) => nearestWall(fixture, room) === wall)
    .map((it) => ({ it, left: alongWall(it, wall, room) - it.width / 2 }))
    .sort((a, b) => a.left - b.left);

/** How far along all walls a unit stands, mm from the back left corner, clockwise. */
export function alongWalls(unit: Standing, room: Floor): number {
  const wall = nearestWall(backOf(unit), room);
  const before = WALLS.slice(0, WALLS.indexOf(wall)).reduce((sum, one) => sum + lengthOfWall(one, room), 0);
  return before + alongWall(unit, wall, room);
}

/** Furniture in the order in which it stands: the back wall from the left, then on clockwise. */
export const inWallOrder = <U extends Standing>(units: readonly U[], room: Floor): U[] =>
  [...units].sort((a, b) => alongWalls(a, room) - alongWalls(b, room));

/** Whether its wall runs along x. */
export const alongX = (fixture: Pick<Fixture, 'x' | 'y'>, room: Floor): boolean =>
  ['back', 'front'].includes(nearestWall(fixture, room));

/** A door is at least so wide, mm, whoever did not measure it. */
const LEAST_DOOR = 800;

/** The line that a fixture takes of its wall, as a rectangle without depth; what is away from the walls is where it is. */
export function alongItsWall(fixture: Fixture, room: Floor): Rect {
  const { x, y, kind } = fixture;
  const wall = nearestWall(fixture, room);
  const onIt = away(fixture, wall, room) <= AT_WALL;
  const half = Math.max(fixture.width, kind === 'exit' || kind === 'door' ? LEAST_DOOR : 0) / 2;
  if (!onIt) return { left: x, right: x, front: y, back: y };
  return alongX(fixture, room)
    ? { left: x - half, right: x + half, front: y, back: y }
    : { left: x, right: x, front: y - half, back: y + half };
}
