import Joi from 'joi';
import { rowId } from '../rows/fields.ts';

export interface PrintedRequest {
  bins: string[];
}
export const printedRequest: Joi.ObjectSchema<PrintedRequest> = Joi.object({
  bins: Joi.array().items(rowId).min(1).max(10_000).unique().required(),
});

export interface LabelQuery {
  paper: 'A4' | 'Letter';
  room?: string;
  which: 'all' | 'changed';
  bin?: string;
}
export const labelQuery: Joi.ObjectSchema<LabelQuery> = Joi.object({
  paper: Joi.valid('A4', 'Letter').default('A4'),
  room: rowId,
  which: Joi.valid('all', 'changed').default('all'),
  bin: rowId,
});
