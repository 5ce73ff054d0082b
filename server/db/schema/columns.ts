/** The kinds of columns that tables of a site are made of. */
import { sql, type SQL } from 'drizzle-orm';
import {
  bigint,
  boolean,
  check,
  customType,
  date,
  doublePrecision,
  foreignKey,
  index,
  integer,
  jsonb,
  text,
  unique,
  type AnyPgColumn,
  type ExtraConfigColumn,
  type PgColumn,
} from 'drizzle-orm/pg-core';
import { referencesOf, type TableName } from '@stube/core/model';

export const row = { id: text('id').primaryKey(), version: bigint('version', { mode: 'number' }).notNull() };
export const ofSite = { ...row, siteId: text('site_id').notNull() };
export const flag = (name: string) => boolean(name).notNull();
export const mm = (name: string) => integer(name).notNull();
export const day = (name: string) => date(name, { mode: 'string' });
export const sort = doublePrecision('sort').notNull();
export const idList = (name: string) => jsonb(name).$type<string[]>().notNull().default([]);

export const INSTANT = 'timestamp with time zone';
/** A point in time as the database writes it, as ISO text to the millisecond. */
export const instantOf = (written: string): string =>
  new Date(written.replace(' ', 'T').replace(/([+-]\d\d)$/, '$1:00')).toISOString();
/** The same on both sides, so that what was written reads the same. */
export const instant = customType<{ data: string; driverData: string }>({
  dataType: () => INSTANT,
  fromDriver: (value) => instantOf(String(value)),
});

/** A check that a text is one of a list; null passes where the column may be null. */
export const oneOf = (name: string, column: PgColumn, values: readonly string[]) =>
  check(name, sql`${column} in (${sql.raw(values.map((value) => `'${value.replaceAll("'", "''")}'`).join(', '))})`);
export const holds = (name: string, condition: SQL) => check(name, condition);

/** What a table is pointed to with: a row and its site together, so that nothing can point into another site. */
interface Target {
  siteId: AnyPgColumn;
  id: AnyPgColumn;
}

/**
 * Keys and indexes that follow from the model: the site's rows by id and by version, a foreign key and an index on every
 * reference that is a column, an index on those that are lists or parts of an object. Foreign keys are checked when a
 * change is over (deferred by migration).
 *
 * @param targets the tables it points to, asked for when they are all there
 */
export function modelKeys(
  table: Exclude<TableName, 'site'>,
  t: Record<string, PgColumn>,
  targets: Partial<Record<TableName, () => unknown>>,
) {
  const name = snake(table);
  const site = (targets.site!() as { id: AnyPgColumn }).id;
  return [
    unique(`${name}_of_site`).on(t.siteId!, t.id!),
    index(`${name}_version`).on(t.siteId!, t.version!),
    foreignKey({ name: `${name}_site_fk`, columns: [t.siteId!], foreignColumns: [site] }),
    ...referencesOf(table).flatMap((reference) => {
      const column = t[reference.field]!;
      const field = snake(reference.field);
      if (reference.many)
        return [index(`${name}_${field}`).using('gin', (column as unknown as ExtraConfigColumn).op('jsonb_path_ops'))];
      if (reference.at) return [index(`${name}_${field}`).on(sql`(${column} ->> '${sql.raw(reference.at)}')`)];
      const target = targets[reference.to]!() as Target;
      return [
        index(`${name}_${field}`).on(column),
        foreignKey({
          name: `${name}_${field}_fk`,
          columns: [t.siteId!, column],
          foreignColumns: [target.siteId, target.id],
        }),
      ];
    }),
  ];
}

const snake = (name: string): string => name.replace(/[A-Z]/g, (letter) => `_${letter.toLowerCase()}`);
