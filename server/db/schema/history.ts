/** What was changed, when and by whom: the tables behind undo, history and audit trail. */
import { sql } from 'drizzle-orm';
import {
  bigint,
  bigserial,
  boolean,
  foreignKey,
  index,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  text,
} from 'drizzle-orm/pg-core';
import type { TableName } from '@stube/core/model';
import { instant } from './columns.ts';
import { site } from './rooms.ts';

/** One change as a person made it; undone ones may be redone until something new is done. */
export const change = pgTable(
  'change',
  {
    siteId: text('site_id')
      .notNull()
      .references(() => site.id),
    /** The site's revision that it made. */
    seq: bigint('seq', { mode: 'number' }).notNull(),
    /** The revision at which it was last done, undone or redone. */
    touched: bigint('touched', { mode: 'number' }).notNull(),
    at: instant('at')
      .notNull()
      .default(sql`now()`),
    /** The device it came from, as long as there are no accounts; `here` where it named none. */
    who: text('who').notNull(),
    what: text('what').notNull(),
    undone: boolean('undone').notNull().default(false),
    /** An undone one that something new was done after: it cannot be redone. */
    dropped: boolean('dropped').notNull().default(false),
    /** The change a site begins with: it is not taken back. */
    first: boolean('first').notNull().default(false),
    /** The version of the model that its journal is written in. */
    model: integer('model').notNull(),
    /** Bytes of its journal, about. */
    bytes: integer('bytes').notNull().default(0),
  },
  (t) => [
    primaryKey({ name: 'change_pk', columns: [t.siteId, t.seq] }),
    // The newest that can be undone or redone is at the end of its index, however long the history.
    index('change_to_undo')
      .on(t.siteId, t.who, t.seq)
      .where(sql`not ${t.undone} and not ${t.first}`),
    index('change_to_redo')
      .on(t.siteId, t.who, t.seq)
      .where(sql`${t.undone} and not ${t.dropped}`),
    index('change_at').on(t.siteId, t.at),
    index('change_touched').on(t.siteId, t.touched),
  ],
);

/** What a change did to each row. */
export const journal = pgTable(
  'journal',
  {
    id: bigserial('id', { mode: 'number' }).primaryKey(),
    siteId: text('site_id').notNull(),
    seq: bigint('seq', { mode: 'number' }).notNull(),
    table: text('table').$type<TableName>().notNull(),
    rowId: text('row_id').notNull(),
    before: jsonb('before').$type<Record<string, unknown>>(),
    after: jsonb('after').$type<Record<string, unknown>>(),
  },
  (t) => [
    index('journal_seq').on(t.siteId, t.seq),
    index('journal_row').on(t.siteId, t.rowId, t.seq),
    foreignKey({
      name: 'journal_change_fk',
      columns: [t.siteId, t.seq],
      foreignColumns: [change.siteId, change.seq],
    }).onDelete('cascade'),
  ],
);
