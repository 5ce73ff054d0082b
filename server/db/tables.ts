/** The tables of PGlite. Every table of a site carries its site and the version of its last write. */
import type { RowOf, TableName } from '@stube/core/model';
import {
  acknowledgement,
  compartment,
  cutPiece,
  cutStock,
  fixture,
  labelLayout,
  person,
  room,
  site,
  unit,
  zone,
} from './schema/rooms.ts';
import { observation, printedLabel, recall, setNumber, stray } from './schema/bins.ts';
import { daySlot, kitCheck, kitItem, par, stockCount, stockOrder } from './schema/restock.ts';
import { interest, rotating, season, slot, spell } from './schema/rotation.ts';
import { holiday, routine, routineDay } from './schema/routines.ts';
import { bin, category, containerType, deferral, family, line, move, photo, session } from './schema/things.ts';

export * from './schema/history.ts';
export * from './schema/bins.ts';
export * from './schema/rooms.ts';
export * from './schema/restock.ts';
export * from './schema/rotation.ts';
export * from './schema/routines.ts';
export * from './schema/things.ts';

/** The tables whose rows belong to a site, by their name in the design. */
export const SITE_TABLES = {
  site,
  person,
  room,
  zone,
  unit,
  compartment,
  family,
  category,
  line,
  containerType,
  bin,
  session,
  deferral,
  move,
  photo,
  fixture,
  acknowledgement,
  cutPiece,
  cutStock,
  labelLayout,
  setNumber,
  printedLabel,
  observation,
  recall,
  stray,
  routine,
  routineDay,
  holiday,
  rotating,
  slot,
  spell,
  interest,
  season,
  par,
  stockCount,
  stockOrder,
  kitItem,
  kitCheck,
  daySlot,
} as const;

/** What the database keeps of a site beside its row. */
type Kept<T extends TableName> = T extends 'site' ? 'removed' | 'revision' | 'historyFrom' : never;
type Columns<T extends TableName> = Omit<(typeof SITE_TABLES)[T]['$inferSelect'], Kept<T>>;
type Same<A, B> = [A] extends [B] ? ([B] extends [A] ? true : false) : false;
type Assert<T extends true> = T;
/** Refused by the compiler when a table has not the very columns, of the very types, that its rows have fields. */
export type ColumnsAreFields = Assert<
  { [T in TableName]: Same<Columns<T>, RowOf<T>> }[TableName] extends true ? true : false
>;
