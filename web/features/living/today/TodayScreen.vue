<script setup lang="ts">
/** What is due in all rooms, what helps most, what waits to be handed over, and what to be careful of. */
import { computed, ref } from 'vue';
import { CalendarPlus } from '@lucide/vue';
import { roomDataOf } from '@stube/core/placement';
import { openDangers } from '@stube/core/cautions';
import { departuresOf } from '@stube/core/pile';
import { today } from '../../../parts/day.ts';
import { useSite } from '../../../data/site.ts';
import ComingCautions from '../../placing/cautions/ComingCautions.vue';
import CautionList from '../../../parts/cautions/CautionList.vue';
import DepartureList from '../../sorting/departures/DepartureList.vue';
import DrawnWhenNear from '../../../parts/DrawnWhenNear.vue';
import JumpBar from '../../../parts/JumpBar.vue';
import { useStaleLabels } from '../../labelling/labels/stale.ts';
import DoneWeek from './DoneWeek.vue';
import DueItems from './DueItems.vue';
import MinutesPlan from './MinutesPlan.vue';
import NoLongerTrue from './NoLongerTrue.vue';

const store = useSite();
const items = ref<InstanceType<typeof DueItems> | null>(null);
const cautions = computed(() =>
  store.rooms.flatMap((room) => {
    const open = openDangers(store.data, room.id, today());
    return open.length ? [{ room, cautions: { open, acknowledged: [] } }] : [];
  }),
);
const dangers = computed(() =>
  cautions.value.flatMap(({ room, cautions: { open } }) => open.map((caution) => ({ room, caution }))),
);
/** Reckoned once for all that is told of them here. */
const labels = useStaleLabels();
const rooms = computed(() => store.rooms.flatMap((room) => roomDataOf(store.data, room.id, today()) ?? []));

const jumps = computed(() => [
  ...(items.value?.due ?? []).map(({ when, title, count }) => ({ id: `due-${when}`, name: title, count })),
  ...(departuresOf(store.data.line).length ? [{ id: 'leaving', name: 'What leaves' }] : []),
  ...cautions.value.map(({ room, cautions: { open } }) => ({
    id: `careful-${room.id}`,
    name: `Careful: ${room.name}`,
    count: open.length,
  })),
]);
</script>

<template>
  <div class="stack page">
    <div class="row between">
      <h1>Today</h1>
      <a class="press quiet small" :href="`/api/sites/${store.id}/today.ics`"
        ><CalendarPlus :size="16" />As a calendar</a
      >
    </div>
    <JumpBar :parts="jumps" label="Parts of this page" />
    <div class="two">
      <div class="stack">
        <MinutesPlan :dangers="dangers" :labels="labels" />
        <DueItems ref="items" />
        <NoLongerTrue :labels="labels" />
        <DepartureList id="leaving" />
      </div>
      <div class="stack">
        <DoneWeek />
        <section v-for="{ room, cautions: found } in cautions" :id="`careful-${room.id}`" :key="room.id" class="sheet">
          <CautionList :room-id="room.id" :cautions="found" :heading="room.name" />
        </section>
        <DrawnWhenNear :height="80"><ComingCautions class="sheet" :rooms="rooms" /></DrawnWhenNear>
        <section v-if="!cautions.length" class="sheet stack tight">
          <h2>Be careful</h2>
          <p class="soft">No danger is open in any room.</p>
        </section>
      </div>
    </div>
  </div>
</template>

<style scoped>
.page {
  padding-top: 22px;
}
.two {
  display: grid;
  grid-template-columns: minmax(0, 1.4fr) minmax(0, 1fr);
  gap: 20px;
  align-items: start;
}
@media (max-width: 860px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
