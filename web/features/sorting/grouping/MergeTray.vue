<script setup lang="ts">
/** Categories laid together to become one. */
import { computed, ref } from 'vue';
import { VueDraggable } from 'vue-draggable-plus';
import type { Category } from '@stube/core/model';
import { useSite } from '../../../data/site.ts';
import { useMerging } from './merging.ts';

const store = useSite();
const { merge } = useMerging();
const ids = ref<string[]>([]);
const laid = computed(() => ids.value.map((id) => store.maps.category.get(id)).filter((one): one is Category => !!one));
function lay(event: { item: HTMLElement }): void {
  const id = event.item.dataset.category ?? '';
  if (id && !ids.value.includes(id)) ids.value.push(id);
}
async function mergeAll(): Promise<void> {
  const [into, ...others] = laid.value;
  if (into && (await merge(into, others))) ids.value = [];
}
</script>

<template>
  <VueDraggable
    :model-value="laid"
    tag="div"
    group="categories"
    class="tray small-tray"
    :sort="false"
    @add="lay($event as never)"
    ><span v-for="one in laid" :key="one.id" class="tag" :data-category="one.id"
      >{{ one.name }}
      <button
        class="drop"
        type="button"
        :aria-label="`Take ${one.name} out again`"
        @click="ids = ids.filter((id) => id !== one.id)"
      >
        ×
      </button></span
    ></VueDraggable
  >
  <button v-if="laid.length > 1" class="press main small" type="button" @click="mergeAll">
    Merge into {{ laid[0]!.name }}
  </button>
</template>

<style scoped>
.small-tray {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-content: flex-start;
  min-height: 96px;
  border: 1.5px dashed var(--rule-strong);
  padding: 8px;
  border-radius: var(--corner);
}
/* What is dragged in comes as its whole sheet for a moment. */
.small-tray :deep(.category) {
  display: none;
}
.drop {
  border: 0;
  background: none;
  cursor: pointer;
  min-width: 24px;
  min-height: 24px;
}
</style>
