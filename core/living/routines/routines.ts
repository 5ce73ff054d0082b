/** Which routine is due, what is ticked, and a usual set to start from (practice U1). */
import { addDays } from '../../ground/calendar/day.ts';
import { groupedBy } from '../../ground/model/grouped-by.ts';
import type { FieldsOf } from '../../ground/model/entity.ts';
import type { Holiday, Room, Routine, RoutineDay } from '../../ground/model/entities.ts';
import { daysDue } from './recurrence.ts';

export interface DueRoutine {
  routine: Routine;
  /** The day it was due last and is not done, ISO. */
  day: string;
  when: 'overdue' | 'today' | 'coming';
  /** What of it is ticked; null where nobody has begun. */
  row: RoutineDay | null;
  /** Times it was left before this one: they do not pile up, they are only told. */
  missed: number;
}

/** So far back a routine is still looked for; what was left longer ago is not told. */
const LOOK_BACK = 120;
const isOver = (row: RoutineDay | undefined): boolean => !!row && (row.doneAt !== null || row.skipped);

/**
 * Each routine once: the last time it was due by today and is open, or else the next time within so many days.
 * @param today ISO date
 */
export function dueRoutines(
  data: { routine: readonly Routine[]; routineDay: readonly RoutineDay[]; holiday: readonly Holiday[] },
  today: string,
  ahead: number,
): DueRoutine[] {
  const rows = groupedBy(data.routineDay, ({ routineId }) => routineId);
  return data.routine
    .flatMap((routine): DueRoutine[] => {
      const byDay = new Map((rows.get(routine.id) ?? []).map((row) => [row.day, row]));
      const past = daysDue(routine, { from: addDays(today, -LOOK_BACK), to: today }, data.holiday);
      // Everything before the last time it was done is over, however often it was left.
      const done = past.findLastIndex((day) => isOver(byDay.get(day)));
      const open = past.slice(done + 1);
      const last = open.at(-1);
      if (last)
        return [
          {
            routine,
            day: last,
            when: last === today ? 'today' : 'overdue',
            row: byDay.get(last) ?? null,
            missed: open.length - 1,
          },
        ];
      const next = daysDue(routine, { from: addDays(today, 1), to: addDays(today, ahead) }, data.holiday).find(
        (day) => !isOver(byDay.get(day)),
      );
      return next ? [{ routine, day: next, when: 'coming', row: byDay.get(next) ?? null, missed: 0 }] : [];
    })
    .sort((a, b) => a.day.localeCompare(b.day) || a.routine.name.localeCompare(b.routine.name));
}

/** A usual set: for one's own room it is changed or left out. Minutes are our own judgement. */
export function usualRoutines(
  room: Pick<Room, 'id' | 'name' | 'secondLife'>,
  from: string,
): Omit<FieldsOf<Routine>, 'personId' | 'onHolidays'>[] {
  const of = (
    name: string,
    kind: Routine['kind'],
    minutes: number,
    rule: string,
    steps: string[],
  ): Omit<FieldsOf<Routine>, 'personId' | 'onHolidays'> => ({
    roomId: room.id,
    name,
    kind,
    minutes,
    rule,
    from,
    steps,
  });
  const DAILY = 'FREQ=WEEKLY;BYDAY=MO,TU,WE,TH,FR';
  return [
    of('Daily reset', 'daily reset', 10, DAILY, [
      'Everything off the floor and the tables',
      'Bins back to their pictures',
      'Strays into the tray',
    ]),
    of('Weekly reset', 'weekly reset', 20, 'FREQ=WEEKLY;BYDAY=FR', [
      'Empty the strays tray',
      'Look into what is over-full',
      'Wipe what is empty',
      'Tops and tables clear',
    ]),
    of('Monthly check', 'monthly check', 30, 'FREQ=MONTHLY;BYDAY=1MO', [
      'Labels that are out of date',
      'Cautions: anchors, lids, what is locked',
      'Pens and glue tried out',
      'Places a child cannot reach',
    ]),
    of('Seasonal edit', 'seasonal edit', 90, 'FREQ=MONTHLY;INTERVAL=3;BYDAY=1SA', [
      'What nobody used since the last edit',
      'Outgrown, broken, double',
      'Bring out the season, put the last one away',
    ]),
    ...(room.secondLife
      ? [
          of(`Change over to ${room.secondLife}`, 'change-over', 5, DAILY, [
            'Lids on, doors shut',
            'What rolls goes away',
            'Covers on what stays open',
          ]),
        ]
      : []),
  ];
}
