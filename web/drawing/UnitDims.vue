<script setup lang="ts">
/** Dimension ticks below and beside a drawn unit. SVG units are mm. */
import { formatLength } from '@stube/core/notation';
import type { LengthSystem } from '@stube/core/model';

/** `foot` is where the floor is drawn: the height of the unit and what it is raised by. */
defineProps<{ width: number; height: number; foot: number; px: number; system: LengthSystem }>();
</script>

<template>
  <g class="dims" stroke="var(--ink)" :stroke-width="1 / px">
    <path
      :d="`M0 ${foot + 14 / px}H${width}M${-4 / px} ${foot + 18 / px}l${8 / px} ${-8 / px}M${width - 4 / px} ${foot + 18 / px}l${8 / px} ${-8 / px}M0 ${foot + 4 / px}v${14 / px}M${width} ${foot + 4 / px}v${14 / px}`"
      fill="none"
    />
    <text :x="width / 2" :y="foot + 30 / px" :font-size="13 / px" text-anchor="middle" stroke="none">
      {{ formatLength(width, system) }}
    </text>
    <path
      :d="`M${width + 14 / px} 0V${height}M${width + 10 / px} ${4 / px}l${8 / px} ${-8 / px}M${width + 10 / px} ${height + 4 / px}l${8 / px} ${-8 / px}M${width + 4 / px} 0h${14 / px}M${width + 4 / px} ${height}h${14 / px}`"
      fill="none"
    />
    <text
      :transform="`translate(${width + 32 / px} ${height / 2}) rotate(-90)`"
      :font-size="13 / px"
      text-anchor="middle"
      stroke="none"
    >
      {{ formatLength(height, system) }}
    </text>
  </g>
</template>

<style scoped>
.dims {
  pointer-events: none;
}
.dims text {
  fill: var(--ink);
}
</style>
