/** Several rows written as one change: it is undone as one. */
import Joi from '../joi.ts';
import type { TableName } from '@stube/core/model';
import { rowId, text } from './values.ts';
import { MAX_WHAT } from './what.ts';
import { fieldSchemas, newFields } from './schemas.ts';

export interface Batch {
  /** As undo will name it. */
  what: string;
  create?: { table: TableName; id: string; values: Record<string, unknown> }[];
  update?: { table: TableName; id: string; version: number; values: Record<string, unknown> }[];
  remove?: { table: TableName; id: string; version: number }[];
}

/** What may be written together: things, how they are grouped, and what is measured, cut and moved. */
const TABLES = [
  'line',
  'category',
  'family',
  'deferral',
  'bin',
  'containerType',
  'compartment',
  'cutPiece',
  'move',
  'setNumber',
  'labelLayout',
  'printedLabel',
  'observation',
  'stray',
  'routine',
  'routineDay',
  'recall',
  'rotating',
  'slot',
  'spell',
  'season',
  'par',
  'stockCount',
  'stockOrder',
  'kitItem',
  'kitCheck',
] as const satisfies readonly TableName[];
export type BatchTable = (typeof TABLES)[number];
/** Rows in one change. */
export const MAX_ROWS = 20_000;
const version = Joi.number().integer().min(0).required();
/** What a row of the table named beside it may hold. */
const valuesFor = (make: (table: BatchTable) => Joi.Schema): Joi.Schema =>
  Joi.alternatives()
    .conditional('table', {
      switch: TABLES.map((table) => ({ is: table, then: make(table) })),
      otherwise: Joi.object(),
    })
    .required();

export const batch: Joi.ObjectSchema<Batch> = Joi.object({
  what: text(MAX_WHAT).required(),
  create: Joi.array()
    .max(MAX_ROWS)
    .items(
      Joi.object({
        table: Joi.valid(...TABLES).required(),
        id: rowId.required(),
        values: valuesFor((table) => Joi.object(newFields(table)).required()),
      }),
    ),
  update: Joi.array()
    .max(MAX_ROWS)
    .items(
      Joi.object({
        table: Joi.valid(...TABLES).required(),
        id: rowId.required(),
        version,
        values: valuesFor((table) => Joi.object(fieldSchemas(table)).min(1).required()),
      }),
    ),
  remove: Joi.array()
    .max(MAX_ROWS)
    .items(Joi.object({ table: Joi.valid(...TABLES).required(), id: rowId.required(), version })),
}).or('create', 'update', 'remove');
