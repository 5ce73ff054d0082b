import Joi from '../joi.ts';
import { FIELDS } from '../rows/fields.ts';

/** What was done before that day (ISO) is forgotten. */
export const dropRequest: Joi.ObjectSchema<{ before: string }> = Joi.object({
  before: FIELDS.deferral.until.required(),
});
