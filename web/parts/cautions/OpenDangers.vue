<script setup lang="ts">
/** In which rooms a danger is open, with the way to it; reckoned beside the page when it stands. */
import { onMounted, onUnmounted, ref, toRaw, watch } from 'vue';
import { TriangleAlert } from '@lucide/vue';
import type { SiteData } from '@stube/core/model';
import { today } from '../day.ts';
import { useSite } from '../../data/site.ts';
import type { RoomDangers } from './dangers.worker.ts';
import { dangersWorker } from './worker.ts';

/** What has just been changed is waited for, ms. */
const SETTLES_MS = 300;

const store = useSite();
const rooms = ref<RoomDangers[]>([]);
let timer: ReturnType<typeof setTimeout> | undefined;
/** A later question makes the answer of an earlier one worthless. */
let question = 0;
async function reckon(): Promise<void> {
  const asked = ++question;
  const site = Object.fromEntries(Object.entries(toRaw(store.data)).map(([table, rows]) => [table, toRaw(rows)]));
  const found = await dangersWorker().inRooms(site as unknown as SiteData, today());
  if (asked === question) rooms.value = found;
}
function later(): void {
  clearTimeout(timer);
  timer = setTimeout(reckon, SETTLES_MS);
}
onMounted(later);
watch(() => [store.data.bin, store.data.line, store.data.unit, store.data.person, store.data.acknowledgement], later);
onUnmounted(() => {
  clearTimeout(timer);
  question++;
});
</script>

<template>
  <div v-if="rooms.length" class="caution row between" role="status">
    <span class="row"
      ><TriangleAlert :size="18" /><b>Be careful:</b
      ><span v-for="room in rooms" :key="room.id">{{ room.name }} ({{ room.dangers }})</span></span
    >
    <RouterLink class="press small" :to="{ name: 'today', params: { site: store.id } }">See what and why</RouterLink>
  </div>
</template>
