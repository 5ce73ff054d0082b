<script setup lang="ts">
/** Lines as slips that can be dragged from one such list into another, or pressed and moved. */
import { ref } from 'vue';
import { VueDraggable } from 'vue-draggable-plus';
import type { Line } from '@stube/core/model';
import LineChip from './LineChip.vue';

defineProps<{ lines: readonly Line[]; under?: string }>();
const emit = defineEmits<{ pick: [line: Line]; dropped: [lineId: string] }>();
/** So many are shown at once. */
const MOST = 12;
const all = ref(false);
const dropped = (event: { item: HTMLElement }) => emit('dropped', event.item.dataset.line ?? '');
</script>

<template>
  <VueDraggable
    :model-value="[...lines]"
    tag="ul"
    group="lines"
    class="chips"
    filter=".more"
    :prevent-on-filter="false"
    :animation="120"
    @add="dropped($event as never)"
    ><LineChip
      v-for="line in all ? lines : lines.slice(0, MOST)"
      :key="line.id"
      :line="line"
      :under="under"
      @pick="emit('pick', line)"
    />
    <li v-if="lines.length > MOST" class="more">
      <button class="press quiet small" type="button" @click="all = !all">
        {{ all ? 'fewer' : `${lines.length - MOST} more` }}
      </button>
    </li></VueDraggable
  >
</template>

<style scoped>
.chips {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 6px;
  min-height: 32px;
}
</style>
