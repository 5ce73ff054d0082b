/** Which rules keep a bin out of a compartment. Limits are compared in whole numbers: hundredths of a millimetre. */
import { adultReach, BANDS, childReach, climbingReach, gripHundredths } from './effort.ts';
import {
  clearHeight,
  HEAVY_MASS,
  type RoomBin,
  type RoomCompartment,
  type PlacePerson,
} from '../problems/place-problem.ts';

export type RuleId =
  | 'depth'
  | 'height'
  | 'width'
  | 'load'
  | 'reach'
  | 'locked from a child'
  | 'hazard'
  | 'heavy'
  | 'light'
  | 'hide'
  | 'show'
  | 'hang'
  | 'apart'
  | 'kept low';

export interface BrokenRule {
  rule: RuleId;
  /** Id of the person it is about, where it is about one. */
  person?: string;
  /** By how much, in mm or grams, where that can be said. */
  by?: number;
}

/** Usable width of a compartment in whole mm: room to grow taken off, guarded against binary rounding. */
export const usableWidth = (width: number, growth: number): number => Math.floor((1 - growth) * width * (1 + 1e-12));

/** Every rule that bin alone breaks in that compartment; an empty list means it may stand there. */
export function brokenRules(
  bin: RoomBin,
  at: RoomCompartment,
  people: ReadonlyMap<string, PlacePerson>,
  growth: number,
): BrokenRule[] {
  const broken: BrokenRule[] = [];
  if (bin.depth > at.depth) broken.push({ rule: 'depth', by: bin.depth - at.depth });
  const clear = clearHeight(at);
  if (bin.height > clear) broken.push({ rule: 'height', by: bin.height - clear });
  if (bin.width > usableWidth(at.width, growth))
    broken.push({ rule: 'width', by: bin.width - usableWidth(at.width, growth) });
  if (bin.mass > at.maxLoad) broken.push({ rule: 'load', by: bin.mass - at.maxLoad });
  const grip = gripHundredths(bin.height, at);
  let shortestAdult = Infinity;
  for (const use of bin.uses) {
    const person = people.get(use.person)!;
    if (person.kind === 'adult') {
      shortestAdult = Math.min(shortestAdult, person.stature);
      const limit = adultReach(person.stature);
      if (grip > limit) broken.push({ rule: 'reach', person: person.id, by: Math.ceil((grip - limit) / 100) });
    } else {
      if (at.locked) broken.push({ rule: 'locked from a child', person: person.id });
      const limit = childReach(person.stature);
      if (grip > limit) broken.push({ rule: 'reach', person: person.id, by: Math.ceil((grip - limit) / 100) });
    }
  }
  if (bin.hazard && !at.locked)
    for (const person of people.values()) {
      const limit = climbingReach(person.stature);
      if (person.kind === 'child' && grip <= limit) {
        broken.push({ rule: 'hazard', person: person.id, by: Math.ceil((limit - grip) / 100) });
        break;
      }
    }
  if (bin.mass > HEAVY_MASS && shortestAdult !== Infinity && grip > BANDS.shoulder * shortestAdult)
    broken.push({ rule: 'heavy', by: Math.ceil((grip - BANDS.shoulder * shortestAdult) / 100) });
  const covered = at.door || at.drawer || !!at.lifts;
  if (bin.lightSensitive && at.sunlit && !covered) broken.push({ rule: 'light' });
  if (bin.view === 'hide' && at.onView && !covered) broken.push({ rule: 'hide' });
  if (bin.view === 'show' && covered) broken.push({ rule: 'show' });
  if (bin.highest !== undefined && grip > bin.highest * 100)
    broken.push({ rule: 'kept low', by: Math.ceil(grip / 100 - bin.highest) });
  if (at.hangs && !bin.canHang) broken.push({ rule: 'hang' });
  return broken;
}

/** What keeps a bin from most of a room's places, in words. */
export function formatMostly(broken: BrokenRule, nameOf: (personId: string) => string): string {
  switch (broken.rule) {
    case 'depth':
      return 'too deep for most places';
    case 'height':
      return 'too high for most places';
    case 'width':
      return 'too wide for most places';
    case 'load':
      return 'heavier than most places bear';
    case 'reach':
      return `most places are out of reach of ${broken.person ? nameOf(broken.person) : 'its people'}`;
    case 'kept low':
      return 'most places are higher than this room keeps such things';
    default:
      return `most places: ${formatRule(broken, nameOf)}`;
  }
}

/** A broken rule of one place, in words. */
export function formatRule(broken: BrokenRule, nameOf: (personId: string) => string): string {
  const who = broken.person ? nameOf(broken.person) : '';
  switch (broken.rule) {
    case 'depth':
      return `it is ${broken.by} mm too deep for it`;
    case 'height':
      return `it is ${broken.by} mm too high for it`;
    case 'width':
      return `it is ${broken.by} mm too wide for it`;
    case 'load':
      return `it is ${((broken.by ?? 0) / 1000).toFixed(1)} kg more than it bears`;
    case 'reach':
      return `${broken.by} mm out of reach of ${who}`;
    case 'locked from a child':
      return `locked, and ${who} should get at it`;
    case 'hazard':
      return `not safe: within reach of ${who}`;
    case 'heavy':
      return 'too heavy to lift above the shoulder';
    case 'light':
      return 'stands in the sun';
    case 'hide':
      return 'on view, and it should be hidden';
    case 'show':
      return 'behind a door or front, and it should be seen';
    case 'apart':
      return 'not safe: with, above or below what must be apart from it';
    case 'kept low':
      return `${broken.by} mm higher than this room keeps such things`;
    case 'hang':
      return 'things hang there, and it has nothing to hang by';
  }
}
