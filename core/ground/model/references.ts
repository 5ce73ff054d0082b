/** Which rows point to which: what checks, removal, copying and indexes go by. */
import { TABLES, type TableName } from './entities.ts';
import type { WhenGone } from './entity.ts';
import { fieldsOf } from './defaults.ts';

export interface Reference {
  /** The table whose rows point, and the field of them that does. */
  table: TableName;
  field: string;
  to: TableName;
  /** The field is a list of ids. */
  many: boolean;
  /** The property of the field's object that holds the id; null where the field itself holds it. */
  at: string | null;
  whenGone: WhenGone;
  /** Other fields that are set when the pointer is cleared. */
  clears: Readonly<Record<string, unknown>>;
}

/** All of them. The site itself is no reference: every row carries it. */
export const REFERENCES: readonly Reference[] = TABLES.flatMap((table) =>
  fieldsOf(table).flatMap(([name, { to, many, at, whenGone, clears }]) =>
    to
      ? [
          {
            table,
            field: name,
            to: to as TableName,
            many: many ?? false,
            at: at ?? null,
            whenGone: whenGone ?? 'clear',
            clears: clears ?? {},
          },
        ]
      : [],
  ),
);

/** What rows of a table point to. */
export const referencesOf = (table: TableName): Reference[] =>
  REFERENCES.filter((reference) => reference.table === table);
/** What points to rows of a table. */
export const referencesTo = (table: TableName): Reference[] => REFERENCES.filter((reference) => reference.to === table);

type Values = Readonly<Record<string, unknown>>;

/** The ids that a row, or part of one, holds in that field. */
export function idsIn(row: Values, { field, many, at }: Reference): string[] {
  const value = row[field];
  if (value === null || value === undefined) return [];
  if (many) return value as string[];
  return [(at ? (value as Values)[at] : value) as string];
}

/** What is to be written into a row so that it no longer points to those that are gone. */
export const cleared = (row: Values, { field, many, clears }: Reference, gone: ReadonlySet<string>): Values =>
  many ? { [field]: (row[field] as string[]).filter((id) => !gone.has(id)) } : { [field]: null, ...clears };

/** The field with other ids in it. @param newIdOf called for every id */
export function withIds(row: Values, { field, many, at }: Reference, newIdOf: (id: string) => string): Values {
  const value = row[field];
  if (value === null || value === undefined) return {};
  if (many) return { [field]: (value as string[]).map(newIdOf) };
  return {
    [field]: at ? { ...(value as Values), [at]: newIdOf((value as Values)[at] as string) } : newIdOf(value as string),
  };
}
