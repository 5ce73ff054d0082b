/** What new rows begin with where nobody has said anything yet. */
import { ENTITIES, TABLES, type DefaultedField, type RowOf, type SiteData, type TableName } from './entities.ts';
import type { Field } from './entity.ts';

/** The fields of a table with what is said of each. */
export const fieldsOf = (table: TableName): [name: string, field: Field][] => Object.entries(ENTITIES[table].fields);

/** A site without a single row. */
export const noRows = (): SiteData => Object.fromEntries(TABLES.map((table) => [table, []])) as unknown as SiteData;

/**
 * The defaults of a table's fields, made anew at every call, so that no two rows share a list.
 * @example defaultsOf('person') // { colour: 'slate', born: null, reads: true, count: 1, … }
 */
export const defaultsOf = <T extends TableName>(table: T): Pick<RowOf<T>, DefaultedField<T> & keyof RowOf<T>> =>
  structuredClone(
    Object.fromEntries(fieldsOf(table).flatMap(([name, field]) => ('default' in field ? [[name, field.default]] : []))),
  ) as never;
