/** What belongs to bins and sets: their numbers, labels that were printed, and what was seen. */
import { sql } from 'drizzle-orm';
import { integer, jsonb, pgTable, text, unique } from 'drizzle-orm/pg-core';
import {
  LABEL_ROLES,
  OBSERVATIONS,
  type LabelRole,
  type ObservationKind,
  type PrintedLabel,
} from '@stube/core/model/entities';
import { day, flag, holds, instant, modelKeys, ofSite, oneOf } from './columns.ts';
import { compartment, labelLayout, room, site } from './rooms.ts';
import { bin, line } from './things.ts';

export const setNumber = pgTable(
  'set_number',
  {
    ...ofSite,
    lineId: text('line_id').notNull(),
    series: text('series').notNull(),
    number: integer('number').notNull(),
    name: text('name').notNull(),
  },
  (t) => [
    ...modelKeys('setNumber', t, { site: () => site, line: () => line }),
    unique('set_number_once').on(t.siteId, t.series, t.number),
    holds('set_number_from_one', sql`${t.number} > 0`),
  ],
);

export const printedLabel = pgTable(
  'printed_label',
  {
    ...ofSite,
    roomId: text('room_id').notNull(),
    role: text('role').$type<LabelRole>().notNull(),
    binId: text('bin_id'),
    numberId: text('number_id'),
    part: integer('part'),
    compartmentId: text('compartment_id'),
    layoutId: text('layout_id'),
    says: jsonb('says').$type<PrintedLabel['says']>().notNull(),
    printedOn: day('printed_on'),
    old: flag('old'),
  },
  (t) => [
    ...modelKeys('printedLabel', t, {
      site: () => site,
      room: () => room,
      bin: () => bin,
      setNumber: () => setNumber,
      compartment: () => compartment,
      labelLayout: () => labelLayout,
    }),
    oneOf('printed_label_role', t.role, LABEL_ROLES),
  ],
);

export const observation = pgTable(
  'observation',
  {
    ...ofSite,
    roomId: text('room_id').notNull(),
    binId: text('bin_id').notNull(),
    kind: text('kind').$type<ObservationKind>().notNull(),
    at: instant('at').notNull(),
  },
  (t) => [
    ...modelKeys('observation', t, { site: () => site, room: () => room, bin: () => bin }),
    oneOf('observation_kind', t.kind, OBSERVATIONS),
  ],
);
