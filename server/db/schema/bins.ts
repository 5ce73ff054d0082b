/** What belongs to bins and sets: their numbers, labels that were printed, what was seen, who knows where they live. */
import { sql } from 'drizzle-orm';
import { integer, jsonb, pgTable, text, unique } from 'drizzle-orm/pg-core';
import {
  LABEL_ROLES,
  type LabelRole,
  type ObservationKind,
  OBSERVATIONS,
  type PrintedLabel,
  type Recall,
} from '@stube/core/model';
import { day, flag, holds, instant, modelKeys, ofSite, oneOf } from './columns.ts';
import { compartment, labelLayout, person, room, site } from './rooms.ts';
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
    foundId: text('found_id'),
    personId: text('person_id'),
    seconds: integer('seconds'),
  },
  (t) => [
    ...modelKeys('observation', t, {
      site: () => site,
      room: () => room,
      bin: () => bin,
      compartment: () => compartment,
      person: () => person,
    }),
    oneOf('observation_kind', t.kind, OBSERVATIONS),
  ],
);

export const recall = pgTable(
  'recall',
  {
    ...ofSite,
    personId: text('person_id').notNull(),
    binId: text('bin_id').notNull(),
    state: jsonb('state').$type<Recall['state']>().notNull(),
  },
  (t) => [
    ...modelKeys('recall', t, { site: () => site, person: () => person, bin: () => bin }),
    unique('recall_once').on(t.siteId, t.personId, t.binId),
  ],
);

export const stray = pgTable(
  'stray',
  {
    ...ofSite,
    roomId: text('room_id').notNull(),
    what: text('what').notNull(),
    foundIn: text('found_in').notNull(),
    foundOn: day('found_on').notNull(),
    due: day('due').notNull(),
    lineId: text('line_id'),
    personId: text('person_id'),
    settled: day('settled'),
  },
  (t) => modelKeys('stray', t, { site: () => site, room: () => room, line: () => line, person: () => person }),
);
