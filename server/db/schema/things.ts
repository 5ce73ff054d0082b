/** What is sorted, what it is kept in, and the record of the work. */
import { sql } from 'drizzle-orm';
import {
  boolean,
  doublePrecision,
  index,
  integer,
  jsonb,
  pgTable,
  text,
  unique,
  uniqueIndex,
} from 'drizzle-orm/pg-core';
import {
  type CategoryTraits,
  type Condition,
  CONDITIONS,
  type ContainerShape,
  type ContainerType,
  type Decision,
  DECISIONS,
  FORMS,
  type HazardId,
  type Limit,
  type Line,
  MATERIALS,
  type Move,
  type Photo,
  PHOTO_KINDS,
  ZONE_KINDS,
  type ZoneKind,
} from '@stube/core/model';
import { day, flag, holds, idList, instant, mm, modelKeys, ofSite, oneOf, sort } from './columns.ts';
import { compartment, labelLayout, person, room, site } from './rooms.ts';

export const family = pgTable(
  'family',
  {
    ...ofSite,
    name: text('name').notNull(),
    hue: text('hue').notNull(),
    pictogram: text('pictogram').notNull(),
    sort,
    granularity: integer('granularity'),
  },
  (t) => [...modelKeys('family', t, { site: () => site })],
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
    compartments: integer('compartments').notNull().default(1),
    soft: boolean('soft').notNull().default(false),
    lockable: boolean('lockable').notNull().default(false),
    turntable: boolean('turntable').notNull().default(false),
    liftOut: boolean('lift_out').notNull().default(false),
    mass: mm('mass'),
    price: mm('price'),
    pack: mm('pack'),
    material: text('material').$type<ContainerShape['material']>().notNull(),
    owned: mm('owned'),
    tried: text('tried').$type<ContainerType['tried']>(),
  },
  (t) => [
    ...modelKeys('containerType', t, { site: () => site }),
    oneOf('container_type_tried', t.tried, ['fits', 'does not']),
    oneOf('container_type_form', t.form, FORMS),
    oneOf('container_type_material', t.material, MATERIALS),
    holds(
      'container_type_inside',
      sql`${t.inWidth} <= ${t.outWidth} and ${t.inDepth} <= ${t.outDepth} and ${t.inHeight} <= ${t.outHeight}`,
    ),
  ],
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
    packingKind: text('packing_kind').$type<CategoryTraits['packingKind']>().notNull(),
    hazards: jsonb('hazards').$type<HazardId[]>().notNull(),
    view: text('view').$type<CategoryTraits['view']>(),
    lid: flag('lid'),
    lightSensitive: flag('light_sensitive'),
    density: doublePrecision('density').notNull(),
    zoneKind: text('zone_kind').$type<ZoneKind>().notNull(),
    perWeek: doublePrecision('per_week').notNull(),
    users: idList('users'),
    containerTypeId: text('container_type_id'),
    standsAlone: boolean('stands_alone'),
    bulkCorrection: doublePrecision('bulk_correction').notNull(),
    tidiers: idList('tidiers'),
    limit: jsonb('limit').$type<Limit>(),
    scheme: text('scheme'),
    otherName: text('other_name').notNull().default(''),
    supervised: flag('supervised').default(false),
    severalRooms: text('several_rooms').notNull().default(''),
  },
  (t) => [
    ...modelKeys('category', t, { site: () => site, family: () => family, containerType: () => containerType }),
    index('category_starter').on(t.siteId, t.starter),
    oneOf('category_zone_kind', t.zoneKind, ZONE_KINDS),
    oneOf('category_view', t.view, ['show', 'hide']),
    holds('category_density', sql`${t.density} > 0`),
  ],
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
    kind: text('kind'),
    lies: text('lies').$type<Line['lies']>(),
    litresEach: doublePrecision('litres_each'),
    length: integer('length'),
    width: integer('width'),
    height: integer('height'),
    decision: text('decision').$type<Decision>(),
    note: text('note').notNull(),
    cell: integer('cell'),
    sort,
    condition: text('condition').$type<Condition>(),
    due: day('due'),
    destination: text('destination').notNull().default(''),
    keepUntil: day('keep_until'),
    keepsakeOf: text('keepsake_of'),
    putOff: integer('put_off').notNull().default(0),
    handedOver: day('handed_over'),
    gained: integer('gained'),
    decidedAt: instant('decided_at'),
    tested: doublePrecision('tested'),
    dead: doublePrecision('dead'),
    testedOn: day('tested_on'),
    setPieces: integer('set_pieces'),
    setMissing: integer('set_missing').notNull().default(0),
    also: idList('also'),
    spread: jsonb('spread').$type<Line['spread']>().notNull().default([]),
    attributes: jsonb('attributes').$type<Line['attributes']>().notNull().default({}),
    doubts: jsonb('doubts').$type<Line['doubts']>().notNull().default({}),
    insideId: text('inside_id'),
  },
  (t) => [
    ...modelKeys('line', t, {
      site: () => site,
      room: () => room,
      category: () => category,
      person: () => person,
      line: (): unknown => line,
    }),
    index('line_sort').on(t.siteId, t.sort),
    oneOf('line_decision', t.decision, DECISIONS),
    oneOf('line_condition', t.condition, CONDITIONS),
    holds('line_amount', sql`${t.amount} > 0`),
  ],
);

export const bin = pgTable(
  'bin',
  {
    ...ofSite,
    roomId: text('room_id').notNull(),
    categoryId: text('category_id').notNull(),
    containerTypeId: text('container_type_id'),
    outWidth: integer('out_width'),
    outDepth: integer('out_depth'),
    outHeight: integer('out_height'),
    lineIds: idList('line_ids'),
    cells: integer('cells'),
    code: text('code').notNull(),
    name: text('name').notNull(),
    litres: doublePrecision('litres').notNull(),
    compartmentId: text('compartment_id'),
    x: integer('x'),
    y: integer('y'),
    z: integer('z'),
    turned: flag('turned').default(false),
    parkId: text('park_id'),
    pinned: flag('pinned'),
    shortName: text('short_name').notNull().default(''),
    labelLayoutId: text('label_layout_id'),
    seenFull: doublePrecision('seen_full'),
    sort,
  },
  (t) => [
    ...modelKeys('bin', t, {
      site: () => site,
      room: () => room,
      category: () => category,
      containerType: () => containerType,
      compartment: () => compartment,
      labelLayout: () => labelLayout,
    }),
    unique('bin_code').on(t.siteId, t.code),
    holds('bin_position', sql`(${t.x} is null) = (${t.y} is null) and (${t.x} is null) = (${t.z} is null)`),
    holds(
      'bin_outside',
      sql`${t.containerTypeId} is not null or (${t.outWidth} > 0 and ${t.outDepth} > 0 and ${t.outHeight} > 0)`,
    ),
  ],
);

export const session = pgTable(
  'session',
  {
    ...ofSite,
    roomId: text('room_id').notNull(),
    startedAt: instant('started_at').notNull(),
    runningSince: instant('running_since'),
    endedAt: instant('ended_at'),
    seconds: doublePrecision('seconds').notNull(),
  },
  (t) => [
    ...modelKeys('session', t, { site: () => site, room: () => room }),
    uniqueIndex('session_open')
      .on(t.siteId, t.roomId)
      .where(sql`${t.endedAt} is null`),
  ],
);

export const move = pgTable(
  'move',
  {
    ...ofSite,
    roomId: text('room_id').notNull(),
    binId: text('bin_id').notNull(),
    to: text('to').$type<Move['to']>().notNull(),
    fromId: text('from_id'),
    x: integer('x'),
    y: integer('y'),
    z: integer('z'),
    turned: flag('turned').default(false),
    sort,
    done: flag('done'),
  },
  (t) => [
    ...modelKeys('move', t, { site: () => site, room: () => room, bin: () => bin, compartment: () => compartment }),
    holds('move_to', sql`${t.to} in ('place', 'parking')`),
  ],
);

export const deferral = pgTable(
  'deferral',
  {
    ...ofSite,
    roomId: text('room_id').notNull(),
    what: text('what').notNull(),
    until: day('until').notNull(),
    done: flag('done'),
  },
  (t) => [...modelKeys('deferral', t, { site: () => site, room: () => room })],
);

export const photo = pgTable(
  'photo',
  {
    ...ofSite,
    roomId: text('room_id').notNull(),
    lineId: text('line_id'),
    containerTypeId: text('container_type_id'),
    categoryId: text('category_id'),
    kind: text('kind').$type<Photo['kind']>().notNull(),
    takenOn: day('taken_on').notNull(),
    width: integer('width').notNull(),
    height: integer('height').notNull(),
    note: text('note').notNull(),
  },
  (t) => [
    ...modelKeys('photo', t, {
      site: () => site,
      room: () => room,
      line: () => line,
      containerType: () => containerType,
      category: () => category,
    }),
    oneOf('photo_kind', t.kind, PHOTO_KINDS),
  ],
);

/**
 * The picture itself, apart from its row: it does not change, and stays when the row is removed as long as an undo could
 * bring the row back.
 */
export const picture = pgTable(
  'picture',
  {
    photoId: text('photo_id').primaryKey(),
    siteId: text('site_id')
      .notNull()
      .references(() => site.id),
    /** JPEG, base64. */
    data: text('data').notNull(),
    /** Bytes of the JPEG. */
    bytes: integer('bytes').notNull().default(0),
  },
  (t) => [index('picture_site').on(t.siteId), holds('picture_data', sql`${t.bytes} >= 0`)],
);
