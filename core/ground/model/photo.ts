import { entity, pointsTo, type RowOfSite } from './entity.ts';

export const PHOTO_KINDS = ['heap', 'line', 'before', 'after', 'container', 'label'] as const;

export interface Photo extends RowOfSite {
  roomId: string;
  lineId: string | null;
  /** The container whose picture it is. */
  containerTypeId: string | null;
  /** The category whose labels show it. */
  categoryId: string | null;
  kind: (typeof PHOTO_KINDS)[number];
  /** ISO date. */
  takenOn: string;
  /** Pixels. */
  width: number;
  height: number;
  note: string;
}

/** Photographs come in with their picture (photos). */
export const photo = entity<Photo>()({
  words: { one: 'photograph', many: 'photographs' },
  routes: { create: false, remove: true },
  fields: {
    roomId: pointsTo('room', 'remove'),
    lineId: pointsTo('line', 'remove'),
    containerTypeId: pointsTo('containerType', 'remove', { default: null, since: 7 }),
    categoryId: pointsTo('category', 'remove', { default: null, since: 9 }),
    kind: {},
    takenOn: {},
    width: {},
    height: {},
    note: {},
  },
  since: 2,
});
