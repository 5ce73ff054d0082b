/** What was done on a site: what can be taken back next, what happened to a row, how large the record is, and dropping old parts. */
import { startOfDay } from '@stube/core/calendar';
import { and, desc, eq, lt, ne, or, sql } from 'drizzle-orm';
import type { BinEvent, History, HistorySize } from '@stube/contract/answers';
import type { Db } from './store.ts';
import { NOBODY } from './scope.ts';
import { change, journal, photo, picture, site } from './tables.ts';

const TO_STEP = {
  undo: and(sql`not ${change.undone}`, sql`not ${change.first}`),
  redo: and(sql`${change.undone}`, sql`not ${change.dropped}`),
};
export type Direction = keyof typeof TO_STEP;

/**
 * The change that a person's next undo or redo is about: their own last one; when they have none, that of a program that
 * named nobody, or from before devices were told apart.
 */
export async function nextStep(
  db: Db,
  siteId: string,
  who: string,
  direction: Direction,
): Promise<typeof change.$inferSelect | null> {
  for (const whose of new Set([who, NOBODY])) {
    const [step] = await db
      .select()
      .from(change)
      .where(and(eq(change.siteId, siteId), eq(change.who, whose), TO_STEP[direction]))
      .orderBy(direction === 'undo' ? desc(change.seq) : change.seq)
      .limit(1);
    if (step) return step;
  }
  return null;
}

/** What a person can undo and redo next on a site. */
export async function historyOf(db: Db, siteId: string, who: string): Promise<History> {
  const [undo, redo] = [await nextStep(db, siteId, who, 'undo'), await nextStep(db, siteId, who, 'redo')];
  return { undo: undo?.what ?? null, redo: redo?.what ?? null };
}

/** The changes that touched one row, newest first. */
export async function historyOfRow(db: Db, siteId: string, rowId: string, who: string): Promise<BinEvent[]> {
  const mine = sql<boolean>`${change.who} = ${who}`;
  const compartmentId = sql<
    string | null
  >`nullif(${journal.after} ->> 'compartmentId', ${journal.before} ->> 'compartmentId')`;
  return db
    .select({ at: change.at, what: change.what, undone: change.undone, mine, compartmentId })
    .from(journal)
    .innerJoin(change, and(eq(change.siteId, journal.siteId), eq(change.seq, journal.seq)))
    .where(and(eq(journal.siteId, siteId), eq(journal.rowId, rowId)))
    .orderBy(desc(journal.seq))
    .limit(100);
}

export async function historySize(db: Db, siteId: string): Promise<HistorySize> {
  const [size] = await db
    .select({
      changes: sql<number>`count(*)::int`,
      bytes: sql<number>`coalesce(sum(${change.bytes}), 0)::float8`,
      oldest: sql<string | null>`min(${change.at})`,
    })
    .from(change)
    .where(eq(change.siteId, siteId));
  return { changes: size!.changes, bytes: size!.bytes, oldest: size!.oldest && new Date(size!.oldest).toISOString() };
}

/**
 * Forgets what was done before a day: it can no longer be taken back, and pictures that only it could bring back go too.
 * @param before ISO date, as the site's time zone has it
 */
export async function dropHistory(db: Db, siteId: string, before: string): Promise<HistorySize> {
  await db.transaction(async (tx) => {
    const [{ zone } = { zone: null }] = await tx.select({ zone: site.timeZone }).from(site).where(eq(site.id, siteId));
    const gone = await tx
      .delete(change)
      .where(and(eq(change.siteId, siteId), lt(change.at, startOfDay(before, zone).toISOString())))
      .returning({ touched: change.touched });
    if (!gone.length) return;
    const last = gone.reduce((most, { touched }) => Math.max(most, touched), 0);
    await tx
      .update(site)
      .set({ historyFrom: sql`greatest(${site.historyFrom}, ${last})` })
      .where(eq(site.id, siteId));
  });
  await collectPictures(db);
  return historySize(db, siteId);
}

/**
 * Removes pictures nobody can come back to: their row is gone, and no change that can still be undone or redone holds it.
 * @returns how many went
 */
export async function collectPictures(db: Db): Promise<number> {
  const held = db
    .select({ one: sql`1` })
    .from(journal)
    .innerJoin(change, and(eq(change.siteId, journal.siteId), eq(change.seq, journal.seq)))
    .where(
      and(
        eq(journal.siteId, picture.siteId),
        eq(journal.rowId, picture.photoId),
        eq(journal.table, 'photo'),
        or(ne(change.undone, true), ne(change.dropped, true)),
      ),
    );
  const row = db
    .select({ one: sql`1` })
    .from(photo)
    .where(eq(photo.id, picture.photoId));
  const gone = await db
    .delete(picture)
    .where(and(sql`not exists ${row}`, sql`not exists ${held}`))
    .returning({ id: picture.photoId });
  return gone.length;
}
