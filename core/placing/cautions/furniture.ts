/** Furniture: what tips, what is climbed, what it bears, what is lifted, and what stands at a cot (H1, H6 to H10). */
import { BANDS, childReach, gripHundredths } from '../../ground/body/effort.ts';
import { OVERHEAD_HEIGHT, OVERHEAD_MASS } from '../../ground/body/heights.ts';
import type { RoomData } from '../placement/room-data.ts';
import { HEAVY_MASS } from '../../ground/problems/place-problem.ts';
import { TEMPLATES } from '../../measuring/measuring/templates.ts';
import { groupedBy } from '../../ground/model/grouped-by.ts';
import type { Compartment, Unit } from '../../ground/model/entities.ts';
import { SIX_YEARS, THREE_YEARS } from '../../ground/hazards/ages.ts';
import type { Caution, Child } from './caution.ts';
import { distanceTo, footprintOf } from '../../measuring/floor/footprint.ts';
import { HANGS } from './fixtures.ts';
import { binCaution, nameOf, placeOf, type Stored } from './stored.ts';

/** Above this height (mm) and steeper than this height to depth, furniture is to be anchored where children are. */
export const TIPPING = { height: 600, ratio: 1.5 };
/** From that height (mm) on a drawer of so many grams is heavy; our own judgement. */
export const DRAWER = { high: 900, mass: 8000 };
/** What children carry by themselves, grams; our own judgement. */
export const CHILD_CARRIES = 4000;
/** From the middle of a cot, mm: half its length and a child's arm; and the height above which things could fall into it. */
export const COT = { around: 1200, above: 500 };

export function unitCautions(data: RoomData, children: readonly Child[]): Caution[] {
  if (!children.length) return [];
  return data.units.flatMap((unit): Caution[] => {
    const found: Caution[] = [];
    // What is fixed to a wall, or is no furniture of its own, does not tip.
    if (
      TEMPLATES[unit.template].stands === 'furniture' &&
      !unit.anchored &&
      unit.raised < HANGS &&
      unit.height + unit.raised >= TIPPING.height &&
      unit.height / unit.depth >= TIPPING.ratio
    )
      found.push({
        key: `H1:${unit.id}`,
        hazard: 'H1',
        severity: 'danger',
        about: unit.name,
        fact: `${unit.height} mm high, ${unit.depth} mm deep, ${unit.wheels ? 'on wheels' : 'not anchored'}, and children come into this room.`,
        // What rolls to the work is not screwed to a wall.
        helps: unit.wheels
          ? 'Brakes on wherever it stands; heavy things in its lowest tray; nobody climbs or rides on it.'
          : 'Anchor it to the wall with the fixing for that wall; keep heavy things low.',
      });
    if (unit.template === 'trunk') found.push(...lidCautions(unit));
    return found;
  });
}

/** A trunk or chest whose lid could fall or shut somebody in; settled by the facts. */
function lidCautions(unit: Unit): Caution[] {
  const missing = [!unit.lidSupport && 'a slow-closing support', !unit.airHoles && 'air holes'].filter(
    (fact): fact is string => !!fact,
  );
  if (!missing.length && !unit.latch) return [];
  const facts = [missing.length && `without ${missing.join(' and ')}`, unit.latch && 'with a latch'].filter(Boolean);
  return [
    {
      key: `H7:${unit.id}`,
      hazard: 'H7',
      severity: unit.latch ? 'danger' : 'warn',
      about: unit.name,
      fact: `Its lid opens upwards, ${facts.join(' and ')}, and children come into this room.`,
      helps: 'A slow-closing support, air holes, and no latch.',
    },
  ];
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

/** Whether a compartment is the top of its unit: open to the room above. */
const isTop = (compartment: Compartment, unit: Unit): boolean =>
  unit.template === 'top' || compartment.z >= unit.height - unit.board;

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
    if (!wanted || climbers.every((child) => grip <= childReach(child.stature))) return [];
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

/** Nothing above or within reach of a cot, and no cords or bags at all. */
export function cotCautions(data: RoomData, all: readonly Stored[], children: readonly Child[]): Caution[] {
  const cots = data.zones.filter((zone) => zone.kind === 'sleeping');
  if (!cots.length || !children.some((child) => child.months < THREE_YEARS)) return [];
  return data.units.flatMap((unit): Caution[] => {
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
        fact: `${above.map(nameOf).join(', ')} ${above.length === 1 ? 'stands' : 'stand'} above or within reach of ${cot.name}.`,
        helps: 'Nothing on shelves above or within reach of a cot; spacing and sight lines as the licence says.',
      });
    return found;
  });
}
