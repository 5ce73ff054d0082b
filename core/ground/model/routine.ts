import { entity, pointsTo, type RowOfSite } from './entity.ts';

export const ROUTINE_KINDS = [
  'daily reset',
  'weekly reset',
  'monthly check',
  'seasonal edit',
  'change-over',
  'own',
] as const;
export type RoutineKind = (typeof ROUTINE_KINDS)[number];

/** What is done again and again so that the room stays as it was made (practice U1). */
export interface Routine extends RowOfSite {
  /** Null: it is about the whole site. */
  roomId: string | null;
  name: string;
  kind: RoutineKind;
  /** Who does it; null: whoever is there. */
  personId: string | null;
  minutes: number;
  /** When it comes again, as RFC 5545 writes it: `FREQ=WEEKLY;BYDAY=FR`. */
  rule: string;
  /** The first day it may be due, ISO. */
  from: string;
  /** What is ticked one by one. */
  steps: string[];
  /** It is due on holidays too. */
  onHolidays: boolean;
}

export const routine = entity<Routine>()({
  words: { one: 'routine', many: 'routines' },
  routes: { create: true, remove: true },
  fields: {
    roomId: pointsTo('room', 'remove', { default: null }),
    name: {},
    kind: {},
    personId: pointsTo('person', 'clear', { default: null }),
    minutes: {},
    rule: {},
    from: {},
    steps: { default: [] },
    onHolidays: { default: false },
  },
  since: 10,
});

/** One time a routine was due, as far as it was done. */
export interface RoutineDay extends RowOfSite {
  routineId: string;
  /** The day it was due, ISO. */
  day: string;
  /** Steps that are ticked, from 0. */
  ticked: number[];
  /** ISO date and time; null while it is open. */
  doneAt: string | null;
  /** It was left out on purpose. */
  skipped: boolean;
}

export const routineDay = entity<RoutineDay>()({
  words: { one: 'day of a routine', many: 'days of routines' },
  routes: { create: true, remove: true },
  fields: {
    routineId: pointsTo('routine', 'remove'),
    day: {},
    ticked: { default: [] },
    doneAt: { default: null },
    skipped: { default: false },
  },
  since: 10,
});

/** Days on which the house is closed. */
export interface Holiday extends RowOfSite {
  name: string;
  /** First and last day, ISO. */
  from: string;
  to: string;
}

export const holiday = entity<Holiday>()({
  words: { one: 'holiday', many: 'holidays' },
  routes: { create: true, remove: true },
  fields: { name: {}, from: {}, to: {} },
  since: 10,
});
