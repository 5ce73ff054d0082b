/** What a place bears: as somebody told, or as such furniture usually does, which is a guess and forbids nothing (H8). */
import type { Compartment, Unit } from '../../ground/model/entities.ts';
import { TEMPLATES } from './templates.ts';

type Bearing = Pick<Unit, 'template' | 'maxLoad'>;

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
  isLoadGuessed(unit, space)
    ? UNKNOWN_LOAD
    : Math.min(
        isLoadGuessed({ ...unit, maxLoad: null }, space) ? UNKNOWN_LOAD : space.maxLoad,
        unit.maxLoad ?? UNKNOWN_LOAD,
      );

/** The compartments with the loads that are allowed in them. */
export function withAllowedLoads<S extends Pick<Compartment, 'unitId' | 'maxLoad'>>(
  spaces: readonly S[],
  units: readonly (Bearing & Pick<Unit, 'id'>)[],
): S[] {
  const known = new Map(units.map((unit) => [unit.id, unit]));
  return spaces.map((space) => {
    const unit = known.get(space.unitId);
    return unit ? { ...space, maxLoad: allowedLoad(unit, space) } : space;
  });
}
