import Joi from 'joi';
import { FIELDS } from '../rows/fields.ts';

/** How full somebody saw a bin. */
export interface SeenRequest {
  version: number;
  full: number;
}
export const seenRequest: Joi.ObjectSchema<SeenRequest> = Joi.object({
  version: Joi.number().integer().min(0).required(),
  full: FIELDS.bin.seenFull.disallow(null).required(),
});
