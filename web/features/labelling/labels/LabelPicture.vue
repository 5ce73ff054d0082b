<script setup lang="ts">
/** The picture on the labels of a category: its pictogram, a photograph, or a drawing of one's own (practice L1). */
import { computed, ref } from 'vue';
import { PencilLine } from '@lucide/vue';
import type { Category } from '@stube/core/model';
import Pictogram from '../../../drawing/Pictogram.vue';
import { useSite } from '../../../data/site.ts';
import { useKeepPhoto } from '../../house/photos/keep-photo.ts';
import TakePhoto from '../../house/photos/TakePhoto.vue';
import DrawingPad from './DrawingPad.vue';

const props = defineProps<{ category: Category; roomId: string }>();
const store = useSite();
const keep = useKeepPhoto();
const drawing = ref(false);
const photo = computed(() =>
  store.data.photo.findLast(({ kind, categoryId }) => kind === 'label' && categoryId === props.category.id),
);
async function drawn(picture: Blob): Promise<void> {
  drawing.value = false;
  await keep(props.roomId, 'label', { categoryId: props.category.id }, picture);
}
</script>

<template>
  <div class="row">
    <img
      v-if="photo"
      class="picture"
      :src="`/api/sites/${store.id}/photos/${photo.id}.jpg`"
      :alt="`Picture on the labels of ${category.name}`"
    />
    <Pictogram v-else :name="category.pictogram" :size="44" />
    <TakePhoto says="Photograph" :room-id="roomId" kind="label" :of="{ categoryId: category.id }" />
    <button class="press small" type="button" @click="drawing = true"><PencilLine :size="16" />Draw it</button>
    <button
      v-if="photo"
      class="press small quiet"
      type="button"
      @click="store.remove('photo', photo, `The picture on the labels of ${category.name}`)"
    >
      Back to the pictogram
    </button>
    <DrawingPad v-if="drawing" :what="category.name" @close="drawing = false" @drawn="drawn" />
  </div>
</template>

<style scoped>
.picture {
  width: 56px;
  height: 56px;
  object-fit: cover;
  border: 1px solid var(--ink);
}
</style>
