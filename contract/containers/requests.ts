import Joi from '../joi.ts';
import { MAX_BINS } from '@stube/core/containers';
import { rowId } from '../rows/values.ts';

/** How things stand without a container, a bin each. */
interface BareBins {
  outWidth: number;
  outDepth: number;
  outHeight: number;
  lineIds: string[];
  litres: number;
}
export interface ContainRequest {
  choices?: { categoryId: string; containerTypeId: string | null; count: number; bare?: BareBins[] }[];
}
/** No side of a bin is larger, mm. */
const MAX_SIDE = 6000;
const side = Joi.number().integer().min(1).max(MAX_SIDE).required();
export const containRequest: Joi.ObjectSchema<ContainRequest> = Joi.object({
  choices: Joi.array()
    .max(2000)
    .items(
      Joi.object({
        categoryId: rowId.required(),
        // Null: without a container.
        containerTypeId: rowId.allow(null).required(),
        count: Joi.number().integer().min(0).max(MAX_BINS).required(),
        // As planned; absent: as it usually stands.
        bare: Joi.array()
          .min(1)
          .max(MAX_BINS)
          .items(
            Joi.object({
              ...{ outWidth: side, outDepth: side, outHeight: side },
              lineIds: Joi.array().length(1).items(rowId.required()).required(),
              litres: Joi.number().min(0).max(1e6).required(),
            }),
          ),
      }),
    )
    .unique('categoryId'),
});

/** How many of each container are in use or about to be, as the screen has them: `used=id:3,id:4`. */
export interface ShoppingQuery {
  used: { id: string; count: number }[];
}
/** Kinds on one list. */
const MAX_KINDS = 500;
export const shoppingQuery: Joi.ObjectSchema<ShoppingQuery> = Joi.object({
  // No string of Joi's: what that allows to be empty is never seen by `custom`.
  used: Joi.any()
    .required()
    .custom((text: unknown, helpers) => {
      const parts = typeof text === 'string' ? text.split(',').filter(Boolean) : ['?'];
      const used = parts.map((part) => /^([A-Za-z0-9_-]{1,40}):(\d{1,5})$/.exec(part));
      if (parts.length > MAX_KINDS || used.some((one) => one === null))
        return helpers.message({ custom: 'must be containers with their numbers, like abc:3,def:4' });
      return used.map((one) => ({ id: one![1]!, count: Number(one![2]) }));
    }),
});
