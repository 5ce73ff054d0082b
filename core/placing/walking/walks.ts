/**
 * How far one walks from a zone to the front of each unit, around the furniture that stands on the floor (docs/computing.md, The room).
 * Straight where the way is free. Otherwise the shortest way on a grid of the free floor (Dijkstra over eight
 * neighbours), pulled tight: corners that can be seen past are left out.
 */
import { PriorityQueue } from '../../ground/engine/priority-queue.ts';
import type { Room, Unit, Zone } from '../../ground/model/entities.ts';
import { standsOnFloor } from '../../measuring/floor/clearances.ts';
import { covers, distanceTo, footprintOf, LOOKS, type Point, type Rect } from '../../measuring/floor/footprint.ts';

/** Half the breadth of a person who walks sideways past a corner, mm. */
const BREADTH = 200;
/** Side of a cell of the floor, mm; larger where the room has more than so many cells. */
const CELL = 100;
const MOST_CELLS = 12_000;
/** One stands so far before a front, mm. */
const STAND = 250;

type Floor = Pick<Room, 'width' | 'depth'>;
type Furniture = Pick<Unit, 'id' | 'x' | 'y' | 'width' | 'depth' | 'faces' | 'raised' | 'wheels'>;

const widened = ({ left, right, front, back }: Rect, by: number): Rect => ({
  left: left - by,
  right: right + by,
  front: front - by,
  back: back + by,
});

/** Whether a straight line passes through the inside of a rectangle (Liang and Barsky's clipping). */
function crosses(a: Point, b: Point, rect: Rect): boolean {
  let [from, to] = [0, 1];
  const clip = (step: number, low: number, high: number, at: number): boolean => {
    if (step === 0) return at > low && at < high;
    const [near, far] = [(low - at) / step, (high - at) / step].sort((p, q) => p - q) as [number, number];
    from = Math.max(from, near);
    to = Math.min(to, far);
    return from < to - 1e-9;
  };
  return clip(b.x - a.x, rect.left, rect.right, a.x) && clip(b.y - a.y, rect.front, rect.back, a.y);
}

const length = (a: Point, b: Point): number => Math.hypot(a.x - b.x, a.y - b.y);

interface Walk {
  /** mm. */
  far: number;
  /** Corners, from where it begins to the middle of the front. */
  way: Point[];
}

/** Walks from one point by unit; null where furniture shuts the way off. */
function walksFrom(start: Point, room: Floor, units: readonly Furniture[]): Map<string, Walk | null> {
  // Who works at a table or a bed stands in the middle of it on the plan: it is not in the way.
  const standing = units.filter(
    (unit) => standsOnFloor(unit) && !unit.wheels && !covers(widened(footprintOf(unit), BREADTH), start),
  );
  const prints = new Map(standing.map((unit) => [unit.id, footprintOf(unit)]));
  const shapes = [...prints].map(([id, print]) => ({
    id,
    wide: widened(print, BREADTH),
    block: widened(print, BREADTH - 1),
  }));
  const blocks = shapes.map(({ block }) => block);
  const targets = units.map((unit) => ({
    unit,
    front: { x: unit.x + LOOKS[unit.faces].x * STAND, y: unit.y + LOOKS[unit.faces].y * STAND },
  }));
  const walks = new Map<string, Walk | null>();
  const around: typeof targets = [];
  for (const target of targets) {
    const { unit, front } = target;
    // Its own front is reached, however near another piece stands.
    const isOpen =
      !shapes.some(({ id, wide, block }) => id !== unit.id && !covers(wide, front) && crosses(start, front, block)) &&
      !(prints.has(unit.id) && crosses(start, front, prints.get(unit.id)!));
    if (isOpen) walks.set(unit.id, { far: length(start, unit), way: [start, { x: unit.x, y: unit.y }] });
    else around.push(target);
  }
  if (!around.length) return walks;
  const cell = Math.max(CELL, Math.sqrt((room.width * room.depth) / MOST_CELLS));
  const [across, along] = [Math.ceil(room.width / cell), Math.ceil(room.depth / cell)];
  const middle = (at: number): Point => ({
    x: ((at % across) + 0.5) * cell,
    y: (Math.floor(at / across) + 0.5) * cell,
  });
  const shut = new Uint8Array(across * along);
  for (const block of blocks)
    for (
      let row = Math.max(0, Math.floor(block.front / cell));
      row < Math.min(along, Math.ceil(block.back / cell));
      row++
    )
      for (
        let column = Math.max(0, Math.floor(block.left / cell));
        column < Math.min(across, Math.ceil(block.right / cell));
        column++
      )
        if (covers(block, middle(row * across + column))) shut[row * across + column] = 1;
  const cellAt = ({ x, y }: Point): number =>
    Math.min(along - 1, Math.max(0, Math.floor(y / cell))) * across +
    Math.min(across - 1, Math.max(0, Math.floor(x / cell)));
  /** Whether a straight line stays on free floor, looked at every half cell. */
  const isClear = (a: Point, b: Point): boolean => {
    const steps = Math.ceil((2 * length(a, b)) / cell);
    for (let step = 1; step < steps; step++) {
      const share = step / steps;
      if (shut[cellAt({ x: a.x + (b.x - a.x) * share, y: a.y + (b.y - a.y) * share })]) return false;
    }
    return true;
  };
  const far = new Float64Array(across * along).fill(Infinity);
  const parent = new Int32Array(across * along).fill(-1);
  const queue = new PriorityQueue<{ at: number; far: number }>((a, b) => a.far < b.far);
  const first = cellAt(start);
  far[first] = 0;
  queue.push({ at: first, far: 0 });
  for (let top = queue.pop(); top; top = queue.pop()) {
    const { at } = top;
    if (top.far > far[at]!) continue;
    const [row, column] = [Math.floor(at / across), at % across];
    const here = far[at]!;
    for (let dr = -1; dr <= 1; dr++)
      for (let dc = -1; dc <= 1; dc++) {
        const [r, c] = [row + dr, column + dc];
        if ((!dr && !dc) || r < 0 || c < 0 || r >= along || c >= across) continue;
        const next = r * across + c;
        if (shut[next]) continue;
        // No cutting of corners.
        if (dr && dc && (shut[row * across + c] || shut[r * across + column])) continue;
        const distance = here + Math.hypot(dr, dc);
        if (distance < far[next]! - 1e-9) {
          far[next] = distance;
          parent[next] = at;
          queue.push({ at: next, far: distance });
        }
      }
  }
  for (const { unit, front } of around) {
    // Where something stands too near its front, the nearest free floor is where one reaches it from.
    let at = cellAt(front);
    if (far[at] === Infinity) {
      let nearest = Infinity;
      const print = footprintOf(unit);
      for (let one = 0; one < far.length; one++)
        if (far[one] !== Infinity) {
          const reach = distanceTo(middle(one), print);
          if (reach < nearest) [nearest, at] = [reach, one];
        }
      if (nearest > 3 * BREADTH + cell) {
        walks.set(unit.id, null);
        continue;
      }
    }
    const way: Point[] = [];
    for (let one = at; one !== -1 && one !== first; one = parent[one]!) way.push(middle(one));
    way.push(start);
    // Pulled tight: one goes straight on until something comes between.
    let total = length(way[0]!, unit);
    let corner = way[0]!;
    const corners: Point[] = [{ x: unit.x, y: unit.y }, corner];
    for (let one = 1; one < way.length; one++) {
      if (one + 1 < way.length && isClear(corner, way[one + 1]!)) continue;
      total += length(corner, way[one]!);
      corner = way[one]!;
      corners.push(corner);
    }
    walks.set(unit.id, { far: total, way: corners.reverse() });
  }
  return walks;
}

/** The last rooms that were asked for: a screen asks for the same one many times. */
const known = new Map<string, Map<string, { metres: number; way: Point[] }>[]>();
const KNOWN = 24;

export interface Walks {
  /** Metres, to the centimetre. Where the way is shut off: straight across, as somebody gets there somehow. */
  metres(zoneId: string, unitId: string): number;
  /** Its corners, from the zone to the front of the unit. */
  way(zoneId: string, unitId: string): Point[];
}

/**
 * @param zones where walks begin, each with its id
 * @example walksOf(room, zones, units).metres(zone.id, unit.id)
 */
export function walksOf(
  room: Floor,
  zones: readonly Pick<Zone, 'id' | 'x' | 'y'>[],
  units: readonly Furniture[],
): Walks {
  const key = JSON.stringify([
    room.width,
    room.depth,
    zones.map(({ id, x, y }) => [id, x, y]),
    units.map(({ id, x, y, width, depth, faces, raised, wheels }) => [id, x, y, width, depth, faces, raised, wheels]),
  ]);
  let walks = known.get(key);
  if (!walks) {
    walks = zones.map((zone) => {
      const found = walksFrom(zone, room, units);
      return new Map(
        units.map((unit) => {
          const { far, way } = found.get(unit.id) ?? {
            far: length(zone, unit),
            way: [zone, unit].map(({ x, y }) => ({ x, y })),
          };
          return [unit.id, { metres: Math.round(far / 10) / 100, way }];
        }),
      );
    });
    known.set(key, walks);
    if (known.size > KNOWN) known.delete(known.keys().next().value!);
  }
  const index = new Map(zones.map((zone, i) => [zone.id, i]));
  const of = (zoneId: string, unitId: string) => walks[index.get(zoneId)!]!.get(unitId)!;
  return { metres: (zoneId, unitId) => of(zoneId, unitId).metres, way: (zoneId, unitId) => of(zoneId, unitId).way };
}
