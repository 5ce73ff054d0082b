/** What was done since Monday: told, so that it is seen. */
import { addDays, dayIn } from '../../ground/calendar/day.ts';
import type { SiteData } from '../../ground/model/entities.ts';

export interface DoneThisWeek {
  decided: number;
  handedOver: number;
  routines: number;
  putBack: number;
  tidied: number;
  strays: number;
  labels: number;
}
type Data = Pick<SiteData, 'line' | 'routineDay' | 'observation' | 'stray' | 'printedLabel' | 'site'>;

const DAY_LENGTH = 'YYYY-MM-DD'.length;

/** Monday of the week of a day, ISO. */
export const mondayOf = (day: string): string => addDays(day, -((new Date(`${day}T00:00:00Z`).getUTCDay() + 6) % 7));

/** That day where it is a Monday, else the next one, ISO. */
export const mondayFrom = (day: string): string => mondayOf(addDays(day, 6));

/** @param today ISO date */
export function doneThisWeek(data: Data, today: string): DoneThisWeek {
  const monday = mondayOf(today);
  const zone = data.site[0]?.timeZone ?? null;
  // Some are days already, others points in time.
  const isSince = (at: string | null): boolean =>
    at !== null && (at.length > DAY_LENGTH ? dayIn(zone, at) : at) >= monday;
  const seen = data.observation.filter(({ at }) => isSince(at));
  return {
    decided: data.line.filter(({ decidedAt }) => isSince(decidedAt)).length,
    handedOver: data.line.filter(({ handedOver }) => isSince(handedOver)).length,
    routines: data.routineDay.filter(({ doneAt }) => isSince(doneAt)).length,
    putBack: seen.filter(({ kind }) => kind === 'put back').length,
    tidied: seen.filter(({ kind }) => kind === 'tidied').length,
    strays: data.stray.filter(({ settled }) => isSince(settled)).length,
    labels: data.printedLabel.filter(({ printedOn }) => isSince(printedOn)).length,
  };
}
