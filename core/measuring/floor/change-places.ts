/** Two pieces of furniture change places on the floor: each stands with its back where the other's back was. */
import type { Room, Unit } from '../../ground/model/entities.ts';
import { backOf, footprintOf, LOOKS, overlap, sharesHeight, type Standing } from './footprint.ts';

/** @returns both at their new places; null where one does not fit into the room or between its new neighbours */
export function placesChanged(
  a: Unit,
  b: Unit,
  others: readonly Unit[],
  room: Pick<Room, 'width' | 'depth'>,
): [Unit, Unit] | null {
  const moved = [standingAs(a, b), standingAs(b, a)] as [Unit, Unit];
  const rest = others.filter(({ id }) => id !== a.id && id !== b.id);
  const inRoom = (unit: Unit): boolean => {
    const { left, right, front, back } = footprintOf(unit);
    return left >= 0 && front >= 0 && right <= room.width && back <= room.depth;
  };
  const meets = (unit: Unit, other: Unit): boolean =>
    sharesHeight(unit, other) && overlap(footprintOf(unit), footprintOf(other));
  const free = (unit: Unit): boolean => inRoom(unit) && !rest.some((other) => meets(unit, other));
  return moved.every(free) && !meets(...moved) ? moved : null;
}

function standingAs<T extends Standing>(unit: T, there: Standing): T {
  const back = backOf(there);
  const look = LOOKS[there.faces];
  return { ...unit, faces: there.faces, x: back.x + look.x * unit.depth, y: back.y + look.y * unit.depth };
}
