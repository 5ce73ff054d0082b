<script setup lang="ts">
/** One bin in front elevation, mm, its lower left corner at (x, y): true proportion, level of its content, paper label. */
import { computed } from 'vue';
import { HUES } from '@stube/core/labels';
import { labelOn, pictureOn } from './label-fit.ts';
import Pictogram from './Pictogram.vue';
import { widthOfDrawn, type DrawnBin } from './scale.ts';

const props = defineProps<{
  drawn: DrawnBin;
  x: number;
  y: number;
  px: number;
  lit?: boolean;
  dim?: boolean;
  plain?: boolean;
}>();
const FILLS: Record<string, string> = {
  clear: 'var(--material-clear)',
  plastic: 'var(--material-plastic)',
  wood: 'var(--material-wood)',
  basket: 'var(--material-basket)',
  card: 'var(--material-card)',
  metal: 'var(--material-metal)',
  cloth: 'var(--material-cloth)',
  glass: 'var(--material-glass)',
};
const w = computed(() => widthOfDrawn(props.drawn));
const h = computed(() => props.drawn.type.outHeight);
const fill = computed(() =>
  props.drawn.type.id === null ? 'var(--paper-card)' : (FILLS[props.drawn.type.material] ?? 'var(--material-plastic)'),
);
const hue = computed(() => HUES[props.drawn.hue] ?? 'var(--ink)');
/** A tapered one is narrower at its foot. */
const inset = computed(() => (props.drawn.type.form === 'tapered' ? w.value * 0.05 : 0));
const outline = computed(
  () =>
    `M${props.x} ${props.y - h.value}h${w.value}L${props.x + w.value - inset.value} ${props.y}H${props.x + inset.value}Z`,
);
const level = computed(() => h.value * 0.94 * Math.min(1, props.drawn.full ?? 0));
/** Stands without a container: only its outline is drawn. */
const bare = computed(() => props.drawn.type.id === null);
const overflows = computed(() => (props.drawn.full ?? 0) > 1.005);
/** Of its front a label may take so much, pixels. */
const face = computed<[number, number]>(() => [w.value * 0.88 * props.px, h.value * 0.72 * props.px]);
const front = computed(() =>
  props.plain
    ? ({ kind: 'none' } as const)
    : props.drawn.wordless
      ? pictureOn(...face.value)
      : labelOn(props.drawn.bin.name, props.drawn.bin.code, ...face.value),
);
/** The paper it is written on, mm. */
const paper = computed(() => {
  const { kind } = front.value;
  if (kind === 'none' || kind === 'picture') return null;
  const lines = front.value.kind === 'name' ? front.value.lines : [props.drawn.bin.code];
  const size = 'size' in front.value ? front.value.size : 0;
  const letters = Math.max(...lines.map((line) => line.length));
  const width = Math.min(w.value * 0.92, (letters * size * 0.58 + 8) / props.px);
  const height = Math.min(h.value * 0.8, (lines.length * size * 1.14 + 4) / props.px);
  return {
    lines,
    size: size / props.px,
    width,
    height,
    x: props.x + (w.value - width) / 2,
    y: props.y - h.value * 0.5 - height / 2,
  };
});
</script>

<template>
  <g :opacity="dim ? 0.35 : 1">
    <path :d="outline" :fill="fill" />
    <rect
      v-if="drawn.type.seeThrough && !bare"
      :x="x + inset"
      :y="y - level"
      :width="w - 2 * inset"
      :height="level"
      :fill="hue"
      opacity="0.38"
    />
    <path
      v-if="drawn.type.material === 'basket'"
      :d="`M${x} ${y - h * 0.75}h${w}M${x} ${y - h * 0.5}h${w}M${x} ${y - h * 0.25}h${w}`"
      stroke="var(--oak-dark)"
      :stroke-width="0.6 / px"
      fill="none"
    />
    <rect
      v-if="drawn.type.lid"
      :x="x"
      :y="y - h"
      :width="w"
      :height="Math.max(h * 0.07, 2 / px)"
      :fill="hue"
      opacity="0.75"
    />
    <path v-else-if="!bare" :d="`M${x} ${y - h}h${w}`" :stroke="hue" :stroke-width="3 / px" />
    <path
      v-if="overflows"
      :d="`M${x + w * 0.1} ${y - h}q${w * 0.2} ${-16 / px} ${w * 0.4} 0t${w * 0.4} 0`"
      fill="none"
      stroke="var(--brick)"
      :stroke-width="2.5 / px"
    />
    <path
      :d="outline"
      fill="none"
      :stroke="lit ? 'var(--spruce)' : 'var(--ink)'"
      :stroke-width="(lit ? 4 : 1.1) / px"
      :stroke-dasharray="bare && !lit ? `${5 / px} ${3 / px}` : undefined"
      stroke-linejoin="round"
    />
    <template v-if="paper">
      <rect
        :x="paper.x"
        :y="paper.y"
        :width="paper.width"
        :height="paper.height"
        fill="var(--paper-card)"
        stroke="var(--ink)"
        :stroke-width="0.6 / px"
      />
      <text :font-size="paper.size" text-anchor="middle" dominant-baseline="central" class="words">
        <tspan
          v-for="(line, i) in paper.lines"
          :key="i"
          :x="paper.x + paper.width / 2"
          :y="paper.y + paper.height / 2 + (i - (paper.lines.length - 1) / 2) * paper.size * 1.14"
          >{{ i < paper.lines.length - 1 ? `${line} ` : line }}</tspan
        >
      </text>
    </template>
    <g
      v-else-if="front.kind === 'picture'"
      :transform="`translate(${x + w / 2 - front.side / 2 / px} ${y - h / 2 - front.side / 2 / px}) scale(${1 / px})`"
      class="picture"
    >
      <rect
        :width="front.side"
        :height="front.side"
        rx="2"
        fill="var(--paper-card)"
        stroke="var(--ink)"
        stroke-width="0.6"
      />
      <Pictogram :name="drawn.pictogram" :size="front.side" />
    </g>
  </g>
</template>

<style scoped>
.words {
  font-weight: 650;
  fill: var(--ink);
  pointer-events: none;
  user-select: none;
}
.picture {
  color: var(--ink);
  pointer-events: none;
}
</style>
