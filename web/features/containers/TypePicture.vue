<script setup lang="ts">
/** The container's own picture, taken with the phone or chosen from its pictures. */
import { computed, ref } from 'vue';
import { Camera } from '@lucide/vue';
import type { ContainerType } from '@stube/core/model/entities';
import { useNotices } from '../../data/notices.ts';
import { useSite } from '../../data/site.ts';
import { today } from '../../parts/day.ts';
import { usePhotosActions } from '../photos/actions.ts';
import { shrink } from '../photos/shrink.ts';

const props = defineProps<{ type: ContainerType }>();
const store = useSite();
const notices = useNotices();
const { addPhoto } = usePhotosActions();
const busy = ref(false);
const photo = computed(() =>
  store.data.photo
    .filter(({ containerTypeId }) => containerTypeId === props.type.id)
    .sort((a, b) => b.takenOn.localeCompare(a.takenOn))
    .at(0),
);
/** Pictures belong to a room; a container's to the first, wherever it is used. */
const room = computed(() => store.data.room[0]);
async function take(event: Event): Promise<void> {
  const field = event.target as HTMLInputElement;
  const file = field.files?.[0];
  if (!file || !room.value) return;
  busy.value = true;
  try {
    const { jpeg, width, height } = await shrink(file);
    const query = {
      kind: 'container' as const,
      takenOn: today(),
      width,
      height,
      note: '',
      lineId: null,
      containerTypeId: props.type.id,
      categoryId: null,
    };
    await store.tryWrite(() => addPhoto(room.value!.id, query, jpeg));
  } catch (error) {
    notices.warn((error as Error).message);
  } finally {
    busy.value = false;
    field.value = '';
  }
}
</script>

<template>
  <div v-if="room" class="row">
    <img v-if="photo" :src="`/api/sites/${store.id}/photos/${photo.id}.jpg`" :alt="type.name" class="picture" />
    <label class="press small take"
      ><Camera :size="16" />{{ busy ? 'taking it in' : photo ? 'Another picture' : 'A picture of it'
      }}<input type="file" accept="image/*" :disabled="busy" class="hidden-text" @change="take"
    /></label>
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
.take {
  position: relative;
  cursor: pointer;
}
.take:focus-within {
  outline: 3px solid var(--spruce);
}
</style>
