<script setup lang="ts">
/** Say it instead of typing it; not there where the browser cannot hear. */
import { Mic } from '@lucide/vue';
import { useSpoken } from './spoken.ts';

const emit = defineEmits<{ heard: [words: string] }>();
const { canListen, listening, listen } = useSpoken((words) => emit('heard', words));
</script>

<template>
  <button
    v-if="canListen"
    class="press"
    type="button"
    :aria-pressed="listening"
    :aria-label="listening ? 'Listening' : 'Say it'"
    @click="listen"
  >
    <Mic :size="20" />
  </button>
</template>
