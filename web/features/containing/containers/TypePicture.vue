<script setup lang="ts">
/** The container's own picture, taken with the phone or chosen from its pictures. */
import { computed } from 'vue';
import type { ContainerType } from '@stube/core/model';
import { useSite } from '../../../data/site.ts';
import TakePhoto from '../../house/photos/TakePhoto.vue';

const props = defineProps<{ type: ContainerType }>();
const store = useSite();
const photo = computed(() =>
  store.data.photo
    .filter(({ containerTypeId }) => containerTypeId === props.type.id)
    .sort((a, b) => b.takenOn.localeCompare(a.takenOn))
    .at(0),
);
/** Pictures belong to a room; a container's to the first, wherever it is used. */
const room = computed(() => store.data.room[0]);
</script>

<template>
  <div v-if="room" class="row">
    <img v-if="photo" :src="`/api/sites/${store.id}/photos/${photo.id}.jpg`" :alt="type.name" class="picture" />
    <TakePhoto
      :says="photo ? 'Another picture' : 'A picture of it'"
      :room-id="room.id"
      kind="container"
      :of="{ containerTypeId: type.id }"
    />
    <button
      v-if="photo"
      class="press quiet small"
      type="button"
      @click="store.remove('photo', photo, `The picture of ${type.name}`)"
    >
      Remove the picture
    </button>
  </div>
</template>

<style scoped>
.picture {
  width: 84px;
  height: 64px;
  object-fit: cover;
  border: 1px solid var(--ink);
}
</style>
