<script setup lang="ts">
/** What is dangerous about a thing that is told, for the children who come. */
import { TriangleAlert } from '@lucide/vue';
import type { LineDanger } from '@stube/core/hazards';

defineProps<{ dangers: readonly LineDanger[] }>();
</script>

<template>
  <ul v-if="dangers.length" class="dangers" aria-label="Be careful">
    <li v-for="danger in dangers" :key="danger.hazard" class="small caution danger">
      <TriangleAlert :size="16" aria-hidden="true" /> <span>{{ danger.words }}</span>
    </li>
  </ul>
</template>

<style scoped>
.dangers {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 4px;
  flex-basis: 100%;
}
.dangers li {
  display: flex;
  gap: 6px;
  align-items: flex-start;
}
.dangers svg {
  flex: none;
  margin-top: 2px;
}
</style>
