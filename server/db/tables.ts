/** The tables of PGlite. Every table of a site carries its site and the version of its last write. */
import {
  bigint,
  boolean,
  doublePrecision,
  index,
  integer,
  jsonb,
  pgTable,
  text,
  uniqueIndex,
} from 'drizzle-orm/pg-core';
import type {
  CategoryTraits,
  Compartment,
  Condition,
  ContainerShape,
  Decision,
  HazardId,
  Limit,
  Line,
  Photo,
  Site,
  TemplateKind,
  ZoneKind,
} from '@stube/core/model/entities';

export * from './history-tables.ts';

const row = { id: text('id').primaryKey(), version: bigint('version', { mode: 'number' }).notNull() };
const ofSite = { ...row, siteId: text('site_id').notNull() };
const flag = (name: string) => boolean(name).notNull();
const mm = (name: string) => integer(name).notNull();
const sort = doublePrecision('sort').notNull();

export const site = pgTable('site', {
  ...row,
  name: text('name').notNull(),
  system: text('system').$type<Site['system']>().notNull(),
  currency: text('currency').notNull(),
  growth: doublePrecision('growth').notNull(),
  fillLimit: doublePrecision('fill_limit').notNull(),
  measures: jsonb('measures').$type<Site['measures']>().notNull(),
  removed: boolean('removed').notNull().default(false),
});

export const person = pgTable(
  'person',
  {
    ...ofSite,
    name: text('name').notNull(),
    kind: text('kind').$type<'adult' | 'child'>().notNull(),
    stature: mm('stature'),
    colour: text('colour').notNull(),
    born: text('born'),
    reads: boolean('reads').notNull().default(true),
    limit: jsonb('limit').$type<Limit>(),
  },
  (t) => [index('person_site').on(t.siteId)],
);

export const room = pgTable(
  'room',
  {
    ...ofSite,
    name: text('name').notNull(),
    code: text('code').notNull(),
    width: mm('width'),
    depth: mm('depth'),
    height: mm('height'),
    sort,
    people: jsonb('people').$type<string[]>().notNull(),
    minutesADay: integer('minutes_a_day'),
    deadline: text('deadline'),
  },
  (t) => [index('room_site').on(t.siteId)],
);

export const zone = pgTable(
  'zone',
  {
    ...ofSite,
    roomId: text('room_id').notNull(),
    name: text('name').notNull(),
    kind: text('kind').$type<ZoneKind>().notNull(),
    x: mm('x'),
    y: mm('y'),
  },
  (t) => [index('zone_site').on(t.siteId)],
);

export const unit = pgTable(
  'unit',
  {
    ...ofSite,
    roomId: text('room_id').notNull(),
    name: text('name').notNull(),
    template: text('template').$type<TemplateKind>().notNull(),
    width: mm('width'),
    height: mm('height'),
    depth: mm('depth'),
    columns: mm('columns'),
    rows: mm('rows'),
    board: mm('board'),
    raised: mm('raised'),
    x: mm('x'),
    y: mm('y'),
    locked: flag('locked'),
    sunlit: flag('sunlit'),
    onView: flag('on_view'),
    anchored: flag('anchored'),
    sort,
  },
  (t) => [index('unit_site').on(t.siteId)],
);

export const compartment = pgTable(
  'compartment',
  {
    ...ofSite,
    unitId: text('unit_id').notNull(),
    name: text('name').notNull(),
    x: mm('x'),
    z: mm('z'),
    width: mm('width'),
    depth: mm('depth'),
    height: mm('height'),
    floor: mm('floor'),
    access: text('access').$type<Compartment['access']>().notNull(),
    door: flag('door'),
    drawer: flag('drawer'),
    maxLoad: mm('max_load'),
    sort,
  },
  (t) => [index('compartment_site').on(t.siteId)],
);

export const family = pgTable(
  'family',
  {
    ...ofSite,
    name: text('name').notNull(),
    hue: text('hue').notNull(),
    pictogram: text('pictogram').notNull(),
    sort,
    fine: integer('fine'),
  },
  (t) => [index('family_site').on(t.siteId)],
);

export const category = pgTable(
  'category',
  {
    ...ofSite,
    familyId: text('family_id').notNull(),
    starter: text('starter'),
    name: text('name').notNull(),
    pictogram: text('pictogram').notNull(),
    synonyms: jsonb('synonyms').$type<string[]>().notNull(),
    lie: text('lie').$type<CategoryTraits['lie']>().notNull(),
    hazards: jsonb('hazards').$type<HazardId[]>().notNull(),
    view: text('view').$type<CategoryTraits['view']>(),
    lid: flag('lid'),
    lightSensitive: flag('light_sensitive'),
    density: doublePrecision('density').notNull(),
    zoneKind: text('zone_kind').$type<ZoneKind>().notNull(),
    perWeek: doublePrecision('per_week').notNull(),
    users: jsonb('users').$type<string[]>().notNull(),
    containerTypeId: text('container_type_id'),
    factor: doublePrecision('factor').notNull(),
    tidiers: jsonb('tidiers').$type<string[]>().notNull().default([]),
    limit: jsonb('limit').$type<Limit>(),
    school: text('school'),
  },
  (t) => [index('category_site').on(t.siteId)],
);

export const line = pgTable(
  'line',
  {
    ...ofSite,
    roomId: text('room_id').notNull(),
    categoryId: text('category_id'),
    name: text('name').notNull(),
    amount: doublePrecision('amount').notNull(),
    measure: text('measure').notNull(),
    length: integer('length'),
    width: integer('width'),
    height: integer('height'),
    decision: text('decision').$type<Decision>().notNull(),
    note: text('note').notNull(),
    sort,
    condition: text('condition').$type<Condition>(),
    due: text('due'),
    whereto: text('whereto').notNull().default(''),
    keepUntil: text('keep_until'),
    decidedAt: text('decided_at'),
    tested: doublePrecision('tested'),
    dead: doublePrecision('dead'),
    setPieces: integer('set_pieces'),
    setMissing: integer('set_missing').notNull().default(0),
    also: jsonb('also').$type<string[]>().notNull().default([]),
    spread: jsonb('spread').$type<Line['spread']>().notNull().default([]),
    facets: jsonb('facets').$type<Line['facets']>().notNull().default({}),
    doubts: jsonb('doubts').$type<Line['doubts']>().notNull().default({}),
  },
  (t) => [index('line_site').on(t.siteId)],
);

export const containerType = pgTable(
  'container_type',
  {
    ...ofSite,
    name: text('name').notNull(),
    form: text('form').$type<ContainerShape['form']>().notNull(),
    outWidth: mm('out_width'),
    outDepth: mm('out_depth'),
    outHeight: mm('out_height'),
    inWidth: mm('in_width'),
    inDepth: mm('in_depth'),
    inHeight: mm('in_height'),
    seeThrough: flag('see_through'),
    lid: flag('lid'),
    handle: flag('handle'),
    stackable: flag('stackable'),
    mass: mm('mass'),
    price: mm('price'),
    pack: mm('pack'),
    material: text('material').$type<ContainerShape['material']>().notNull(),
    owned: mm('owned'),
  },
  (t) => [index('container_type_site').on(t.siteId)],
);

export const bin = pgTable(
  'bin',
  {
    ...ofSite,
    roomId: text('room_id').notNull(),
    categoryId: text('category_id').notNull(),
    containerTypeId: text('container_type_id').notNull(),
    code: text('code').notNull(),
    name: text('name').notNull(),
    litres: doublePrecision('litres').notNull(),
    compartmentId: text('compartment_id'),
    pinned: flag('pinned'),
    printed: text('printed'),
    seenFull: doublePrecision('seen_full'),
    sort,
  },
  (t) => [index('bin_site').on(t.siteId), uniqueIndex('bin_code').on(t.siteId, t.code)],
);

export const session = pgTable(
  'session',
  {
    ...ofSite,
    roomId: text('room_id').notNull(),
    startedAt: text('started_at').notNull(),
    runningSince: text('running_since'),
    endedAt: text('ended_at'),
    seconds: doublePrecision('seconds').notNull(),
  },
  (t) => [index('session_site').on(t.siteId)],
);

export const deferral = pgTable(
  'deferral',
  {
    ...ofSite,
    roomId: text('room_id').notNull(),
    what: text('what').notNull(),
    until: text('until').notNull(),
    done: flag('done'),
  },
  (t) => [index('deferral_site').on(t.siteId)],
);

export const photo = pgTable(
  'photo',
  {
    ...ofSite,
    roomId: text('room_id').notNull(),
    lineId: text('line_id'),
    kind: text('kind').$type<Photo['kind']>().notNull(),
    takenOn: text('taken_on').notNull(),
    width: integer('width').notNull(),
    height: integer('height').notNull(),
    note: text('note').notNull(),
  },
  (t) => [index('photo_site').on(t.siteId)],
);

/** The picture itself, apart from its row: it does not change, and stays when the row is removed, so that undo finds it. */
export const picture = pgTable('picture', {
  photoId: text('photo_id').primaryKey(),
  siteId: text('site_id').notNull(),
  /** JPEG, base64. */
  data: text('data').notNull(),
});

/** The tables whose rows belong to a site, by their name in the design. */
export const SITE_TABLES = {
  site,
  person,
  room,
  zone,
  unit,
  compartment,
  family,
  category,
  line,
  containerType,
  bin,
  session,
  deferral,
  photo,
} as const;
