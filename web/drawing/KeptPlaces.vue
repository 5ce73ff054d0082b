<script setup lang="ts">
/** Room that is kept free in a compartment for what is carried here from another room. */
import { computed } from 'vue';
import type { CompartmentSpace } from '@stube/core/model';
import type { KeptPlace } from '../data/kept.ts';

const props = defineProps<{ space: CompartmentSpace; kept: readonly KeptPlace[]; bottom: number; px: number }>();
const boxes = computed(() => {
  let right = props.space.x + props.space.width;
  return props.kept.map((place) => {
    const height = Math.min(place.height, props.space.height);
    right -= place.width;
    return { place, x: right, y: props.bottom - height, height };
  });
});
/** Letters of 10 px that a place has room for. */
const words = ({ name, width }: KeptPlace) => {
  const letters = Math.floor((width * props.px - 6) / 5.6);
  return [`kept for ${name}`, 'kept free', 'kept'].find((text) => text.length <= letters) ?? '';
};
</script>

<template>
  <g v-for="{ place, x, y, height } in boxes" :key="place.id" class="kept">
    <rect
      :x="x"
      :y="y"
      :width="place.width"
      :height="height"
      :stroke-width="1.4 / px"
      :stroke-dasharray="`${5 / px} ${4 / px}`"
    />
    <text :x="x + place.width / 2" :y="bottom - height / 2" :font-size="10 / px" :stroke-width="3 / px">
      {{ words(place) }}
    </text>
    <title>Kept free for {{ place.name }} of {{ place.from }}, which is carried here</title>
  </g>
</template>

<style scoped>
rect {
  fill: var(--spruce);
  fill-opacity: 0.1;
  stroke: var(--spruce);
}
text {
  text-anchor: middle;
  dominant-baseline: central;
  fill: var(--spruce-deep);
  paint-order: stroke;
  stroke: var(--paper-high);
  pointer-events: none;
}
</style>
