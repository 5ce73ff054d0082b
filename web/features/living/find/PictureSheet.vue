<script setup lang="ts">
/** The things of a room as pictures: for whoever cannot say or write what is in the hand. */
import { computed, ref } from 'vue';
import type { Bin } from '@stube/core/model';
import CategoryPicture from '../../../drawing/CategoryPicture.vue';
import { useSite } from '../../../data/site.ts';

const emit = defineEmits<{ bin: [bin: Bin] }>();
const store = useSite();
const room = ref(store.rooms[0]?.id ?? '');
/** One picture a class: the first of its bins that has a place. */
const things = computed(() => {
  const seen = new Set<string>();
  return store.data.bin.filter((bin) => {
    if (bin.roomId !== room.value || !bin.compartmentId || seen.has(bin.categoryId)) return false;
    seen.add(bin.categoryId);
    return true;
  });
});
</script>

<template>
  <div class="stack tight">
    <label class="row tight"
      ><span>Pictures of</span
      ><select v-model="room" class="write few">
        <option v-for="one in store.rooms" :key="one.id" :value="one.id">{{ one.name }}</option>
      </select></label
    >
    <ul class="sheet-of" aria-label="Things of the room">
      <li v-for="bin in things" :key="bin.id">
        <button class="press picture" type="button" @click="emit('bin', bin)">
          <CategoryPicture :category-id="bin.categoryId" :size="40" /><span class="small">{{ bin.name }}</span>
        </button>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.few {
  width: auto;
}
.sheet-of {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(104px, 1fr));
  gap: 8px;
}
.picture {
  width: 100%;
  height: 100%;
  flex-direction: column;
  justify-content: flex-start;
  white-space: normal;
  padding: 8px 4px;
  gap: 4px;
  overflow-wrap: anywhere;
}
</style>
