/** Kinds of values that fields of rows hold, and in which limits. Lengths mm. */
import Joi from '../joi.ts';
import { isTimeZone } from '@stube/core/calendar';
import { MAX_SORT } from '@stube/core/model';
import { dayOf } from '@stube/core/pile';

/** What parts lines, and what no keyboard writes. */
// eslint-disable-next-line no-control-regex
const BREAKS = /[\u0000-\u001f\u007f-\u009f\u2028\u2029]+/g;
/** One line: what was pasted with line breaks comes in without them. */
export const text = (max: number) => Joi.string().trim().replace(BREAKS, ' ').min(1).max(max);
export const note = (max: number) => Joi.string().trim().max(max).allow('');
export const rowId = Joi.string().pattern(/^[A-Za-z0-9_-]{1,40}$/, 'an id');
/** A whole number: of things, rows, places. */
export const whole = (min: number, max: number) => Joi.number().integer().min(min).max(max);
export const mm = whole;
export const grams = whole;
/** Money, cents of the site's currency. */
export const minorUnits = whole;
export const seconds = whole;
export const minutes = whole;
export const days = whole;
export const weeks = whole;
export const months = whole;
export const flag = Joi.boolean().strict();
export const list = (item: Joi.Schema, max: number) => Joi.array().items(item).max(max).unique();
export const coordinate = mm(-1000, 100_000);
export const order = Joi.number().min(-MAX_SORT).max(MAX_SORT);
export const word = Joi.string().pattern(/^[a-z0-9-]{1,40}$/, 'a word of the lists');

export const day = Joi.string().custom((value: string, helpers) => {
  const [year, month, date] = /^(\d{4})-(\d{2})-(\d{2})$/.test(value) ? value.split('-').map(Number) : [0, 0, 0];
  return dayOf(year!, month!, date!) ? value : helpers.message({ custom: 'must be a day like 2027-03-31' });
});
export const timeZone = Joi.string()
  .max(60)
  .custom((value: string, helpers) =>
    isTimeZone(value) ? value : helpers.message({ custom: 'must be a time zone like Europe/Berlin' }),
  );
/** Kept to the millisecond, however it is written. */
export const instant = Joi.string()
  .max(40)
  .custom((value: string, helpers) => {
    const time = /^\d{4}-\d\d-\d\dT/.test(value) ? Date.parse(value) : NaN;
    return Number.isNaN(time)
      ? helpers.message({ custom: 'must be a point in time like 2027-03-31T09:30:00Z' })
      : new Date(time).toISOString();
  });
export const limit = Joi.object({
  containerTypeId: rowId.required(),
  count: whole(1, 200).required(),
  perYear: Joi.boolean(),
}).allow(null);
