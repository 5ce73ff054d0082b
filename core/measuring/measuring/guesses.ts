/**
 * What of a place is guessed while nobody has told it: what it bears, and how high one may stand things on a table or a
 * cupboard. A guess is marked as one, warns where it is clearly exceeded, and keeps nothing out (H8).
 */
import type { Compartment, Room, Unit } from '../../ground/model/entities.ts';
import { startOf, TEMPLATES } from './templates.ts';

type Bearing = Pick<Unit, 'template' | 'maxLoad'>;
type Furniture = Pick<Unit, 'template' | 'maxLoad' | 'height'>;
type Place = Pick<Compartment, 'floor' | 'height' | 'measured' | 'drawer' | 'maxLoad'>;

/** Grams that no household puts on one shelf: where nobody told a load, this much may stand. */
export const UNKNOWN_LOAD = 10_000_000;
/** A guessed load is clearly exceeded from so many times of it on, and that is said; our own judgement. */
export const CLEARLY_MORE = 1.2;

/** Whether it bears what such furniture usually does; of a compartment made two, each half bears half. */
export function isLoadGuessed({ template, maxLoad }: Bearing, space: Pick<Compartment, 'maxLoad'>): boolean {
  const { load } = TEMPLATES[template];
  return maxLoad === null && (space.maxLoad === load || space.maxLoad === Math.round(load / 2));
}

/** Grams that may stand in it, by what was told of it and of the whole of its furniture. */
export const allowedLoad = (unit: Bearing, space: Pick<Compartment, 'maxLoad'>): number =>
  Math.min(
    isLoadGuessed({ ...unit, maxLoad: null }, space) ? UNKNOWN_LOAD : space.maxLoad,
    unit.maxLoad ?? UNKNOWN_LOAD,
  );

/** Whether nothing but the ceiling is above it, as far as anybody told: a table, or a cupboard with its usual measure. */
export const isHeightGuessed = (
  { template, height }: Pick<Unit, 'template' | 'height'>,
  { floor, measured, drawer }: Pick<Compartment, 'floor' | 'measured' | 'drawer'>,
): boolean =>
  !measured &&
  ((TEMPLATES[template].worktop && floor > 0 && !drawer) || (template === 'top' && height === startOf('top').height));

/** What a compartment may take, of load and of height: what is guessed of it keeps nothing out. */
export const allowedIn = (
  unit: Furniture,
  space: Place,
  room: Pick<Room, 'height'>,
): Pick<Compartment, 'maxLoad' | 'height'> => ({
  maxLoad: allowedLoad(unit, space),
  height: isHeightGuessed(unit, space) ? Math.max(space.height, room.height - space.floor) : space.height,
});
