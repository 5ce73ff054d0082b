import Joi from '../joi.ts';
import { FIELDS } from '../rows/fields.ts';
import { rowId } from '../rows/values.ts';

/** Numbers for what a line holds. */
export interface NumberRequest {
  lineId: string;
  series: string;
  count: number;
  /** Numbers that came free are given again. */
  gaps: boolean;
}
export const numberRequest: Joi.ObjectSchema<NumberRequest> = Joi.object({
  lineId: rowId.required(),
  series: FIELDS.setNumber.series.required(),
  count: Joi.number().integer().min(1).max(1000).required(),
  gaps: Joi.boolean().strict().default(true),
});
export const closeGapsRequest: Joi.ObjectSchema<{ series: string }> = Joi.object({
  series: FIELDS.setNumber.series.required(),
});
