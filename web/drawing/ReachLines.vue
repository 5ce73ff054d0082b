<script setup lang="ts">
/** Heights that people reach, drawn across a unit; those that cross it. */
import { computed } from 'vue';
import type { UnitShape } from '@stube/core/model';
import type { ReachLine } from '@stube/core/body';

const props = defineProps<{ shape: UnitShape; lines: readonly ReachLine[]; px: number }>();
const here = computed(() => {
  const { raised, height } = props.shape;
  return props.lines.filter((line) => line.height > raised && line.height < raised + height);
});
/** y of a height above the floor. */
const y = (height: number) => props.shape.height + props.shape.raised - height;
</script>

<template>
  <g v-for="line in here" :key="line.words" class="reach" :stroke-width="1.6 / px">
    <path :d="`M0 ${y(line.height)}H${shape.width}`" :stroke-dasharray="`${7 / px} ${4 / px}`" />
    <text
      :x="shape.width - 3 / px"
      :y="y(line.height) - 3 / px"
      :font-size="10 / px"
      :stroke-width="3 / px"
      text-anchor="end"
    >
      {{ line.words }}
    </text>
  </g>
</template>

<style scoped>
/* Above everything that stands there, and in no one's way. */
.reach {
  pointer-events: none;
  stroke: var(--spruce);
  fill: none;
}
.reach text {
  fill: var(--spruce-deep);
  font-weight: 700;
  paint-order: stroke;
  stroke: var(--paper-high);
}
</style>
