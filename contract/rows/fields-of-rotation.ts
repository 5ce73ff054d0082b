/** What may be written of what takes turns on the shelves, and of what is used up. */
import Joi from '../joi.ts';
import { dayOf } from '@stube/core/pile';
import { INTERESTS, USES } from '@stube/core/model';
import {
  day,
  days,
  flag,
  grams,
  list,
  minorUnits,
  minutes,
  months,
  note,
  order,
  rowId,
  text,
  whole,
} from './values.ts';

const amount = Joi.number().min(0).max(1_000_000);
const monthDay = Joi.string().custom((value: string, helpers) => {
  const [month, date] = /^(\d\d)-(\d\d)$/.test(value) ? value.split('-').map(Number) : [0, 0];
  // In some year: the 29th of February is a day too.
  return dayOf(2028, month!, date!) ? value : helpers.message({ custom: 'must be a month and day like 11-20' });
});

export const FIELDS_OF_ROTATION = {
  rotating: {
    lineId: rowId,
    areas: list(text(40), 8).min(1),
    fromMonths: months(0, 1200),
    toMonths: months(0, 1200),
    afterIds: list(rowId, 12),
    weeksOfYear: list(whole(1, 53), 53),
    loved: Joi.number().min(0).max(1),
    minutes: minutes(0, 240),
    readyIds: list(rowId, 60),
    notYetIds: list(rowId, 60),
    doneIds: list(rowId, 60),
  },
  slot: { compartmentId: rowId, area: text(40), part: whole(1, 20), parts: whole(1, 20) },
  spell: {
    slotId: rowId,
    lineId: rowId,
    from: day,
    to: day.allow(null),
    pinned: flag,
    begun: flag,
    ended: flag,
  },
  interest: { lineId: rowId, kind: Joi.valid(...INTERESTS), on: day },
  season: { binId: rowId, name: text(60), comesOut: monthDay, goesBack: monthDay, out: flag },
  par: {
    lineId: rowId,
    useId: rowId.allow(null),
    backId: rowId.allow(null),
    unit: text(30),
    least: amount,
    wanted: amount,
    pack: Joi.number().greater(0).max(100_000),
    price: minorUnits(0, 100_000_000),
    leadDays: days(0, 365),
    use: Joi.valid(...USES),
    perDay: Joi.number().min(0).max(10_000),
    fromGrams: grams(0, 200_000).allow(null),
    toGrams: grams(0, 200_000).allow(null),
    nextId: rowId.allow(null),
    expires: day.allow(null),
    opened: day.allow(null),
    keepsDays: days(1, 3650).allow(null),
  },
  stockCount: { parId: rowId, amount, inUse: amount, on: day },
  stockOrder: {
    parId: rowId,
    packs: whole(1, 10_000),
    on: day,
    received: whole(0, 10_000),
    paid: minorUnits(0, 100_000_000).allow(null),
    closed: flag,
  },
  kitItem: {
    roomId: rowId,
    name: text(80),
    position: note(60),
    wanted: whole(0, 1000),
    have: whole(0, 1000),
    expires: day.allow(null),
    sort: order,
  },
  daySlot: {
    roomId: rowId,
    weekday: whole(0, 6),
    personId: rowId.allow(null),
    activity: text(80),
    lineIds: list(rowId, 60),
    filledFor: day.allow(null),
  },
  kitCheck: { roomId: rowId, on: day, by: text(60), found: list(text(160), 100) },
};
