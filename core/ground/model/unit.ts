import { entity, pointsTo, type RowOfSite } from './entity.ts';

export type TemplateKind =
  | 'cubes'
  | 'bookcase'
  | 'cabinet'
  | 'chest'
  | 'trunk'
  | 'files'
  | 'trolley'
  | 'table'
  | 'desk'
  | 'drawer'
  | 'composed'
  | 'rails'
  | 'hooks'
  | 'pegs'
  | 'pockets'
  | 'rods'
  | 'top'
  | 'underbed'
  | 'stairs';

/** One column of a front that is divided freely; sizes are those inside, mm. */
export interface Column {
  /** The last column takes what is left of the width. */
  width: number;
  /** From the top; the last part takes what is left of the height. */
  parts: { height: number; kind: 'open' | 'door' | 'drawer' }[];
  /** How high this column is outside, where the outline is stepped; absent: as high as the whole. */
  high?: number;
}

/** The wall that its front looks at, on the floor plan. */
export const FACINGS = ['front', 'left', 'back', 'right'] as const;
export type Facing = (typeof FACINGS)[number];

export const DOUBLES = ['seat', 'table'] as const;

/** What becomes of a unit when the room changes over to its other life (practice U1). */
export const CHANGE_OVERS = ['stays', 'closes', 'rolls away', 'folds', 'is covered'] as const;
export type ChangeOver = (typeof CHANGE_OVERS)[number];

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
  /** What is under stairs: height at its right end, mm; null where its top is level. */
  slope: number | null;
  /** How a front of one's own is divided; null where columns and rows say it. */
  layout: Column[] | null;
}

export interface Unit extends RowOfSite, UnitShape {
  roomId: string;
  name: string;
  /** Middle of its front on the floor plan, mm from the left wall and from the front wall. */
  x: number;
  y: number;
  /** Turned by quarters: its front looks at this wall. */
  faces: Facing;
  /** Rolls to the work and away. */
  wheels: boolean;
  /** Folds away: the floor before it stays clear. */
  folds: boolean;
  /** Serves as something else too: nothing is kept on what one sits on or works at. */
  doubles: (typeof DOUBLES)[number] | null;
  /** Its boards can be moved in steps of so many mm; null where they are fixed. */
  step: number | null;
  locked: boolean;
  sunlit: boolean;
  onView: boolean;
  anchored: boolean;
  /** Of a lid that opens upwards: a slow-closing support, air holes, a latch. */
  lidSupport: boolean;
  airHoles: boolean;
  latch: boolean;
  /** Grams that the whole of it bears; null where nobody knows. */
  maxLoad: number | null;
  /** Had an earlier life; and whether it was looked over for what H13 names. */
  reused: boolean;
  checked: boolean;
  /** When the room changes over; null: as its fronts, wheels and hinges suggest. */
  changeOver: ChangeOver | null;
  sort: number;
}

export const unit = entity<Unit>()({
  words: { one: 'unit', many: 'units' },
  routes: { create: true, remove: true },
  fields: {
    roomId: pointsTo('room', 'remove'),
    name: {},
    template: {},
    width: {},
    height: {},
    depth: {},
    columns: {},
    rows: {},
    board: {},
    raised: {},
    slope: { default: null, since: 6 },
    layout: { default: null, since: 6 },
    x: { computed: true },
    y: { computed: true },
    faces: { default: 'front', since: 7 },
    wheels: { default: false, since: 6 },
    folds: { default: false, since: 6 },
    doubles: { default: null, since: 7 },
    step: { default: null, since: 6 },
    locked: { default: false },
    sunlit: { default: false },
    onView: { default: true },
    anchored: { default: false },
    lidSupport: { default: false, since: 4 },
    airHoles: { default: false, since: 4 },
    latch: { default: false, since: 4 },
    maxLoad: { default: null, since: 4 },
    reused: { default: false, since: 4 },
    checked: { default: false, since: 4 },
    changeOver: { default: null, since: 10 },
    sort: { computed: true },
  },
});
