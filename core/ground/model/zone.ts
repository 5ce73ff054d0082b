import { entity, pointsTo, type RowOfSite } from './entity.ts';

export const ZONE_KINDS = [
  'reading',
  'building',
  'dressing-up',
  'art',
  'table work',
  'office',
  'changing',
  'sleeping',
  // Moments of the day (practice P15): a shelf belongs to them as to an activity.
  'arriving',
  'eating',
  'whole room',
] as const;
export type ZoneKind = (typeof ZONE_KINDS)[number];

export interface Zone extends RowOfSite {
  roomId: string;
  name: string;
  kind: ZoneKind;
  /** Centre on the floor plan: mm from the room's left wall and from its front wall. */
  x: number;
  y: number;
  /** The floor it needs around its centre, mm; null: as such an activity usually does. */
  width: number | null;
  depth: number | null;
}

export const zone = entity<Zone>()({
  words: { one: 'zone', many: 'zones' },
  routes: { create: true, remove: true },
  fields: {
    roomId: pointsTo('room', 'remove'),
    name: {},
    kind: {},
    x: {},
    y: {},
    width: { default: null, since: 7 },
    depth: { default: null, since: 7 },
  },
});
