<script setup lang="ts">
/** Photographs of the room's makeover: the heap, before and after. */
import { computed, ref } from 'vue';
import ModalDialog from '../../../parts/ModalDialog.vue';
import type { Photo } from '@stube/core/model';
import { formatDay } from '../../../parts/day.ts';
import { useRoom } from '../../../data/room.ts';
import TakePhoto from './TakePhoto.vue';

const props = defineProps<{ lineId?: string }>();
const { store, id, room } = useRoom();
const KINDS: Partial<Record<Photo['kind'], string>> = { heap: 'the heap', before: 'before', after: 'after' };
const kind = ref<Photo['kind']>(props.lineId ? 'line' : 'heap');
const shown = ref<Photo | null>(null);
const photos = computed(() =>
  store.data.photo
    .filter(
      (photo) =>
        photo.roomId === id.value &&
        photo.kind !== 'container' &&
        photo.kind !== 'label' &&
        (!props.lineId || photo.lineId === props.lineId),
    )
    .sort((a, b) => b.takenOn.localeCompare(a.takenOn)),
);
const address = (photo: Photo) => `/api/sites/${store.id}/photos/${photo.id}.jpg`;
const nameOf = (photo: Photo) => KINDS[photo.kind] ?? store.maps.line.get(photo.lineId ?? '')?.name ?? 'a line';

async function drop(photo: Photo): Promise<void> {
  if (await store.remove('photo', photo, 'The photograph')) shown.value = null;
}
</script>

<template>
  <section class="stack tight" :aria-label="lineId ? 'Photographs of the line' : 'Photographs'">
    <div class="row nowrap">
      <select v-if="!lineId" v-model="kind" class="write" aria-label="What the photograph shows">
        <option v-for="(word, key) in KINDS" :key="key" :value="key">{{ word }}</option>
      </select>
      <TakePhoto says="Photograph" :room-id="id" :kind="kind" :of="{ lineId: lineId ?? null }" several />
    </div>
    <ul v-if="photos.length" class="strip">
      <li v-for="photo in photos" :key="photo.id">
        <button type="button" :aria-label="`${nameOf(photo)}, ${formatDay(photo.takenOn)}`" @click="shown = photo">
          <img :src="address(photo)" alt="" loading="lazy" /><span class="small">{{ nameOf(photo) }}</span>
        </button>
      </li>
    </ul>
    <ModalDialog
      v-if="shown"
      dismissable
      :title="`${room?.name}: ${nameOf(shown)}, ${formatDay(shown.takenOn)}`"
      :width="900"
      @close="shown = null"
    >
      <img
        class="large"
        :src="address(shown)"
        :alt="`${nameOf(shown)} in ${room?.name}`"
        :width="shown.width"
        :height="shown.height"
      />
      <button class="press quiet brick" type="button" @click="drop(shown)">Remove</button>
    </ModalDialog>
  </section>
</template>

<style scoped>
.nowrap {
  flex-wrap: nowrap;
}
.strip {
  display: flex;
  gap: 8px;
  overflow-x: auto;
}
.strip button {
  display: flex;
  flex-direction: column;
  padding: 4px;
  background: var(--paper-card);
  border: 1px solid var(--rule-strong);
  cursor: pointer;
}
.strip img {
  width: 76px;
  height: 57px;
  object-fit: cover;
}
.large {
  width: 100%;
  height: auto;
  max-height: 70vh;
  object-fit: contain;
}
</style>
