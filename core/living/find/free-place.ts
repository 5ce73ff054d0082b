/** Where a thing of told sides could stand without a bin: the smallest place that takes it beside what is there. */
import { shapeOf } from '../../ground/contents/shape.ts';
import { byId } from '../../ground/model/by-id.ts';
import type { Bin, Compartment, ContainerType, Room, Unit } from '../../ground/model/entities.ts';

export interface HouseOfPlaces {
  room: readonly Pick<Room, 'id' | 'name'>[];
  unit: readonly Pick<Unit, 'id' | 'name' | 'roomId'>[];
  compartment: readonly Compartment[];
  bin: readonly Bin[];
  containerType: readonly ContainerType[];
}

/** Room beside and behind what stands there, so that it can be taken out: a share of the place. */
const USABLE = 0.9;

const fits = (sides: readonly number[], { width, depth, height, hangs }: Compartment): boolean => {
  if (hangs) return false;
  const [a, b, c] = sides as [number, number, number];
  // Whichever side is up.
  return [
    [a, b, c],
    [a, c, b],
    [b, c, a],
  ].some(
    ([x, y, up]) =>
      up! <= height && Math.min(x!, y!) <= Math.min(width, depth) && Math.max(x!, y!) <= Math.max(width, depth),
  );
};

/**
 * @param sides of one piece, mm
 * @param count so many of it
 * @returns its way in words, `Net loft › Bookcase › shelf 2`; null where no place takes it
 */
export function freePlaceFor(
  sides: readonly [number, number, number],
  count: number,
  house: HouseOfPlaces,
): string | null {
  const types = byId(house.containerType);
  const units = byId(house.unit);
  const rooms = byId(house.room);
  const taken = new Map<string, number>();
  for (const bin of house.bin) {
    const shape = bin.compartmentId ? shapeOf(bin, types) : undefined;
    if (!shape || !bin.compartmentId) continue;
    const outside = shape.outWidth * shape.outDepth * shape.outHeight;
    taken.set(bin.compartmentId, (taken.get(bin.compartmentId) ?? 0) + outside);
  }
  const needed = count * sides[0] * sides[1] * sides[2];
  const room = (space: Compartment): number => USABLE * space.width * space.depth * space.height;
  const found = house.compartment
    .filter((space) => fits(sides, space) && room(space) - (taken.get(space.id) ?? 0) >= needed)
    .sort((a, b) => room(a) - room(b))[0];
  const unit = found && units.get(found.unitId);
  return unit ? [rooms.get(unit.roomId)?.name, unit.name, found.name].filter(Boolean).join(' › ') : null;
}
