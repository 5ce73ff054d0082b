<script setup lang="ts">
/** The picture on the labels of a category: its pictogram, a photograph, or a drawing of one's own (practice L1). */
import { computed, ref } from 'vue';
import { Camera, PencilLine } from '@lucide/vue';
import type { Category } from '@stube/core/model/entities';
import Pictogram from '../../drawing/Pictogram.vue';
import { useNotices } from '../../data/notices.ts';
import { useSite } from '../../data/site.ts';
import { today } from '../../parts/day.ts';
import { usePhotosActions } from '../photos/actions.ts';
import { shrink } from '../photos/shrink.ts';
import DrawingPad from './DrawingPad.vue';

const props = defineProps<{ category: Category; roomId: string }>();
const store = useSite();
const notices = useNotices();
const { addPhoto } = usePhotosActions();
const drawing = ref(false);
const photo = computed(() =>
  store.data.photo.findLast(({ kind, categoryId }) => kind === 'label' && categoryId === props.category.id),
);
async function keep(file: Blob): Promise<void> {
  try {
    const { jpeg, width, height } = await shrink(file as File);
    const query = {
      kind: 'label' as const,
      takenOn: today(),
      width,
      height,
      note: '',
      lineId: null,
      containerTypeId: null,
    };
    await store.tryWrite(() => addPhoto(props.roomId, { ...query, categoryId: props.category.id }, jpeg));
  } catch (error) {
    notices.warn((error as Error).message);
  }
}
async function take(event: Event): Promise<void> {
  const field = event.target as HTMLInputElement;
  const file = field.files?.[0];
  if (file) await keep(file);
  field.value = '';
}
async function drawn(picture: Blob): Promise<void> {
  drawing.value = false;
  await keep(picture);
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
    <label class="press small take"
      ><Camera :size="16" />Photograph<input type="file" accept="image/*" class="hidden-text" @change="take"
    /></label>
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
.take {
  position: relative;
  cursor: pointer;
}
.take:focus-within {
  outline: 3px solid var(--spruce);
}
</style>
