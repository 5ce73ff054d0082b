import Joi from 'joi';
import { MAX_BINS } from '@stube/core/containers/choose';
import { rowId } from '../rows/fields.ts';

export interface ContainRequest {
  choices?: { categoryId: string; containerTypeId: string | null; count: number }[];
}
export const containRequest: Joi.ObjectSchema<ContainRequest> = Joi.object({
  choices: Joi.array()
    .max(2000)
    .items(
      Joi.object({
        categoryId: rowId.required(),
        // Null: without a container.
        containerTypeId: rowId.allow(null).required(),
        count: Joi.number().integer().min(0).max(MAX_BINS).required(),
      }),
    )
    .unique('categoryId'),
});
