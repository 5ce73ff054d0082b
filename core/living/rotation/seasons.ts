/** Which seasonal boxes come out or go back, by their dates each year (practice R5). */
import { addDays, daysBetween } from '../../ground/calendar/day.ts';
import type { Season } from '../../ground/model/entities.ts';

/** Whether a box is out on a day, by its dates: they may run over the end of the year. */
export function isInSeason({ comesOut, goesBack }: Pick<Season, 'comesOut' | 'goesBack'>, today: string): boolean {
  const now = today.slice(5);
  return comesOut <= goesBack ? now >= comesOut && now < goesBack : now >= comesOut || now < goesBack;
}

export interface SeasonDue {
  season: Season;
  act: 'bring out' | 'put back';
  /** The day on which it should have been done, or comes due, ISO. */
  day: string;
}

/** The next day with that month and day, today among them. */
function next(monthDay: string, today: string): string {
  const year = Number(today.slice(0, 4));
  const here = `${year}-${monthDay}`;
  return here >= today ? here : `${year + 1}-${monthDay}`;
}
/** The last day with that month and day, today among them. */
function last(monthDay: string, today: string): string {
  const year = Number(today.slice(0, 4));
  const here = `${year}-${monthDay}`;
  return here <= today ? here : `${year - 1}-${monthDay}`;
}

/**
 * Each box once: what should have been done by today, or what comes within so many days.
 * @param today ISO date
 */
export function seasonsDue(seasons: readonly Season[], today: string, ahead: number): SeasonDue[] {
  return seasons
    .flatMap((season): SeasonDue[] => {
      const shouldBeOut = isInSeason(season, today);
      const act =
        season.out === shouldBeOut ? (season.out ? 'put back' : 'bring out') : shouldBeOut ? 'bring out' : 'put back';
      const monthDay = act === 'bring out' ? season.comesOut : season.goesBack;
      const day = season.out === shouldBeOut ? next(monthDay, addDays(today, 1)) : last(monthDay, today);
      return daysBetween(today, day) <= ahead ? [{ season, act, day }] : [];
    })
    .sort((a, b) => a.day.localeCompare(b.day));
}
