/** Several rows written as one change: it is undone as one. */
import Joi from 'joi';
import type { TableName } from '@stube/core/model/entities';
import { FIELDS, rowId, wholeFields } from './entities.ts';

export interface Batch {
  /** As undo will name it. */
  what: string;
  create?: { table: TableName; id: string; values: Record<string, unknown> }[];
  update?: { table: TableName; id: string; version: number; values: Record<string, unknown> }[];
  remove?: { table: TableName; id: string; version: number }[];
}

/** What may be written together: things and how they are grouped. */
const TABLES = ['line', 'category', 'family', 'deferral', 'bin'] as const satisfies readonly TableName[];
const MOST = 20_000;
const version = Joi.number().integer().min(0).required();
const valuesFor = (make: (table: (typeof TABLES)[number]) => Joi.Schema): Joi.Schema =>
  TABLES.reduce(
    (schema, table) => schema.when('table', { is: table, then: make(table) }),
    Joi.object().required() as Joi.ObjectSchema,
  );

export const batch: Joi.ObjectSchema<Batch> = Joi.object({
  what: Joi.string().trim().min(1).max(120).required(),
  create: Joi.array()
    .max(MOST)
    .items(
      Joi.object({
        table: Joi.valid(...TABLES).required(),
        id: rowId.required(),
        values: valuesFor((table) => Joi.object(wholeFields(table)).required()),
      }),
    ),
  update: Joi.array()
    .max(MOST)
    .items(
      Joi.object({
        table: Joi.valid(...TABLES).required(),
        id: rowId.required(),
        version,
        values: valuesFor((table) => Joi.object(FIELDS[table]).min(1).required().prefs({ noDefaults: true })),
      }),
    ),
  remove: Joi.array()
    .max(MOST)
    .items(Joi.object({ table: Joi.valid(...TABLES).required(), id: rowId.required(), version })),
}).or('create', 'update', 'remove');

/** Lines of a list that comes in from elsewhere; a library entry is taken into the site where it is new there. */
export interface ImportedLines {
  name: string;
  lines: { starter: string | null; perWeek: number | null; values: Record<string, unknown> }[];
}
export const importedLines: Joi.ObjectSchema<ImportedLines> = Joi.object({
  name: Joi.string().trim().max(120).required(),
  lines: Joi.array()
    .min(1)
    .max(MOST)
    .items(
      Joi.object({
        starter: FIELDS.category.starter!.required(),
        perWeek: FIELDS.category.perWeek!.allow(null).required(),
        values: Joi.object(wholeFields('line', ['sort'])).required(),
      }),
    )
    .required(),
});
