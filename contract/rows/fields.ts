/** What may be written into each field of each kind of row, and in which limits. */
import type Joi from 'joi';
import type { FieldsOf, RowOf, TableName } from '@stube/core/model';
import { FIELDS_OF_KEEPING } from './fields-of-keeping.ts';
import { FIELDS_OF_ROTATION } from './fields-of-rotation.ts';
import { FIELDS_OF_ROOMS } from './fields-of-rooms.ts';
import { FIELDS_OF_THINGS } from './fields-of-things.ts';

export { MAX_SITE_NAME } from './fields-of-rooms.ts';
export { MAX_NAME } from './fields-of-things.ts';

/** `id`, `siteId` and `version` are kept by the server. */
export const FIELDS: { [T in TableName]: Record<keyof FieldsOf<RowOf<T>>, Joi.Schema> } = {
  ...FIELDS_OF_ROOMS,
  ...FIELDS_OF_THINGS,
  ...FIELDS_OF_KEEPING,
  ...FIELDS_OF_ROTATION,
};
