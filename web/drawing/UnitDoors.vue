<script setup lang="ts">
/** The doors of a unit as a joiner draws them: an outline, and a triangle whose point is at the handle's side. */
import { computed } from 'vue';
import type { CompartmentSpace, UnitShape } from '@stube/core/model';

const props = defineProps<{ shape: UnitShape; spaces: readonly CompartmentSpace[]; px: number }>();
/** y of a height above the unit's underside. */
const up = (z: number) => props.shape.height - z;
/** In a front of one's own each part has a door of its own; its handle is at the side of the middle. */
const doors = computed(() => {
  const { template, width, height, board } = props.shape;
  return template === 'cabinet'
    ? [0, 1].map((side) => ({
        left: side ? width / 2 : board,
        right: side ? width - board : width / 2,
        top: board,
        bottom: height - board,
        hinge: side ? 'right' : 'left',
      }))
    : props.spaces
        .filter((space) => space.door)
        .map((space) => ({
          left: space.x,
          right: space.x + space.width,
          top: up(space.z + space.height),
          bottom: up(space.z),
          hinge: space.x + space.width / 2 < width / 2 ? 'left' : 'right',
        }));
});
</script>

<template>
  <g
    v-for="door in doors"
    :key="`${door.left} ${door.top}`"
    class="door"
    fill="none"
    stroke="var(--ink)"
    :stroke-width="1 / px"
  >
    <path :d="`M${door.left} ${door.top}H${door.right}V${door.bottom}H${door.left}Z`" opacity="0.55" />
    <path
      :d="
        door.hinge === 'right'
          ? `M${door.right} ${door.top}L${door.left} ${(door.top + door.bottom) / 2}L${door.right} ${door.bottom}`
          : `M${door.left} ${door.top}L${door.right} ${(door.top + door.bottom) / 2}L${door.left} ${door.bottom}`
      "
      :stroke-dasharray="`${6 / px} ${5 / px}`"
      opacity="0.45"
    />
  </g>
</template>

<style scoped>
.door {
  pointer-events: none;
}
</style>
