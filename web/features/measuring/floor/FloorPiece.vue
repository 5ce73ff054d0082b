<script setup lang="ts">
/** One piece of furniture from above, with its front and its name along the longer side. SVG units are mm. */
import { computed } from 'vue';
import { beforeOf, footprintOf } from '@stube/core/floor';
import type { Unit } from '@stube/core/model';
import { drawnRect } from './drawn-rect.ts';

/** `depth` is the room's; without a `font` its name is not written. */
const props = defineProps<{ unit: Unit; depth: number; font: number }>();
const box = computed(() => drawnRect(footprintOf(props.unit), props.depth));
const edge = computed(() => drawnRect(beforeOf(props.unit, 1), props.depth));
const middle = computed(() => ({ x: box.value.x + box.value.width / 2, y: box.value.y + box.value.height / 2 }));
const upright = computed(() => box.value.height > box.value.width * 1.4);
</script>

<template>
  <g class="piece">
    <title>{{ unit.name }}</title>
    <rect v-bind="box" />
    <rect class="front" v-bind="edge" />
    <text
      v-if="font"
      v-bind="middle"
      :font-size="font"
      :transform="upright ? `rotate(-90 ${middle.x} ${middle.y})` : undefined"
      text-anchor="middle"
      dominant-baseline="central"
    >
      {{ unit.name }}
    </text>
  </g>
</template>

<style scoped>
rect {
  fill: var(--carcass);
  stroke: var(--ink);
  stroke-width: 14;
}
text {
  fill: var(--ink);
  user-select: none;
  pointer-events: none;
}
.high rect {
  fill-opacity: 0.55;
  stroke-dasharray: 60 30;
}
.bad rect {
  stroke: var(--brick);
}
.piece .front {
  stroke-width: 40;
  stroke-dasharray: none;
}
.chosen rect:first-of-type,
.piece:focus-visible rect:first-of-type {
  stroke: var(--spruce);
  stroke-width: 34;
}
</style>
