/**
 * Takes back a person's last change, or makes the last undone one again: row by row to what the journal says, unless
 * others have built on it since.
 */
import { and, eq } from 'drizzle-orm';
import { ENTITIES, idsIn, referencesOf, referencesTo, type TableName, upgradeRow } from '@stube/core/model';
import type { ChangeAnswer } from '@stube/contract/answers';
import { answerOf } from './change.ts';
import { historyOf, nextStep, type Direction } from './history.ts';
import type { Db } from './store.ts';
import { Refused } from './problems.ts';
import { lastWritten, Recorder, tableOf, takeRevision, titleOf, type AnyRow, type Written } from './recorder.ts';
import { knownIds, pointingTo } from './references.ts';
import type { Scope } from './scope.ts';
import { change, journal } from './tables.ts';

export async function stepHistory(
  { db, siteId, who }: Pick<Scope, 'db' | 'siteId' | 'who'>,
  direction: Direction,
): Promise<ChangeAnswer | null> {
  return db.transaction(async (tx) => {
    const revision = await takeRevision(tx as Db, siteId);
    const step = await nextStep(tx as Db, siteId, who, direction);
    if (!step) return null;
    const entries = await tx
      .select()
      .from(journal)
      .where(and(eq(journal.siteId, siteId), eq(journal.seq, step.seq)))
      .orderBy(journal.id);
    if (direction === 'undo') entries.reverse();
    const lifted = (table: TableName, row: Record<string, unknown> | null): AnyRow | null =>
      row && (upgradeRow(table, row, step.model) as AnyRow);
    const steps = entries.map(({ table, rowId, before, after }): Written => {
      const [from, to] = direction === 'undo' ? [after, before] : [before, after];
      return { table, rowId, before: lifted(table, from), after: lifted(table, to) };
    });
    const recorder = new Recorder(tx as Db, siteId, revision, step.what);
    await refuseWhereBuiltOn(recorder, steps, step.what, direction);
    const written: Written[] = [];
    for (const { table, rowId, before, after } of steps) {
      const t = tableOf(table);
      const own = and(eq(t.id, rowId), eq(table === 'site' ? t.id : t.siteId, siteId));
      const row = after && { ...after, version: revision };
      if (!row) await tx.delete(t).where(own);
      else if (!before) await tx.insert(t).values(row as never);
      else
        await tx
          .update(t)
          .set(row as never)
          .where(own);
      written.push({ table, rowId, before, after: row });
    }
    await refuseWhereTorn(recorder, written, step.what);
    await tx
      .update(change)
      .set({ undone: direction === 'undo', touched: revision })
      .where(and(eq(change.siteId, siteId), eq(change.seq, step.seq)));
    return answerOf(revision, step.what, written, await historyOf(tx as Db, siteId, who));
  });
}

const refused = (what: string, reason: string): Refused =>
  new Refused([{ field: 'change', message: `“${what}” cannot be taken back or done again by itself: ${reason}` }]);

const namedRow = (table: TableName, row: AnyRow | null): string =>
  `${ENTITIES[table].words.one} ${titleOf(row)}`.trim();

/** A row is as the change left it, or somebody has built on it. */
async function refuseWhereBuiltOn(
  recorder: Recorder,
  steps: readonly Written[],
  what: string,
  direction: Direction,
): Promise<void> {
  // A change may have written a row several times: what it left is told by the step that is gone back first.
  const left = new Map<string, Written>();
  for (const step of steps) if (!left.has(`${step.table} ${step.rowId}`)) left.set(`${step.table} ${step.rowId}`, step);
  const tables = new Set([...left.values()].map((step) => step.table));
  for (const table of tables) {
    const wanted = [...left.values()].filter((step) => step.table === table);
    const found = new Map<string, AnyRow>();
    for (const row of await recorder.rows(table, { id: wanted.map((step) => step.rowId) }))
      found.set(row.id, row as unknown as AnyRow);
    for (const { rowId, before } of wanted) {
      const now = found.get(rowId) ?? null;
      if (same(now, before)) continue;
      const name = namedRow(table, now ?? before);
      throw refused(
        what,
        now
          ? `${name} was changed since, by another device.`
          : `${name} is gone ${direction === 'undo' ? 'since' : 'now'}.`,
      );
    }
  }
}

/** What it brings back must find what it points to, and what it takes away must not be pointed to. */
async function refuseWhereTorn(recorder: Recorder, written: readonly Written[], what: string): Promise<void> {
  const wanted = new Map<TableName, Set<string>>();
  const gone = new Map<TableName, Set<string>>();
  const add = (to: Map<TableName, Set<string>>, table: TableName, id: string) =>
    (to.get(table) ?? to.set(table, new Set()).get(table)!).add(id);
  for (const { table, rowId, after } of lastWritten(written))
    if (!after) add(gone, table, rowId);
    else
      for (const reference of referencesOf(table))
        for (const id of idsIn(after, reference)) add(wanted, reference.to, id);
  for (const [table, ids] of wanted) {
    const found = await knownIds(recorder, table, ids);
    if (found.size !== ids.size)
      throw refused(what, `it needs a ${ENTITIES[table].words.one} that another device has removed since.`);
  }
  for (const [table, ids] of gone)
    for (const reference of referencesTo(table)) {
      const [row] = await pointingTo(recorder, reference, ids);
      if (row) throw refused(what, `${namedRow(reference.table, row)} was put there since, by another device.`);
    }
}

/** Equal but for the version, which counts writes. */
function same(one: AnyRow | null, other: AnyRow | null): boolean {
  if (!one || !other) return one === other;
  return sorted({ ...one, version: 0 }) === sorted({ ...other, version: 0 });
}

/** JSON with keys in order: the database keeps no order of them. */
const sorted = (value: unknown): string =>
  JSON.stringify(value, (_key, inner: unknown) =>
    inner && typeof inner === 'object' && !Array.isArray(inner)
      ? Object.fromEntries(Object.entries(inner).sort(([a], [b]) => (a < b ? -1 : 1)))
      : inner,
  );
