/** What happened to bins: labels that were printed, and what was seen. */
import { integer, jsonb, pgTable, text } from 'drizzle-orm/pg-core';
import {
  LABEL_ROLES,
  OBSERVATIONS,
  type LabelRole,
  type ObservationKind,
  type PrintedLabel,
} from '@stube/core/model/entities';
import { day, flag, instant, modelKeys, ofSite, oneOf } from './columns.ts';
import { compartment, labelLayout, room, site } from './rooms.ts';
import { bin, setNumber } from './things.ts';

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
