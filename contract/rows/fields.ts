/** What may be written into each field of each kind of row, and in which limits. Lengths mm, masses g. */
import { LENGTH_SYSTEMS, PAPER_NAMES } from '@stube/core/model/site';
import { MAX_SORT } from '@stube/core/model/sort';
import Joi from 'joi';
import {
  ATTRIBUTES,
  BLOCKED_SIDES,
  CONDITIONS,
  CUT_PARTS,
  DECISIONS,
  DOUBLES,
  FACINGS,
  FIXTURE_KINDS,
  FORMS,
  MATERIALS,
  PHOTO_KINDS,
  SWINGS,
  WALL_KINDS,
  ZONE_KINDS,
  type RowOf,
  type TableName,
} from '@stube/core/model/entities';
import type { FieldsOf } from '@stube/core/model/entity';
import { HAZARD_WORDS } from '@stube/core/cautions/hazards';
import { TEMPLATES } from '@stube/core/measuring/templates';
import { DOUBTS } from '@stube/core/pile/doubts';
import { dayOf } from '@stube/core/pile/reading/day';
import { EVERYDAY_MEASURES } from '@stube/core/pile/measures';
import { PACKING_FACTOR } from '@stube/core/containers/litres';

const text = (max: number) => Joi.string().trim().min(1).max(max);
const note = (max: number) => Joi.string().trim().max(max).allow('');
export const rowId = Joi.string().pattern(/^[A-Za-z0-9_-]{1,40}$/, 'id');
const mm = (min: number, max: number) => Joi.number().integer().min(min).max(max);
const flag = Joi.boolean().strict();
const list = (item: Joi.Schema, max: number) => Joi.array().items(item).max(max).unique();
const coordinate = mm(-1000, 100_000);
const order = Joi.number().min(-MAX_SORT).max(MAX_SORT);
const word = Joi.string().pattern(/^[a-z0-9-]{1,40}$/, 'name');

const day = Joi.string().custom((value: string, helpers) => {
  const [year, month, date] = /^(\d{4})-(\d{2})-(\d{2})$/.test(value) ? value.split('-').map(Number) : [0, 0, 0];
  return dayOf(year!, month!, date!) ? value : helpers.message({ custom: 'must be a day like 2027-03-31' });
});
/** Kept to the millisecond, however it is written. */
const instant = Joi.string()
  .max(40)
  .custom((value: string, helpers) => {
    const time = /^\d{4}-\d\d-\d\dT/.test(value) ? Date.parse(value) : NaN;
    return Number.isNaN(time)
      ? helpers.message({ custom: 'must be a point in time like 2027-03-31T09:30:00Z' })
      : new Date(time).toISOString();
  });
const limit = Joi.object({
  containerTypeId: rowId.required(),
  count: mm(1, 200).required(),
  perYear: Joi.boolean(),
}).allow(null);

/** What stood where on an earlier day: drawn and compared, never pointed into. */
const shape = {
  template: Joi.valid(...Object.keys(TEMPLATES)).required(),
  width: mm(1, 6000).required(),
  height: mm(1, 6000).required(),
  depth: mm(1, 6000).required(),
  columns: mm(1, 12).required(),
  rows: mm(1, 20).required(),
  board: mm(1, 80).required(),
  raised: mm(0, 3000).required(),
  slope: mm(0, 6000).allow(null).required(),
  layout: Joi.array().max(12).items(Joi.object().unknown()).allow(null).required(),
};
const side = mm(1, 6000).required();
const asItIs = Joi.object({
  day: day.required(),
  effort: Joi.number().min(0).max(1e9).required(),
  unplaced: mm(0, 100_000).required(),
  units: Joi.array()
    .max(2000)
    .items(
      Joi.object({
        ...shape,
        name: text(60).required(),
        x: coordinate.required(),
        y: coordinate.required(),
        faces: Joi.valid(...FACINGS).required(),
        wheels: flag.required(),
        spaces: Joi.array()
          .max(1000)
          .items(
            Joi.object({
              name: text(60).required(),
              x: mm(0, 6000).required(),
              z: mm(0, 6000).required(),
              width: side,
              depth: side,
              height: side,
              floor: mm(0, 9000).required(),
              access: Joi.valid('front', 'top').required(),
              door: flag.required(),
              drawer: flag.required(),
              hangs: flag.required(),
              maxLoad: mm(100, 500_000).required(),
              bins: Joi.array()
                .max(400)
                .items(
                  Joi.object({
                    code: text(10).required(),
                    name: text(70).required(),
                    hue: word.required(),
                    outWidth: side,
                    outDepth: side,
                    outHeight: side,
                  }),
                )
                .required(),
            }),
          )
          .required(),
      }),
    )
    .required(),
}).allow(null);

/** The longest name of a site. */
export const MAX_SITE_NAME = 80;
/** The longest name of a line; a label, a list and an act are named after it. */
export const MAX_NAME = 120;
/** No limit of its own: what a bin holds follows from its lines, however many and large they are told to be. */
const MAX_LITRES = 1e18;

/** `id`, `siteId` and `version` are kept by the server. */
export const FIELDS: { [T in TableName]: Record<keyof FieldsOf<RowOf<T>>, Joi.Schema> } = {
  site: {
    name: text(MAX_SITE_NAME),
    system: Joi.valid(...LENGTH_SYSTEMS),
    currency: Joi.string().pattern(/^[A-Z]{3}$/, 'three letters'),
    growth: Joi.number().min(0).max(0.5),
    fillLimit: Joi.number().min(0.3).max(1),
    measures: Joi.object().pattern(Joi.valid(...EVERYDAY_MEASURES.map((m) => m.key)), Joi.number().min(0.01).max(500)),
    restDays: list(mm(0, 6), 6),
    keepsNew: flag,
    paper: Joi.valid(...PAPER_NAMES),
    kerf: mm(0, 20),
    clearance: mm(0, 100),
  },
  person: {
    name: text(60),
    kind: Joi.valid('adult', 'child'),
    stature: mm(400, 2300),
    colour: word,
    born: Joi.string()
      .pattern(/^\d{4}-(0[1-9]|1[0-2])$/, 'year and month')
      .allow(null),
    reads: flag,
    mouths: flag,
    limit,
  },
  room: {
    name: text(60),
    code: Joi.string().pattern(/^[A-Z]{1,2}$/, 'one or two capital letters'),
    width: mm(500, 50_000),
    depth: mm(500, 50_000),
    height: mm(1500, 12_000),
    sort: order,
    people: list(rowId, 60),
    minutesADay: mm(5, 720).allow(null),
    deadline: day.allow(null),
    wallKind: Joi.valid(...WALL_KINDS, null),
    mayDrill: flag.allow(null),
    asItIs,
    view: Joi.valid('show', 'hide', null),
    lids: Joi.valid('lids', 'open', null),
    heights: Joi.valid('weight', 'children', null),
    buy: Joi.valid('own', 'least', 'match', null),
  },
  zone: {
    roomId: rowId,
    name: text(60),
    kind: Joi.valid(...ZONE_KINDS),
    x: coordinate,
    y: coordinate,
    width: mm(200, 20_000).allow(null),
    depth: mm(200, 20_000).allow(null),
  },
  unit: {
    roomId: rowId,
    name: text(60),
    template: Joi.valid(...Object.keys(TEMPLATES)),
    width: mm(60, 6000),
    height: mm(60, 6000),
    depth: mm(60, 6000),
    columns: mm(1, 12),
    rows: mm(1, 20),
    board: mm(1, 80),
    raised: mm(0, 3000),
    slope: mm(0, 6000).allow(null),
    layout: Joi.array()
      .min(1)
      .max(12)
      .items(
        Joi.object({
          width: mm(0, 6000).required(),
          parts: Joi.array()
            .min(1)
            .max(20)
            .items(Joi.object({ height: mm(0, 6000).required(), kind: Joi.valid('open', 'door', 'drawer').required() }))
            .required(),
          high: mm(60, 6000),
        }),
      )
      .allow(null),
    wheels: flag,
    folds: flag,
    doubles: Joi.valid(...DOUBLES, null),
    step: mm(5, 500).allow(null),
    x: coordinate,
    y: coordinate,
    faces: Joi.valid(...FACINGS),
    locked: flag,
    sunlit: flag,
    onView: flag,
    anchored: flag,
    lidSupport: flag,
    airHoles: flag,
    latch: flag,
    maxLoad: mm(100, 2_000_000).allow(null),
    reused: flag,
    checked: flag,
    sort: order,
  },
  compartment: {
    unitId: rowId,
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
    hangs: flag,
    opening: mm(10, 6000).allow(null),
    blocked: Joi.array()
      .max(8)
      .items(
        Joi.object({
          side: Joi.valid(...BLOCKED_SIDES).required(),
          by: mm(1, 2000).required(),
          what: note(40).required(),
        }),
      ),
    measured: flag,
    maxLoad: mm(100, 500_000),
    sort: order,
  },
  family: { name: text(60), hue: word, pictogram: word, sort: order, granularity: mm(1, 60).allow(null) },
  category: {
    familyId: rowId,
    starter: word.max(60).allow(null),
    name: text(60),
    pictogram: word,
    synonyms: list(text(60), 40),
    packingKind: Joi.valid(...Object.keys(PACKING_FACTOR)),
    hazards: list(Joi.valid(...Object.keys(HAZARD_WORDS)), 15),
    view: Joi.valid('show', 'hide', null),
    lid: flag,
    lightSensitive: flag,
    density: Joi.number().min(5).max(5000),
    zoneKind: Joi.valid(...ZONE_KINDS),
    perWeek: Joi.number().min(0).max(500),
    users: list(rowId, 60),
    containerTypeId: rowId.allow(null),
    standsAlone: flag.allow(null),
    bulkCorrection: Joi.number().min(0.25).max(4),
    tidiers: list(rowId, 60),
    limit,
    scheme: word.allow(null),
  },
  line: {
    roomId: rowId,
    categoryId: rowId.allow(null),
    name: text(MAX_NAME),
    amount: Joi.number().greater(0).max(100_000),
    measure: Joi.valid('pieces', ...EVERYDAY_MEASURES.map((m) => m.key)),
    // A category of the library, or a closer kind in it: `balls/football`.
    kind: Joi.string()
      .pattern(/^[a-z0-9-]{1,60}(\/[a-z0-9-]{1,80})?$/, 'kind')
      .allow(null),
    lies: Joi.valid(...Object.keys(PACKING_FACTOR), null),
    litresEach: Joi.number().greater(0).max(1000).allow(null),
    length: mm(1, 20_000).allow(null),
    width: mm(1, 20_000).allow(null),
    height: mm(1, 20_000).allow(null),
    decision: Joi.valid(...DECISIONS, null),
    note: note(400),
    cell: mm(1, 200).allow(null),
    sort: order,
    condition: Joi.valid(...CONDITIONS, null),
    due: day.allow(null),
    destination: note(80),
    keepUntil: day.allow(null),
    keepsakeOf: rowId.allow(null),
    putOff: mm(0, 100),
    handedOver: day.allow(null),
    gained: mm(0, 1_000_000_000).allow(null),
    decidedAt: instant.allow(null),
    tested: Joi.number().min(0).max(100_000).allow(null),
    dead: Joi.number().min(0).max(100_000).allow(null),
    testedOn: day.allow(null),
    setPieces: mm(1, 20_000).allow(null),
    setMissing: mm(0, 20_000),
    also: list(rowId, 12),
    spread: Joi.array()
      .max(12)
      .items(Joi.object({ where: text(80).required(), amount: Joi.number().greater(0).max(100_000).required() })),
    attributes: Joi.object().pattern(Joi.valid(...ATTRIBUTES), note(60)),
    doubts: Joi.object().pattern(Joi.valid(...DOUBTS.map((doubt) => doubt.key)), flag),
  },
  containerType: {
    name: text(60),
    form: Joi.valid(...FORMS),
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
    compartments: mm(1, 200),
    soft: flag,
    lockable: flag,
    turntable: flag,
    liftOut: flag,
    mass: mm(0, 50_000),
    price: mm(0, 10_000_000),
    pack: mm(1, 1000),
    owned: mm(0, 10_000),
    tried: Joi.valid('fits', 'does not', null),
    material: Joi.valid(...MATERIALS),
  },
  bin: {
    roomId: rowId,
    categoryId: rowId,
    containerTypeId: rowId.allow(null),
    outWidth: mm(5, 6000).allow(null),
    outDepth: mm(5, 6000).allow(null),
    outHeight: mm(5, 6000).allow(null),
    lineIds: list(rowId, 400),
    code: Joi.string().pattern(/^[A-Z]{1,2}\d{1,5}$/, 'letters and a number'),
    cells: mm(1, 200).allow(null),
    // The name of a category with the number of the bin.
    name: text(70),
    litres: Joi.number().min(0).max(MAX_LITRES),
    compartmentId: rowId.allow(null),
    x: mm(0, 6000).allow(null),
    y: mm(0, 6000).allow(null),
    z: mm(0, 6000).allow(null),
    turned: flag,
    parkId: rowId.allow(null),
    pinned: flag,
    // Code and name.
    printed: Joi.string().max(120).allow('', null),
    seenFull: Joi.number().min(0).max(1.5).allow(null),
    sort: order,
  },
  session: {
    roomId: rowId,
    startedAt: instant,
    runningSince: instant.allow(null),
    endedAt: instant.allow(null),
    seconds: Joi.number().min(0).max(1e10),
  },
  move: {
    roomId: rowId,
    binId: rowId,
    to: Joi.valid('place', 'parking'),
    fromId: rowId.allow(null),
    x: mm(0, 6000).allow(null),
    y: mm(0, 6000).allow(null),
    z: mm(0, 6000).allow(null),
    turned: flag,
    sort: order,
    done: flag,
  },
  deferral: { roomId: rowId, what: text(120), until: day, done: flag },
  photo: {
    roomId: rowId,
    lineId: rowId.allow(null),
    containerTypeId: rowId.allow(null),
    kind: Joi.valid(...PHOTO_KINDS),
    takenOn: day,
    width: mm(1, 20_000),
    height: mm(1, 20_000),
    note: note(200),
  },
  cutPiece: { compartmentId: rowId, part: Joi.valid(...CUT_PARTS), count: mm(1, 200) },
  cutStock: {
    part: Joi.valid(...CUT_PARTS),
    length: mm(50, 20_000),
    width: mm(20, 20_000).allow(null),
    price: mm(0, 100_000_000),
    count: mm(0, 1000).allow(null),
  },
  fixture: {
    roomId: rowId,
    kind: Joi.valid(...FIXTURE_KINDS),
    name: note(60),
    x: coordinate,
    y: coordinate,
    width: mm(20, 20_000),
    height: mm(20, 6000),
    sill: mm(0, 6000),
    swing: Joi.valid(...SWINGS, null),
  },
  acknowledgement: {
    roomId: rowId,
    key: text(160),
    fact: text(2000),
    about: text(160),
    hazard: Joi.string().pattern(/^H\d{1,2}$/, 'hazard'),
    reason: text(400),
    on: day,
    by: note(60),
  },
};
