/** What is used up, counted and ordered, and the first-aid kit. */
import { sql } from 'drizzle-orm';
import { doublePrecision, integer, jsonb, pgTable, text } from 'drizzle-orm/pg-core';
import { type Par, USES } from '@stube/core/model';
import { day, flag, holds, idList, modelKeys, ofSite, oneOf, sort } from './columns.ts';
import { compartment, person, room, site } from './rooms.ts';
import { line } from './things.ts';

export const par = pgTable(
  'par',
  {
    ...ofSite,
    lineId: text('line_id').notNull(),
    useId: text('use_id'),
    backId: text('back_id'),
    unit: text('unit').notNull(),
    least: doublePrecision('least').notNull(),
    wanted: doublePrecision('wanted').notNull(),
    pack: doublePrecision('pack').notNull(),
    price: integer('price').notNull(),
    leadDays: integer('lead_days').notNull(),
    use: text('use').$type<Par['use']>().notNull(),
    perDay: doublePrecision('per_day').notNull(),
    fromGrams: integer('from_grams'),
    toGrams: integer('to_grams'),
    nextId: text('next_id'),
    expires: day('expires'),
    opened: day('opened'),
    keepsDays: integer('keeps_days'),
  },
  (t) => [
    ...modelKeys('par', t, { site: () => site, line: () => line, compartment: () => compartment }),
    oneOf('par_use', t.use, USES),
  ],
);

export const stockCount = pgTable(
  'stock_count',
  {
    ...ofSite,
    parId: text('par_id').notNull(),
    amount: doublePrecision('amount').notNull(),
    inUse: doublePrecision('in_use').notNull(),
    on: day('on').notNull(),
  },
  (t) => modelKeys('stockCount', t, { site: () => site, par: () => par }),
);

export const stockOrder = pgTable(
  'stock_order',
  {
    ...ofSite,
    parId: text('par_id').notNull(),
    packs: integer('packs').notNull(),
    on: day('on').notNull(),
    received: integer('received').notNull(),
    paid: integer('paid'),
    closed: flag('closed'),
  },
  (t) => modelKeys('stockOrder', t, { site: () => site, par: () => par }),
);

export const kitItem = pgTable(
  'kit_item',
  {
    ...ofSite,
    roomId: text('room_id').notNull(),
    name: text('name').notNull(),
    position: text('position').notNull(),
    wanted: integer('wanted').notNull(),
    have: integer('have').notNull(),
    expires: day('expires'),
    sort,
  },
  (t) => modelKeys('kitItem', t, { site: () => site, room: () => room }),
);

export const kitCheck = pgTable(
  'kit_check',
  {
    ...ofSite,
    roomId: text('room_id').notNull(),
    on: day('on').notNull(),
    by: text('by').notNull(),
    found: jsonb('found').$type<string[]>().notNull(),
  },
  (t) => modelKeys('kitCheck', t, { site: () => site, room: () => room }),
);

export const daySlot = pgTable(
  'day_slot',
  {
    ...ofSite,
    roomId: text('room_id').notNull(),
    weekday: integer('weekday').notNull(),
    personId: text('person_id'),
    activity: text('activity').notNull(),
    lineIds: idList('line_ids'),
    filledFor: day('filled_for'),
  },
  (t) => [
    ...modelKeys('daySlot', t, { site: () => site, room: () => room, person: () => person, line: () => line }),
    holds('day_slot_weekday', sql`${t.weekday} between 0 and 6`),
  ],
);
