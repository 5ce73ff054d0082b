/** A shelf over or within reach of a cot, and cords and bags at it (H6, H10). */
import { plural } from '../../ground/notation/plural.ts';
import { THREE_YEARS } from '../../ground/hazards/ages.ts';
import { hazardsInWords } from '../../ground/hazards/danger-words.ts';
import { distanceTo, footprintOf } from '../../measuring/floor/footprint.ts';
import { alongItsWall } from '../../measuring/floor/walls.ts';
import type { RoomData } from '../placement/room-data.ts';
import type { Caution, Child } from './caution.ts';
import { binCaution, nameOf, placeOf, type Stored } from './stored.ts';

/** From the middle of a cot, mm: half its length and a child's arm; and the height above which things could fall into it. */
export const COT = { around: 1200, above: 500 };

/** Nothing above or within reach of a cot, and no cords or bags at all. */
export function cotCautions(data: RoomData, all: readonly Stored[], children: readonly Child[]): Caution[] {
  const cots = data.zones.filter((zone) => zone.kind === 'sleeping');
  if (!cots.length || !children.some((child) => child.months < THREE_YEARS)) return [];
  const cords = (data.fixtures ?? []).flatMap((fixture): Caution[] => {
    const onWall = alongItsWall(fixture, data.room);
    const at = cots.find((zone) => distanceTo(zone, onWall) <= COT.around);
    if (!at || !hazardsInWords(fixture.name).includes('H6')) return [];
    return [
      {
        key: `H6cot:${fixture.id}`,
        hazard: 'H6',
        severity: 'danger',
        about: fixture.name,
        fact: `Its cord hangs within reach of ${at.name}.`,
        helps: 'Cut loops, or tie cords up higher than a child can climb; the cot elsewhere until then.',
      },
    ];
  });
  const shelves = data.units.flatMap((unit): Caution[] => {
    const cot = cots.find((zone) => distanceTo(zone, footprintOf(unit)) <= COT.around);
    if (!cot) return [];
    const here = all.filter((stored) => stored.at?.unit.id === unit.id);
    const above = here.filter(
      ({ at }) =>
        !at!.compartment.door &&
        !at!.compartment.drawer &&
        at!.compartment.access === 'front' &&
        at!.compartment.floor >= COT.above,
    );
    const found: Caution[] = here
      .filter((stored) => stored.hazards.has('H6') && !stored.at!.unit.locked)
      .map((stored) =>
        binCaution(
          stored,
          'H6',
          'cot',
          'danger',
          `Bags, film or cords stand at ${cot.name} (${placeOf(stored)}).`,
          'Away from beds and cots, whatever the height: loops hang down.',
        ),
      );
    if (above.length)
      found.push({
        key: `H10:${unit.id}`,
        hazard: 'H10',
        severity: 'danger',
        about: unit.name,
        fact: `${above.map(nameOf).join(', ')} ${plural(above.length, 'stands', 'stand')} above or within reach of ${cot.name}.`,
        helps: 'Nothing on shelves above or within reach of a cot; spacing and sight lines as the licence says.',
      });
    return found;
  });
  return [...cords, ...shelves];
}
