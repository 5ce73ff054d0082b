<script setup lang="ts">
/** What has come apart from what is written down: labels that say something else now, and bins that were not there. */
import { counted } from '@stube/core/notation';
import { computed } from 'vue';
import { missingBins } from '@stube/core/frequency';
import { useSite } from '../../../data/site.ts';
import { dayOf, formatDay } from '../../../parts/day.ts';
import type { StaleLabels } from '../../labelling/labels/stale.ts';

defineProps<{ labels: readonly StaleLabels[] }>();
const store = useSite();
const missing = computed(() =>
  [...missingBins(store.data.observation).values()].flatMap(({ binId, at }) => {
    const bin = store.maps.bin.get(binId);
    return bin ? [{ bin, at }] : [];
  }),
);
</script>

<template>
  <section v-if="labels.length || missing.length" class="sheet stack tight" aria-label="No longer true">
    <h2>No longer true</h2>
    <ul class="list">
      <li v-for="{ room, stale, old } in labels" :key="room.id" class="row between">
        <span
          ><b>{{ room.name }}</b
          ><span class="small soft">{{
            [stale && `${counted(stale, 'label')} out of date`, old && `${counted(old, 'old label')} to take off`]
              .filter(Boolean)
              .join(', ')
          }}</span></span
        >
        <RouterLink class="press small" :to="{ name: 'label', params: { site: store.id, room: room.id } }"
          >Labels of {{ room.name }}</RouterLink
        >
      </li>
      <li v-for="{ bin, at } in missing" :key="bin.id" class="row between">
        <span
          ><b>{{ bin.code }} {{ bin.name }}</b
          ><span class="small soft">was not there, {{ formatDay(dayOf(at)) }}</span></span
        >
        <RouterLink class="press small" :to="{ name: 'bin', params: { site: store.id, code: bin.code } }"
          >Look at {{ bin.code }}</RouterLink
        >
      </li>
    </ul>
  </section>
</template>

<style scoped>
.list {
  display: grid;
  gap: 8px;
}
.list span {
  display: grid;
}
</style>
