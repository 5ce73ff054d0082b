/** What is done again and again, and the days on which nothing is. */
import { sql } from 'drizzle-orm';
import { integer, jsonb, pgTable, text, unique } from 'drizzle-orm/pg-core';
import { ROUTINE_KINDS, type RoutineKind } from '@stube/core/model';
import { day, flag, holds, instant, modelKeys, ofSite, oneOf } from './columns.ts';
import { person, room, site } from './rooms.ts';

export const routine = pgTable(
  'routine',
  {
    ...ofSite,
    roomId: text('room_id'),
    name: text('name').notNull(),
    kind: text('kind').$type<RoutineKind>().notNull(),
    personId: text('person_id'),
    minutes: integer('minutes').notNull(),
    rule: text('rule').notNull(),
    from: day('from').notNull(),
    steps: jsonb('steps').$type<string[]>().notNull(),
    onHolidays: flag('on_holidays'),
  },
  (t) => [
    ...modelKeys('routine', t, { site: () => site, room: () => room, person: () => person }),
    oneOf('routine_kind', t.kind, ROUTINE_KINDS),
  ],
);

export const routineDay = pgTable(
  'routine_day',
  {
    ...ofSite,
    routineId: text('routine_id').notNull(),
    day: day('day').notNull(),
    ticked: jsonb('ticked').$type<number[]>().notNull(),
    doneAt: instant('done_at'),
    skipped: flag('skipped'),
  },
  (t) => [
    ...modelKeys('routineDay', t, { site: () => site, routine: () => routine }),
    unique('routine_day_once').on(t.siteId, t.routineId, t.day),
  ],
);

export const holiday = pgTable(
  'holiday',
  {
    ...ofSite,
    name: text('name').notNull(),
    from: day('from').notNull(),
    to: day('to').notNull(),
  },
  (t) => [...modelKeys('holiday', t, { site: () => site }), holds('holiday_ends', sql`${t.to} >= ${t.from}`)],
);
