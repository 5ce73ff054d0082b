import Joi from '../joi.ts';
import { rowId } from '../rows/values.ts';

/** The home of a bin: a compartment and, where it is known, the position in it, mm; without one it stands where there is room. */
export interface PlacedAt {
  compartmentId: string | null;
  x?: number | null;
  y?: number | null;
  z?: number | null;
  turned?: boolean;
}
export interface PlaceRequest {
  /** Where each of these goes, with the version of it that was read; without the list the server finds places itself. */
  placed?: ({ binId: string; version: number; pin?: boolean } & PlacedAt)[];
  pin?: boolean;
}
const along = Joi.number().integer().min(0).max(6000).allow(null);
export const placedAt = {
  compartmentId: rowId.allow(null).required(),
  x: along,
  y: along,
  z: along,
  turned: Joi.boolean(),
};
export const placeRequest: Joi.ObjectSchema<PlaceRequest> = Joi.object({
  placed: Joi.array()
    .max(10_000)
    .items(
      Joi.object({
        binId: rowId.required(),
        version: Joi.number().integer().min(0).required(),
        ...placedAt,
        pin: Joi.boolean(),
      }).and('x', 'y', 'z'),
    )
    .unique('binId'),
  pin: Joi.boolean(),
});
