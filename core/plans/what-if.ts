/** A change of the room, its furniture or its people, tried in a copy: what it would do to the week, to places and cautions. */
import type { Caution } from '../cautions/caution.ts';
import { freeSpot } from '../floor/free-spot.ts';
import { footprintOf, LOOKS, overlap } from '../floor/footprint.ts';
import { compartmentsOf, shapeProblems } from '../measuring/template.ts';
import { TEMPLATES } from '../measuring/templates.ts';
import type { Bin, Category, Compartment, Person, Room, Unit } from '../model/entities.ts';
import { MEDIANS, medianStature } from '../people/stature.ts';
import { depthProblemOf } from '../placement/depth/depth-problem-of.ts';
import type { DepthProblem } from '../placement/depth/problem.ts';
import { depthSteps } from '../placement/depth/solve.ts';
import { Standing } from '../placement/depth/standing.ts';
import { mustBeLocked } from '../placement/must-be-locked.ts';
import type { RoomData } from '../placement/place-problem-of.ts';
import { plannedBins } from './planned-bins.ts';
import { figuresOf, type PlanFigures, type PlanRoom } from './whole-plan.ts';

export type WhatIf =
  | { kind: 'as it is' }
  | { kind: 'without a unit'; unitId: string }
  | { kind: 'one more unit'; unitId: string }
  | { kind: 'a board more'; unitId: string }
  | { kind: 'a board less'; unitId: string }
  | { kind: 'doors off'; unitId: string }
  | { kind: 'zone nearer'; zoneId: string; unitId: string }
  | { kind: 'heights'; heights: Room['heights'] }
  | { kind: 'lids off' }
  | { kind: 'a year older' }
  | { kind: 'a group more' };

export interface WhatIfEffect {
  change: WhatIf;
  words: string;
  /** With the change, as it would best be placed. */
  after: PlanFigures;
}
/** What a change makes better or worse against the room as it is, both placed as well as they can be. */
export interface Difference {
  /** Seconds a week; less than 0 is a gain. */
  seconds: number;
  unplaced: number;
  /** Cautions that come, and that go. */
  come: Caution[];
  gone: Caution[];
}

/** Search leaves so much to chance, as a share of the week: less is no difference. */
const CHANCE = 0.01;

export function differenceOf(after: PlanFigures, before: PlanFigures): Difference {
  const seconds = after.effort - before.effort;
  const had = new Set(before.cautions.map(({ key }) => key));
  const has = new Set(after.cautions.map(({ key }) => key));
  return {
    seconds: Math.abs(seconds) < CHANCE * before.effort ? 0 : seconds,
    unplaced: after.unplaced.length - before.unplaced.length,
    come: after.cautions.filter(({ key }) => !had.has(key)),
    gone: before.cautions.filter(({ key }) => !has.has(key)),
  };
}

/** Whose boards can be one more or less. */
const BOARDED: readonly Unit['template'][] = ['bookcase', 'cabinet', 'rails'];

/** What could be tried in a room. */
export function whatIfsOf({ room }: PlanRoom): WhatIf[] {
  const doors = new Set(room.compartments.filter(({ door }) => door).map(({ unitId }) => unitId));
  const changes: WhatIf[] = room.units.flatMap((unit): WhatIf[] => [
    ...(doors.has(unit.id) && !unit.locked ? [{ kind: 'doors off' as const, unitId: unit.id }] : []),
    ...(BOARDED.includes(unit.template)
      ? [
          { kind: 'a board more' as const, unitId: unit.id },
          ...(unit.rows > 1 ? [{ kind: 'a board less' as const, unitId: unit.id }] : []),
        ]
      : []),
    ...(TEMPLATES[unit.template].stands === 'furniture'
      ? [
          { kind: 'without a unit' as const, unitId: unit.id },
          { kind: 'one more unit' as const, unitId: unit.id },
        ]
      : []),
  ]);
  const children = room.people.some(({ kind }) => kind === 'child');
  return [
    ...changes,
    ...([null, 'weight', 'children'] as const)
      .filter((heights) => heights !== room.room.heights && (heights !== 'children' || children))
      .map((heights): WhatIf => ({ kind: 'heights', heights })),
    { kind: 'lids off' },
    ...(children ? [{ kind: 'a year older' as const }, { kind: 'a group more' as const }] : []),
  ];
}

const unitOf = (room: RoomData, id: string): Unit => room.units.find((unit) => unit.id === id)!;
/** What stood in compartments that are gone is on the bench. */
const unplacedIn = (bins: readonly Bin[], gone: ReadonlySet<string>): Bin[] =>
  bins.map((bin) =>
    gone.has(bin.compartmentId ?? '')
      ? { ...bin, compartmentId: null, x: null, y: null, z: null, turned: false, pinned: false }
      : bin,
  );
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
  const taken = room.units.some(
    (other) =>
      other.raised < more.raised + more.height &&
      more.raised < other.raised + other.height &&
      overlap(footprintOf(other), print, 0),
  );
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

/** High or low: the schools of the practice. */
export const HEIGHTS = {
  effort: 'High or low as is least effort',
  weight: 'Heavy things low, light ones above',
  children: 'All that children use low',
} as const;

/** The change in words. @example whatIfWords({ kind: 'lids off' }, room) // 'Lids off where nothing asks for one' */
export function whatIfWords(change: WhatIf, room: Pick<RoomData, 'units' | 'zones'>): string {
  const unit = 'unitId' in change ? (room.units.find(({ id }) => id === change.unitId)?.name ?? '') : '';
  switch (change.kind) {
    case 'as it is':
      return 'As it is';
    case 'without a unit':
      return `Without ${unit}`;
    case 'one more unit':
      return `One more like ${unit}`;
    case 'a board more':
      return `${unit}: one board more`;
    case 'a board less':
      return `${unit}: one board less`;
    case 'doors off':
      return `${unit}: doors off`;
    case 'zone nearer':
      return `${room.zones.find(({ id }) => id === change.zoneId)?.name ?? ''} in front of ${unit}`;
    case 'lids off':
      return 'Lids off where nothing asks for one';
    case 'heights':
      return HEIGHTS[change.heights ?? 'effort'];
    case 'a year older':
      return 'The children a year older';
    case 'a group more':
      return 'A child more who uses all of it';
  }
}

/** @returns null where the change cannot be made */
export function* whatIfSteps(
  plan: PlanRoom,
  change: WhatIf,
  options: { iterations: number; seed?: number },
): Generator<void, WhatIfEffect | null> {
  const applied = applyWhatIf(plan.room, change);
  if (!applied) return null;
  const { room, adjust } = applied;
  const made = depthProblemOf(room);
  const problem = adjust ? adjust(made) : made;
  const steps = depthSteps(problem, { ...options, locked: mustBeLocked(room) });
  let next = steps.next();
  while (!next.done) {
    yield;
    next = steps.next();
  }
  const homes = new Map(next.value.placed.map(({ bin, ...home }) => [bin, home]));
  const standing = new Standing(problem, homes);
  const bins = plannedBins(room, []).map((bin) => {
    const position = standing.position(bin.id);
    return { ...bin, compartmentId: position?.compartment ?? null, z: position?.z ?? null };
  });
  return {
    change,
    words: whatIfWords(change, plan.room),
    after: figuresOf({ ...plan, room }, bins, problem, standing),
  };
}

/** The changes that help most: what is without a place counts as in the plan, then seconds a week. What costs nothing comes before what has to be bought. */
export function bestChanges(effects: readonly WhatIfEffect[], before: PlanFigures, most = 3): WhatIfEffect[] {
  const gain = ({ after }: WhatIfEffect): number => {
    const { seconds, unplaced, come } = differenceOf(after, before);
    return (
      -seconds -
      UNPLACED_WEIGHT * unplaced -
      DANGER_WEIGHT * come.filter(({ severity }) => severity === 'danger').length
    );
  };
  const bought = ({ change }: WhatIfEffect): number =>
    Number(change.kind === 'one more unit' || change.kind === 'a board more');
  const own = effects.filter(
    ({ change }) => !['as it is', 'a year older', 'a group more', 'without a unit'].includes(change.kind),
  );
  return own
    .filter((effect) => gain(effect) > 0)
    .sort((a, b) => gain(b) / (1 + bought(b)) - gain(a) / (1 + bought(a)))
    .slice(0, most);
}
/** Seconds a week that a bin with a place, and a danger that does not come, are worth. */
const UNPLACED_WEIGHT = 600;
const DANGER_WEIGHT = 600;
