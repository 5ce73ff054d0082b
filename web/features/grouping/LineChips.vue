<script setup lang="ts">
/** Lines as slips that can be dragged from one such list into another, or pressed and moved. */
import { VueDraggable } from 'vue-draggable-plus';
import type { Line } from '@stube/core/model/entities';
import LineChip from './LineChip.vue';

defineProps<{ lines: readonly Line[]; under?: string }>();
const emit = defineEmits<{ pick: [line: Line]; dropped: [lineId: string] }>();
const dropped = (event: { item: HTMLElement }) => emit('dropped', event.item.dataset.line ?? '');
</script>

<template>
  <VueDraggable
    :model-value="[...lines]"
    tag="ul"
    group="lines"
    class="chips"
    :animation="120"
    @add="dropped($event as never)"
    ><LineChip v-for="line in lines" :key="line.id" :line="line" :under="under" @pick="emit('pick', line)"
  /></VueDraggable>
</template>

<style scoped>
.chips {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 6px;
  min-height: 32px;
}
</style>
