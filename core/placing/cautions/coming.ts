/** What will not be safe any more as the children grow (practice P16): cautions that come in the next months. */
import { isoDay } from '../../ground/calendar/day.ts';
import { ageInMonths } from '../../ground/hazards/ages.ts';
import type { Caution } from './caution.ts';
import { cautionsOf } from './cautions.ts';
import type { Person } from '../../ground/model/entities.ts';
import { medianStature } from '../../ground/body/stature.ts';
import type { RoomData } from '../placement/room-data.ts';

export interface ComingCaution {
  /** ISO date: the first day of the month from which it holds. */
  from: string;
  caution: Caution;
}

/** Months that are looked ahead. */
export const AHEAD_MONTHS = 3;

/** The first day of the so manieth month after a day. */
function monthAfter(today: string, months: number): string {
  const [year, month] = today.split('-').map(Number) as [number, number];
  return isoDay(new Date(Date.UTC(year, month - 1 + months, 1)));
}

/** A child as tall as it will then be: it grows as the median of its age does. Of whom no month of birth is known stays as it is. */
export function grownBy(person: Person, today: string, day: string): Person {
  if (person.kind !== 'child' || !person.born) return person;
  const [now, then] = [ageInMonths(person, today), ageInMonths(person, day)];
  return { ...person, stature: Math.round((person.stature * medianStature(then)) / medianStature(now)) };
}

/** The room on a later day, with its children as tall as they will then be. */
export const roomThen = (room: RoomData, day: string): RoomData => ({
  ...room,
  today: day,
  people: room.people.map((person) => grownBy(person, room.today, day)),
});

/** @returns each caution once, with the month in which it first comes; those that hold today are not among them */
export function comingCautions(room: RoomData, months = AHEAD_MONTHS): ComingCaution[] {
  if (!room.people.some(({ kind, born }) => kind === 'child' && born)) return [];
  const known = new Set(cautionsOf(room).map(({ key }) => key));
  const found: ComingCaution[] = [];
  for (let month = 1; month <= months; month++) {
    const from = monthAfter(room.today, month);
    for (const caution of cautionsOf(roomThen(room, from))) {
      if (known.has(caution.key)) continue;
      known.add(caution.key);
      found.push({ from, caution });
    }
  }
  return found;
}
