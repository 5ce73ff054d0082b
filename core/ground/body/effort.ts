/**
 * Seconds for one fetch and one putting back (docs/engines.md, Where does it go).
 *
 * Walking at 1.2 m/s. Body motions from the MTM-1 tables, 1 TMU = 0.036 s: bend 29.0 and arise 31.9 make 2.2 s,
 * kneel on both knees 69.4 and arise 76.7 make 5.3 s. The bands of grip height over stature are body-segment ratios:
 * knee 0.28, knuckle 0.45, shoulder 0.82, grip overhead 1.20.
 */
import type { PlaceBin, PlaceCompartment, PlacePerson, RoomCompartment } from '../problems/place-problem.ts';

/** Seconds a metre. */
export const WALK_SECONDS = 0.83;
export const DOOR_SECONDS = 1.5;
export const DRAWER_SECONDS = 1.2;
export const LID_SECONDS = 2.5;
/** The lid of a trunk or bench is heavier than a box's and has to be held or propped: our own judgement. */
export const LIFT_SECONDS = 3.5;

/** Ratios in hundredths of the stature, so that limits are compared in whole numbers. */
export const BANDS = { knee: 28, knuckle: 45, shoulder: 82, overhead: 120, childReach: 115 } as const;

/**
 * The rule of reach, hundredths of a millimetre of grip height: an adult takes a step of 500 mm where it must, a child
 * takes nothing to stand on; what is dangerous lies 300 mm beyond that, as children do climb (our own judgement).
 */
const STEP_UP = 50_000;
const CLIMB = 30_000;
/** The highest that an adult takes something from. @param stature mm */
export const adultReach = (stature: number): number => BANDS.overhead * stature + STEP_UP;
/** The highest that a child takes something from, both feet on the floor. @param stature mm */
export const childReach = (stature: number): number => BANDS.childReach * stature;
/** The highest that a child still comes to with something to stand on. @param stature mm */
export const climbingReach = (stature: number): number => childReach(stature) + CLIMB;

type Shelf = Pick<PlaceCompartment, 'floor' | 'access'>;

/** Grip height in hundredths of a millimetre: the top of a bin taken from above, the middle of one taken from the front. */
export const gripHundredths = (binHeight: number, at: Shelf): number =>
  (at.access === 'top' ? 2 * (at.floor + binHeight) : 2 * at.floor + binHeight) * 50;

export type BodyBand =
  'below the knee' | 'below the knuckle' | 'between knuckle and shoulder' | 'above the shoulder' | 'above reach';

export function bodyBand(grip: number, stature: number): BodyBand {
  if (grip < BANDS.knee * stature) return 'below the knee';
  if (grip < BANDS.knuckle * stature) return 'below the knuckle';
  if (grip <= BANDS.shoulder * stature) return 'between knuckle and shoulder';
  return grip <= BANDS.overhead * stature ? 'above the shoulder' : 'above reach';
}

export const BODY_SECONDS: Record<PlacePerson['kind'], Record<BodyBand, number>> = {
  adult: {
    'below the knee': 5.3,
    'below the knuckle': 2.2,
    'between knuckle and shoulder': 0,
    'above the shoulder': 1,
    'above reach': 12,
  },
  child: {
    'below the knee': 1,
    'below the knuckle': 0.5,
    'between knuckle and shoulder': 0,
    'above the shoulder': 1.5,
    'above reach': 1.5,
  },
};

/** Seconds of bending, kneeling or reaching for one motion. */
export const bodySeconds = (person: Pick<PlacePerson, 'kind' | 'stature'>, grip: number): number =>
  BODY_SECONDS[person.kind][bodyBand(grip, person.stature)];

/** Seconds of opening for one motion. */
export const accessSeconds = (
  bin: Pick<PlaceBin, 'lid'>,
  at: Pick<RoomCompartment, 'door' | 'drawer' | 'lifts'>,
): number =>
  (at.lifts ? LIFT_SECONDS : 0) +
  (at.door ? DOOR_SECONDS : 0) +
  (at.drawer ? DRAWER_SECONDS : 0) +
  (bin.lid ? LID_SECONDS : 0);

export interface EffortParts {
  /** Seconds a week each. */
  walking: number;
  body: number;
  access: number;
  total: number;
}

/** The week's effort of one bin in one compartment. */
export function effortOf(bin: PlaceBin, at: RoomCompartment, people: ReadonlyMap<string, PlacePerson>): EffortParts {
  const grip = gripHundredths(bin.height, at);
  const walk = (at.walk[bin.zone] ?? 0) * WALK_SECONDS;
  const open = accessSeconds(bin, at);
  const parts = { walking: 0, body: 0, access: 0, total: 0 };
  for (const use of bin.uses) {
    const twice = use.perWeek * 2;
    const body = bodySeconds(people.get(use.person)!, grip);
    parts.walking += twice * walk;
    parts.body += twice * body;
    parts.access += twice * open;
    parts.total += twice * (walk + body + open);
  }
  return parts;
}
