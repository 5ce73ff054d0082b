/** What shelves and whole pieces of furniture bear (H8). */
import { byId } from '../../ground/model/by-id.ts';
import { groupedBy } from '../../ground/model/grouped-by.ts';
import type { Compartment, Unit } from '../../ground/model/entities.ts';
import type { RoomData } from '../placement/room-data.ts';
import { CLEARLY_MORE, isLoadGuessed } from '../../measuring/measuring/guesses.ts';
import type { Caution } from './caution.ts';
import { nameOf, type Stored } from './stored.ts';

export function loadCautions(data: RoomData, all: readonly Stored[]): Caution[] {
  const units = byId(data.units);
  const inCompartment = groupedBy(all, ({ at }) => at?.compartment.id);
  const places = groupedBy(data.compartments, ({ unitId }) => unitId);
  return data.compartments.flatMap((compartment): Caution[] => {
    const inside = inCompartment.get(compartment.id) ?? [];
    const mass = inside.reduce((sum, stored) => sum + stored.mass, 0);
    const unit = units.get(compartment.unitId);
    if (!unit) return [];
    const guessed = isLoadGuessed({ ...unit, maxLoad: null }, compartment);
    const load = guessed ? usualLoad(unit, compartment, places.get(unit.id)!.length) : compartment.maxLoad;
    if (mass <= load * (guessed ? CLEARLY_MORE : 1)) return [];
    const bears = `${(load / 1000).toFixed(1)} kg`;
    return [
      {
        key: `H8:${compartment.id}`,
        hazard: 'H8',
        severity: 'warn',
        about: `${unit.name}, ${compartment.name}`,
        fact: `${inside.map(nameOf).join(', ')}: together about ${(mass / 1000).toFixed(1)} kg, and ${guessed ? `such a place usually bears about ${bears}, which is a guess` : `it bears ${bears}`}.`,
        helps: 'Spread them over several shelves, or less in each; the maker’s plate decides what it bears.',
      },
    ];
  });
}

/** What nobody told of one place; where the whole was told, at least its even share. */
const usualLoad = ({ maxLoad }: Unit, space: Compartment, places: number): number =>
  Math.max(space.maxLoad, (maxLoad ?? 0) / places);

/** The whole of a piece of furniture, where somebody told what it bears. */
export function unitLoadCautions(data: RoomData, all: readonly Stored[]): Caution[] {
  const inUnit = groupedBy(all, ({ at }) => at?.unit.id);
  return data.units.flatMap((unit): Caution[] => {
    const mass = (inUnit.get(unit.id) ?? []).reduce((sum, stored) => sum + stored.mass, 0);
    if (unit.maxLoad === null || mass <= unit.maxLoad) return [];
    return [
      {
        key: `H8:${unit.id}`,
        hazard: 'H8',
        severity: 'warn',
        about: unit.name,
        fact: `All in it together about ${(mass / 1000).toFixed(1)} kg, and it bears ${(unit.maxLoad / 1000).toFixed(1)} kg.`,
        helps:
          'Less in it, or heavy things elsewhere; anchors by the kind of wall, and nobody guesses what is behind it.',
      },
    ];
  });
}
