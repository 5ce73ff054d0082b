/**
 * Every kind of row of a site, each described in its own file. Lengths are whole millimetres, masses whole grams, volumes
 * litres, money whole minor units of the site's currency, dates ISO.
 */
import type { AnyEntity } from './entity.ts';
import { acknowledgement, type Acknowledgement } from './acknowledgement.ts';
import { bin, type Bin } from './bin.ts';
import { category, type Category } from './category.ts';
import { compartment, type Compartment } from './compartment.ts';
import { containerType, type ContainerType } from './container-type.ts';
import { cutPiece, type CutPiece } from './cut-piece.ts';
import { cutStock, type CutStock } from './cut-stock.ts';
import { deferral, type Deferral } from './deferral.ts';
import { family, type Family } from './family.ts';
import { fixture, type Fixture } from './fixture.ts';
import { labelLayout, type LabelLayout } from './label-layout.ts';
import { line, type Line } from './line.ts';
import { move, type Move } from './move.ts';
import { observation, type Observation } from './observation.ts';
import { person, type Person } from './person.ts';
import { photo, type Photo } from './photo.ts';
import { printedLabel, type PrintedLabel } from './printed-label.ts';
import { recall, type Recall } from './recall.ts';
import {
  daySlot,
  kitCheck,
  kitItem,
  par,
  stockCount,
  stockOrder,
  type DaySlot,
  type KitCheck,
  type KitItem,
  type Par,
  type StockCount,
  type StockOrder,
} from './restock.ts';
import { room, type Room } from './room.ts';
import {
  interest,
  rotating,
  season,
  slot,
  spell,
  type Interest,
  type Rotating,
  type Season,
  type Slot,
  type Spell,
} from './rotation.ts';
import { holiday, routine, routineDay, type Holiday, type Routine, type RoutineDay } from './routine.ts';
import { session, type Session } from './session.ts';
import { setNumber, type SetNumber } from './set-number.ts';
import { site, type Site } from './site.ts';
import { stray, type Stray } from './stray.ts';
import { unit, type Unit } from './unit.ts';
import { zone, type Zone } from './zone.ts';

export type * from './acknowledgement.ts';
export type * from './bin.ts';
export * from './category.ts';
export * from './compartment.ts';
export * from './container-type.ts';
export * from './cut-piece.ts';
export type * from './cut-stock.ts';
export type * from './deferral.ts';
export type * from './entity.ts';
export type * from './family.ts';
export * from './fixture.ts';
export * from './label-layout.ts';
export type * from './limit.ts';
export * from './line.ts';
export type * from './move.ts';
export type * from './person.ts';
export * from './observation.ts';
export * from './photo.ts';
export * from './printed-label.ts';
export type * from './recall.ts';
export * from './room.ts';
export * from './restock.ts';
export * from './rotation.ts';
export * from './routine.ts';
export type * from './session.ts';
export type * from './set-number.ts';
export type * from './site.ts';
export type * from './stray.ts';
export * from './unit.ts';
export * from './zone.ts';

interface Rows {
  site: Site;
  person: Person;
  room: Room;
  zone: Zone;
  unit: Unit;
  compartment: Compartment;
  family: Family;
  containerType: ContainerType;
  category: Category;
  line: Line;
  bin: Bin;
  session: Session;
  deferral: Deferral;
  move: Move;
  photo: Photo;
  fixture: Fixture;
  acknowledgement: Acknowledgement;
  cutPiece: CutPiece;
  cutStock: CutStock;
  labelLayout: LabelLayout;
  setNumber: SetNumber;
  printedLabel: PrintedLabel;
  observation: Observation;
  stray: Stray;
  routine: Routine;
  routineDay: RoutineDay;
  holiday: Holiday;
  recall: Recall;
  rotating: Rotating;
  slot: Slot;
  spell: Spell;
  interest: Interest;
  season: Season;
  par: Par;
  stockCount: StockCount;
  stockOrder: StockOrder;
  kitItem: KitItem;
  kitCheck: KitCheck;
  daySlot: DaySlot;
}

export type TableName = keyof Rows;
export type RowOf<T extends TableName> = Rows[T];
/** Everything of one site, by table. */
export type SiteData = { [T in TableName]: Rows[T][] };

/** In an order in which rows can be made: what is pointed to comes first. A new kind of row is added here. */
const DESCRIBED = {
  site,
  containerType,
  labelLayout,
  person,
  room,
  zone,
  unit,
  compartment,
  family,
  category,
  line,
  setNumber,
  bin,
  printedLabel,
  observation,
  recall,
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
  stray,
  routine,
  routineDay,
  holiday,
  session,
  deferral,
  move,
  photo,
  fixture,
  acknowledgement,
  cutPiece,
  cutStock,
};

type Described = typeof DESCRIBED;
type Assert<T extends true> = T;
type Target = {
  [T in keyof Described]: {
    [K in keyof Described[T]['fields']]: Described[T]['fields'][K] extends { to: infer To } ? To : never;
  }[keyof Described[T]['fields']];
}[keyof Described];
/** Refused by the compiler when a field points to a table that is not there. */
export type TargetsKnown = Assert<Target extends TableName ? true : false>;

export const ENTITIES: Readonly<Record<TableName, AnyEntity>> = DESCRIBED;
export const TABLES = Object.keys(ENTITIES) as readonly TableName[];

/** The fields of a table for which a new row need not be told anything. */
export type DefaultedField<T extends TableName> = keyof {
  [K in keyof Described[T]['fields'] as Described[T]['fields'][K] extends { default: unknown } ? K : never]: unknown;
} &
  keyof RowOf<T>;
