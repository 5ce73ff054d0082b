<script setup lang="ts">
/** A page in pictures for a child or a group: what it may fetch itself, and where that lives. */
import { computed } from 'vue';
import type { Person } from '@stube/core/model';
import { canTidy, tidyBins, tidyPeople } from '@stube/core/tidying';
import CategoryPicture from '../../../drawing/CategoryPicture.vue';
import PlaceLit from '../../../drawing/PlaceLit.vue';
import { useRoom } from '../../../data/room.ts';

const props = defineProps<{ person: Person }>();
const { store, placeData } = useRoom();
const MOST = 24;
const things = computed(() => {
  const data = placeData.value;
  const who = data && tidyPeople(data).find(({ id }) => id === props.person.id);
  if (!data || !who) return [];
  return tidyBins(data)
    .filter((bin) => canTidy(who, bin))
    .flatMap(({ id }) => store.maps.bin.get(id) ?? [])
    .slice(0, MOST);
});
</script>

<template>
  <section v-if="things.length" class="sheet stack tight child" :aria-label="`In pictures for ${person.name}`">
    <h3>{{ person.name }}</h3>
    <ul class="pictures">
      <li v-for="bin in things" :key="bin.id">
        <CategoryPicture :category-id="bin.categoryId" :size="64" />
        <span v-if="person.reads" class="small">{{ bin.name }}</span>
        <PlaceLit :bin="bin" bare :tallest="90" />
      </li>
    </ul>
  </section>
</template>

<style scoped>
.pictures {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 12px;
}
.pictures li {
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 4px;
  padding: 8px;
  border: 1px solid var(--rule);
  break-inside: avoid;
}
.pictures :deep(figure) {
  width: 100%;
}
@media print {
  .child {
    break-before: page;
  }
}
</style>
