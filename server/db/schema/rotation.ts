/** What takes turns on the open shelves. */
import { boolean, doublePrecision, integer, jsonb, pgTable, text, unique } from 'drizzle-orm/pg-core';
import { type Interest, INTERESTS } from '@stube/core/model';
import { day, flag, idList, modelKeys, ofSite, oneOf } from './columns.ts';
import { compartment, site } from './rooms.ts';
import { bin, line } from './things.ts';

export const rotating = pgTable(
  'rotating',
  {
    ...ofSite,
    lineId: text('line_id').notNull(),
    areas: jsonb('areas').$type<string[]>().notNull(),
    fromMonths: integer('from_months').notNull(),
    toMonths: integer('to_months').notNull(),
    afterIds: idList('after_ids'),
    weeksOfYear: jsonb('weeks_of_year').$type<number[]>().notNull(),
    loved: doublePrecision('loved').notNull(),
    minutes: integer('minutes').notNull(),
    readyIds: idList('ready_ids'),
    notYetIds: idList('not_yet_ids'),
    doneIds: idList('done_ids'),
  },
  (t) => [
    ...modelKeys('rotating', t, { site: () => site, line: () => line }),
    unique('rotating_once').on(t.siteId, t.lineId),
  ],
);

export const slot = pgTable(
  'slot',
  {
    ...ofSite,
    compartmentId: text('compartment_id').notNull(),
    area: text('area').notNull(),
    part: integer('part').notNull(),
    parts: integer('parts').notNull(),
  },
  (t) => modelKeys('slot', t, { site: () => site, compartment: () => compartment }),
);

export const spell = pgTable(
  'spell',
  {
    ...ofSite,
    slotId: text('slot_id').notNull(),
    lineId: text('line_id').notNull(),
    from: day('from').notNull(),
    to: day('to'),
    pinned: flag('pinned'),
    begun: flag('begun'),
    ended: flag('ended'),
  },
  (t) => modelKeys('spell', t, { site: () => site, slot: () => slot, line: () => line }),
);

export const interest = pgTable(
  'interest',
  {
    ...ofSite,
    lineId: text('line_id').notNull(),
    kind: text('kind').$type<Interest['kind']>().notNull(),
    on: day('on').notNull(),
  },
  (t) => [
    ...modelKeys('interest', t, { site: () => site, line: () => line }),
    oneOf('interest_kind', t.kind, INTERESTS),
  ],
);

export const season = pgTable(
  'season',
  {
    ...ofSite,
    binId: text('bin_id').notNull(),
    name: text('name').notNull(),
    comesOut: text('comes_out').notNull(),
    goesBack: text('goes_back').notNull(),
    out: boolean('out').notNull(),
  },
  (t) => modelKeys('season', t, { site: () => site, bin: () => bin }),
);
