import Joi from '../joi.ts';
import { type ListKey, LISTS } from '@stube/core/pile';
import { rowId } from '../rows/values.ts';

export interface ListQuery {
  of: ListKey;
  room?: string;
}
export const listQuery: Joi.ObjectSchema<ListQuery> = Joi.object({
  of: Joi.valid(...Object.keys(LISTS)).required(),
  room: rowId,
});
