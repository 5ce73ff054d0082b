/** The consumables of the site with what is foretold of each, the most urgent first. */
import { computed } from 'vue';
import { forecastsOf } from '@stube/core/restock/forecasts';
import { useSite } from '../../data/site.ts';
import { today } from '../../parts/day.ts';

export function useForecasts() {
  const store = useSite();
  return computed(() => forecastsOf(store.data, today()));
}
