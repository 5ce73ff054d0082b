<script setup lang="ts">
/** Bars to scale with their cuts; those that are cut alike are drawn once. */
import { computed } from 'vue';
import { type Bar, barsAlike, leftOf, type ListedPiece } from '@stube/core/cutting';
import { byId, type CutStock } from '@stube/core/model';

const props = defineProps<{
  bars: readonly Bar[];
  listed: readonly ListedPiece[];
  stock: readonly CutStock[];
  kerf: number;
  say: (mm: number) => string;
}>();
const WIDE = 420;
const HIGH = 26;
const drawn = computed(() => {
  const lengths = new Map(props.listed.map(({ piece, length }) => [piece.id, length]));
  const stock = byId(props.stock);
  const longest = Math.max(1, ...props.stock.map(({ length }) => length));
  const px = WIDE / longest;
  return barsAlike(props.bars, (id) => lengths.get(id) ?? 0).flatMap((alike) => {
    const from = stock.get(alike.stock);
    if (!from) return [];
    let x = 0;
    const parts = alike.lengths.map((length) => {
      const part = { x: x * px, width: length * px, words: props.say(length) };
      x += length + props.kerf;
      return part;
    });
    return [
      {
        key: `${alike.stock} ${alike.lengths.join()}`,
        title: `${alike.times} × ${from.part} of ${props.say(from.length)}`,
        left: props.say(leftOf(from.length, alike.lengths, props.kerf)),
        width: from.length * px,
        parts,
      },
    ];
  });
});
</script>

<template>
  <figure v-for="bar in drawn" :key="bar.key" class="bar">
    <figcaption class="row between">
      <b>{{ bar.title }}</b><span class="small soft">{{ bar.left }} left over</span>
    </figcaption>
    <svg
      :viewBox="`-1 -1 ${WIDE + 2} ${HIGH + 2}`"
      role="img"
      :aria-label="`${bar.title}: ${bar.parts.map(({ words }) => words).join(', ')}`"
    >
      <rect :width="bar.width" :height="HIGH" class="whole" />
      <g v-for="(part, i) in bar.parts" :key="i">
        <rect :x="part.x" :width="part.width" :height="HIGH" class="cut" />
        <text v-if="part.width > 44" :x="part.x + part.width / 2" :y="HIGH / 2 + 4.5" text-anchor="middle">
          {{ part.words }}
        </text>
      </g>
    </svg>
  </figure>
</template>

<style scoped>
.bar {
  margin: 0 0 8px;
}
svg {
  display: block;
  width: 100%;
  height: auto;
}
.whole {
  fill: var(--paper-low);
  stroke: var(--rule-strong);
  stroke-dasharray: 4 3;
}
.cut {
  fill: var(--carcass);
  stroke: var(--ink);
}
text {
  font-size: 12.5px;
  fill: var(--ink);
}
</style>
