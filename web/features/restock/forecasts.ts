/** The consumables of the site with what is foretold of each, the most urgent first. */
import { computed } from 'vue';
import { comesInto } from '@stube/core/placement/place-problem-of';
import { forecastOf } from '@stube/core/restock/forecast';
import { useSite } from '../../data/site.ts';
import { today } from '../../parts/day.ts';

export function useForecasts() {
  const store = useSite();
  return computed(() =>
    store.data.par
      .flatMap((par) => {
        const line = store.maps.line.get(par.lineId);
        const room = store.maps.room.get(line?.roomId ?? '');
        if (!line || !room || !store.site) return [];
        const children = comesInto(room, store.data.person).filter(({ kind }) => kind === 'child');
        const data = {
          site: store.site,
          holidays: store.data.holiday,
          children,
          counts: store.data.stockCount,
          orders: store.data.stockOrder,
        };
        return [{ par, line, room, forecast: forecastOf(par, data, today()) }];
      })
      .sort(
        (a, b) =>
          (a.forecast.orderBy ?? '9').localeCompare(b.forecast.orderBy ?? '9') ||
          a.line.name.localeCompare(b.line.name),
      ),
  );
}
export type Forecasted = ReturnType<typeof useForecasts>['value'][number];
