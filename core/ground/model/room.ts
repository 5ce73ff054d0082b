import type { CompartmentSpace } from './compartment.ts';
import { entity, pointsTo, pointsToMany, type RowOfSite } from './entity.ts';
import type { RotationRules } from './rotation.ts';
import type { Unit, UnitShape } from './unit.ts';

export const WALL_KINDS = ['masonry', 'plasterboard', 'timber'] as const;
export type WallKind = (typeof WALL_KINDS)[number];

/** Pictures alone for the youngest, picture and word for beginners, words for those who read (practice L1). */
export const LABELS_FOR = ['pictures', 'beginners', 'words'] as const;
export type LabelsFor = (typeof LABELS_FOR)[number];

/** A bin as it stood on that day; outside sizes, mm. */
export interface BinThen {
  code: string;
  name: string;
  hue: string;
  outWidth: number;
  outDepth: number;
  outHeight: number;
}

/** The room before its makeover: what stood where, what was in it and what its use cost. It points to nothing. */
export interface AsItIs {
  /** ISO date. */
  day: string;
  /** Seconds a week of fetching and putting back. */
  effort: number;
  /** Bins that had no place. */
  unplaced: number;
  units: (UnitShape &
    Pick<Unit, 'name' | 'x' | 'y' | 'faces' | 'wheels'> & { spaces: (CompartmentSpace & { bins: BinThen[] })[] })[];
}

export interface Room extends RowOfSite {
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
  /** What its walls are of; null where nobody knows. */
  wallKind: WallKind | null;
  /** Whether the walls may be drilled (rented rooms); null where nobody said. */
  mayDrill: boolean | null;
  asItIs: AsItIs | null;
  /** What this room prefers of the schools of the practice; null leaves it to each need. */
  view: 'show' | 'hide' | null;
  lids: 'lids' | 'open' | null;
  buy: 'own' | 'least' | 'match' | null;
  /** High or low: heavy things low and light ones high, or all that children use low; null: by effort alone. */
  heights: 'weight' | 'children' | null;
  /** For whom its labels are; null: for those who come into the room. */
  labelsFor: LabelsFor | null;
  /** Visitors see its labels: no child's full name and no medicine is on them (hazard H14). */
  visitors: boolean;
  /** How its labels look; null: the usual sheet. */
  labelLayoutId: string | null;
  /** What the room is at other times: `living room in the evening`; empty where it has one life. */
  secondLife: string;
  /** A pet comes in: it chews and swallows what stands open and low. */
  pets: boolean;
  /** How it rotates what is out; null: it does not. */
  rotation: RotationRules | null;
}

export const room = entity<Room>()({
  words: { one: 'room', many: 'rooms' },
  routes: { create: true, remove: true },
  fields: {
    name: {},
    code: { computed: true },
    width: {},
    depth: {},
    height: {},
    sort: { computed: true },
    people: pointsToMany('person'),
    minutesADay: { default: null, since: 2 },
    deadline: { default: null, since: 2 },
    wallKind: { default: null, since: 7 },
    mayDrill: { default: null, since: 7 },
    asItIs: { default: null, since: 7 },
    view: { default: null, since: 7 },
    lids: { default: null, since: 7 },
    buy: { default: null, since: 7 },
    heights: { default: null, since: 8 },
    labelsFor: { default: null, since: 9 },
    visitors: { default: false, since: 9 },
    labelLayoutId: pointsTo('labelLayout', 'clear', { default: null, since: 9 }),
    secondLife: { default: '', since: 10 },
    pets: { default: false, since: 12 },
    rotation: { default: null, since: 11 },
  },
});
