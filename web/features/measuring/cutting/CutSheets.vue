<script setup lang="ts">
/** Sheets to scale with what is cut from them. */
import type { CutSheet } from '@stube/core/cutting';
import type { CutStock } from '@stube/core/model';

defineProps<{ sheets: readonly CutSheet[]; say: (mm: number) => string; stockWords: (stock: CutStock) => string }>();
</script>

<template>
  <figure v-for="(sheet, i) in sheets" :key="i" class="sheet-cut">
    <figcaption class="row between">
      <b>{{ stockWords(sheet.stock) }}</b><span class="small soft">{{ Math.round(sheet.used * 100) }} % used</span>
    </figcaption>
    <svg
      :viewBox="`-4 -4 ${sheet.stock.length + 8} ${sheet.stock.width! + 8}`"
      role="img"
      :aria-label="`Cut from it: ${sheet.cuts.map((cut) => `${say(cut.length)} × ${say(cut.width)}`).join(', ')}`"
    >
      <rect :width="sheet.stock.length" :height="sheet.stock.width!" class="whole" />
      <g v-for="(cut, j) in sheet.cuts" :key="j">
        <rect :x="cut.x" :y="cut.y" :width="cut.length" :height="cut.width" class="cut" />
        <text
          :x="cut.x + cut.length / 2"
          :y="cut.y + cut.width / 2"
          :font-size="Math.min(sheet.stock.length / 28, cut.length / 8, cut.width / 1.5)"
          text-anchor="middle"
          dominant-baseline="central"
        >
          {{ say(cut.length) }} × {{ say(cut.width) }}
        </text>
      </g>
    </svg>
  </figure>
</template>

<style scoped>
.sheet-cut {
  margin: 0 0 8px;
}
svg {
  display: block;
  width: 100%;
  max-height: 260px;
}
.whole {
  fill: var(--paper-low);
  stroke: var(--rule-strong);
  stroke-width: 6;
}
.cut {
  fill: var(--carcass);
  stroke: var(--ink);
  stroke-width: 4;
}
text {
  fill: var(--ink);
}
</style>
