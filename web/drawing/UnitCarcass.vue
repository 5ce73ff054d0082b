<script setup lang="ts">
/** What a unit is made of, behind its compartments: a case, boards on rails, a peg panel, a door with pockets, stairs … */
import { computed } from 'vue';
import { outlineOf, TEMPLATES } from '@stube/core/measuring';
import type { UnitShape } from '@stube/core/model';

const props = defineProps<{ shape: UnitShape; px: number; wheels?: boolean }>();
const W = computed(() => props.shape.width);
const H = computed(() => props.shape.height);
/** y of a height above the unit's underside. */
const up = (z: number) => props.shape.height - z;
const kind = computed(() => props.shape.template);
const built = computed(() => TEMPLATES[kind.value].built);
const outline = computed(() => {
  const edge = outlineOf(props.shape).map(({ x, z }) => `L${x} ${up(z)}`);
  return `M0 ${H.value}${edge.join('')}L${W.value} ${H.value}Z`;
});
/** Rows of holes, at a distance that can still be seen. */
const HOLES = 12;
const holes = computed(() => {
  const step = HOLES / props.px;
  const rows = Math.floor(H.value / step);
  return Array.from({ length: rows }, (_, row) => `M${step / 2} ${step * (row + 0.5)}H${W.value}`).join('');
});
const feet = computed(() => [W.value * 0.06, W.value * 0.94]);
</script>

<template>
  <g stroke="var(--ink)" :stroke-width="1.8 / px">
    <template v-if="TEMPLATES[kind].worktop">
      <rect :width="W" :height="shape.board" fill="var(--carcass)" />
      <path
        v-for="foot in [0, W - shape.board * 1.6]"
        :key="foot"
        :d="`M${foot} ${shape.board}h${shape.board * 1.6}V${H}h${-shape.board * 1.6}Z`"
        fill="var(--carcass)"
      />
    </template>
    <path v-else-if="built === 'case'" :d="outline" fill="var(--carcass)" stroke-linejoin="round" />
    <template v-else-if="built === 'boards'">
      <path
        v-for="foot in feet"
        :key="foot"
        :d="`M${foot} 0V${H}`"
        stroke="var(--oak-dark)"
        :stroke-width="Math.max(3 / px, 14)"
      />
    </template>
    <template v-else-if="kind === 'pegs'">
      <rect :width="W" :height="H" fill="var(--carcass)" />
      <path
        :d="holes"
        fill="none"
        stroke="var(--oak-dark)"
        :stroke-width="2 / px"
        stroke-linecap="round"
        :stroke-dasharray="`0 ${HOLES / px}`"
      />
    </template>
    <rect v-else-if="kind === 'hooks'" :width="W" :height="Math.max(shape.board, 50)" fill="var(--carcass)" />
    <path
      v-else
      :d="`M0 0H${W}V${H}H0Z`"
      fill="none"
      stroke="var(--rule-strong)"
      :stroke-dasharray="`${7 / px} ${5 / px}`"
    />
    <path
      v-if="shape.raised && built === 'case' && TEMPLATES[kind].stands === 'furniture'"
      :d="feet.map((foot) => `M${foot} ${H}v${shape.raised}`).join('')"
      stroke="var(--oak-dark)"
      :stroke-width="Math.max(4 / px, shape.board)"
    />
    <path
      v-if="
        built === 'case' &&
        !TEMPLATES[kind].worktop &&
        shape.slope === null &&
        !shape.layout?.some((column) => column.high)
      "
      :d="`M0 ${shape.board * 0.5}H${W}M0 ${H - shape.board * 0.5}H${W}`"
      stroke="var(--oak-dark)"
      :stroke-width="0.6 / px"
      opacity="0.6"
    />
    <template v-if="wheels || TEMPLATES[kind].wheels">
      <circle
        v-for="foot in feet"
        :key="`wheel ${foot}`"
        :cx="foot"
        :cy="H + Math.max(shape.raised, 50) - 28"
        r="28"
        fill="var(--paper-high)"
      />
    </template>
  </g>
</template>
