/** The slots of the week that come next, with what they need and what of it is missing or low (practice S4). */
import { addDays } from '../../ground/calendar/day.ts';
import { byId } from '../../ground/model/by-id.ts';
import type { DaySlot, Line, Par } from '../../ground/model/entities.ts';
import type { Forecast } from './forecast.ts';

export interface NextSlot {
  slot: DaySlot;
  /** The day for which it is filled, ISO. */
  day: string;
  filled: boolean;
  needs: { line: Line; lacks: 'gone' | 'low' | 'incomplete' | null }[];
}

/** The next day of that weekday, today among them. */
export function nextDay(weekday: number, today: string): string {
  const now = new Date(`${today}T00:00:00Z`).getUTCDay();
  return addDays(today, (weekday - now + 7) % 7);
}

/**
 * @param forecasts of consumables, by the line
 * @param today ISO date
 * @returns by day
 */
export function nextSlots(
  slots: readonly DaySlot[],
  lines: readonly Line[],
  forecasts: ReadonlyMap<string, { par: Pick<Par, 'least'>; forecast: Pick<Forecast, 'now'> }>,
  today: string,
): NextSlot[] {
  const known = byId(lines);
  return slots
    .map((slot): NextSlot => {
      const day = nextDay(slot.weekday, today);
      const needs = slot.lineIds.flatMap((id) => {
        const line = known.get(id);
        if (!line) return [];
        const stock = forecasts.get(id);
        const low = stock && stock.forecast.now !== null && stock.forecast.now <= stock.par.least;
        const lacks =
          line.decision !== 'keep' ? 'gone' : low ? 'low' : line.setPieces && line.setMissing ? 'incomplete' : null;
        return [{ line, lacks } as NextSlot['needs'][number]];
      });
      return { slot, day, filled: slot.filledFor === day, needs };
    })
    .sort((a, b) => a.day.localeCompare(b.day) || a.slot.activity.localeCompare(b.slot.activity));
}
