/** What furniture covers of the floor, and the floor before it (practice M4). mm; x from the left wall, y from the front wall. */
import type { Facing, Unit } from '../../ground/model/entities.ts';

export interface Rect {
  left: number;
  right: number;
  /** Towards the front wall, and towards the back wall. */
  front: number;
  back: number;
}
export interface Point {
  x: number;
  y: number;
}
export type Standing = Pick<Unit, 'x' | 'y' | 'width' | 'depth' | 'faces'>;

/** Where its front looks, as steps along x and y. */
export const LOOKS: Readonly<Record<Facing, Point>> = {
  front: { x: 0, y: -1 },
  left: { x: -1, y: 0 },
  back: { x: 0, y: 1 },
  right: { x: 1, y: 0 },
};
/** One stands so far before a front to take something out, mm. */
const STAND = 400;
export const standBefore = ({ x, y, faces }: Pick<Standing, 'x' | 'y' | 'faces'>): Point => ({
  x: x + LOOKS[faces].x * STAND,
  y: y + LOOKS[faces].y * STAND,
});
/** The wall behind what looks at a wall. */
export const BEHIND: Readonly<Record<Facing, Facing>> = { front: 'back', back: 'front', left: 'right', right: 'left' };
/** A quarter turn further, clockwise as seen from above. */
export const TURNED: Readonly<Record<Facing, Facing>> = { front: 'left', left: 'back', back: 'right', right: 'front' };

/** The strip from a front outwards (positive) or inwards (negative), as wide as the unit. */
function strip({ x, y, width, faces }: Standing, from: number, to: number): Rect {
  const look = LOOKS[faces];
  const [near, far] = [Math.min(from, to), Math.max(from, to)];
  const half = width / 2;
  if (look.y)
    return {
      left: x - half,
      right: x + half,
      front: look.y > 0 ? y + near : y - far,
      back: look.y > 0 ? y + far : y - near,
    };
  return {
    left: look.x > 0 ? x + near : x - far,
    right: look.x > 0 ? x + far : x - near,
    front: y - half,
    back: y + half,
  };
}

/** The floor that a unit covers. @example footprintOf({ x: 500, y: 2700, width: 800, depth: 300, faces: 'front' }).back // 3000 */
export const footprintOf = (unit: Standing): Rect => strip(unit, 0, -unit.depth);
/** The floor before it, so deep. */
export const beforeOf = (unit: Standing, depth: number): Rect => strip(unit, 0, depth);

/** Steps to the left of who stands before a unit and looks at it. */
const leftOf = (faces: Facing): Point => ({ x: LOOKS[faces].y, y: -LOOKS[faces].x });

/** The wall that a side of a unit looks at. */
export function sideLooks(faces: Facing, side: 'left' | 'right'): Facing {
  const left = leftOf(faces);
  const way = side === 'left' ? left : { x: -left.x, y: -left.y };
  return (Object.keys(LOOKS) as Facing[]).find((one) => LOOKS[one].x === way.x && LOOKS[one].y === way.y)!;
}

/** A strip so wide at a side of a unit, as deep as it is, as seen from before it. */
export function besideOf(unit: Standing, side: 'left' | 'right', by: number): Rect {
  const { left, right, front, back } = footprintOf(unit);
  switch (sideLooks(unit.faces, side)) {
    case 'left':
      return { left: left - by, right: left, front, back };
    case 'right':
      return { left: right, right: right + by, front, back };
    case 'front':
      return { left, right, front: front - by, back: front };
    case 'back':
      return { left, right, front: back, back: back + by };
  }
}

/** The middle of a unit's back. */
export const backOf = (unit: Standing): Point => ({
  x: unit.x - LOOKS[unit.faces].x * unit.depth,
  y: unit.y - LOOKS[unit.faces].y * unit.depth,
});

/** Whether two share more than an edge; so many mm are forgiven. */
export const overlap = (a: Rect, b: Rect, forgiven = 1): boolean =>
  Math.min(a.right, b.right) - Math.max(a.left, b.left) > forgiven &&
  Math.min(a.back, b.back) - Math.max(a.front, b.front) > forgiven;

/** Whether two stand at one height in part: what hangs above another does not. */
export const sharesHeight = (a: Pick<Unit, 'raised' | 'height'>, b: Pick<Unit, 'raised' | 'height'>): boolean =>
  a.raised < b.raised + b.height && b.raised < a.raised + a.height;

export const covers = (rect: Rect, { x, y }: Point): boolean =>
  x > rect.left && x < rect.right && y > rect.front && y < rect.back;

/** From a point to the nearest edge, mm; 0 inside. */
export const distanceTo = ({ x, y }: Point, rect: Rect): number =>
  Math.hypot(Math.max(0, rect.left - x, x - rect.right), Math.max(0, rect.front - y, y - rect.back));

/** Between the nearest edges of two, mm; 0 where they touch. */
export const gapBetween = (a: Rect, b: Rect): number =>
  Math.hypot(Math.max(0, a.left - b.right, b.left - a.right), Math.max(0, a.front - b.back, b.front - a.back));

/** The middle of its front when a unit is turned on the spot: the middle of what it covers stays. */
export function turnedOnSpot(unit: Standing, faces: Facing): Point {
  const now = footprintOf(unit);
  const look = LOOKS[faces];
  return {
    x: Math.round((now.left + now.right) / 2 + (look.x * unit.depth) / 2),
    y: Math.round((now.front + now.back) / 2 + (look.y * unit.depth) / 2),
  };
}
