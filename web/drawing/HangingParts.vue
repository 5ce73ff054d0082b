<script setup lang="ts">
/** What carries a compartment: the board beneath it, the hook, the peg or the rod it hangs on, the front of its pocket. */
import { TEMPLATES } from '@stube/core/measuring';
import type { CompartmentSpace, UnitShape } from '@stube/core/model';

const props = defineProps<{ shape: UnitShape; space: CompartmentSpace; px: number }>();
const up = (z: number) => props.shape.height - z;
const middle = () => props.space.x + props.space.width / 2;
const top = () => up(props.space.z + props.space.height);
</script>

<template>
  <g fill="none" stroke="var(--ink)" :stroke-width="1.4 / px" stroke-linecap="round">
    <rect
      v-if="TEMPLATES[shape.template].built === 'boards'"
      :x="space.x"
      :y="up(space.z)"
      :width="space.width"
      :height="shape.board"
      fill="var(--carcass)"
    />
    <path
      v-else-if="shape.template === 'hooks' || shape.template === 'pegs'"
      :d="`M${middle()} ${top() + 6}v14q0 14 14 14q12 0 12 -12`"
      stroke="var(--oak-dark)"
      :stroke-width="Math.max(2.4 / px, 5)"
    />
    <path
      v-else-if="shape.template === 'rods'"
      :d="`M${space.x} ${top() + 14}H${space.x + space.width}`"
      stroke="var(--oak-dark)"
      :stroke-width="Math.max(3 / px, 16)"
    />
    <path
      v-else-if="shape.template === 'pockets'"
      :d="`M${space.x} ${up(space.z) - space.height * 0.55}H${space.x + space.width}V${up(space.z)}H${space.x}Z`"
      fill="var(--carcass-front)"
      opacity="0.8"
    />
  </g>
</template>
