<script setup lang="ts">
/** What only one person uses, though that person has a room of their own: it need not be shared (practice P9). */
import { computed } from 'vue';
import { type OwnThing, ownThings } from '@stube/core/placement';
import { useRoom } from '../../../data/room.ts';

const { store, id } = useRoom();
const found = computed(() => ownThings(store.data, store.maps.category, id.value));
/** Its lines go to the other room's pile, from where they are put away there. */
async function goes({ bin, ownRoom }: OwnThing): Promise<void> {
  const lines = store.contents.get(bin.id)?.lines ?? [];
  const done = await store.tryWrite(() =>
    store.writeTogether({
      what: `${bin.name} belongs in ${ownRoom.name}`,
      update: lines.map(({ id: line, version }) => ({
        table: 'line' as const,
        id: line,
        version,
        values: { decision: 'other room' as const, destination: ownRoom.name },
      })),
    }),
  );
  if (done) store.sayDone(`${bin.name} is marked to go to ${ownRoom.name}: the pile lists what leaves.`);
}
</script>

<template>
  <details v-if="found.length" class="sheet stack tight">
    <summary>
      {{ found.length === 1 ? '1 thing could' : `${found.length} things could` }} live in a room of one’s own
    </summary>
    <p class="small soft">Only one person uses them, and that person has a room into which nobody else comes.</p>
    <div v-for="one in found" :key="one.bin.id" class="row between">
      <span
        ><b>{{ one.bin.code }} {{ one.bin.name }}</b> <span class="small soft">only {{ one.person.name }}</span></span
      >
      <button class="press small" type="button" @click="goes(one)">It belongs in {{ one.ownRoom.name }}</button>
    </div>
  </details>
</template>
