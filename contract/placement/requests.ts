import Joi from 'joi';
import { rowId } from '../rows/fields.ts';

export interface PlaceRequest {
  /** Where each of these goes, with the version of it that was read; without the list the server finds places itself. */
  placed?: { binId: string; version: number; compartmentId: string | null }[];
  pin?: boolean;
}
export const placeRequest: Joi.ObjectSchema<PlaceRequest> = Joi.object({
  placed: Joi.array()
    .max(10_000)
    .items(
      Joi.object({
        binId: rowId.required(),
        version: Joi.number().integer().min(0).required(),
        compartmentId: rowId.allow(null).required(),
      }),
    )
    .unique('binId'),
  pin: Joi.boolean(),
});
