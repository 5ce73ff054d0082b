/** What is placed where by whom: lengths in mm, masses in grams, walks in metres. What stands on what is in `depth/`. */

export interface PlacePerson {
  id: string;
  kind: 'adult' | 'child';
  stature: number;
}
export interface PlaceCompartment {
  id: string;
  unit: string;
  /** Height of its inside bottom above the room's floor. */
  floor: number;
  width: number;
  depth: number;
  height: number;
  access: 'front' | 'top';
  door: boolean;
  drawer: boolean;
  locked: boolean;
  sunlit: boolean;
  onView: boolean;
  maxLoad: number;
  /** Metres from each zone's centre, by zone id. */
  walk: Record<string, number>;
}
export interface PlaceUse {
  person: string;
  perWeek: number;
}
export interface PlaceBin {
  id: string;
  width: number;
  depth: number;
  height: number;
  mass: number;
  lid: boolean;
  zone: string;
  uses: PlaceUse[];
  group: string | null;
  hazard: boolean;
  childReach: boolean;
  lightSensitive: boolean;
  view: 'show' | 'hide' | null;
}
export interface PlaceProblem {
  people: PlacePerson[];
  zones: { id: string }[];
  compartments: PlaceCompartment[];
  bins: PlaceBin[];
  growth: number;
  timeMs: number;
}

/** What a room knows beyond the open format. */
export interface RoomCompartment extends PlaceCompartment {
  /** A lid of its own opens upwards: a trunk, a bench that one sits on. */
  lifts?: boolean;
  /** What it usually takes where nobody told: kept to as long as everything has a place by it. Grams and mm. */
  usual?: { maxLoad: number; height: number };
  /** Only what can hang goes there; absent means that things stand. */
  hangs?: boolean;
  /** Ids of the compartments over which it lies, into which what leaks could drip. */
  over?: readonly string[];
}
export interface RoomBin extends PlaceBin {
  /** Its grip is no higher than that, mm, as the room is kept. */
  highest?: number;
  /** It may hang on a hook or a rod. */
  canHang?: boolean;
  /** What it is of that must not share a compartment with others, as bits; absent: nothing. */
  nature?: number;
  /** Seconds a week for it without a place; absent: `UNPLACED`. */
  leftOut?: number;
  /** Seconds a week more in some compartments, by their ids, as what the place is for is part of the price; Infinity: not there. */
  dearer?: Readonly<Record<string, number>>;
  /** Its kind of container; absent: none. */
  kind?: string | null;
  /** What is in a wider sense of one kind, and should stand in one piece of furniture; absent: nothing. */
  family?: string | null;
}
/** The problem of a room of a site: one in the open format is one of these that says no more. */
export interface RoomProblem extends PlaceProblem {
  compartments: RoomCompartment[];
  bins: RoomBin[];
  /** Seconds a week for every unit beyond the first over which a family is spread; absent: none. */
  familySpread?: number;
  /** Seconds a week for every compartment beyond the first over which a group is spread; absent: none. */
  sideBySide?: number;
  /** By unit: seconds a week for every kind of container beyond the first that stands in it; absent: none. */
  calm?: Readonly<Record<string, number>>;
}

/** Seconds a week for every unit beyond the first over which a group is spread. */
export const GROUP_SPLIT = 60;
/** Seconds a week for a bin without a place. */
export const UNPLACED = 3600;
/** Room for the hand above a bin that is reached from the front, mm. */
export const FRONT_CLEARANCE = 20;
/** Height that what stands in a compartment may have, mm: room for the hand taken off where it is reached from the front. */
export const clearHeight = (at: { height: number; access: PlaceCompartment['access'] }): number =>
  at.height - (at.access === 'front' ? FRONT_CLEARANCE : 0);
/** A bin above this mass (g) must not be lifted from above the shoulder. */
export const HEAVY_MASS = 9000;
