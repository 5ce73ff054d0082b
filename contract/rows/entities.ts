/** The Joi schemas of the rows a site is made of: what may be written, in which limits. Lengths mm, masses g. */
import Joi from 'joi';
import { CONDITIONS, DECISIONS, FACETS, PHOTO_KINDS, ZONE_KINDS, type TableName } from '@stube/core/model/entities';
import { HAZARD_WORDS } from '@stube/core/cautions/hazards';
import { TEMPLATES } from '@stube/core/measuring/template';
import { DOUBTS } from '@stube/core/pile/doubts';
import { dayOf } from '@stube/core/pile/tokens';
import { EVERYDAY_MEASURES } from '@stube/core/pile/measures';
import { LIE_FACTOR } from '@stube/core/containers/litres';

const text = (most: number) => Joi.string().trim().min(1).max(most);
export const rowId = Joi.string().pattern(/^[A-Za-z0-9_-]{1,40}$/, 'id');
const mm = (least: number, most: number) => Joi.number().integer().min(least).max(most);
const reference = rowId;
const flag = Joi.boolean().strict();
const list = (item: Joi.Schema, most: number) => Joi.array().items(item).max(most).unique();
const coordinate = mm(-1000, 100000);
const HAZARDS = Object.keys(HAZARD_WORDS);
const word = Joi.string().pattern(/^[a-z0-9-]{1,40}$/, 'name');

const day = Joi.string().custom((value: string, helpers) => {
  const [year, month, date] = /^(\d{4})-(\d{2})-(\d{2})$/.test(value) ? value.split('-').map(Number) : [0, 0, 0];
  return dayOf(year!, month!, date!) ? value : helpers.message({ custom: 'must be a day like 2027-03-31' });
});
const instant = Joi.string().isoDate().max(40).prefs({ convert: false });
const limit = Joi.object({ containerTypeId: reference.required(), count: mm(1, 200).required() }).allow(null);

type Fields = Record<string, Joi.Schema>;

/** Fields a person may write, by table. `id`, `siteId` and `version` are kept by the server. */
export const FIELDS: Record<TableName, Fields> = {
  site: {
    name: text(80),
    system: Joi.valid('metric', 'imperial'),
    currency: Joi.string().pattern(/^[A-Z]{3}$/, 'three letters'),
    growth: Joi.number().min(0).max(0.5),
    fillLimit: Joi.number().min(0.3).max(1),
    measures: Joi.object().pattern(Joi.valid(...EVERYDAY_MEASURES.map((m) => m.key)), Joi.number().min(0.01).max(500)),
  },
  person: {
    name: text(60),
    kind: Joi.valid('adult', 'child'),
    stature: mm(400, 2300),
    colour: word,
    born: Joi.string()
      .pattern(/^\d{4}-(0[1-9]|1[0-2])$/, 'year and month')
      .allow(null)
      .default(null),
    reads: flag.default(true),
    limit: limit.default(null),
  },
  room: {
    name: text(60),
    code: Joi.string().pattern(/^[A-Z]{1,2}$/, 'one or two capital letters'),
    width: mm(500, 50000),
    depth: mm(500, 50000),
    height: mm(1500, 12000),
    sort: Joi.number(),
    people: list(reference, 60),
    minutesADay: mm(5, 720).allow(null).default(null),
    deadline: day.allow(null).default(null),
  },
  zone: { roomId: reference, name: text(60), kind: Joi.valid(...ZONE_KINDS), x: coordinate, y: coordinate },
  unit: {
    roomId: reference,
    name: text(60),
    template: Joi.valid(...Object.keys(TEMPLATES)),
    width: mm(60, 6000),
    height: mm(60, 6000),
    depth: mm(60, 6000),
    columns: mm(1, 12),
    rows: mm(1, 20),
    board: mm(1, 80),
    raised: mm(0, 3000),
    x: coordinate,
    y: coordinate,
    locked: flag,
    sunlit: flag,
    onView: flag,
    anchored: flag,
    sort: Joi.number(),
  },
  compartment: {
    unitId: reference,
    name: text(60),
    x: mm(0, 6000),
    z: mm(0, 6000),
    width: mm(10, 6000),
    depth: mm(10, 6000),
    height: mm(10, 6000),
    floor: mm(0, 9000),
    access: Joi.valid('front', 'top'),
    door: flag,
    drawer: flag,
    maxLoad: mm(100, 500000),
    sort: Joi.number(),
  },
  family: {
    name: text(60),
    hue: word,
    pictogram: word,
    sort: Joi.number(),
    fine: mm(1, 60).allow(null).default(null),
  },
  category: {
    familyId: reference,
    starter: word.max(60).allow(null),
    name: text(60),
    pictogram: word,
    synonyms: list(text(60), 40),
    lie: Joi.valid(...Object.keys(LIE_FACTOR)),
    hazards: list(Joi.valid(...HAZARDS), 7),
    view: Joi.valid('show', 'hide', null),
    lid: flag,
    lightSensitive: flag,
    density: Joi.number().min(5).max(5000),
    zoneKind: Joi.valid(...ZONE_KINDS),
    perWeek: Joi.number().min(0).max(500),
    users: list(reference, 60),
    containerTypeId: reference.allow(null),
    factor: Joi.number().min(0.25).max(4),
    tidiers: list(reference, 60).default([]),
    limit: limit.default(null),
    school: word.allow(null).default(null),
  },
  line: {
    roomId: reference,
    categoryId: reference.allow(null),
    name: text(120),
    amount: Joi.number().greater(0).max(100000),
    measure: Joi.valid('pieces', ...EVERYDAY_MEASURES.map((m) => m.key)),
    length: mm(1, 20000).allow(null),
    width: mm(1, 20000).allow(null),
    height: mm(1, 20000).allow(null),
    decision: Joi.valid(...DECISIONS),
    note: Joi.string().trim().max(400).allow(''),
    sort: Joi.number(),
    condition: Joi.valid(...CONDITIONS, null).default(null),
    due: day.allow(null).default(null),
    whereto: Joi.string().trim().max(80).allow('').default(''),
    keepUntil: day.allow(null).default(null),
    decidedAt: instant.allow(null).default(null),
    tested: Joi.number().min(0).max(100000).allow(null).default(null),
    dead: Joi.number().min(0).max(100000).allow(null).default(null),
    setPieces: mm(1, 20000).allow(null).default(null),
    setMissing: mm(0, 20000).default(0),
    also: list(reference, 12).default([]),
    spread: Joi.array()
      .max(12)
      .items(Joi.object({ where: text(80).required(), amount: Joi.number().greater(0).max(100000).required() }))
      .default([]),
    facets: Joi.object()
      .pattern(Joi.valid(...FACETS), Joi.string().trim().max(60))
      .default({}),
    doubts: Joi.object()
      .pattern(Joi.valid(...DOUBTS.map((doubt) => doubt.key)), flag)
      .default({}),
  },
  containerType: {
    name: text(60),
    form: Joi.valid('box', 'tapered', 'round'),
    outWidth: mm(10, 3000),
    outDepth: mm(10, 3000),
    outHeight: mm(10, 3000),
    inWidth: mm(5, 3000),
    inDepth: mm(5, 3000),
    inHeight: mm(5, 3000),
    seeThrough: flag,
    lid: flag,
    handle: flag,
    stackable: flag,
    mass: mm(0, 50000),
    price: mm(0, 10_000_000),
    pack: mm(1, 1000),
    owned: mm(0, 10000),
    material: Joi.valid('clear', 'plastic', 'wood', 'basket', 'card', 'metal', 'cloth', 'glass'),
  },
  bin: {
    roomId: reference,
    categoryId: reference,
    containerTypeId: reference,
    code: Joi.string().pattern(/^[A-Z]{1,2}\d{1,5}$/, 'letters and a number'),
    name: text(60),
    litres: Joi.number().min(0).max(5000),
    compartmentId: reference.allow(null),
    pinned: flag,
    printed: Joi.string().max(120).allow(null),
    seenFull: Joi.number().min(0).max(1.5).allow(null),
    sort: Joi.number(),
  },
  session: {
    roomId: reference,
    startedAt: instant,
    runningSince: instant.allow(null),
    endedAt: instant.allow(null),
    seconds: Joi.number().min(0).max(1e8),
  },
  deferral: { roomId: reference, what: text(120), until: day, done: flag },
  photo: {
    roomId: reference,
    lineId: reference.allow(null),
    kind: Joi.valid(...PHOTO_KINDS),
    takenOn: day,
    width: mm(1, 20000),
    height: mm(1, 20000),
    note: Joi.string().trim().max(200).allow(''),
  },
};

/** Fields with a default of their own may be missing: files of earlier versions do not have them. */
const hasDefault = (schema: Joi.Schema): boolean =>
  'default' in ((schema.describe().flags as object | undefined) ?? {});
const required = (fields: Fields, except: readonly string[] = []): Fields =>
  Object.fromEntries(
    Object.entries(fields).map(([name, schema]) => [
      name,
      except.includes(name) || hasDefault(schema) ? schema : schema.required(),
    ]),
  );
/** All fields of a row; those with a default and those in `except` may be missing. */
export const wholeFields = (table: TableName, except: readonly string[] = []): Fields =>
  required(FIELDS[table], except);

const version = Joi.number().integer().min(0).required();

/** Tables whose rows people make and change one by one, and what a new row may leave out. */
export const EDITABLE = {
  person: ['colour'],
  room: ['sort', 'people', 'code'],
  zone: [],
  unit: ['x', 'y', 'locked', 'sunlit', 'onView', 'anchored', 'sort'],
  family: ['sort', 'hue', 'pictogram'],
  category: [
    'starter',
    'pictogram',
    'synonyms',
    'hazards',
    'view',
    'lid',
    'lightSensitive',
    'density',
    'zoneKind',
    'perWeek',
    'users',
    'containerTypeId',
    'factor',
    'lie',
  ],
  deferral: ['done'],
  containerType: ['owned', 'seeThrough', 'lid', 'handle', 'stackable', 'mass', 'price', 'pack', 'form', 'material'],
} as const satisfies Partial<Record<TableName, readonly string[]>>;

export type EditableTable = keyof typeof EDITABLE;

/** A container cannot be larger inside than outside. */
const insideFields = Object.fromEntries(
  ['Width', 'Depth', 'Height'].map((side) => [
    `in${side}`,
    FIELDS.containerType[`in${side}`]!.when(`out${side}`, {
      is: Joi.number().required(),
      then: Joi.number()
        .max(Joi.ref(`out${side}`))
        .messages({ 'number.max': 'must not be larger than outside' }),
    }),
  ]),
);

export const createSchema = (table: EditableTable): Joi.ObjectSchema =>
  Joi.object(
    required(table === 'containerType' ? { ...FIELDS[table], ...insideFields } : FIELDS[table], EDITABLE[table]),
  );

/** A change of some fields, with the version its author has read. */
export const patchSchema = (table: TableName): Joi.ObjectSchema =>
  Joi.object({ ...FIELDS[table], ...(table === 'containerType' ? insideFields : {}), version })
    .min(2)
    // What is not named stays as it is.
    .prefs({ noDefaults: true });
export const removeSchema = Joi.object({ version });

/** A whole row, as it stands in an export. */
export const rowSchema = (table: TableName): Joi.ObjectSchema =>
  Joi.object({
    id: rowId.required(),
    version: Joi.number().integer().min(0).required(),
    ...(table === 'site' ? {} : { siteId: rowId.required() }),
    ...required(FIELDS[table]),
  });
