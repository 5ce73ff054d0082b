<script setup lang="ts">
/** The shelves of the rotation as they will stand in a week, to scale. */
import { computed, ref } from 'vue';
import { useElementSize } from '@vueuse/core';
import { bareShape } from '@stube/core/contents';
import { turnSize } from '@stube/core/rotation';
import { type Bin, groupedBy } from '@stube/core/model';
import UnitElevation from '../../../drawing/UnitElevation.vue';
import type { DrawnBin } from '../../../drawing/scale.ts';
import { useRoom } from '../../../data/room.ts';

const props = defineProps<{
  /** By slot: the line that is out there. */
  out: ReadonlyMap<string, string>;
  title: string;
}>();
const { store, units, spacesOf } = useRoom();
const holder = ref<HTMLElement | null>(null);
const { width } = useElementSize(holder);
/** By compartment: its slots from left to right, with what is out there. */
const slotsIn = computed(() =>
  groupedBy(
    [...store.data.slot].sort((a, b) => a.part - b.part).map((slot) => ({ ...slot, lineId: props.out.get(slot.id) })),
    ({ compartmentId }) => compartmentId,
  ),
);
const shelves = computed(() => units.value.filter((unit) => spacesOf(unit.id).some(({ id }) => slotsIn.value.has(id))));
const px = computed(() =>
  Math.min(0.24, Math.max(260, width.value) / Math.max(1, ...shelves.value.map((unit) => unit.width + 120))),
);
/** As large as it is, and no larger than its part of the shelf. */
function binsIn(spaceId: string): DrawnBin[] {
  const space = store.maps.compartment.get(spaceId);
  const own = slotsIn.value.get(spaceId) ?? [];
  if (!space) return [];
  return own.flatMap(({ part, parts, lineId }): DrawnBin[] => {
    const line = lineId ? store.maps.line.get(lineId) : undefined;
    if (!line) return [];
    const category = store.maps.category.get(line.categoryId ?? '');
    const most = Math.floor(space.width / parts);
    const piece = (store.site && turnSize(line, category, store.site)) ?? [
      most * 0.8,
      space.depth * 0.8,
      space.height * 0.4,
    ];
    const wide = Math.min(most, piece[0] <= most ? piece[0] : piece[1]);
    const deep = Math.min(space.depth, piece[0] <= most ? piece[1] : piece[0]);
    return [
      {
        bin: { id: line.id, code: '', name: line.name, categoryId: line.categoryId ?? line.id } as Bin,
        type: bareShape(Math.round(wide), Math.round(deep), Math.round(Math.min(space.height, Math.max(20, piece[2])))),
        hue: store.maps.family.get(category?.familyId ?? '')?.hue ?? 'ink',
        pictogram: category?.pictogram ?? 'package-open',
        full: null,
        at: { x: Math.round((part - 1) * most + (most - wide) / 2), y: 0, z: 0, turned: false },
      },
    ];
  });
}
const named = (spaceId: string): string =>
  (slotsIn.value.get(spaceId) ?? [])
    .map(({ lineId }) => (lineId ? (store.maps.line.get(lineId)?.name ?? '') : 'empty'))
    .join(' · ');
</script>

<template>
  <section ref="holder" class="sheet stack tight" :aria-label="title">
    <h2>{{ title }}</h2>
    <div v-for="unit in width ? shelves : []" :key="unit.id" class="shelf">
      <div inert>
        <UnitElevation
          :shape="unit"
          :spaces="spacesOf(unit.id)"
          :name="unit.name"
          :px="px"
          :system="store.site?.system"
          :bins-in="binsIn"
        />
      </div>
      <ul class="plain small">
        <li v-for="space in spacesOf(unit.id).filter(({ id }) => slotsIn.has(id))" :key="space.id">
          <b>{{ space.name }}</b> {{ named(space.id) }}
        </li>
      </ul>
    </div>
  </section>
</template>

<style scoped>
.shelf {
  display: flex;
  flex-wrap: wrap;
  gap: 12px 24px;
  align-items: flex-start;
}
.plain {
  list-style: none;
  padding: 0;
  margin: 0;
  flex: 1 1 240px;
}
</style>
