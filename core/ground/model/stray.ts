import { entity, pointsTo, type RowOfSite } from './entity.ts';

/** A piece that was found where it does not belong: in the strays tray until somebody knows what it belongs to (practice F2). */
export interface Stray extends RowOfSite {
  /** The room whose tray it lies in. */
  roomId: string;
  what: string;
  /** Where it was found, in words. */
  foundIn: string;
  /** ISO date. */
  foundOn: string;
  /** By this day it is matched, or goes: nothing stays in the tray for ever. */
  due: string;
  /** What it belongs to, and whose it is, where that is known. */
  lineId: string | null;
  personId: string | null;
  /** The day it left the tray, ISO; null while it lies there. */
  settled: string | null;
}

export const stray = entity<Stray>()({
  words: { one: 'stray', many: 'strays' },
  routes: { create: true, remove: true },
  fields: {
    roomId: pointsTo('room', 'remove'),
    what: {},
    foundIn: { default: '' },
    foundOn: {},
    due: {},
    lineId: pointsTo('line', 'clear', { default: null }),
    personId: pointsTo('person', 'clear', { default: null }),
    settled: { default: null },
  },
  since: 10,
});
