/** What the floor plan of a room breaks: furniture in furniture, no way to pass, a door or a drawer that cannot open. */
import type { Compartment, Fixture, Room, Unit, Zone } from '../../ground/model/entities.ts';
import { BEHIND, beforeOf, footprintOf, overlap, type Rect } from './footprint.ts';
import { TEMPLATES } from '../measuring/templates.ts';
import { nearestWall } from './walls.ts';

/** To pass, or to stand before a shelf, mm: the shoulders of a grown-up with a box (our own judgement; local codes ask for more on ways out). */
export const TO_PASS = 600;
/** Hung from this height on (mm) one walks and looks beneath it. */
export const OVERHEAD = 1400;
/** Deeper than this (mm) what hangs lower is in the way of a shoulder. */
const DEEP = 200;
/** Floor that a zone takes around its middle where nobody said more, mm: people sit or stand there (our own judgement). */
export const ZONE_FLOOR: Readonly<Record<Zone['kind'], { width: number; depth: number }>> = {
  reading: { width: 1600, depth: 1200 },
  building: { width: 2000, depth: 1600 },
  'dressing-up': { width: 1400, depth: 1000 },
  art: { width: 1800, depth: 1400 },
  'table work': { width: 1800, depth: 1400 },
  office: { width: 1400, depth: 1200 },
  changing: { width: 1000, depth: 1000 },
  sleeping: { width: 1400, depth: 900 },
  arriving: { width: 1400, depth: 1000 },
  eating: { width: 1800, depth: 1600 },
  'whole room': { width: 0, depth: 0 },
};

export type Broken =
  'outside' | 'overlap' | 'front' | 'drawer' | 'door of furniture' | 'door' | 'way out' | 'window' | 'zone' | 'folded';

export interface Clearance {
  /** Ids of what it is about: the unit first. */
  about: string[];
  broken: Broken;
  /** A sentence, with lengths in mm. */
  words: string;
  /** The floor that should be free. */
  rect: Rect;
}

export interface FloorData {
  room: Pick<Room, 'width' | 'depth'>;
  units: readonly Unit[];
  zones: readonly Zone[];
  fixtures: readonly Fixture[];
  compartments: readonly Compartment[];
}

/** Whether it takes floor from those who walk. */
export const standsOnFloor = (unit: Pick<Unit, 'raised' | 'depth'>): boolean =>
  unit.raised < OVERHEAD && (unit.raised < TO_PASS || unit.depth > DEEP);

export const zoneFloor = (zone: Zone): Rect => {
  const usual = ZONE_FLOOR[zone.kind];
  const [width, depth] = [zone.width ?? usual.width, zone.depth ?? usual.depth];
  return { left: zone.x - width / 2, right: zone.x + width / 2, front: zone.y - depth / 2, back: zone.y + depth / 2 };
};

/** The floor that a door's leaf sweeps, as a rectangle; null where it opens outwards or is no door. */
export function swingOf(fixture: Fixture, room: FloorData['room']): Rect | null {
  if (!fixture.swing || fixture.swing === 'out') return null;
  const { x, y, width } = fixture;
  const half = width / 2;
  switch (nearestWall(fixture, room)) {
    case 'back':
      return { left: x - half, right: x + half, front: room.depth - width, back: room.depth };
    case 'front':
      return { left: x - half, right: x + half, front: 0, back: width };
    case 'left':
      return { left: 0, right: width, front: y - half, back: y + half };
    case 'right':
      return { left: room.width - width, right: room.width, front: y - half, back: y + half };
  }
}

/** How much floor before a unit its drawers and doors take when they are open, mm. */
export function opensBy(
  unit: Unit,
  compartments: readonly Compartment[],
): { by: number; what: 'drawer' | 'door' } | null {
  const own = compartments.filter((space) => space.unitId === unit.id);
  const drawer = Math.max(0, ...own.filter((space) => space.drawer).map((space) => space.depth));
  // Two leaves of a cabinet share its width; a door of its own is as wide as what it closes.
  const door =
    unit.template === 'cabinet' && own.some((space) => space.door)
      ? unit.width / 2
      : Math.max(0, ...own.filter((space) => space.door && space.access === 'front').map((space) => space.width));
  if (!drawer && !door) return null;
  return drawer >= door ? { by: Math.round(drawer), what: 'drawer' } : { by: Math.round(door), what: 'door' };
}

const names = (list: readonly { name: string }[]): string => [...new Set(list.map(({ name }) => name))].join(', ');

/** @returns what is broken, the gravest first */
export function clearancesOf({ room, units, zones, fixtures, compartments }: FloorData): Clearance[] {
  const found: Clearance[] = [];
  // A rack on a door swings with it.
  const floor = units.filter((unit) => standsOnFloor(unit) && unit.template !== 'pockets');
  const prints = new Map(units.map((unit) => [unit.id, footprintOf(unit)]));
  const inTheWay = (rect: Rect, but: Unit | null) =>
    floor.filter((other) => other !== but && !other.wheels && overlap(prints.get(other.id)!, rect, 5));
  const outside = (rect: Rect) =>
    rect.left < -5 || rect.front < -5 || rect.right > room.width + 5 || rect.back > room.depth + 5;
  /** From its front to the wall it looks at, mm. */
  const wallBefore = ({ x, y, faces }: Unit) =>
    ({ front: y, back: room.depth - y, left: x, right: room.width - x })[faces];
  for (const unit of units) {
    const print = prints.get(unit.id)!;
    const tell = (broken: Broken, words: string, rect: Rect, others: readonly { id: string }[] = []) =>
      found.push({ about: [unit.id, ...others.map(({ id }) => id)], broken, words, rect });
    if (outside(print)) tell('outside', `${unit.name} stands through a wall.`, print);
    if (!floor.includes(unit)) continue;
    const into = floor.filter((other) => other.id > unit.id && overlap(print, prints.get(other.id)!, 5));
    if (into.length) tell('overlap', `${unit.name} stands in the same place as ${names(into)}.`, print, into);
    const hits = new Set(into.map(({ id }) => id));
    if (!TEMPLATES[unit.template].worktop) {
      const front = beforeOf(unit, TO_PASS);
      // What faces each other is told once.
      const told = (id: string) =>
        found.some(({ broken, about }) => broken === 'front' && about[0] === id && about.includes(unit.id));
      const before = inTheWay(front, unit).filter(
        ({ id, template }) => !hits.has(id) && !TEMPLATES[template].worktop && !told(id),
      );
      if (before.length)
        tell(
          'front',
          `Less than ${TO_PASS} mm to stand before ${unit.name}: ${names(before)} is in the way.`,
          front,
          before,
        );
      else if (wallBefore(unit) < TO_PASS)
        tell(
          'front',
          `${unit.name} has its front too near a wall: ${TO_PASS} mm are needed to stand before it.`,
          front,
        );
    }
    const opens = opensBy(unit, compartments);
    if (opens && unit.raised < OVERHEAD) {
      const rect = beforeOf(unit, opens.by);
      const before = inTheWay(rect, unit).filter(({ id }) => !hits.has(id));
      if (before.length || wallBefore(unit) < opens.by)
        tell(
          opens.what === 'drawer' ? 'drawer' : 'door of furniture',
          `The ${opens.what} of ${unit.name} needs ${opens.by} mm to open, and ${before.length ? `${names(before)} is` : 'a wall is'} in the way.`,
          rect,
          before,
        );
    }
    if (unit.folds) {
      const rect = beforeOf(unit, Math.max(TO_PASS, unit.height));
      const before = inTheWay(rect, unit);
      if (before.length)
        tell('folded', `${unit.name} folds out onto floor where ${names(before)} stands.`, rect, before);
    }
  }
  for (const fixture of fixtures) {
    const name =
      fixture.name ||
      { exit: 'The way out', door: 'The door', window: 'The window', heater: 'The heater', socket: 'The socket' }[
        fixture.kind
      ];
    const swing = swingOf(fixture, room);
    const blocked = swing ? inTheWay(swing, null) : [];
    if (swing && blocked.length)
      found.push({
        about: [...blocked.map(({ id }) => id), fixture.id],
        broken: fixture.kind === 'exit' ? 'way out' : 'door',
        words: `${name} cannot open all the way: ${names(blocked)} stands where it swings.`,
        rect: swing,
      });
    if (fixture.kind === 'window') {
      const wall = nearestWall(fixture, room);
      const before = units.filter((unit) => {
        const print = prints.get(unit.id)!;
        const along =
          wall === 'back' || wall === 'front'
            ? Math.min(print.right, fixture.x + fixture.width / 2) - Math.max(print.left, fixture.x - fixture.width / 2)
            : Math.min(print.back, fixture.y + fixture.width / 2) -
              Math.max(print.front, fixture.y - fixture.width / 2);
        return (
          BEHIND[unit.faces] === wall &&
          along > 50 &&
          unit.raised + unit.height > fixture.sill + 50 &&
          unit.raised < fixture.sill + fixture.height &&
          { back: room.depth - print.back, front: print.front, left: print.left, right: room.width - print.right }[
            wall
          ] < TO_PASS
        );
      });
      if (before.length)
        found.push({
          about: [...before.map(({ id }) => id), fixture.id],
          broken: 'window',
          words: `${names(before)} stands before ${fixture.name || 'the window'}, higher than its sill: it takes light, and what is in it gets sun.`,
          rect: prints.get(before[0]!.id)!,
        });
    }
  }
  for (const zone of zones) {
    const rect = zoneFloor(zone);
    // A table is what table work and art are done at.
    const inside = inTheWay(rect, null).filter((unit) => !TEMPLATES[unit.template].worktop && !unit.folds);
    if (rect.right > rect.left && inside.length)
      found.push({
        about: [...inside.map(({ id }) => id), zone.id],
        broken: 'zone',
        words: `${names(inside)} takes floor that ${zone.name} needs.`,
        rect,
      });
  }
  const order: readonly Broken[] = [
    'way out',
    'outside',
    'overlap',
    'door',
    'front',
    'drawer',
    'door of furniture',
    'folded',
    'window',
    'zone',
  ];
  return found.sort((a, b) => order.indexOf(a.broken) - order.indexOf(b.broken));
}
