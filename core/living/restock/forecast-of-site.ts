/** What is foretold of every consumable of a site, each from the children who come into its room. */
import { byId } from '../../ground/model/by-id.ts';
import type { Line, Par, Room, SiteData } from '../../ground/model/entities.ts';
import { comesInto } from '../../ground/body/who-comes.ts';
import { forecastOf, type Forecast } from './forecast.ts';

export interface Forecasted {
  par: Par;
  line: Line;
  room: Room;
  forecast: Forecast;
}
export type ForecastTables = Pick<
  SiteData,
  'site' | 'room' | 'person' | 'line' | 'par' | 'stockCount' | 'stockOrder' | 'holiday'
>;

/**
 * @param today ISO date
 * @returns by the day of the order, those that need none last
 */
export function forecastsOf(data: ForecastTables, today: string): Forecasted[] {
  const lines = byId(data.line);
  const rooms = byId(data.room);
  const [site] = data.site;
  if (!site) return [];
  return data.par
    .flatMap((par): Forecasted[] => {
      const line = lines.get(par.lineId);
      const room = rooms.get(line?.roomId ?? '');
      if (!line || !room) return [];
      const children = comesInto(room, data.person).filter(({ kind }) => kind === 'child');
      const all = { site, holidays: data.holiday, children, counts: data.stockCount, orders: data.stockOrder };
      return [{ par, line, room, forecast: forecastOf(par, all, today) }];
    })
    .sort(
      (a, b) =>
        (a.forecast.orderBy ?? '9').localeCompare(b.forecast.orderBy ?? '9') || a.line.name.localeCompare(b.line.name),
    );
}
