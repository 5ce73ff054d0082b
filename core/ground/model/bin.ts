import { entity, pointsTo, pointsToMany, type RowOfSite } from './entity.ts';

export interface Bin extends RowOfSite {
  roomId: string;
  categoryId: string;
  /** Null for things that stand, lie or hang without one: then it has an outside size of its own. */
  containerTypeId: string | null;
  /** Outside, mm, of what stands without a container; null in one. */
  outWidth: number | null;
  outDepth: number | null;
  outHeight: number | null;
  /** Ids of the lines that are in it, where its category has several; empty: whatever no other bin holds. */
  lineIds: string[];
  /** Into how many cells dividers part its inside; null: as its container is. */
  cells: number | null;
  code: string;
  name: string;
  /** Bulk litres that were meant for it when it was made or, once somebody looked, that were in it then. */
  litres: number;
  compartmentId: string | null;
  /**
   * Where it stands inside, mm: from the left, from the front and from the bottom; null where nobody has said, then it is
   * drawn where there is room. Width and depth may have changed places.
   */
  x: number | null;
  y: number | null;
  z: number | null;
  turned: boolean;
  /** It is carried to another room and back: the compartment there that is kept for it (practice P14). */
  parkId: string | null;
  /** Stays where it is when a new plan is made. */
  pinned: boolean;
  /** What its label says where the name is too long for it; empty: the name. */
  shortName: string;
  /** How its label looks; null: as those of its room. */
  labelLayoutId: string | null;
  /** How full it was last seen, 0 … 1.5; null when nobody has looked. */
  seenFull: number | null;
  sort: number;
}

const CODES = new Intl.Collator('en', { numeric: true });
/** In the order of their codes: L2 before L10. */
export const byCode = (a: Pick<Bin, 'code'>, b: Pick<Bin, 'code'>): number => CODES.compare(a.code, b.code);

/** Without a place. */
export const ON_THE_BENCH = {
  compartmentId: null,
  x: null,
  y: null,
  z: null,
  turned: false,
  pinned: false,
} as const satisfies Partial<Bin>;

/** Bins are made by what a room's categories need (containers); one whose compartment goes is back on the bench. */
export const bin = entity<Bin>()({
  words: { one: 'bin', many: 'bins' },
  routes: { create: false, remove: true },
  fields: {
    roomId: pointsTo('room', 'remove'),
    categoryId: pointsTo('category', 'remove'),
    containerTypeId: pointsTo('containerType', 'refuse', { default: null }),
    outWidth: { default: null, since: 4 },
    outDepth: { default: null, since: 4 },
    outHeight: { default: null, since: 4 },
    lineIds: pointsToMany('line', { since: 4 }),
    cells: { default: null, since: 7 },
    code: {},
    name: {},
    litres: {},
    compartmentId: pointsTo('compartment', 'clear', {
      clears: { pinned: false, x: null, y: null, z: null, turned: false },
    }),
    x: { default: null, since: 8 },
    y: { default: null, since: 8 },
    z: { default: null, since: 8 },
    turned: { default: false, since: 8 },
    parkId: pointsTo('compartment', 'clear', { default: null, since: 8 }),
    pinned: {},
    shortName: { default: '', since: 9 },
    labelLayoutId: pointsTo('labelLayout', 'clear', { default: null, since: 9 }),
    seenFull: {},
    sort: {},
  },
});
