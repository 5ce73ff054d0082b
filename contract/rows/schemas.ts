/** Requests about single rows, by the model: what a new row must be told, what may be changed. */
import Joi from '../joi.ts';
import { ENTITIES, fieldsOf, type TableName, TABLES } from '@stube/core/model';
import { FIELDS } from './fields.ts';
import { rowId } from './values.ts';

type Schemas = Record<string, Joi.Schema>;

/** A container cannot be larger inside than outside. */
const insideFields: Schemas = Object.fromEntries(
  (['Width', 'Depth', 'Height'] as const).map((side) => [
    `in${side}`,
    FIELDS.containerType[`in${side}`].when(`out${side}`, {
      is: Joi.number().required(),
      then: Joi.number()
        .max(Joi.ref(`out${side}`))
        .messages({ 'number.max': 'must not be larger than outside' }),
    }),
  ]),
);

/** The fields of a table, with what holds between them. */
export const fieldSchemas = (table: TableName): Schemas =>
  table === 'containerType' ? { ...FIELDS[table], ...insideFields } : FIELDS[table];

/**
 * A new row: a field with a default gets it when it is not named; what its feature finds may be left open; all others are
 * required. @param open more that may be left open
 */
export function newFields(table: TableName, open: readonly string[] = []): Schemas {
  const schemas = fieldSchemas(table);
  return Object.fromEntries(
    fieldsOf(table).map(([name, field]) => {
      const schema = schemas[name]!;
      if ('default' in field) return [name, schema.default(() => structuredClone(field.default))];
      return [name, field.computed || open.includes(name) ? schema : schema.required()];
    }),
  );
}

/** Tables whose rows people make one by one. */
export type CreatableTable = Extract<
  TableName,
  | 'person'
  | 'room'
  | 'zone'
  | 'unit'
  | 'family'
  | 'containerType'
  | 'category'
  | 'deferral'
  | 'fixture'
  | 'acknowledgement'
  | 'cutPiece'
  | 'cutStock'
  | 'labelLayout'
  | 'stray'
  | 'routine'
  | 'routineDay'
  | 'holiday'
  | 'rotating'
  | 'slot'
  | 'spell'
  | 'interest'
  | 'season'
  | 'par'
  | 'stockCount'
  | 'stockOrder'
  | 'kitItem'
  | 'kitCheck'
  | 'daySlot'
>;
export const CREATABLE = TABLES.filter((table) => ENTITIES[table].routes.create) as readonly CreatableTable[];
export const REMOVABLE = TABLES.filter((table) => ENTITIES[table].routes.remove);

const version = Joi.number().integer().min(0).required();

const CREATE = new Map(CREATABLE.map((table) => [table, Joi.object(newFields(table))]));
export const createSchema = (table: CreatableTable): Joi.ObjectSchema => CREATE.get(table)!;

const PATCH = new Map(TABLES.map((table) => [table, Joi.object({ ...fieldSchemas(table), version }).min(2)]));
/** A change of some fields, with the version its author has read; what is not named stays as it is. */
export const patchSchema = (table: TableName): Joi.ObjectSchema => PATCH.get(table)!;

export const removeSchema = Joi.object({ version });

/** A whole row, as it stands in an export. */
export const rowSchema = (table: TableName): Joi.ObjectSchema =>
  Joi.object({
    id: rowId.required(),
    version,
    ...(table === 'site' ? {} : { siteId: rowId.required() }),
    ...Object.fromEntries(Object.entries(fieldSchemas(table)).map(([name, schema]) => [name, schema.required()])),
  });
