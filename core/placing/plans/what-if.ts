/** A change of the room, its furniture or its people, tried in a copy: what it would do to the week, to places and cautions. */
import { type Caution, countDangers } from '../cautions/caution.ts';
import { TEMPLATES } from '../../measuring/measuring/templates.ts';
import { placesChanged } from '../../measuring/floor/change-places.ts';
import type { Unit } from '../../ground/model/entities.ts';
import { depthProblemOf, homesOf } from '../placement/depth/depth-problem-of.ts';
import { depthSteps } from '../placement/depth/solve.ts';
import { Standing } from '../placement/depth/standing.ts';
import { mustBeLocked } from '../placement/must-be-locked.ts';
import type { RoomData } from '../placement/room-data.ts';
import { applyWhatIf, type WhatIf } from './apply-what-if.ts';
import { figuresOf, type PlanFigures } from './figures.ts';
import type { PlanRoom } from './plan-room.ts';

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

/** What a lock can be put on, beside doors: drawers and lids. */
const LOCKABLE: readonly Unit['template'][] = ['cabinet', 'chest', 'trunk', 'files'];

/** What could be tried in a room. */
export function whatIfsOf({ room }: PlanRoom): WhatIf[] {
  const doors = new Set(room.compartments.filter(({ door }) => door).map(({ unitId }) => unitId));
  const children = room.people.some(({ kind }) => kind === 'child');
  // A lock is for what children must not get at, and wants a door or a drawer.
  const lockable = new Set(
    children
      ? room.units.filter(({ id, template }) => doors.has(id) || LOCKABLE.includes(template)).map(({ id }) => id)
      : [],
  );
  const furniture = room.units.filter(({ template }) => TEMPLATES[template].stands === 'furniture');
  const changes: WhatIf[] = room.units.flatMap((unit): WhatIf[] => [
    ...(doors.has(unit.id) && !unit.locked ? [{ kind: 'doors off' as const, unitId: unit.id }] : []),
    ...(lockable.has(unit.id) && !unit.locked ? [{ kind: 'a lock' as const, unitId: unit.id }] : []),
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
  return [
    ...changes,
    ...furniture.flatMap((unit, i) =>
      furniture
        .slice(i + 1)
        .filter((other) => placesChanged(unit, other, room.units, room.room))
        .map((other): WhatIf => ({ kind: 'places changed', unitId: unit.id, otherId: other.id })),
    ),
    ...([null, 'weight', 'children'] as const)
      .filter((heights) => heights !== room.room.heights && (heights !== 'children' || children))
      .map((heights): WhatIf => ({ kind: 'heights', heights })),
    { kind: 'lids off' },
    ...(children ? [{ kind: 'a year older' as const }, { kind: 'a group more' as const }] : []),
  ];
}

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
    case 'a lock':
      return `${unit}: a lock on it`;
    case 'places changed':
      return `${unit} and ${room.units.find(({ id }) => id === change.otherId)?.name ?? ''} change places`;
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
  // From what stands: what the change is worth, without all being turned upside down.
  const start = new Standing(problem, homesOf(room.bins)).positions;
  const steps = depthSteps(problem, { ...options, start, locked: mustBeLocked(room) });
  let next = steps.next();
  while (!next.done) {
    yield;
    next = steps.next();
  }
  const homes = new Map(next.value.placed.map(({ bin, ...home }) => [bin, home]));
  const standing = new Standing(problem, homes);
  const bins = room.bins.map((bin) => {
    const position = standing.position(bin.id);
    return { ...bin, compartmentId: position?.compartment ?? null, z: position?.z ?? null };
  });
  return {
    change,
    words: whatIfWords(change, plan.room),
    after: figuresOf(room, bins, problem, standing),
  };
}

/**
 * The changes that help most: places for what has none first, then dangers that go and seconds a week. What costs nothing
 * comes before what has to be bought. A zone that is only drawn elsewhere is no change of the room.
 */
export function bestChanges(effects: readonly WhatIfEffect[], before: PlanFigures, most = 3): WhatIfEffect[] {
  /** Dangers more than before. */
  const danger = ({ after }: WhatIfEffect): number => {
    const { come, gone } = differenceOf(after, before);
    return countDangers(come) - countDangers(gone);
  };
  const gain = (effect: WhatIfEffect): number =>
    -differenceOf(effect.after, before).seconds - DANGER_WEIGHT * danger(effect);
  const found = ({ after }: WhatIfEffect): number => before.unplaced.length - after.unplaced.length;
  const bought = ({ change }: WhatIfEffect): number => Number(BOUGHT.includes(change.kind));
  const own = effects.filter(
    ({ change }) =>
      !['as it is', 'a year older', 'a group more', 'without a unit', 'zone nearer'].includes(change.kind),
  );
  return own
    .filter((effect) => (found(effect) > 0 && danger(effect) <= 0) || (found(effect) === 0 && gain(effect) > 0))
    .sort((a, b) => found(b) - found(a) || gain(b) / (1 + bought(b)) - gain(a) / (1 + bought(a)))
    .slice(0, most);
}
const BOUGHT: readonly WhatIf['kind'][] = ['one more unit', 'a board more', 'a lock'];
/** Seconds a week that a danger that goes or does not come is worth. */
const DANGER_WEIGHT = 600;
