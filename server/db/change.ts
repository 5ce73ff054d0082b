/** Every change is one transaction that also writes what it did. */
import { and, eq } from 'drizzle-orm';
import { MODEL_VERSION } from '@stube/core/model';

import type { ChangeAnswer, History } from '@stube/contract/answers';
import { historyOf } from './history.ts';
import type { Db } from './store.ts';
import { inBatches, lastWritten, Recorder, takeRevision, type AnyRow, type Written } from './recorder.ts';
import type { Scope } from './scope.ts';
import { change, journal } from './tables.ts';
import { turn } from './turn.ts';

/** All rows a change has written or removed, so that a screen can follow without asking again. */
export function answerOf(revision: number, what: string, written: readonly Written[], history: History): ChangeAnswer {
  const answer: ChangeAnswer = { revision, what, rows: {}, removed: {}, history };
  for (const { table, rowId, after } of lastWritten(written))
    if (after) ((answer.rows[table] ??= []) as unknown as AnyRow[]).push(after);
    else (answer.removed[table] ??= []).push(rowId);
  return answer;
}

const sizeOf = (row: AnyRow | null): number => (row ? JSON.stringify(row).length : 0);

async function writeJournal(recorder: Recorder, who: string, now: Date, first: boolean): Promise<void> {
  const { db, siteId, revision: seq, what, written } = recorder;
  // Something new is done: what this person had undone cannot be done again.
  await db
    .update(change)
    .set({ dropped: true })
    .where(and(eq(change.siteId, siteId), eq(change.who, who), eq(change.undone, true), eq(change.dropped, false)));
  const bytes = written.reduce((sum, row) => sum + sizeOf(row.before) + sizeOf(row.after), 0);
  await db
    .insert(change)
    .values({ siteId, seq, touched: seq, at: now.toISOString(), who, what, first, model: MODEL_VERSION, bytes });
  for (const batch of inBatches(written)) {
    await db.insert(journal).values(batch.map((row) => ({ siteId, seq, ...row })));
    await turn();
  }
}

/**
 * One change: runs `work` in a transaction and writes its journal with it, or nothing at all.
 * @param what in words, as undo will name it; the work may set the recorder's when it knows it better
 * @param first the site and all its rows are new: the change it begins with is not taken back
 * @returns what was written; `id` is what the work returns
 */
export async function makeChange(
  { db, siteId, who, now }: Pick<Scope, 'db' | 'siteId' | 'who' | 'now'>,
  what: string,
  work: (recorder: Recorder) => Promise<string | void>,
  first = false,
): Promise<ChangeAnswer> {
  return db.transaction(async (tx) => {
    const recorder = new Recorder(tx as Db, siteId, first ? 1 : await takeRevision(tx as Db, siteId), what);
    const id = await work(recorder);
    if (recorder.written.length) await writeJournal(recorder, who, now, first);
    const answer = answerOf(recorder.revision, recorder.what, recorder.written, await historyOf(tx as Db, siteId, who));
    return id ? { ...answer, id } : answer;
  });
}
