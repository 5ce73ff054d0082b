<script setup lang="ts">
/** What the room has and nobody uses, the largest first; each can be made a place. */
import { computed, ref } from 'vue';
import { Plus } from '@lucide/vue';
import { type Overlooked, overlookedPlaces, type Split } from '@stube/core/measuring';
import { useRoom } from '../../../data/room.ts';
import { litres } from '../../../parts/numbers.ts';
import { newId } from '../../../data/new-id.ts';

const emit = defineEmits<{ measure: [place: NonNullable<Overlooked['place']>] }>();
const { store, room, units, compartments, bins, fixtures } = useRoom();
const found = computed(() =>
  room.value
    ? overlookedPlaces({
        room: room.value,
        units: units.value,
        compartments: compartments.value,
        bins: bins.value,
        fixtures: fixtures.value,
        types: store.maps.containerType,
      })
    : [],
);
/** One compartment becomes two, and one undo makes it one again. */
async function part({ compartmentId, words, leaves, other }: Split): Promise<void> {
  const space = store.maps.compartment.get(compartmentId);
  if (!space) return;
  const { id, version, unitId } = space;
  const values = { ...other, unitId, opening: null, blocked: [], measured: false, sort: space.sort - 0.5 };
  const done = await store.tryWrite(() =>
    store.writeTogether({
      what: words,
      create: [{ table: 'compartment', id: newId(), values }],
      update: [{ table: 'compartment', id, version, values: leaves }],
    }),
  );
  if (done) store.sayDone(`${space.name} and ${other.name}: two places now.`);
}
const FEW = 6;
const all = ref(false);
const shown = computed(() => (all.value ? found.value : found.value.slice(0, FEW)));
const sum = computed(() => found.value.reduce((total, one) => total + one.litres, 0));
</script>

<template>
  <section v-if="found.length" class="sheet stack tight" aria-label="Overlooked places">
    <h2>Overlooked places</h2>
    <p class="small soft">
      About {{ litres(sum) }} that nothing stands in, the largest first. Look here before anything is bought.
    </p>
    <ul>
      <li v-for="one in shown" :key="`${one.kind} ${one.at}`" class="place">
        <b class="figure">{{ litres(one.litres) }}</b>
        <span
          >{{ one.where }}<br /><span class="small soft">{{ one.takes }}</span></span
        >
        <button
          v-if="one.place"
          class="press small quiet"
          type="button"
          :aria-label="`Measure it: ${one.where}`"
          @click="emit('measure', one.place)"
        >
          <Plus :size="15" />Measure it
        </button>
        <button
          v-else-if="one.split"
          class="press small quiet"
          type="button"
          :aria-label="`Put it in: ${one.split.words}`"
          @click="part(one.split)"
        >
          <Plus :size="15" />Put it in
        </button>
      </li>
    </ul>
    <button v-if="found.length > FEW" class="word-press" type="button" @click="all = !all">
      {{ all ? 'only the largest' : `and ${found.length - FEW} more` }}
    </button>
  </section>
</template>

<style scoped>
.place {
  display: grid;
  grid-template-columns: 72px minmax(0, 1fr) auto;
  gap: 4px 12px;
  align-items: baseline;
  padding: 6px 0;
  border-bottom: 1px solid var(--rule);
}
@media (max-width: 760px) {
  .place {
    grid-template-columns: 64px minmax(0, 1fr);
  }
  .place .press {
    grid-column: 2;
    justify-self: start;
  }
}
</style>
