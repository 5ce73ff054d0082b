<script setup lang="ts">
/** Doors and drawers that are shut, over what is in them; a press opens one. SVG units are mm. */
import type { CompartmentSpace } from '@stube/core/model';

/** `top` is the y of a height above the unit's underside. */
defineProps<{ spaces: readonly (CompartmentSpace & { id: string })[]; top: (z: number) => number; px: number }>();
const emit = defineEmits<{ open: [id: string] }>();
</script>

<template>
  <g v-for="space in spaces" :key="`shut ${space.id}`" class="shut" @click="emit('open', space.id)">
    <rect
      :x="space.x - (space.drawer ? 20 : 4)"
      :y="top(space.z + space.height) - (space.drawer ? 20 : 4)"
      :width="space.width + (space.drawer ? 40 : 8)"
      :height="space.height + (space.drawer ? 34 : 8)"
      :stroke-width="1 / px"
    />
    <path
      :d="
        space.drawer
          ? `M${space.x + space.width / 2 - 9 / px} ${top(space.z + space.height / 2)}h${18 / px}`
          : `M${space.x + space.width - 8 / px} ${top(space.z + space.height / 2) - 9 / px}v${18 / px}`
      "
      :stroke-width="3 / px"
      stroke-linecap="round"
    />
    <title>{{ space.name }}, shut</title>
  </g>
</template>

<style scoped>
.shut {
  cursor: pointer;
}
.shut rect {
  fill: var(--carcass-front);
  stroke: var(--oak-dark);
}
.shut path {
  stroke: var(--ink);
}
</style>
