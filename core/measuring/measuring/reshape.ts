/** What becomes of the compartments of a unit whose measures are changed. */
import type { Compartment, CompartmentSpace, UnitShape } from '../../ground/model/entities.ts';
import { compartmentsOf } from './template.ts';

export const SHAPE_FIELDS = [
  'template',
  'width',
  'height',
  'depth',
  'columns',
  'rows',
  'board',
  'raised',
  'slope',
  'layout',
] as const satisfies (keyof UnitShape)[];

export const sameShape = (a: UnitShape, b: UnitShape): boolean =>
  SHAPE_FIELDS.every((field) => JSON.stringify(a[field]) === JSON.stringify(b[field]));

export interface Reshaping {
  /** Every compartment as it is then (what was measured is reckoned again), with the one of the same name that is there; null where it is new. */
  spaces: { space: CompartmentSpace & Pick<Compartment, 'sort' | 'opening' | 'measured'>; same: Compartment | null }[];
  /** Those that vanish. */
  gone: Compartment[];
}

/**
 * Compartments of the same name stay, with their bins.
 * @param old compartments of the unit as it was
 * @throws RangeError when the measures cannot be built
 */
export function reshape(shape: UnitShape, old: readonly Compartment[]): Reshaping {
  const byName = new Map(old.map((space) => [space.name, space]));
  const spaces = compartmentsOf(shape).map((space, sort) => {
    const same = byName.get(space.name) ?? null;
    byName.delete(space.name);
    return { space: { ...space, sort, opening: null, measured: false }, same };
  });
  return { spaces, gone: [...byName.values()] };
}
