<script setup lang="ts">
/** A compartment from above, to scale: the front at the foot, containers in their places, free rectangles with their sizes. */
import { computed } from 'vue';
import { HUES } from '@stube/core/labels';
import type { FreeSpace } from '@stube/core/packing';
import { editLength, formatLength } from '@stube/core/notation';
import type { LengthSystem } from '@stube/core/model';
import { lineOffset, wordsInBox } from './words-in-box.ts';

export interface PlanBox {
  id: string;
  code: string;
  name: string;
  hue: string;
  x: number;
  y: number;
  z: number;
  width: number;
  depth: number;
}

const props = defineProps<{
  space: { name: string; width: number; depth: number };
  boxes: readonly PlanBox[];
  free: readonly FreeSpace[];
  system?: LengthSystem;
}>();
const PAD = computed(() => Math.max(props.space.width, props.space.depth) * 0.07);
const letters = computed(() => Math.max(props.space.width, props.space.depth * 1.2) / 26);
const top = (y: number, depth: number) => props.space.depth - y - depth;
const say = (mm: number) => editLength(mm, props.system ?? 'metric');
/** Something stands on it: its code moves to its back edge, where it is seen. */
const carries = (box: PlanBox) =>
  props.boxes.some(
    (other) =>
      other.z > box.z &&
      other.x < box.x + box.width &&
      box.x < other.x + other.width &&
      other.y < box.y + box.depth &&
      box.y < other.y + other.depth,
  );
const middle = ({ y, depth }: { y: number; depth: number }) => top(y, depth) + depth / 2;
/** What is deeper than wide is written along its depth. */
const lettersIn = ({ width, depth }: { width: number; depth: number }) =>
  Math.min(letters.value, Math.max(width, depth) / 5, Math.min(width, depth) / 1.4);
const fitted = computed(
  () => new Map(props.boxes.map((box) => [box.id, wordsInBox(box.code, box.width, box.depth, letters.value * 1.2)])),
);
const wordsOf = ({ id }: PlanBox) => fitted.value.get(id)!;
/** What stands higher is drawn later. */
const order = computed(() => [...props.boxes].sort((a, b) => a.z - b.z));
</script>

<template>
  <svg
    class="plan"
    :viewBox="`${-PAD} ${-PAD} ${space.width + 2 * PAD} ${space.depth + 2.4 * PAD}`"
    role="img"
    :aria-label="`${space.name} from above: ${boxes.map((box) => `${box.code} ${box.name}`).join(', ') || 'empty'}`"
  >
    <rect x="0" y="0" :width="space.width" :height="space.depth" class="floor" />
    <g v-for="one in free" :key="`${one.x} ${one.y}`">
      <rect :x="one.x" :y="top(one.y, one.depth)" :width="one.width" :height="one.depth" class="free" />
      <text
        :x="one.x + one.width / 2"
        :y="middle(one)"
        :font-size="lettersIn(one)"
        :transform="one.depth > one.width ? `rotate(-90 ${one.x + one.width / 2} ${middle(one)})` : undefined"
        text-anchor="middle"
        dominant-baseline="central"
        class="size"
      >
        {{ say(one.width) }} × {{ say(one.depth) }}
      </text>
    </g>
    <g v-for="box in order" :key="box.id">
      <rect
        :x="box.x"
        :y="top(box.y, box.depth)"
        :width="box.width"
        :height="box.depth"
        :fill="HUES[box.hue] ?? HUES.ink"
        :fill-opacity="box.z ? 0.55 : 0.22"
        class="box"
      />
      <text
        :transform="`translate(${box.x + box.width / 2} ${top(box.y, box.depth) + (carries(box) ? letters * 0.7 : box.depth / 2)})${wordsOf(box).turned ? ' rotate(-90)' : ''}`"
        :font-size="wordsOf(box).size"
        text-anchor="middle"
        dominant-baseline="central"
        class="code"
      >
        <tspan
          v-for="(line, i) in wordsOf(box).lines"
          :key="i"
          x="0"
          :y="wordsOf(box).size * lineOffset(i, wordsOf(box).lines.length)"
        >
          {{ line }}
        </tspan>
      </text>
    </g>
    <text :x="space.width / 2" :y="space.depth + PAD * 0.95" :font-size="letters" text-anchor="middle" class="size">
      front, {{ formatLength(space.width, system) }}
    </text>
  </svg>
</template>

<style scoped>
.plan {
  display: block;
  width: 100%;
  max-height: 420px;
  background: var(--paper-low);
}
.floor {
  fill: var(--paper-card);
  stroke: var(--ink);
  stroke-width: 5;
}
.box {
  stroke: var(--ink);
  stroke-width: 2;
}
.free {
  fill: none;
  stroke: var(--oak-dark);
  stroke-width: 2;
  stroke-dasharray: 10 7;
}
.code {
  font-weight: 700;
  fill: var(--ink);
}
.size {
  fill: var(--ink-soft);
}
</style>
