/** Furniture: what tips, what is climbed, what it bears, what is lifted, and what stands at a cot (H1, H6 to H10). */
import { BANDS, gripHundredths } from '../placement/effort.ts';
import type { RoomData } from '../placement/place-problem-of.ts';
import { HEAVY_MASS } from '../placement/problem.ts';
import { groupedBy } from '../model/grouped-by.ts';
import type { Compartment, Unit, Zone } from '../model/entities.ts';
import { SIX_YEARS, THREE_YEARS } from './ages.ts';
import type { Caution, Child } from './caution.ts';
import { binCaution, nameOf, placeOf, type Stored } from './stored.ts';

/** Above this height (mm) and steeper than this height to depth, furniture is to be anchored where children are. */
export const TIPPING = { height: 600, ratio: 1.5 };
/** Grams above which a bin overhead is a danger to who stands below. */
export const OVERHEAD_MASS = 5000;
export const OVERHEAD_HEIGHT = 1500;
/** What children carry by themselves, grams; our own judgement. */
export const CHILD_CARRIES = 4000;
/** From the middle of a cot, mm: half its length and a child's arm; and the height above which things could fall into it. */
export const COT = { around: 1200, above: 500 };

export function unitCautions(data: RoomData, children: readonly Child[]): Caution[] {
  if (!children.length) return [];
  return data.units.flatMap((unit): Caution[] => {
    const found: Caution[] = [];
    if (!unit.anchored && unit.height + unit.raised >= TIPPING.height && unit.height / unit.depth >= TIPPING.ratio)
      found.push({
        key: `H1:${unit.id}`,
        hazard: 'H1',
        severity: 'danger',
        about: unit.name,
        fact: `${unit.height} mm high, ${unit.depth} mm deep, not anchored, and children come into this room.`,
        helps: 'Anchor it to the wall with the fixing for that wall; keep heavy things low.',
      });
    if (unit.template === 'trunk')
      found.push({
        key: `H7:${unit.id}`,
        hazard: 'H7',
        severity: 'warn',
        about: unit.name,
        fact: 'Its lid opens upwards and children come into this room.',
        helps: 'A slow-closing support, air holes, and no latch.',
      });
    return found;
  });
}

/** Whether a compartment is the top of its unit: open to the room above. */
const isTop = (compartment: Compartment, unit: Unit): boolean => compartment.z >= unit.height - unit.board;

/** What children want and see but do not reach, on top of furniture: they climb after it. */
export function topCautions(all: readonly Stored[], children: readonly Child[]): Caution[] {
  const climbers = children.filter((child) => child.months < SIX_YEARS);
  return all.flatMap((stored): Caution[] => {
    const { at, category, type } = stored;
    if (!at || !climbers.length || !isTop(at.compartment, at.unit)) return [];
    const wanted =
      category.users.length === 0
        ? !stored.hazards.size && !['office', 'changing'].includes(category.zoneKind)
        : children.some((child) => category.users.includes(child.id));
    const grip = gripHundredths(type.outHeight, at.compartment);
    if (!wanted || climbers.every((child) => grip <= BANDS.childReach * child.stature)) return [];
    return [
      binCaution(
        stored,
        'H1',
        'top',
        'danger',
        `It stands on top of ${at.unit.name}, ${at.compartment.floor} mm above the floor: children see it and climb after it.`,
        'No toys on top of tall furniture: lower, or out of sight.',
      ),
    ];
  });
}

export function loadCautions(data: RoomData, all: readonly Stored[]): Caution[] {
  const units = new Map(data.units.map((unit) => [unit.id, unit]));
  const inCompartment = groupedBy(all, ({ at }) => at?.compartment.id);
  return data.compartments.flatMap((compartment): Caution[] => {
    const inside = inCompartment.get(compartment.id) ?? [];
    const mass = inside.reduce((sum, stored) => sum + stored.mass, 0);
    const unit = units.get(compartment.unitId);
    if (mass <= compartment.maxLoad || !unit) return [];
    return [
      {
        key: `H8:${compartment.id}`,
        hazard: 'H8',
        severity: 'warn',
        about: `${unit.name}, ${compartment.name}`,
        fact: `${inside.map(nameOf).join(', ')}: together about ${(mass / 1000).toFixed(1)} kg, and it bears ${(compartment.maxLoad / 1000).toFixed(1)} kg.`,
        helps: 'Spread them over several shelves, or less in each; the maker’s plate decides what it bears.',
      },
    ];
  });
}

export function liftCautions(data: RoomData, all: readonly Stored[]): Caution[] {
  const adults = data.people.filter((person) => person.kind === 'adult');
  const shortest = adults.reduce((least, person) => Math.min(least, person.stature), Infinity);
  const children = new Set(data.people.filter((person) => person.kind === 'child').map((person) => person.id));
  return all.flatMap((stored): Caution[] => {
    const { at, mass, type, category } = stored;
    if (!at) return [];
    const kilos = `${(mass / 1000).toFixed(1)} kg`;
    const found: Caution[] = [];
    const grip = gripHundredths(type.outHeight, at.compartment);
    if (mass > HEAVY_MASS && adults.length && grip > BANDS.shoulder * shortest)
      found.push(
        binCaution(
          stored,
          'H9',
          '',
          'warn',
          `About ${kilos}, lifted from above the shoulder (${placeOf(stored)}).`,
          'Between knee and shoulder, or less in it.',
        ),
      );
    else if (mass > OVERHEAD_MASS && at.compartment.floor >= OVERHEAD_HEIGHT)
      found.push(
        binCaution(
          stored,
          'H1',
          'over',
          'warn',
          `About ${kilos} stands ${at.compartment.floor} mm above the floor.`,
          'Heavy things low, light ones above.',
        ),
      );
    if (mass > CHILD_CARRIES && category.users.length && category.users.every((id) => children.has(id)))
      found.push(
        binCaution(
          stored,
          'H9',
          'child',
          'warn',
          `About ${kilos}, and only children are said to use it.`,
          'Less in each, or on wheels: children carry little.',
        ),
      );
    return found;
  });
}

/** From the middle of a zone to the nearest edge of a unit on the floor plan, mm. */
function distance(zone: Pick<Zone, 'x' | 'y'>, unit: Pick<Unit, 'x' | 'y' | 'width' | 'depth'>): number {
  const dx = Math.max(0, Math.abs(zone.x - unit.x) - unit.width / 2);
  const dy = Math.max(0, unit.y - zone.y, zone.y - (unit.y + unit.depth));
  return Math.hypot(dx, dy);
}

/** Nothing above or within reach of a cot, and no cords or bags at all. */
export function cotCautions(data: RoomData, all: readonly Stored[], children: readonly Child[]): Caution[] {
  const cots = data.zones.filter((zone) => zone.kind === 'sleeping');
  if (!cots.length || !children.some((child) => child.months < THREE_YEARS)) return [];
  return data.units.flatMap((unit): Caution[] => {
    const cot = cots.find((zone) => distance(zone, unit) <= COT.around);
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
        fact: `${above.map(nameOf).join(', ')} ${above.length === 1 ? 'stands' : 'stand'} above or within reach of ${cot.name}.`,
        helps: 'Nothing on shelves above or within reach of a cot; spacing and sight lines as the licence says.',
      });
    return found;
  });
}
