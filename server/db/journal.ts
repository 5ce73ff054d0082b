/** Every change is one transaction that also writes what it did: that is undo, history and audit trail in one. */
import { and, desc, eq, sql } from 'drizzle-orm';
import type { PgTable } from 'drizzle-orm/pg-core';
import type { Row, SiteData, TableName } from '@stube/core/model/entities';
import type { ChangeAnswer, History } from '@stube/contract/answers';
import { NotFound, Stale } from './problems.ts';
import type { Db } from './open.ts';
import { change, journal, SITE_TABLES } from './tables.ts';

type RowOf<T extends TableName> = SiteData[T][number];
type AnyRow = Row & Record<string, unknown>;
type JournalRow = typeof journal.$inferInsert;

/** The columns of every site table that the generic code needs. */
type SiteTable = PgTable & {
  id: typeof SITE_TABLES.bin.id;
  siteId: typeof SITE_TABLES.bin.siteId;
  version: typeof SITE_TABLES.bin.version;
};
export const tableOf = (name: TableName): SiteTable => SITE_TABLES[name] as unknown as SiteTable;
const inBatches = <T>(rows: T[], size = 500): T[][] =>
  Array.from({ length: Math.ceil(rows.length / size) }, (_, i) => rows.slice(i * size, (i + 1) * size));

/** Writes rows inside one transaction and remembers what they were. */
export class Recorder {
  readonly db: Db;
  readonly siteId: string;
  readonly seq: number;
  /** The change in words, as undo will name it; work that knows it better says so. */
  what: string;
  private readonly rows: JournalRow[] = [];

  constructor(db: Db, siteId: string, seq: number, what: string) {
    this.db = db;
    this.siteId = siteId;
    this.seq = seq;
    this.what = what;
  }

  get touched(): boolean {
    return this.rows.length > 0;
  }

  async find<T extends TableName>(table: T, id: string): Promise<RowOf<T>> {
    const t = tableOf(table);
    const sQL = table === 'site' ? eq(t.id, id) : and(eq(t.id, id), eq(t.siteId, this.siteId));
    const [row] = await this.db.select().from(t).where(sQL);
    if (!row) throw new NotFound(table, id);
    return row as unknown as RowOf<T>;
  }

  async insert<T extends TableName>(table: T, values: Omit<RowOf<T>, 'version' | 'siteId'>[]): Promise<RowOf<T>[]> {
    const rows = values.map(
      (value) =>
        ({ ...value, version: this.seq, ...(table === 'site' ? {} : { siteId: this.siteId }) }) as unknown as AnyRow,
    );
    for (const batch of inBatches(rows)) await this.db.insert(tableOf(table)).values(batch as never);
    this.rows.push(
      ...rows.map((row) => ({ seq: this.seq, siteId: this.siteId, table, rowId: row.id, before: null, after: row })),
    );
    return rows as unknown as RowOf<T>[];
  }

  /**
   * @param version what the author has read; null where the service itself has just read it
   * @param patch what is written; a function where that depends on what stands there
   */
  async update<T extends TableName>(
    table: T,
    id: string,
    version: number | null,
    patch: Partial<RowOf<T>> | ((before: RowOf<T>) => Partial<RowOf<T>>),
  ): Promise<RowOf<T>> {
    const found = await this.find(table, id);
    const before = found as unknown as AnyRow;
    if (version !== null && before.version !== version) throw new Stale(table, before);
    const set = { ...(typeof patch === 'function' ? patch(found) : patch), version: this.seq };
    await this.db
      .update(tableOf(table))
      .set(set as never)
      .where(eq(tableOf(table).id, id));
    const after = { ...before, ...set } as AnyRow;
    this.rows.push({ seq: this.seq, siteId: this.siteId, table, rowId: id, before, after });
    return after as unknown as RowOf<T>;
  }

  async remove(table: TableName, id: string, version: number | null = null): Promise<void> {
    const before = (await this.find(table, id)) as unknown as AnyRow;
    if (version !== null && before.version !== version) throw new Stale(table, before);
    await this.db.delete(tableOf(table)).where(eq(tableOf(table).id, id));
    this.rows.push({ seq: this.seq, siteId: this.siteId, table, rowId: id, before, after: null });
  }

  async writeJournal(): Promise<void> {
    for (const batch of inBatches(this.rows)) await this.db.insert(journal).values(batch);
  }

  answer(history: History): ChangeAnswer {
    return gather(
      this.seq,
      this.what,
      this.rows.map((row) => ({ table: row.table, rowId: row.rowId, after: row.after as AnyRow | null })),
      history,
    );
  }
}

function gather(
  revision: number,
  what: string,
  rows: { table: TableName; rowId: string; after: AnyRow | null }[],
  history: History,
): ChangeAnswer {
  const last = new Map(rows.map((row) => [`${row.table} ${row.rowId}`, row]));
  const answer: ChangeAnswer = { revision, what, rows: {}, removed: {}, history };
  for (const { table, rowId, after } of last.values())
    if (after) ((answer.rows[table] ??= []) as unknown as AnyRow[]).push(after);
    else (answer.removed[table] ??= []).push(rowId);
  return answer;
}

const nextRevision = async (db: Db): Promise<number> => {
  const result = (await db.execute(sql`select nextval('revision')::int as n`)) as unknown as { rows: { n: number }[] };
  return result.rows[0]!.n;
};

/** What can be undone and redone next on a site. */
export async function historyOf(db: Db, siteId: string): Promise<History> {
  const [undo] = await db
    .select({ what: change.what })
    .from(change)
    .where(and(eq(change.siteId, siteId), eq(change.undone, false), eq(change.first, false)))
    .orderBy(desc(change.seq))
    .limit(1);
  const [redo] = await db
    .select({ what: change.what })
    .from(change)
    .where(and(eq(change.siteId, siteId), eq(change.undone, true), eq(change.dropped, false)))
    .orderBy(change.seq)
    .limit(1);
  return { undo: undo?.what ?? null, redo: redo?.what ?? null };
}

/**
 * One change: runs `work` in a transaction and writes its journal with it, or nothing at all.
 * @param what in words, as undo will name it; the work may set the recorder's when it knows it better
 * @param options who did it; `first` for the change a site begins with, which is not taken back
 */
export async function makeChange(
  db: Db,
  siteId: string,
  what: string,
  work: (recorder: Recorder) => Promise<string | void>,
  { who = 'here', first = false } = {},
): Promise<ChangeAnswer> {
  return db.transaction(async (tx) => {
    const recorder = new Recorder(tx as Db, siteId, await nextRevision(tx as Db), what);
    const id = await work(recorder);
    if (recorder.touched) {
      await tx
        .update(change)
        .set({ dropped: true })
        .where(and(eq(change.siteId, siteId), eq(change.undone, true), eq(change.dropped, false)));
      await tx.insert(change).values({ seq: recorder.seq, siteId, who, what: recorder.what, first });
      await recorder.writeJournal();
    }
    const answer = recorder.answer(await historyOf(tx as Db, siteId));
    return id ? { ...answer, id } : answer;
  });
}

/** Takes back the last change, or makes the last undone one again. Null when there is none. */
export async function stepHistory(db: Db, siteId: string, direction: 'undo' | 'redo'): Promise<ChangeAnswer | null> {
  return db.transaction(async (tx) => {
    const wanted =
      direction === 'undo'
        ? and(eq(change.undone, false), eq(change.first, false))
        : and(eq(change.undone, true), eq(change.dropped, false));
    const [step] = await tx
      .select()
      .from(change)
      .where(and(eq(change.siteId, siteId), wanted))
      .orderBy(direction === 'undo' ? desc(change.seq) : change.seq)
      .limit(1);
    if (!step) return null;
    const seq = await nextRevision(tx as Db);
    const entries = await tx.select().from(journal).where(eq(journal.seq, step.seq)).orderBy(journal.id);
    if (direction === 'undo') entries.reverse();
    const done: { table: TableName; rowId: string; after: AnyRow | null }[] = [];
    for (const entry of entries) {
      const target = (direction === 'undo' ? entry.before : entry.after) as AnyRow | null;
      const source = direction === 'undo' ? entry.after : entry.before;
      const t = tableOf(entry.table);
      if (!target) await tx.delete(t).where(eq(t.id, entry.rowId));
      else if (!source) await tx.insert(t).values({ ...target, version: seq } as never);
      else
        await tx
          .update(t)
          .set({ ...target, version: seq } as never)
          .where(eq(t.id, entry.rowId));
      done.push({ table: entry.table, rowId: entry.rowId, after: target && { ...target, version: seq } });
    }
    await tx
      .update(change)
      .set({ undone: direction === 'undo' })
      .where(eq(change.seq, step.seq));
    return gather(seq, step.what, done, await historyOf(tx as Db, siteId));
  });
}

/** The changes that touched one row, newest first. */
export async function historyOfRow(
  db: Db,
  siteId: string,
  rowId: string,
): Promise<{ at: string; what: string; undone: boolean; after: Record<string, unknown> | null }[]> {
  return db
    .select({ at: change.at, what: change.what, undone: change.undone, after: journal.after })
    .from(journal)
    .innerJoin(change, eq(change.seq, journal.seq))
    .where(and(eq(journal.siteId, siteId), eq(journal.rowId, rowId)))
    .orderBy(desc(journal.seq))
    .limit(100);
}
