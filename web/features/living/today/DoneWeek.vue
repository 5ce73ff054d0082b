<script setup lang="ts">
/** What was done since Monday. */
import { computed } from 'vue';
import { doneThisWeek, type DoneThisWeek } from '@stube/core/today';
import { today } from '../../../parts/day.ts';
import { useSite } from '../../../data/site.ts';

const store = useSite();
const WORDS: Record<keyof DoneThisWeek, [one: string, many: string]> = {
  decided: ['decision', 'decisions'],
  handedOver: ['thing handed over', 'things handed over'],
  routines: ['routine', 'routines'],
  putBack: ['thing put back', 'things put back'],
  tidied: ['bin tidied', 'bins tidied'],
  strays: ['stray matched', 'strays matched'],
  labels: ['label printed', 'labels printed'],
};
const done = computed(
  () =>
    Object.entries(doneThisWeek(store.data, today())).filter(([, count]) => count > 0) as [
      keyof DoneThisWeek,
      number,
    ][],
);
</script>

<template>
  <section v-if="done.length" class="sheet stack tight" aria-label="Done this week">
    <h2>Done this week</h2>
    <ul class="done">
      <li v-for="[key, count] in done" :key="key">
        <b class="figure">{{ count }}</b> {{ WORDS[key][count === 1 ? 0 : 1] }}
      </li>
    </ul>
  </section>
</template>

<style scoped>
.done {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
}
.figure {
  font-size: 1.15rem;
}
</style>
