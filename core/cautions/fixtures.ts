/** What storage has to keep clear of on the floor plan (H12), and furniture that had an earlier life (H13). */
import type { Fixture, Unit } from '../model/entities.ts';
import type { RoomData } from '../placement/place-problem-of.ts';
import type { Caution, Child } from './caution.ts';

/** How far furniture keeps from it, mm: a door opens and people leave by it; heat needs air; a plug needs a hand. Our own judgement. */
export const CLEARANCE: Readonly<Record<Fixture['kind'], number>> = { exit: 900, heater: 300, socket: 50 };
/** From that height (mm) above the floor furniture hangs on the wall, and cannot stand unanchored. */
export const HANGS = 600;
const WHAT: Readonly<Record<Fixture['kind'], string>> = {
  exit: 'the way out',
  heater: 'the heater',
  socket: 'the socket',
};
const HELPS: Readonly<Record<Fixture['kind'], string>> = {
  exit: 'Exits stay clear, to their full width.',
  heater: 'Nothing that burns or shuts in the heat in front of it.',
  socket: 'A socket stays within reach, and cords are not squeezed behind furniture.',
};

/** From a point to the nearest edge of a unit on the floor plan, mm; 0 where it stands on it. */
export function distanceTo(point: Pick<Fixture, 'x' | 'y'>, unit: Pick<Unit, 'x' | 'y' | 'width' | 'depth'>): number {
  const dx = Math.max(0, Math.abs(point.x - unit.x) - unit.width / 2);
  const dy = Math.max(0, unit.y - point.y, point.y - (unit.y + unit.depth));
  return Math.hypot(dx, dy);
}

export function fixtureCautions(data: RoomData): Caution[] {
  return (data.fixtures ?? []).flatMap((fixture): Caution[] =>
    data.units
      // What hangs above a socket or a heater does not block it.
      .filter(
        (unit) =>
          (fixture.kind === 'exit' || unit.raised < HANGS) && distanceTo(fixture, unit) < CLEARANCE[fixture.kind],
      )
      .map((unit) => ({
        key: `H12:${fixture.id}:${unit.id}`,
        hazard: 'H12',
        severity: fixture.kind === 'socket' ? ('warn' as const) : ('danger' as const),
        about: unit.name,
        fact: `It stands ${Math.round(distanceTo(fixture, unit))} mm from ${fixture.name || WHAT[fixture.kind]}; ${CLEARANCE[fixture.kind]} mm should be clear.`,
        helps: HELPS[fixture.kind],
      })),
  );
}

/** Furniture that is called old, second-hand or a former something. */
const REUSED =
  /\b(?:second[- ]?hand|reused|re-used|upcycled|salvaged|inherited|vintage|antique|old (?:cot|crib|bed|changing table|high ?chair|dresser|locker|pallet)s?|former \w+|(?:converted|drop[- ]side) (?:cot|crib)s?)\b/i;

/** Old cots, furniture and containers are looked over before they serve again. */
export function reuseCautions(data: RoomData, children: readonly Child[]): Caution[] {
  if (!children.length) return [];
  return data.units
    .filter((unit) => !unit.checked && (unit.reused || REUSED.test(unit.name)))
    .map((unit) => ({
      key: `H13:${unit.id}`,
      hazard: 'H13',
      severity: 'warn' as const,
      about: unit.name,
      fact: 'It had an earlier life, and nobody has said that it was looked over.',
      helps:
        'No broken slats, sharp edges or flaking paint; no cot older than the rules allow. Say so when it was looked over.',
    }));
}
