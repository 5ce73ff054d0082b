import { entity, pointsTo, type RowOfSite } from './entity.ts';

/** What a label is stuck on: the bin, its place, a cell in it, the inside of its lid, a numbered set, a divider between books. */
export const LABEL_ROLES = ['bin', 'place', 'cell', 'lid', 'number', 'divider'] as const;
export type LabelRole = (typeof LABEL_ROLES)[number];

/** What a label says, part by part; a part that it does not show is absent. */
export const SAID = [
  'code',
  'word',
  'second',
  'family',
  'picture',
  'colour',
  'place',
  'contents',
  'container',
] as const;
export type Says = Partial<Record<(typeof SAID)[number], string>>;

/** A label that was printed: it hangs there until somebody takes it off (practice L5). */
export interface PrintedLabel extends RowOfSite {
  roomId: string;
  role: LabelRole;
  binId: string | null;
  numberId: string | null;
  /** Of a cell or a divider: which. */
  part: number | null;
  /** Where the label of a place hangs. */
  compartmentId: string | null;
  /** Null: the room's usual one. */
  layoutId: string | null;
  says: Says;
  /** ISO date; null: before days were noted. */
  printedOn: string | null;
  /** What it was stuck on is gone or elsewhere: it is to be taken off. */
  old: boolean;
}

/** Printed labels come from print runs. */
export const printedLabel = entity<PrintedLabel>()({
  words: { one: 'printed label', many: 'printed labels' },
  routes: { create: false, remove: true },
  fields: {
    roomId: pointsTo('room', 'remove'),
    role: {},
    binId: pointsTo('bin', 'clear', { default: null, clears: { old: true } }),
    numberId: pointsTo('setNumber', 'clear', { default: null, clears: { old: true } }),
    part: { default: null },
    compartmentId: pointsTo('compartment', 'clear', { default: null, clears: { old: true } }),
    layoutId: pointsTo('labelLayout', 'clear', { default: null }),
    says: {},
    printedOn: {},
    old: { default: false },
  },
  since: 9,
});
