/** Furniture that tips over: high and narrow, or with heavy drawers high up (H1). */
import { TIPPING } from '../../ground/hazards/tipping.ts';
import { groupedBy } from '../../ground/model/grouped-by.ts';
import type { Unit } from '../../ground/model/entities.ts';
import { TEMPLATES } from '../../measuring/measuring/templates.ts';
import type { RoomData } from '../placement/room-data.ts';
import type { Caution, Child } from './caution.ts';
import { HANGS } from './clearance.ts';
import { nameOf, type Stored } from './stored.ts';

/** From that height (mm) on a drawer of so many grams is heavy; our own judgement. */
export const DRAWER = { high: 900, mass: 8000 };

/** So near to the ratio, as a share of it, the load above decides. */
const NEARLY = 0.9;
/** Whether more of what it holds lies in its upper half than in its lower. */
function isHeavyAbove(unit: Unit, all: readonly Stored[]): boolean {
  const middle = unit.raised + unit.height / 2;
  const [above, below] = all
    .filter(({ at }) => at?.unit.id === unit.id)
    .reduce(
      ([up, down], { at, mass }) => (at!.compartment.floor >= middle ? [up + mass, down] : [up, down + mass]),
      [0, 0],
    );
  return above! > below!;
}

export function tippingCautions(data: RoomData, all: readonly Stored[], children: readonly Child[]): Caution[] {
  if (!children.length) return [];
  return data.units.flatMap((unit): Caution[] => {
    const steep = unit.height / unit.depth;
    // A guess of a few centimetres decides nothing: heavy above, what is nearly so steep tips too.
    const nearly = steep < TIPPING.ratio && steep >= TIPPING.ratio * NEARLY && isHeavyAbove(unit, all);
    // What is fixed to a wall, or is no furniture of its own, does not tip.
    const mayTip =
      TEMPLATES[unit.template].stands === 'furniture' &&
      !unit.anchored &&
      unit.raised < HANGS &&
      unit.height + unit.raised >= TIPPING.height;
    if (!mayTip || (steep < TIPPING.ratio && !nearly)) return [];
    return [
      {
        key: `H1:${unit.id}`,
        hazard: 'H1',
        severity: nearly ? 'warn' : 'danger',
        about: unit.name,
        fact: `${unit.height} mm high, ${unit.depth} mm deep, ${unit.wheels ? 'on wheels' : 'not anchored'}, ${nearly ? 'nearly so steep that it tips, with what is heavy above, ' : ''}and children come into this room.`,
        // What rolls to the work is not screwed to a wall.
        helps: unit.wheels
          ? 'Brakes on wherever it stands; heavy things in its lowest tray; nobody climbs or rides on it.'
          : 'Anchor it to the wall with the fixing for that wall; keep heavy things low.',
      },
    ];
  });
}

/** Heavy drawers high up pull the furniture over, and fall on who pulls them out. */
export function drawerCautions(all: readonly Stored[], children: readonly Child[]): Caution[] {
  if (!children.length) return [];
  const drawers = groupedBy(all, ({ at }) =>
    at?.compartment.drawer && at.compartment.floor >= DRAWER.high ? at.compartment.id : null,
  );
  return [...drawers.values()].flatMap((inside): Caution[] => {
    const mass = inside.reduce((sum, stored) => sum + stored.mass, 0);
    const { compartment, unit } = inside[0]!.at!;
    if (mass < DRAWER.mass) return [];
    return [
      {
        key: `H1drawer:${compartment.id}`,
        hazard: 'H1',
        severity: 'warn',
        about: `${unit.name}, ${compartment.name}`,
        fact: `A drawer with about ${(mass / 1000).toFixed(1)} kg, ${compartment.floor} mm above the floor: ${inside.map(nameOf).join(', ')}.`,
        helps: 'Heavy drawers low; pulled out, they tip the furniture.',
      },
    ];
  });
}
