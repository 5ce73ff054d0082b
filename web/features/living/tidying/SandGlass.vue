<script setup lang="ts">
/** A sand-glass instead of numbers: how much of the time is over. */
import { computed } from 'vue';

const props = withDefaults(defineProps<{ share: number; size?: number }>(), { size: 120 });
/** Height of one half in the drawing. */
const HALF = 40;
const over = computed(() => Math.min(1, Math.max(0, props.share)));
/** The sand lies in cones: its height goes with the root of what is left. */
const above = computed(() => HALF * Math.sqrt(1 - over.value));
const below = computed(() => HALF * (1 - Math.sqrt(1 - over.value)));
</script>

<template>
  <svg :width="size" :height="size" viewBox="0 0 100 100" aria-hidden="true">
    <path class="sand" :d="`M50 50 L${50 - above * 0.75} ${50 - above} H${50 + above * 0.75} Z`" />
    <path class="sand" :d="`M18 92 L${18 + below * 0.75} ${92 - below} H${82 - below * 0.75} L82 92 Z`" />
    <path v-if="over < 1" class="stream" d="M50 48V92" />
    <path class="glass" d="M14 8H86M14 92H86M20 8 48 47Q50 50 48 53L20 92M80 8 52 47Q50 50 52 53L80 92" />
  </svg>
</template>

<style scoped>
.glass {
  fill: none;
  stroke: var(--ink);
  stroke-width: 4;
  stroke-linecap: round;
  stroke-linejoin: round;
}
.sand {
  fill: var(--straw);
}
.stream {
  stroke: var(--straw);
  stroke-width: 2;
}
</style>
