/** Sites, who is there, and what a room is made of. */
import { LENGTH_SYSTEMS, PAPER_NAMES, type Paper } from '@stube/core/model/site';
import { sql } from 'drizzle-orm';
import { bigint, boolean, doublePrecision, integer, jsonb, pgTable, text } from 'drizzle-orm/pg-core';
import {
  CHANGE_OVERS,
  CUT_PARTS,
  DOUBLES,
  FACINGS,
  FIXTURE_KINDS,
  LABELS_FOR,
  LETTER_CASES,
  MEDIA,
  READ_FROM,
  SWINGS,
  WALL_KINDS,
  ZONE_KINDS,
  type AsItIs,
  type BlockedPart,
  type ChangeOver,
  type Column,
  type Compartment,
  type CutPart,
  type Facing,
  type Fixture,
  type FixtureKind,
  type LabelLayout,
  type LabelPart,
  type LabelsFor,
  type Medium,
  type Limit,
  type Room,
  type Site,
  type StickerGrid,
  type TemplateKind,
  type Unit,
  type WallKind,
  type ZoneKind,
} from '@stube/core/model/entities';
import { day, flag, holds, idList, mm, modelKeys, ofSite, oneOf, row, sort } from './columns.ts';

export const site = pgTable(
  'site',
  {
    ...row,
    name: text('name').notNull(),
    system: text('system').$type<Site['system']>().notNull(),
    currency: text('currency').notNull(),
    growth: doublePrecision('growth').notNull(),
    fillLimit: doublePrecision('fill_limit').notNull(),
    measures: jsonb('measures').$type<Site['measures']>().notNull(),
    restDays: jsonb('rest_days').$type<number[]>().notNull().default([]),
    keepsNew: boolean('keeps_new').notNull().default(false),
    paper: text('paper').$type<Paper>().notNull().default('A4'),
    kerf: integer('kerf').notNull().default(3),
    clearance: integer('clearance').notNull().default(4),
    restockBudget: integer('restock_budget'),
    removed: boolean('removed').notNull().default(false),
    /** Counts the site's changes: taken and raised by each of them in its own transaction. */
    revision: bigint('revision', { mode: 'number' }).notNull().default(0),
    /** Changes up to this revision were dropped from the history: who knows only an older one reads the whole site anew. */
    historyFrom: bigint('history_from', { mode: 'number' }).notNull().default(0),
  },
  (t) => [
    oneOf('site_system', t.system, LENGTH_SYSTEMS),
    oneOf('site_paper', t.paper, PAPER_NAMES),
    holds('site_growth', sql`${t.growth} between 0 and 0.5`),
  ],
);

export const person = pgTable(
  'person',
  {
    ...ofSite,
    name: text('name').notNull(),
    kind: text('kind').$type<'adult' | 'child'>().notNull(),
    stature: mm('stature'),
    colour: text('colour').notNull(),
    born: text('born'),
    mouths: boolean('mouths').notNull().default(false),
    reads: boolean('reads').notNull().default(true),
    limit: jsonb('limit').$type<Limit>(),
  },
  (t) => [
    ...modelKeys('person', t, { site: () => site }),
    oneOf('person_kind', t.kind, ['adult', 'child']),
    holds('person_born', sql`${t.born} ~ '^[0-9]{4}-[0-9]{2}$'`),
  ],
);

export const labelLayout = pgTable(
  'label_layout',
  {
    ...ofSite,
    name: text('name').notNull(),
    medium: text('medium').$type<Medium>().notNull(),
    width: doublePrecision('width'),
    height: doublePrecision('height'),
    parts: jsonb('parts').$type<LabelPart[]>().notNull(),
    picture: text('picture').$type<LabelLayout['picture']>().notNull(),
    letters: text('letters').$type<LabelLayout['letters']>().notNull(),
    oneSize: flag('one_size'),
    readFrom: text('read_from').$type<LabelLayout['readFrom']>().notNull(),
    grid: jsonb('grid').$type<StickerGrid>(),
    used: integer('used').notNull(),
    weld: flag('weld'),
    mirrored: flag('mirrored'),
    dpi: integer('dpi').notNull(),
  },
  (t) => [
    ...modelKeys('labelLayout', t, { site: () => site }),
    oneOf('label_layout_medium', t.medium, MEDIA),
    oneOf('label_layout_picture', t.picture, ['pictogram', 'photo']),
    oneOf('label_layout_letters', t.letters, LETTER_CASES),
    oneOf('label_layout_read_from', t.readFrom, READ_FROM),
  ],
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
    people: idList('people'),
    minutesADay: integer('minutes_a_day'),
    deadline: day('deadline'),
    wallKind: text('wall_kind').$type<WallKind>(),
    mayDrill: boolean('may_drill'),
    asItIs: jsonb('as_it_is').$type<AsItIs>(),
    view: text('view').$type<Room['view']>(),
    lids: text('lids').$type<Room['lids']>(),
    heights: text('heights').$type<Room['heights']>(),
    buy: text('buy').$type<Room['buy']>(),
    labelsFor: text('labels_for').$type<LabelsFor>(),
    visitors: flag('visitors').default(false),
    pets: flag('pets').default(false),
    labelLayoutId: text('label_layout_id'),
    secondLife: text('second_life').notNull().default(''),
    rotation: jsonb('rotation').$type<Room['rotation']>(),
  },
  (t) => [
    ...modelKeys('room', t, { site: () => site, labelLayout: () => labelLayout }),
    oneOf('room_wall_kind', t.wallKind, WALL_KINDS),
    oneOf('room_view', t.view, ['show', 'hide']),
    oneOf('room_lids', t.lids, ['lids', 'open']),
    oneOf('room_heights', t.heights, ['weight', 'children']),
    oneOf('room_labels_for', t.labelsFor, LABELS_FOR),
    oneOf('room_buy', t.buy, ['own', 'least', 'match']),
    holds('room_size', sql`${t.width} > 0 and ${t.depth} > 0 and ${t.height} > 0`),
  ],
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
    width: integer('width'),
    depth: integer('depth'),
  },
  (t) => [...modelKeys('zone', t, { site: () => site, room: () => room }), oneOf('zone_kind', t.kind, ZONE_KINDS)],
);

export const fixture = pgTable(
  'fixture',
  {
    ...ofSite,
    roomId: text('room_id').notNull(),
    kind: text('kind').$type<FixtureKind>().notNull(),
    name: text('name').notNull(),
    x: mm('x'),
    y: mm('y'),
    width: mm('width').default(300),
    height: mm('height').default(300),
    sill: mm('sill').default(0),
    swing: text('swing').$type<Fixture['swing']>(),
  },
  (t) => [
    ...modelKeys('fixture', t, { site: () => site, room: () => room }),
    oneOf('fixture_kind', t.kind, FIXTURE_KINDS),
    oneOf('fixture_swing', t.swing, SWINGS),
  ],
);

export const acknowledgement = pgTable(
  'acknowledgement',
  {
    ...ofSite,
    roomId: text('room_id').notNull(),
    key: text('key').notNull(),
    fact: text('fact').notNull(),
    about: text('about').notNull(),
    hazard: text('hazard').notNull(),
    reason: text('reason').notNull(),
    on: day('on').notNull(),
    by: text('by').notNull(),
  },
  (t) => [...modelKeys('acknowledgement', t, { site: () => site, room: () => room })],
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
    slope: integer('slope'),
    layout: jsonb('layout').$type<Column[]>(),
    wheels: boolean('wheels').notNull().default(false),
    folds: boolean('folds').notNull().default(false),
    doubles: text('doubles').$type<Unit['doubles']>(),
    step: integer('step'),
    x: mm('x'),
    y: mm('y'),
    faces: text('faces').$type<Facing>().notNull().default('front'),
    locked: flag('locked'),
    sunlit: flag('sunlit'),
    onView: flag('on_view'),
    anchored: flag('anchored'),
    lidSupport: boolean('lid_support').notNull().default(false),
    airHoles: boolean('air_holes').notNull().default(false),
    latch: boolean('latch').notNull().default(false),
    maxLoad: integer('max_load'),
    reused: boolean('reused').notNull().default(false),
    checked: boolean('checked').notNull().default(false),
    changeOver: text('change_over').$type<ChangeOver>(),
    sort,
  },
  (t) => [
    ...modelKeys('unit', t, { site: () => site, room: () => room }),
    oneOf('unit_faces', t.faces, FACINGS),
    oneOf('unit_doubles', t.doubles, DOUBLES),
    oneOf('unit_change_over', t.changeOver, CHANGE_OVERS),
    holds('unit_size', sql`${t.width} > 0 and ${t.depth} > 0 and ${t.height} > 0`),
  ],
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
    hangs: boolean('hangs').notNull().default(false),
    opening: integer('opening'),
    blocked: jsonb('blocked').$type<BlockedPart[]>().notNull().default([]),
    measured: boolean('measured').notNull().default(false),
    maxLoad: mm('max_load'),
    sort,
  },
  (t) => [
    ...modelKeys('compartment', t, { site: () => site, unit: () => unit }),
    oneOf('compartment_access', t.access, ['front', 'top']),
    holds('compartment_size', sql`${t.width} > 0 and ${t.depth} > 0 and ${t.height} > 0`),
  ],
);

export const cutPiece = pgTable(
  'cut_piece',
  {
    ...ofSite,
    compartmentId: text('compartment_id').notNull(),
    part: text('part').$type<CutPart>().notNull(),
    count: integer('count').notNull(),
  },
  (t) => [
    ...modelKeys('cutPiece', t, { site: () => site, compartment: () => compartment }),
    oneOf('cut_piece_part', t.part, CUT_PARTS),
    holds('cut_piece_count', sql`${t.count} > 0`),
  ],
);

export const cutStock = pgTable(
  'cut_stock',
  {
    ...ofSite,
    part: text('part').$type<CutPart>().notNull(),
    length: mm('length'),
    width: integer('width'),
    price: integer('price').notNull(),
    count: integer('count'),
  },
  (t) => [
    ...modelKeys('cutStock', t, { site: () => site }),
    oneOf('cut_stock_part', t.part, CUT_PARTS),
    holds('cut_stock_length', sql`${t.length} > 0`),
  ],
);
