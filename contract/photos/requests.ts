import Joi from '../joi.ts';
import { type Photo, PHOTO_KINDS } from '@stube/core/model';
import { FIELDS } from '../rows/fields.ts';
import { rowId } from '../rows/values.ts';

/** Bytes of one picture, and of all pictures of a site: so much can be saved to a file and brought back. */
export const MAX_PICTURE = 5_000_000;
export const MAX_PICTURES = 200_000_000;

/** Says what the picture in the body shows. */
export type PhotoQuery = Pick<
  Photo,
  'kind' | 'takenOn' | 'width' | 'height' | 'note' | 'lineId' | 'containerTypeId' | 'categoryId'
>;
export const photoQuery: Joi.ObjectSchema<PhotoQuery> = Joi.object({
  kind: Joi.valid(...PHOTO_KINDS).required(),
  takenOn: FIELDS.photo.takenOn.required(),
  width: FIELDS.photo.width.required(),
  height: FIELDS.photo.height.required(),
  note: FIELDS.photo.note.default(''),
  lineId: rowId.default(null),
  containerTypeId: rowId.default(null),
  categoryId: rowId.default(null),
});
