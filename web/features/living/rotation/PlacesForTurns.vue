<script setup lang="ts">
/** Places of the open shelves for what takes turns: of which area, and how many side by side (practice R2). */
import { computed } from 'vue';
import type { Slot } from '@stube/core/model';
import { newId } from '../../../data/new-id.ts';
import { useRoom } from '../../../data/room.ts';

defineProps<{ areas: readonly string[] }>();
const { store, units, spacesOf } = useRoom();
const slotsOf = (id: string) => {
  return store.data.slot.filter(({ compartmentId }) => compartmentId === id).sort((a, b) => a.part - b.part);
};
const open = computed(() =>
  units.value
    .map((unit) => ({
      unit,
      spaces: spacesOf(unit.id).filter(({ door, drawer, access }) => !door && !drawer && access === 'front'),
    }))
    .filter(({ spaces }) => spaces.length),
);
const MOST_PARTS = 4;
async function setSlots(compartmentId: string, own: readonly Slot[], name: string, parts: number): Promise<void> {
  await store.tryWrite(() =>
    store.writeTogether({
      what: name ? `a place for ${name}` : 'no place for turns',
      remove: own.slice(name ? parts : 0).map(({ id, version }) => ({ table: 'slot' as const, id, version })),
      update: own
        .slice(0, name ? parts : 0)
        .map(({ id, version }) => ({ table: 'slot' as const, id, version, values: { area: name, parts } })),
      create: name
        ? Array.from({ length: Math.max(0, parts - own.length) }, (_, i) => ({
            table: 'slot' as const,
            id: newId(),
            values: { compartmentId, area: name, part: own.length + i + 1, parts },
          }))
        : [],
    }),
  );
}
</script>

<template>
  <section class="sheet stack tight" aria-label="Places for it">
    <h2>Places for it</h2>
    <p v-if="!open.length" class="soft">No open shelf is measured in this room yet.</p>
    <details v-for="{ unit, spaces } in open" :key="unit.id">
      <summary>
        {{ unit.name }}
        <span class="small soft">{{
          spaces.reduce((sum, space) => sum + slotsOf(space.id).length, 0) || 'no place'
        }}</span>
      </summary>
      <div v-for="space in spaces" :key="space.id" class="row tight slot">
        <span class="name">{{ space.name }}</span>
        <select
          class="write few"
          :aria-label="`${unit.name} ${space.name}: area`"
          :value="slotsOf(space.id)[0]?.area ?? ''"
          @change="
            setSlots(
              space.id,
              slotsOf(space.id),
              ($event.target as HTMLSelectElement).value,
              Math.max(1, slotsOf(space.id).length),
            )
          "
        >
          <option value="">no turns</option>
          <option v-for="name in areas" :key="name" :value="name">{{ name }}</option>
        </select>
        <select
          v-if="slotsOf(space.id).length"
          class="write few"
          :aria-label="`${unit.name} ${space.name}: things side by side`"
          :value="slotsOf(space.id).length"
          @change="
            setSlots(
              space.id,
              slotsOf(space.id),
              slotsOf(space.id)[0]!.area,
              Number(($event.target as HTMLSelectElement).value),
            )
          "
        >
          <option v-for="n in MOST_PARTS" :key="n" :value="n">{{ n }} side by side</option>
        </select>
      </div>
    </details>
  </section>
</template>

<style scoped>
.few {
  width: auto;
  min-height: 34px;
  padding: 2px 6px;
  max-width: 130px;
}
.slot {
  padding: 4px 0;
}
.name {
  min-width: 90px;
}
</style>
