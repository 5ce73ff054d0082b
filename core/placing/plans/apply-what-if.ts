/** A change of a room, its furniture or its people, made in a copy of its data. */
import { byId } from '../../ground/model/by-id.ts';
import { placesChanged } from '../../measuring/floor/change-places.ts';
import { freeSpot } from '../../measuring/floor/free-spot.ts';
import { footprintOf, LOOKS, overlap, sharesHeight } from '../../measuring/floor/footprint.ts';
import { compartmentsOf, shapeProblems } from '../../measuring/measuring/template.ts';
import type { Bin, Category, Compartment, Person, Room, Unit } from '../../ground/model/entities.ts';
import { ON_THE_BENCH } from '../../ground/model/bin.ts';
import { MEDIANS, medianStature } from '../../ground/body/stature.ts';
import type { DepthProblem } from '../placement/depth/problem.ts';
import type { RoomData } from '../placement/room-data.ts';

export type WhatIf =
  | { kind: 'as it is' }
  | { kind: 'without a unit'; unitId: string }
  | { kind: 'one more unit'; unitId: string }
  | { kind: 'a board more'; unitId: string }
  | { kind: 'a board less'; unitId: string }
  | { kind: 'doors off'; unitId: string }
  | { kind: 'a lock'; unitId: string }
  | { kind: 'places changed'; unitId: string; otherId: string }
  | { kind: 'zone nearer'; zoneId: string; unitId: string }
  | { kind: 'heights'; heights: Room['heights'] }
  | { kind: 'lids off' }
  | { kind: 'a year older' }
  | { kind: 'a group more' };

const unitOf = (room: RoomData, id: string): Unit => room.units.find((unit) => unit.id === id)!;
/** What stood in compartments that are gone is on the bench. */
const unplacedIn = (bins: readonly Bin[], gone: ReadonlySet<string>): Bin[] =>
  bins.map((bin) => (gone.has(bin.compartmentId ?? '') ? { ...bin, ...ON_THE_BENCH } : bin));
const idsIn = (room: RoomData, unitId: string): Set<string> =>
  new Set(room.compartments.filter((space) => space.unitId === unitId).map(({ id }) => id));

/** The compartments of a unit that is not there yet. */
const freshSpaces = (unit: Unit): Compartment[] =>
  compartmentsOf(unit).map((space, i) => ({
    ...space,
    id: `${unit.id} ${i}`,
    version: 0,
    siteId: unit.siteId,
    unitId: unit.id,
    measured: false,
    opening: null,
    blocked: [],
    sort: i,
  }));

/** A unit that is one of several alike, where there is room for it; null where there is none. */
export function anotherLike(room: RoomData, unit: Unit): Unit | null {
  const more: Unit = { ...unit, ...freeSpot(unit, room.units, room.room), faces: 'front', id: `more ${unit.id}` };
  const print = footprintOf(more);
  const taken = room.units.some((other) => sharesHeight(more, other) && overlap(footprintOf(other), print, 0));
  return taken ? null : more;
}
/** The same unit with a board more or less; null where that leaves no room. */
export function boarded(unit: Unit, by: 1 | -1): Unit | null {
  const shape = { ...unit, rows: unit.rows + by };
  return shapeProblems(shape).length ? null : shape;
}
/** A zone in front of a unit, an arm's length and a step from it, mm. */
export const NEAR_UNIT = 900;

/** A child of that stature a year later: by its month of birth, else as long as children of its size grow. */
export function yearOlder(person: Person): Person {
  if (person.kind !== 'child') return person;
  const months = MEDIANS.findLast(([, mm]) => mm <= person.stature)?.[0] ?? 0;
  const stature = Math.round((person.stature * medianStature(months + 12)) / medianStature(months));
  const born = person.born && `${Number(person.born.slice(0, 4)) - 1}${person.born.slice(4)}`;
  return { ...person, stature, born };
}

/** The room after the change; null where it cannot be made. @param adjust what is changed in the problem itself */
export function applyWhatIf(
  room: RoomData,
  change: WhatIf,
): { room: RoomData; adjust?: (problem: DepthProblem) => DepthProblem } | null {
  switch (change.kind) {
    case 'as it is':
      return { room };
    case 'without a unit': {
      const gone = idsIn(room, change.unitId);
      return {
        room: {
          ...room,
          units: room.units.filter(({ id }) => id !== change.unitId),
          compartments: room.compartments.filter(({ id }) => !gone.has(id)),
          bins: unplacedIn(room.bins, gone),
        },
      };
    }
    case 'one more unit': {
      const more = anotherLike(room, unitOf(room, change.unitId));
      return (
        more && {
          room: { ...room, units: [...room.units, more], compartments: [...room.compartments, ...freshSpaces(more)] },
        }
      );
    }
    case 'a board more':
    case 'a board less': {
      const unit = boarded(unitOf(room, change.unitId), change.kind === 'a board more' ? 1 : -1);
      if (!unit) return null;
      const gone = idsIn(room, unit.id);
      return {
        room: {
          ...room,
          units: room.units.map((known) => (known.id === unit.id ? unit : known)),
          compartments: [...room.compartments.filter(({ id }) => !gone.has(id)), ...freshSpaces(unit)],
          bins: unplacedIn(room.bins, gone),
        },
      };
    }
    case 'doors off':
      return {
        room: {
          ...room,
          compartments: room.compartments.map((space) =>
            space.unitId === change.unitId ? { ...space, door: false } : space,
          ),
        },
      };
    case 'a lock': {
      const locked = { ...unitOf(room, change.unitId), locked: true };
      return { room: { ...room, units: room.units.map((known) => (known.id === locked.id ? locked : known)) } };
    }
    case 'places changed': {
      const changed = placesChanged(unitOf(room, change.unitId), unitOf(room, change.otherId), room.units, room.room);
      const at = byId(changed ?? []);
      return changed && { room: { ...room, units: room.units.map((known) => at.get(known.id) ?? known) } };
    }
    case 'zone nearer': {
      const unit = unitOf(room, change.unitId);
      const at = { x: unit.x + LOOKS[unit.faces].x * NEAR_UNIT, y: unit.y + LOOKS[unit.faces].y * NEAR_UNIT };
      return {
        room: { ...room, zones: room.zones.map((zone) => (zone.id === change.zoneId ? { ...zone, ...at } : zone)) },
      };
    }
    case 'lids off': {
      const keeps = new Set(
        room.bins.filter((bin) => asksForLid(room.categories.get(bin.categoryId))).map(({ id }) => id),
      );
      return {
        room,
        adjust: (problem) => ({
          ...problem,
          bins: problem.bins.map((bin) => (keeps.has(bin.id) ? bin : { ...bin, lid: false, stackable: false })),
        }),
      };
    }
    case 'heights':
      return { room: { ...room, room: { ...room.room, heights: change.heights } } };
    case 'a year older':
      return { room: { ...room, people: room.people.map(yearOlder) } };
    case 'a group more': {
      const children = room.people.filter(({ kind }) => kind === 'child').length;
      const adults = new Set(room.people.filter(({ kind }) => kind === 'adult').map(({ id }) => id));
      const more = (category: Category): Category =>
        category.users.length && category.users.every((id) => adults.has(id))
          ? category
          : { ...category, perWeek: (category.perWeek * (children + 1)) / Math.max(1, children) };
      return { room: { ...room, categories: new Map([...room.categories].map(([id, one]) => [id, more(one)])) } };
    }
  }
}
/** What spills, is swallowed or has to be locked keeps its lid. */
const asksForLid = (category: Category | undefined): boolean =>
  !!category && (category.lid || category.hazards.length > 0);
