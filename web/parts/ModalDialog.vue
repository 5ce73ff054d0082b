<script setup lang="ts">
/** Every dialog: it opens on its first field, keeps the focus inside, and gives it back to what opened it. */
import Dialog from 'primevue/dialog';
import { onUnmounted } from 'vue';
import { rememberFocus, vFirstField } from './focus.ts';

withDefaults(
  defineProps<{
    title: string;
    /** Pixels at most. */
    width?: number;
    /** At the top of the page, as what is asked for in passing. */
    top?: boolean;
    /** Closes when what is beside it is pressed: it holds nothing that could be lost. */
    dismissable?: boolean;
  }>(),
  { width: 520 },
);
const emit = defineEmits<{ close: [] }>();
onUnmounted(rememberFocus());
</script>

<template>
  <Dialog
    visible
    modal
    :dismissable-mask="dismissable"
    :header="title"
    :position="top ? 'top' : 'center'"
    :style="{ width: `min(${width}px, 96vw)` }"
    @update:visible="emit('close')"
  >
    <div v-first-field class="content"><slot /></div>
  </Dialog>
</template>

<style scoped>
.content {
  display: contents;
}
</style>
