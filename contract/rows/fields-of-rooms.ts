/** What may be written of a site, its people and rooms, their furniture and fittings, and how labels look. Lengths mm, masses g. */
import Joi from '../joi.ts';
import { LENGTH_SYSTEMS, PAPER_NAMES } from '@stube/core/model/site';
import {
  BLOCKED_SIDES,
  CHANGE_OVERS,
  CUT_PARTS,
  DOUBLES,
  FACINGS,
  FIXTURE_KINDS,
  LABELS_FOR,
  LABEL_PARTS,
  LETTER_CASES,
  MEDIA,
  READ_FROM,
  ROTATION_AIMS,
  SWINGS,
  WALL_KINDS,
  ZONE_KINDS,
} from '@stube/core/model/entities';
import { TEMPLATES } from '@stube/core/measuring/templates';
import { EVERYDAY_MEASURES } from '@stube/core/pile/measures';
import { asItIs } from './as-it-is.ts';
import { coordinate, day, flag, limit, list, mm, note, order, rowId, text, timeZone, word } from './values.ts';

/** The longest name of a site. */
export const MAX_SITE_NAME = 80;

export const FIELDS_OF_ROOMS = {
  site: {
    name: text(MAX_SITE_NAME),
    system: Joi.valid(...LENGTH_SYSTEMS),
    currency: Joi.string().pattern(/^[A-Z]{3}$/, 'three capital letters, like EUR'),
    growth: Joi.number().min(0).max(0.5),
    fillLimit: Joi.number().min(0.3).max(1),
    measures: Joi.object().pattern(Joi.valid(...EVERYDAY_MEASURES.map((m) => m.key)), Joi.number().min(0.01).max(500)),
    restDays: list(mm(0, 6), 6),
    keepsNew: flag,
    paper: Joi.valid(...PAPER_NAMES),
    kerf: mm(0, 20),
    clearance: mm(0, 100),
    restockBudget: mm(0, 1_000_000_000).allow(null),
    timeZone: timeZone.allow(null),
  },
  person: {
    name: text(60),
    kind: Joi.valid('adult', 'child'),
    stature: mm(400, 2300),
    colour: word,
    born: Joi.string()
      .pattern(/^\d{4}-(0[1-9]|1[0-2])$/, 'a year and month like 2022-05')
      .allow(null),
    reads: flag,
    mouths: flag,
    count: mm(1, 200),
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
    labelsFor: Joi.valid(...LABELS_FOR, null),
    visitors: flag,
    pets: flag,
    labelLayoutId: rowId.allow(null),
    secondLife: note(60),
    rotation: Joi.object({
      weeks: mm(4, 26).required(),
      longestSpell: mm(1, 26).required(),
      shortestSpell: mm(1, 26)
        .max(Joi.ref('longestSpell'))
        .messages({ 'any.ref': 'needs the longest to be told', 'number.max': 'must be no longer than the longest' })
        .required(),
      leastRest: mm(0, 52).required(),
      mostRest: mm(0, 104).required(),
      swapsAWeek: mm(0, 100).required(),
      minutesAWeek: mm(5, 2400).allow(null),
      weights: Joi.object().pattern(Joi.valid(...ROTATION_AIMS), Joi.number().min(0).max(5)),
    }).allow(null),
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
    changeOver: Joi.valid(...CHANGE_OVERS, null),
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
  labelLayout: {
    name: text(60),
    medium: Joi.valid(...MEDIA),
    // Stickers are sold in fractions of a millimetre.
    width: Joi.number().min(8).max(400).allow(null),
    height: Joi.number().min(6).max(400).allow(null),
    parts: list(Joi.valid(...LABEL_PARTS), LABEL_PARTS.length).min(1),
    picture: Joi.valid('pictogram', 'photo'),
    letters: Joi.valid(...LETTER_CASES),
    oneSize: flag,
    readFrom: Joi.valid(...READ_FROM),
    grid: Joi.object({
      columns: mm(1, 20).required(),
      rows: mm(1, 50).required(),
      left: Joi.number().min(0).max(100).required(),
      top: Joi.number().min(0).max(100).required(),
      gapX: Joi.number().min(0).max(50).required(),
      gapY: Joi.number().min(0).max(50).required(),
    }).allow(null),
    used: mm(0, 1000),
    weld: flag,
    mirrored: flag,
    dpi: mm(90, 1200),
  },
  acknowledgement: {
    roomId: rowId,
    key: text(160),
    fact: text(2000),
    about: text(160),
    hazard: Joi.string().pattern(/^H\d{1,2}$/, 'a hazard'),
    reason: text(400),
    on: day,
    by: note(60),
  },
};
