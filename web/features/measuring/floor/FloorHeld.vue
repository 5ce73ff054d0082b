<script setup lang="ts">
/** What is chosen on the floor plan: told where it is, turned, changed. */
import { Pencil, RotateCw } from '@lucide/vue';
import type { Fixture } from '@stube/core/model';
import LengthField from '../../../parts/LengthField.vue';
import type { Held } from './moves.ts';

const props = defineProps<{ held: Held; at: { x: number; y: number } }>();
const emit = defineEmits<{ move: [to: { x: number; y: number }]; turn: []; edit: [] }>();
/** Told anew it moves; told as it is, nothing is written. */
function move(to: Partial<{ x: number; y: number }>): void {
  const { x, y } = { x: props.at.x, y: props.at.y, ...to };
  if (x !== props.at.x || y !== props.at.y) emit('move', { x, y });
}
</script>

<template>
  <div class="held" role="group" :aria-label="`${held.row.name || 'It'} on the floor`">
    <b>{{ held.row.name || (held.row as Fixture).kind }}</b>
    <LengthField :model-value="at.x" label="From the left wall" @commit="move({ x: $event })" /><LengthField
      :model-value="at.y"
      label="From the front wall"
      @commit="move({ y: $event })"
    />
    <span class="row">
      <button v-if="held.kind === 'unit'" class="press small" type="button" @click="emit('turn')">
        <RotateCw :size="15" />Turn a quarter
      </button>
      <button class="press small" type="button" @click="emit('edit')"><Pencil :size="15" />Change</button></span
    >
  </div>
</template>

<style scoped>
.held {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 8px 12px;
  align-items: end;
}
.held > b,
.held > .row {
  grid-column: 1 / -1;
}
.press {
  white-space: nowrap;
}
</style>
