<script setup lang="ts">
/** What a class looks like: the photograph or drawing of its labels, else its pictogram in the colour of its family. */
import { computed } from 'vue';
import { HUES } from '@stube/core/labels';
import { useSite } from '../data/site.ts';
import Pictogram from './Pictogram.vue';

const props = withDefaults(defineProps<{ categoryId: string; size?: number }>(), { size: 28 });
const store = useSite();
const category = computed(() => store.maps.category.get(props.categoryId));
const hue = computed(() => HUES[store.maps.family.get(category.value?.familyId ?? '')?.hue ?? 'ink']);
const photo = computed(() =>
  store.data.photo.findLast(({ kind, categoryId }) => kind === 'label' && categoryId === props.categoryId),
);
</script>

<template>
  <img
    v-if="photo"
    :src="`/api/sites/${store.id}/photos/${photo.id}.jpg`"
    :width="size"
    :height="size"
    alt=""
    class="photo"
  />
  <span v-else :style="{ color: hue }" class="drawn"
    ><Pictogram :name="category?.pictogram ?? 'package-open'" :size="size"
  /></span>
</template>

<style scoped>
.photo {
  object-fit: cover;
  border-radius: var(--corner);
}
.drawn {
  display: inline-grid;
  flex: none;
}
</style>
