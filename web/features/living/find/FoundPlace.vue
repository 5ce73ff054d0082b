<script setup lang="ts">
/** A bin that was found: lit up in its furniture, the way to it, how one gets at it, and whether it was there. */
import { computed, ref } from 'vue';
import type { BinEvent } from '@stube/contract/answers';
import { gettingAt, turnOf } from '@stube/core/find';
import type { Bin } from '@stube/core/model';
import { roomDataOf } from '@stube/core/placement';
import PlaceLit from '../../../drawing/PlaceLit.vue';
import WayPlan from '../../../drawing/WayPlan.vue';
import { api } from '../../../data/transport.ts';
import { useSite } from '../../../data/site.ts';
import { dayOf, formatDay, today } from '../../../parts/day.ts';
import { useBinsActions } from '../bins/actions.ts';

const props = defineProps<{ bin: Bin; tallest?: number }>();
const store = useSite();
const { observe } = useBinsActions();
const space = computed(() => store.maps.compartment.get(props.bin.compartmentId ?? ''));
const unit = computed(() => store.maps.unit.get(space.value?.unitId ?? ''));
const ways = computed(() => {
  const data = unit.value && roomDataOf(store.data, unit.value.roomId, today());
  return data ? gettingAt(data, props.bin.id) : [];
});
const turns = computed(() =>
  turnOf(
    store.data,
    (store.contents.get(props.bin.id)?.lines ?? []).map(({ id }) => id),
    (id) => store.maps.line.get(id)?.name ?? '',
  ),
);
/** Looking for it began when it was shown. */
const since = Date.now();
const answer = ref<'here' | 'not here' | null>(null);
const last = ref<BinEvent | null>(null);
const SECOND = 1000;
async function here(): Promise<void> {
  const seconds = Math.round((Date.now() - since) / SECOND);
  if (await store.tryWrite(() => observe(props.bin, 'searched', { seconds }))) answer.value = 'here';
}
async function missing(): Promise<void> {
  if (!(await store.tryWrite(() => observe(props.bin, 'not here')))) return;
  answer.value = 'not here';
  const events = await api<BinEvent[]>('GET', `/sites/${store.id}/rows/${props.bin.id}/history`).catch(() => []);
  last.value = events.find(({ compartmentId, undone }) => compartmentId && !undone) ?? null;
}
</script>

<template>
  <div class="stack tight">
    <PlaceLit :bin="bin" :tallest="tallest ?? 260" />
    <p v-for="turn in turns" :key="turn" class="small">{{ turn }}</p>
    <ul v-if="ways.length" class="ways small" aria-label="How to get at it">
      <li v-for="way in ways" :key="way">{{ way }}</li>
    </ul>
    <WayPlan v-if="unit" :unit-id="unit.id" />
    <div v-if="unit && !answer" class="row tight">
      <button class="press small" type="button" @click="here">here it is</button>
      <button class="press small quiet" type="button" @click="missing">it is not here</button>
    </div>
    <p v-else-if="answer === 'here'" class="small soft" role="status">Noted how long it took.</p>
    <p v-else-if="answer === 'not here'" class="caution warn small" role="status">
      Noted: it is told in Today until it is found.
      <template v-if="last"
        >Last it was put into {{ unit?.name }} › {{ space?.name }} by
        {{ last.mine ? 'this device' : 'another device' }}, {{ formatDay(dayOf(last.at)) }} ({{ last.what }}).</template
      >
    </p>
  </div>
</template>

<style scoped>
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
}
.ways li + li::before {
  content: '→ ';
}
</style>
