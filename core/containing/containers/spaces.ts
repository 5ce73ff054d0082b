/** Which places of a room take a container, and what would have to change where none does (practices C3, M3). */
import type { Compartment, ContainerType, Unit } from '../../ground/model/entities.ts';
import { canHang } from './hanging.ts';
import { clearHeight, FRONT_CLEARANCE } from '../../ground/problems/place-problem.ts';

type Outside = Pick<ContainerType, 'outWidth' | 'outDepth' | 'outHeight' | 'soft' | 'handle' | 'form'>;
type Room = Pick<Compartment, 'width' | 'depth' | 'height' | 'access'> &
  Partial<Pick<Compartment, 'opening' | 'hangs'>>;
type Space = Room & Pick<Compartment, 'maxLoad'>;

/** Width of what can go in: the opening may be narrower than the inside, mm. */
export const widthOf = (space: Pick<Room, 'width' | 'opening'>): number =>
  Math.min(space.width, space.opening ?? Infinity);

/** @param hangs whether it may hang, where that is known better than from its shape */
export const fitsCompartment = (type: Outside, space: Room, hangs = canHang(type)): boolean =>
  (!space.hangs || hangs) &&
  type.outWidth <= widthOf(space) &&
  type.outDepth <= space.depth &&
  type.outHeight <= clearHeight(space);

/** Compartments of the same inside are asked once: a room has many that are alike. */
const kinds = new WeakMap<readonly Space[], { space: Space; count: number }[]>();
function kindsOf(compartments: readonly Space[]): { space: Space; count: number }[] {
  const known = kinds.get(compartments);
  if (known) return known;
  const found = new Map<string, { space: Space; count: number }>();
  for (const space of compartments) {
    const key = [widthOf(space), space.depth, space.height, space.access, space.maxLoad, !!space.hangs].join(' ');
    const same = found.get(key);
    if (same) same.count++;
    else found.set(key, { space, count: 1 });
  }
  const list = [...found.values()];
  kinds.set(compartments, list);
  return list;
}

/** Each inside of the room once. */
export const distinctSpaces = (compartments: readonly Space[]): Space[] =>
  kindsOf(compartments).map(({ space }) => space);

/** How many compartments take one of them. @param mass grams of it when it is filled */
export const placesFor = (type: Outside, mass: number, compartments: readonly Space[], hangs = canHang(type)): number =>
  kindsOf(compartments).reduce(
    (sum, { space, count }) => (fitsCompartment(type, space, hangs) && mass <= space.maxLoad ? sum + count : sum),
    0,
  );

/** A board of adjustable shelves is moved by so much at most, mm. */
const BOARD_STEPS = 160;

/**
 * What would let it stand somewhere, where no compartment takes it: the least of a board moved up or taken out, a
 * compartment that bears more, else a piece of furniture with a space of that size.
 * @returns a sentence without its full stop, sides in mm
 */
export function whatWouldHelp(
  type: Outside,
  mass: number,
  compartments: readonly Compartment[],
  units: ReadonlyMap<string, Pick<Unit, 'name'>>,
): string {
  const nameOf = (space: Compartment) => `${space.name} of ${units.get(space.unitId)?.name ?? 'the furniture'}`;
  const weak = compartments.find((space) => fitsCompartment(type, space));
  if (weak)
    return `it weighs ${(mass / 1000).toFixed(1)} kg, and ${nameOf(weak)} bears ${(weak.maxLoad / 1000).toFixed(1)} kg: less in each, or a stronger shelf`;
  const low = compartments
    .filter((space) => !space.hangs && type.outWidth <= widthOf(space) && type.outDepth <= space.depth)
    .map((space) => ({ space, short: type.outHeight - clearHeight(space) }))
    .sort((a, b) => a.short - b.short)[0];
  if (low && low.short <= BOARD_STEPS)
    return `${nameOf(low.space)} would take it, were its board ${Math.ceil(low.short)} mm higher`;
  const height = type.outHeight + FRONT_CLEARANCE;
  return `a shelf at least ${type.outWidth} × ${type.outDepth} mm and ${height} mm high would take it, or another container`;
}
