<script setup lang="ts">
/** What takes room from a compartment (a pipe, a post), beside or above the inside that is left. */
import { computed } from 'vue';
import type { BlockedPart, CompartmentSpace } from '@stube/core/model';

const props = defineProps<{
  space: CompartmentSpace & { blocked?: BlockedPart[] };
  /** y of a height above the unit's underside. */
  top: (z: number) => number;
}>();
// What is behind is not seen from the front.
const seen = computed(() => (props.space.blocked ?? []).filter(({ side }) => side !== 'back'));
function box({ side, by }: BlockedPart) {
  const { x, z, width, height } = props.space;
  const y = props.top(z + height);
  return side === 'top'
    ? { x, y: y - by, width, height: by }
    : { x: side === 'left' ? x - by : x + width, y, width: by, height };
}
</script>

<template>
  <rect v-for="(part, i) in seen" :key="i" class="blocked" v-bind="box(part)">
    <title>{{ part.what }}</title>
  </rect>
</template>

<style scoped>
.blocked {
  fill: var(--brick);
  fill-opacity: 0.28;
}
</style>
