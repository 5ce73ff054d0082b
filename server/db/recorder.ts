/** Writes rows inside one transaction and remembers what they were: undo, history and audit trail go by that. */
import { and, eq, inArray, isNull, max, sql, type SQL } from 'drizzle-orm';
import type { PgColumn, PgTable } from 'drizzle-orm/pg-core';
import { ENTITIES, type Row, type RowOf, type TableName } from '@stube/core/model';
import { NotFound, Stale } from './problems.ts';
import type { Db } from './store.ts';
import { turn } from './turn.ts';
import { SITE_TABLES } from './tables.ts';

export type AnyRow = Row & Record<string, unknown>;
export interface Written {
  table: TableName;
  rowId: string;
  before: AnyRow | null;
  after: AnyRow | null;
}

/** The last that was written of each row. */
export const lastWritten = (written: readonly Written[]): Written[] => [
  ...new Map(written.map((row) => [`${row.table} ${row.rowId}`, row])).values(),
];

/** What a row is called by; empty where it has neither code nor name. */
export const titleOf = (row: Readonly<Record<string, unknown>> | null): string =>
  String(row?.code ?? row?.name ?? row?.what ?? '');

/** The columns of every site table that code for all of them needs. */
type SiteTable = PgTable & {
  id: typeof SITE_TABLES.bin.id;
  siteId: typeof SITE_TABLES.bin.siteId;
  version: typeof SITE_TABLES.bin.version;
};
export const tableOf = (name: TableName): SiteTable => SITE_TABLES[name] as unknown as SiteTable;
export const columnOf = (name: TableName, field: string): PgColumn =>
  (SITE_TABLES[name] as unknown as Record<string, PgColumn>)[field]!;

/** What the database keeps of a site beside its row. */
export const rowOnly = <T extends object>(row: T): T => {
  const { removed: _removed, revision: _revision, historyFrom: _from, ...values } = row as Record<string, unknown>;
  return values as T;
};

/** Rows in one statement: enough to be quick, few enough to stay within its parameters. */
const BATCH = 500;
export const inBatches = <T>(rows: readonly T[], size = BATCH): T[][] =>
  Array.from({ length: Math.ceil(rows.length / size) }, (_, i) => rows.slice(i * size, (i + 1) * size));

/** Single writes after which others have a turn. */
const TURN_EVERY = 50;

export class Recorder {
  readonly db: Db;
  readonly siteId: string;
  /** The site's revision that this change makes; the rows it writes carry it as their version. */
  readonly revision: number;
  /** The change in words, as undo will name it; work that knows it better says so. */
  what: string;
  readonly written: Written[] = [];
  private updates = 0;

  constructor(db: Db, siteId: string, revision: number, what: string) {
    this.db = db;
    this.siteId = siteId;
    this.revision = revision;
    this.what = what;
  }

  /** The site's rows of a table, or those of them for which the condition holds. */
  async rowsWhere<T extends TableName>(table: T, where?: SQL): Promise<RowOf<T>[]> {
    const found = await this.db
      .select()
      .from(tableOf(table))
      .where(and(this.own(table), where));
    return found.map(rowOnly) as unknown as RowOf<T>[];
  }

  /**
   * The site's rows of a table, or those of them that have these values.
   * @param values by field: one value, null, or a list of those that will do
   */
  async rows<T extends TableName>(
    table: T,
    values: { readonly [K in keyof RowOf<T>]?: RowOf<T>[K] | readonly RowOf<T>[K][] } = {},
  ): Promise<RowOf<T>[]> {
    const single: SQL[] = [];
    const lists: [PgColumn, unknown[]][] = [];
    for (const [field, value] of Object.entries(values)) {
      const column = columnOf(table, field);
      if (Array.isArray(value)) lists.push([column, value]);
      else single.push(value === null ? isNull(column) : eq(column, value));
    }
    lists.sort(([, a], [, b]) => b.length - a.length);
    const [longest, ...others] = lists;
    if (!longest) return this.rowsWhere(table, and(...single));
    const found: RowOf<T>[] = [];
    for (const batch of inBatches(longest[1])) {
      const within = [...others, [longest[0], batch] as const].map(([column, list]) => inArray(column, list));
      found.push(...(await this.rowsWhere(table, and(...single, ...within))));
    }
    return found;
  }

  /** The greatest value of a field among the site's rows, null where there are none. */
  async greatest<T extends TableName>(table: T, field: keyof RowOf<T> & string): Promise<number | null> {
    const [found] = await this.db
      .select({ value: max(columnOf(table, field)) })
      .from(tableOf(table))
      .where(this.own(table));
    return found?.value === null || found?.value === undefined ? null : Number(found.value);
  }

  async find<T extends TableName>(table: T, id: string): Promise<RowOf<T>> {
    const [row] = await this.rowsWhere(table, eq(tableOf(table).id, id));
    if (!row) throw new NotFound(ENTITIES[table].words.one, id);
    return row;
  }

  async insert<T extends TableName>(table: T, values: Omit<RowOf<T>, 'version' | 'siteId'>[]): Promise<RowOf<T>[]> {
    const rows = values.map((value) => this.stamped(table, value));
    // A new site begins to count with this change.
    const kept = table === 'site' ? rows.map((row) => ({ ...row, revision: this.revision })) : rows;
    for (const batch of inBatches(kept)) {
      await this.db.insert(tableOf(table)).values(batch as never);
      await turn();
    }
    for (const row of rows) this.written.push({ table, rowId: row.id, before: null, after: row });
    return rows as unknown as RowOf<T>[];
  }

  /**
   * @param version what the author has read; null where the service itself has just read it. It is checked by the
   * statement that writes, so that of two writers at once one is told.
   * @param patch what is written; a function where that depends on what stands there
   */
  async update<T extends TableName>(
    table: T,
    id: string,
    version: number | null,
    patch: Partial<RowOf<T>> | ((before: RowOf<T>) => Partial<RowOf<T>>),
  ): Promise<RowOf<T>> {
    if (++this.updates % TURN_EVERY === 0) await turn();
    const before = await this.find(table, id);
    if (version !== null && before.version !== version) throw new Stale(table, before);
    const set = { ...(typeof patch === 'function' ? patch(before) : patch), version: this.revision };
    const t = tableOf(table);
    const done = await this.db
      .update(t)
      .set(set as never)
      .where(and(this.own(table), eq(t.id, id), eq(t.version, before.version)))
      .returning({ id: t.id });
    if (done.length !== 1) throw new Stale(table, await this.find(table, id));
    const after = { ...before, ...set };
    this.written.push({ table, rowId: id, before: before as unknown as AnyRow, after: after as unknown as AnyRow });
    return after;
  }

  /** @param version as for update */
  async remove(table: TableName, id: string, version: number | null = null): Promise<void> {
    const before = (await this.find(table, id)) as unknown as AnyRow;
    if (version !== null && before.version !== version) throw new Stale(table, before);
    await this.removeAll(table, [before]);
  }

  /** Removes rows that were read in this transaction. */
  async removeAll(table: TableName, rows: readonly Row[]): Promise<void> {
    const t = tableOf(table);
    for (const batch of inBatches(rows)) {
      const ids = batch.map((row) => row.id);
      const done = await this.db
        .delete(t)
        .where(and(this.own(table), inArray(t.id, ids)))
        .returning({ id: t.id });
      if (done.length !== batch.length) throw new NotFound(ENTITIES[table].words.one, ids.join(', '));
      await turn();
    }
    for (const row of rows) this.written.push({ table, rowId: row.id, before: row as AnyRow, after: null });
  }

  private own(table: TableName): SQL {
    return eq(table === 'site' ? tableOf(table).id : tableOf(table).siteId, this.siteId);
  }

  private stamped(table: TableName, value: object): AnyRow {
    const own = table === 'site' ? {} : { siteId: this.siteId };
    return { ...(value as AnyRow), version: this.revision, ...own };
  }
}

/** The site's next revision, taken by whoever changes it; nobody else can take one until that is over. */
export async function takeRevision(db: Db, siteId: string): Promise<number> {
  const { site } = SITE_TABLES;
  const [taken] = await db
    .update(site)
    .set({ revision: sql`${site.revision} + 1` })
    .where(and(eq(site.id, siteId), eq(site.removed, false)))
    .returning({ revision: site.revision });
  if (!taken) throw new NotFound('site', siteId);
  return taken.revision;
}
