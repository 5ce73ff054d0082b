<script setup lang="ts">
/** Takes a picture with the phone, or chooses one from its pictures. */
import { ref } from 'vue';
import { Camera } from '@lucide/vue';
import type { Photo } from '@stube/core/model';
import { useKeepPhoto, type PhotoOf } from './keep-photo.ts';

const props = defineProps<{ says: string; roomId: string; kind: Photo['kind']; of?: PhotoOf; several?: boolean }>();
const keep = useKeepPhoto();
const busy = ref(false);
async function take(event: Event): Promise<void> {
  const field = event.target as HTMLInputElement;
  busy.value = true;
  for (const file of field.files ?? []) await keep(props.roomId, props.kind, props.of ?? {}, file);
  busy.value = false;
  field.value = '';
}
</script>

<template>
  <label class="press small take" :class="{ busy }"
    ><Camera :size="16" />{{ busy ? 'taking it in' : says
    }}<input type="file" accept="image/*" :multiple="several" :disabled="busy" class="hidden-text" @change="take"
  /></label>
</template>

<style scoped>
.take {
  position: relative;
  cursor: pointer;
}
.take:focus-within {
  outline: 3px solid var(--spruce);
}
.busy {
  opacity: 0.6;
}
</style>
