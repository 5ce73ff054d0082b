<script setup lang="ts">
/** What has no place yet. */
import type { Bin } from '@stube/core/model/entities';

defineProps<{ bins: readonly Bin[] }>();
const emit = defineEmits<{ grab: [event: PointerEvent, id: string]; pick: [id: string] }>();
</script>

<template>
  <section class="sheet stack tight" data-bench aria-label="Bench">
    <h2>On the bench</h2>
    <p v-if="!bins.length" class="small soft">Every bin has its place. Drag one here to take it out.</p>
    <ul class="unplaced">
      <li v-for="bin in bins" :key="bin.id">
        <button type="button" @pointerdown="emit('grab', $event, bin.id)" @click="emit('pick', bin.id)">
          <b>{{ bin.code }}</b> {{ bin.name }}
        </button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.unplaced {
  display: flex;
  flex-direction: column;
  gap: 6px;
  max-height: 46vh;
  overflow-y: auto;
}
.unplaced button {
  width: 100%;
  min-height: 38px;
  text-align: left;
  padding: 4px 10px;
  background: var(--paper-card);
  border: 1px solid var(--rule-strong);
  border-radius: 2px;
  cursor: grab;
  touch-action: none;
}
</style>
