/** What storage has to keep clear of on the floor plan: exits, doors, heaters, sockets (H12). */
import type { Fixture, Unit } from '../../ground/model/entities.ts';
import { footprintOf, gapBetween } from '../../measuring/floor/footprint.ts';
import { alongItsWall, alongX } from '../../measuring/floor/walls.ts';
import type { RoomData } from '../placement/room-data.ts';
import type { Caution } from './caution.ts';

/** How far furniture keeps from it, mm: a door opens and people leave by it; heat needs air; a plug needs a hand. Our own judgement. */
export const CLEARANCE: Readonly<Record<Fixture['kind'], number>> = {
  exit: 900,
  door: 600,
  // Light and air come in above what stands before it; the floor plan says what is too high.
  window: 0,
  heater: 300,
  socket: 50,
};
/** From that height (mm) above the floor furniture hangs on the wall, and cannot stand unanchored. */
export const HANGS = 600;
const WHAT: Readonly<Record<Fixture['kind'], string>> = {
  exit: 'the way out',
  door: 'the door',
  window: 'the window',
  heater: 'the heater',
  socket: 'the socket',
};
const HELPS: Readonly<Record<Fixture['kind'], string>> = {
  exit: 'Exits stay clear, to their full width.',
  door: 'A door opens to its full width, and one walks through with a box in both hands.',
  window: 'A window that is a way out stays clear, to its full width.',
  heater: 'Nothing that burns or shuts in the heat in front of it.',
  socket: 'A socket stays within reach, and cords are not squeezed behind furniture.',
};

/** Doors that people walk through: what stands beside them is in nobody's way. */
const isDoor = ({ kind }: Fixture): boolean => kind === 'exit' || kind === 'door';
/** Above a door's head, mm. */
const ABOVE_DOORS = 2000;

/** From a fixture to the nearest edge of a unit on the floor plan, mm; Infinity where the unit is not before the door. */
function between(fixture: Fixture, unit: Unit, room: RoomData['room']): number {
  const own = alongItsWall(fixture, room);
  const print = footprintOf(unit);
  const along = alongX(fixture, room)
    ? Math.min(own.right, print.right) - Math.max(own.left, print.left)
    : Math.min(own.back, print.back) - Math.max(own.front, print.front);
  const hasWidth = own.right > own.left || own.back > own.front;
  return isDoor(fixture) && hasWidth && along <= 1 ? Infinity : gapBetween(own, print);
}

export function fixtureCautions(data: RoomData): Caution[] {
  return (data.fixtures ?? []).flatMap((fixture): Caution[] =>
    data.units
      // What hangs above a socket or a heater does not block it.
      .filter(
        (unit) =>
          unit.raised < (isDoor(fixture) ? ABOVE_DOORS : HANGS) &&
          // What is higher on the wall than the furniture stays free.
          !(fixture.sill > 0 && !isDoor(fixture) && unit.raised + unit.height <= fixture.sill) &&
          !(fixture.kind === 'heater' && fixture.sill >= ABOVE_DOORS) &&
          // A rack on a door goes with it.
          !(isDoor(fixture) && unit.template === 'pockets') &&
          between(fixture, unit, data.room) < CLEARANCE[fixture.kind],
      )
      .map((unit) => ({
        key: `H12:${fixture.id}:${unit.id}`,
        hazard: 'H12',
        severity: fixture.kind === 'socket' ? ('warn' as const) : ('danger' as const),
        about: unit.name,
        fact: `It stands ${Math.round(between(fixture, unit, data.room))} mm from ${fixture.name || WHAT[fixture.kind]}; ${CLEARANCE[fixture.kind]} mm should be clear.`,
        helps: HELPS[fixture.kind],
      })),
  );
}
