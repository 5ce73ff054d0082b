/**
 * The plain data of a site, in the words of the design. Lengths are whole millimetres, masses whole grams, volumes
 * litres, money whole minor units of the site's currency, dates ISO. `version` counts writes over the whole database:
 * a write must carry the version its author has read.
 */
import type { LengthSystem } from '../measuring/length.ts';
import type { Category, Family, Limit, Line } from './goods.ts';

export * from './goods.ts';

export interface Row {
  id: string;
  version: number;
}

export interface Site extends Row {
  name: string;
  system: LengthSystem;
  /** ISO 4217 code. */
  currency: string;
  /** Room to grow, as a share (0.1 is 10 %). */
  growth: number;
  /** How full a container may be, as a share of its inside. */
  fillLimit: number;
  /** Litres of each everyday measure, where this site differs from the usual. */
  measures: Partial<Record<string, number>>;
}

export interface Person extends Row {
  siteId: string;
  name: string;
  kind: 'adult' | 'child';
  /** Standing height in mm. */
  stature: number;
  colour: string;
  /** Month of birth, `2021-04`; null where nobody said. The stature of a child is then estimated from it. */
  born: string | null;
  /** Finds its way by words; otherwise by pictures. */
  reads: boolean;
  /** What this person's keepsakes have to fit into; null where there is no limit. */
  limit: Limit | null;
}

export interface Room extends Row {
  siteId: string;
  name: string;
  /** One or two letters that begin the codes of the bins in this room. */
  code: string;
  width: number;
  depth: number;
  height: number;
  /** Where the chamber lies in the cut-away of the house, from the ground up. */
  sort: number;
  /** Ids of the persons who come into this room; hazards count the children among them. */
  people: string[];
  /** What is meant to be spent on its makeover each day, and the day it should be done; null where nothing is planned. */
  minutesADay: number | null;
  deadline: string | null;
}

/** One sitting of a makeover: it runs, is paused and goes on, and ends. */
export interface Session extends Row {
  siteId: string;
  roomId: string;
  startedAt: string;
  /** Since when it has been running; null while it is paused or ended. */
  runningSince: string | null;
  endedAt: string | null;
  /** Seconds worked before `runningSince`. */
  seconds: number;
}

/** A part of a room that is left for later on purpose: a drawer, a box. */
export interface Deferral extends Row {
  siteId: string;
  roomId: string;
  what: string;
  /** ISO date on which it comes back. */
  until: string;
  done: boolean;
}

export const PHOTO_KINDS = ['heap', 'line', 'before', 'after'] as const;

export interface Photo extends Row {
  siteId: string;
  roomId: string;
  lineId: string | null;
  kind: (typeof PHOTO_KINDS)[number];
  /** ISO date. */
  takenOn: string;
  /** Pixels. */
  width: number;
  height: number;
  note: string;
}

export const ZONE_KINDS = [
  'reading',
  'building',
  'dressing-up',
  'art',
  'table work',
  'office',
  'changing',
  'sleeping',
  'whole room',
] as const;
export type ZoneKind = (typeof ZONE_KINDS)[number];

export interface Zone extends Row {
  siteId: string;
  roomId: string;
  name: string;
  kind: ZoneKind;
  /** Centre on the floor plan: mm from the room's left wall and from its front wall. */
  x: number;
  y: number;
}

export type TemplateKind = 'cubes' | 'bookcase' | 'cabinet' | 'chest' | 'trunk';

export interface UnitShape {
  template: TemplateKind;
  /** Outside, mm. */
  width: number;
  height: number;
  depth: number;
  columns: number;
  rows: number;
  /** Thickness of the boards, mm. */
  board: number;
  /** From the room's floor to the underside of the unit (feet, or the wall fixing), mm. */
  raised: number;
}

export interface Unit extends Row, UnitShape {
  siteId: string;
  roomId: string;
  name: string;
  /** Middle of its front on the floor plan, mm from the left wall and from the front wall. */
  x: number;
  y: number;
  locked: boolean;
  sunlit: boolean;
  onView: boolean;
  anchored: boolean;
  sort: number;
}

export interface CompartmentSpace {
  name: string;
  /** Inside lower left corner in the unit's front elevation, mm from the unit's left side and underside. */
  x: number;
  z: number;
  /** Inside sizes, mm. */
  width: number;
  depth: number;
  height: number;
  /** Height of its inside bottom above the room's floor, mm. */
  floor: number;
  access: 'front' | 'top';
  door: boolean;
  drawer: boolean;
  /** Grams. */
  maxLoad: number;
}

export interface Compartment extends Row, CompartmentSpace {
  siteId: string;
  unitId: string;
  sort: number;
}

export interface ContainerShape {
  name: string;
  form: 'box' | 'tapered' | 'round';
  outWidth: number;
  outDepth: number;
  outHeight: number;
  inWidth: number;
  inDepth: number;
  inHeight: number;
  seeThrough: boolean;
  lid: boolean;
  handle: boolean;
  stackable: boolean;
  /** Grams, empty. */
  mass: number;
  /** Minor units for one pack. */
  price: number;
  /** Pieces in a pack. */
  pack: number;
  material: 'clear' | 'plastic' | 'wood' | 'basket' | 'card' | 'metal' | 'cloth' | 'glass';
}

export interface ContainerType extends Row, ContainerShape {
  siteId: string;
  /** How many the site owns, in use or not. */
  owned: number;
}

export interface Bin extends Row {
  siteId: string;
  roomId: string;
  categoryId: string;
  containerTypeId: string;
  code: string;
  name: string;
  /** Bulk litres meant to be in it. */
  litres: number;
  compartmentId: string | null;
  /** Stays where it is when a new plan is made. */
  pinned: boolean;
  /** What its printed label says; null when none was printed. */
  printed: string | null;
  /** How full it was last seen, 0 … 1.5; null when nobody has looked. */
  seenFull: number | null;
  sort: number;
}

/** Everything of one site, by table. */
export interface SiteData {
  site: Site[];
  person: Person[];
  room: Room[];
  zone: Zone[];
  unit: Unit[];
  compartment: Compartment[];
  family: Family[];
  category: Category[];
  line: Line[];
  containerType: ContainerType[];
  bin: Bin[];
  session: Session[];
  deferral: Deferral[];
  photo: Photo[];
}

export type TableName = keyof SiteData;
export const TABLES: readonly TableName[] = [
  'site',
  'person',
  'room',
  'zone',
  'unit',
  'compartment',
  'family',
  'containerType',
  'category',
  'line',
  'bin',
  'session',
  'deferral',
  'photo',
];
