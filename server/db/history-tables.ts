/** What was changed, when and by whom: the tables behind undo, history and audit trail. */
import { bigint, bigserial, boolean, index, jsonb, pgSequence, pgTable, text, timestamp } from 'drizzle-orm/pg-core';
import type { TableName } from '@stube/core/model/entities';

/** One number for each transaction that writes; rows carry it as their version. */
export const revision = pgSequence('revision');

/** One change as a person made it; undone ones may be redone until something new is done. */
export const change = pgTable(
  'change',
  {
    seq: bigint('seq', { mode: 'number' }).primaryKey(),
    siteId: text('site_id').notNull(),
    at: timestamp('at', { withTimezone: true, mode: 'string' }).notNull().defaultNow(),
    who: text('who').notNull(),
    what: text('what').notNull(),
    undone: boolean('undone').notNull().default(false),
    dropped: boolean('dropped').notNull().default(false),
    /** The change a site begins with: it is not taken back. */
    first: boolean('first').notNull().default(false),
  },
  (t) => [index('change_site').on(t.siteId, t.seq)],
);

/** What a change did to each row. */
export const journal = pgTable(
  'journal',
  {
    id: bigserial('id', { mode: 'number' }).primaryKey(),
    seq: bigint('seq', { mode: 'number' }).notNull(),
    siteId: text('site_id').notNull(),
    table: text('table').$type<TableName>().notNull(),
    rowId: text('row_id').notNull(),
    before: jsonb('before').$type<Record<string, unknown>>(),
    after: jsonb('after').$type<Record<string, unknown>>(),
  },
  (t) => [index('journal_seq').on(t.seq), index('journal_row').on(t.rowId)],
);
