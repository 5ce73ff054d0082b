/** What is due and what is foretold in the open site, reckoned once for every screen that tells of it. */
import { defineStore } from 'pinia';
import { computed } from 'vue';
import { addDays } from '@stube/core/calendar';
import { forecastsOf } from '@stube/core/restock';
import { agendaOf } from '@stube/core/today';
import { today } from '../parts/day.ts';
import { useSite } from './site.ts';

export const useDue = defineStore('due', () => {
  const store = useSite();
  /** Follows the tables of what is used up alone: other writes do not reckon it anew. */
  const forecasts = computed(() => forecastsOf(store.data, today()));
  const agenda = computed(() => agendaOf(store.data, today(), undefined, forecasts.value));
  /** @param days from today on */
  const within = (days: number) => agenda.value.filter(({ day }) => day <= addDays(today(), days));
  return { forecasts, agenda, within };
});
