import { entity, pointsTo, type RowOfSite } from './entity.ts';

export interface CompartmentSpace {
  name: string;
  /** Inside lower left corner in the unit's front elevation, mm from the unit's left side and underside. */
  x: number;
  z: number;
  /** Inside sizes, mm. */
  width: number;
  depth: number;
  height: number;
  /** Height of its inside bottom above the room's floor, mm. */
  floor: number;
  access: 'front' | 'top';
  door: boolean;
  drawer: boolean;
  /** Grams. */
  maxLoad: number;
}

export interface Compartment extends RowOfSite, CompartmentSpace {
  unitId: string;
  sort: number;
}

/** Compartments follow from the shape of their unit: they come and go with it. */
export const compartment = entity<Compartment>()({
  words: { one: 'compartment', many: 'compartments' },
  routes: { create: false, remove: false },
  fields: {
    unitId: pointsTo('unit', 'remove'),
    name: {},
    x: {},
    z: {},
    width: {},
    depth: {},
    height: {},
    floor: {},
    access: {},
    door: {},
    drawer: {},
    maxLoad: {},
    sort: {},
  },
});
