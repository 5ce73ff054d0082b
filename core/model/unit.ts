import { entity, pointsTo, type RowOfSite } from './entity.ts';

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

export interface Unit extends RowOfSite, UnitShape {
  roomId: string;
  name: string;
  /** Middle of its front on the floor plan, mm from the left wall and from the front wall. */
  x: number;
  y: number;
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
    x: { computed: true },
    y: { computed: true },
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
    sort: { computed: true },
  },
});
