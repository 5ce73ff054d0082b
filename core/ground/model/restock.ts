import { entity, pointsTo, pointsToMany, type RowOfSite } from './entity.ts';

export const USES = ['counted', 'child', 'day'] as const;

/** A consumable with its least and wanted amount (practices S1, S2). */
export interface Par extends RowOfSite {
  lineId: string;
  /** Where it is used, and where the rest is kept. */
  useId: string | null;
  backId: string | null;
  /** In units; a pack holds so many. */
  unit: string;
  least: number;
  wanted: number;
  pack: number;
  /** Of a pack, minor units. */
  price: number;
  leadDays: number;
  /** How its use is known: counted alone, so many for a child and day open, or so many a day open. */
  use: (typeof USES)[number];
  perDay: number;
  /** Of what fits children by mass: grams, both included; null: all children. */
  fromGrams: number | null;
  toGrams: number | null;
  /** The next size, which they grow into. */
  nextId: string | null;
  /** It spoils on that day, ISO. */
  expires: string | null;
  /** The day on which what is in use was opened, ISO, and how many days it then keeps; null: nobody said. */
  opened: string | null;
  keepsDays: number | null;
}

export const par = entity<Par>()({
  words: { one: 'consumable', many: 'consumables' },
  routes: { create: true, remove: true },
  fields: {
    lineId: pointsTo('line', 'remove'),
    useId: pointsTo('compartment', 'clear', { default: null }),
    backId: pointsTo('compartment', 'clear', { default: null }),
    unit: { default: 'pieces' },
    least: {},
    wanted: {},
    pack: { default: 1 },
    price: { default: 0 },
    leadDays: { default: 3 },
    use: { default: 'counted' },
    perDay: { default: 0 },
    fromGrams: { default: null },
    toGrams: { default: null },
    nextId: pointsTo('line', 'clear', { default: null }),
    expires: { default: null },
    opened: { default: null, since: 12 },
    keepsDays: { default: null, since: 12 },
  },
  since: 11,
});

/** What was counted: at the place of use and in the back-stock together. */
export interface StockCount extends RowOfSite {
  parId: string;
  amount: number;
  /** Of it at the place of use. */
  inUse: number;
  /** ISO date. */
  on: string;
}

export const stockCount = entity<StockCount>()({
  words: { one: 'count', many: 'counts' },
  routes: { create: true, remove: true },
  fields: { parId: pointsTo('par', 'remove'), amount: {}, inUse: { default: 0 }, on: {} },
  since: 11,
});

export interface StockOrder extends RowOfSite {
  parId: string;
  packs: number;
  /** ISO date. */
  on: string;
  received: number;
  /** What a pack really cost, minor units; null: nobody said. */
  paid: number | null;
  /** It will not come, or is here in full. */
  closed: boolean;
}

export const stockOrder = entity<StockOrder>()({
  words: { one: 'order', many: 'orders' },
  routes: { create: true, remove: true },
  fields: {
    parId: pointsTo('par', 'remove'),
    packs: {},
    on: {},
    received: { default: 0 },
    paid: { default: null, since: 12 },
    closed: { default: false },
  },
  since: 11,
});

/** A place in the first-aid kit (practice S3). */
export interface KitItem extends RowOfSite {
  roomId: string;
  name: string;
  /** Where in the kit: `lid, left`. */
  position: string;
  wanted: number;
  have: number;
  /** ISO date; null: it does not expire. */
  expires: string | null;
  sort: number;
}

export const kitItem = entity<KitItem>()({
  words: { one: 'item of the first-aid kit', many: 'items of the first-aid kit' },
  routes: { create: true, remove: true },
  fields: {
    roomId: pointsTo('room', 'remove'),
    name: {},
    position: { default: '' },
    wanted: { default: 1 },
    have: { default: 0 },
    expires: { default: null },
    sort: { default: 0 },
  },
  since: 11,
});

/** One monthly check of the kit, kept to be shown. */
export interface KitCheck extends RowOfSite {
  roomId: string;
  /** ISO date. */
  on: string;
  by: string;
  /** What was found, in words: missing, expired, replaced. */
  found: string[];
}

export const kitCheck = entity<KitCheck>()({
  words: { one: 'check of the first-aid kit', many: 'checks of the first-aid kit' },
  routes: { create: true, remove: true },
  fields: { roomId: pointsTo('room', 'remove'), on: {}, by: {}, found: { default: [] } },
  since: 11,
});

/** What is laid out in advance for a day of the week and a helper (practice S4). */
export interface DaySlot extends RowOfSite {
  roomId: string;
  /** 0 Sunday to 6 Saturday. */
  weekday: number;
  personId: string | null;
  activity: string;
  /** What it needs. */
  lineIds: string[];
  /** The day for which it was filled last, ISO; null: never. */
  filledFor: string | null;
}

export const daySlot = entity<DaySlot>()({
  words: { one: 'slot of the week', many: 'slots of the week' },
  routes: { create: true, remove: true },
  fields: {
    roomId: pointsTo('room', 'remove'),
    weekday: {},
    personId: pointsTo('person', 'clear', { default: null }),
    activity: {},
    lineIds: pointsToMany('line'),
    filledFor: { default: null },
  },
  since: 11,
});
