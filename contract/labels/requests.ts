import Joi from 'joi';
import type { Paper } from '@stube/core/model/site';
import { FIELDS } from '../rows/fields.ts';
import { rowId } from '../rows/values.ts';

export interface PrintedRequest {
  bins: string[];
}
export const printedRequest: Joi.ObjectSchema<PrintedRequest> = Joi.object({
  bins: Joi.array().items(rowId).min(1).max(10_000).unique().required(),
});

export interface LabelQuery {
  /** As the site has it where it is not said. */
  paper?: Paper;
  room?: string;
  which: 'all' | 'changed';
  bin?: string;
}
export const labelQuery: Joi.ObjectSchema<LabelQuery> = Joi.object({
  paper: FIELDS.site.paper,
  room: rowId,
  which: Joi.valid('all', 'changed').default('all'),
  bin: rowId,
});
