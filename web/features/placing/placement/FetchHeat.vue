<script setup lang="ts">
/** The room from above: how often a week one goes to each piece of furniture. SVG units are mm. */
import { computed } from 'vue';
import { footprintOf } from '@stube/core/floor';
import type { Standing } from '@stube/core/placement';
import { useRoom } from '../../../data/room.ts';

const props = defineProps<{ standing: Standing }>();
const { room, units, zones } = useRoom();
const fetches = computed(() => {
  const unitOf = new Map(props.standing.problem.compartments.map(({ id, unit }) => [id, unit]));
  const sums = new Map<string, number>();
  for (const { bin, compartment } of props.standing.positions) {
    const perWeek = props.standing.bin(bin)!.uses.reduce((sum, use) => sum + use.perWeek, 0);
    const unit = unitOf.get(compartment)!;
    sums.set(unit, (sums.get(unit) ?? 0) + perWeek);
  }
  return sums;
});
const most = computed(() => Math.max(1, ...fetches.value.values()));
const depth = computed(() => room.value?.depth ?? 1);
const shapes = computed(() =>
  units.value.map((unit) => {
    const { left, right, front, back } = footprintOf(unit);
    const times = fetches.value.get(unit.id) ?? 0;
    return {
      unit,
      x: left,
      y: depth.value - back,
      width: right - left,
      height: back - front,
      times,
      heat: times / most.value,
    };
  }),
);
/** As large as letters of 11 px on a drawing 560 px wide. */
const letters = computed(() => (room.value ? room.value.width / 48 : 100));
const words = (times: number) => `${Math.round(times)} times a week`;
</script>

<template>
  <svg
    v-if="room"
    class="heat"
    :viewBox="`-60 -60 ${room.width + 120} ${room.depth + 120}`"
    role="img"
    :aria-label="`Fetches a week: ${shapes.map(({ unit, times }) => `${unit.name} ${Math.round(times)}`).join(', ')}`"
  >
    <rect :width="room.width" :height="room.depth" class="floor" />
    <g v-for="one in shapes" :key="one.unit.id">
      <rect :x="one.x" :y="one.y" :width="one.width" :height="one.height" class="unit" />
      <rect
        :x="one.x"
        :y="one.y"
        :width="one.width"
        :height="one.height"
        class="warm"
        :fill-opacity="one.heat * 0.75"
      />
      <text
        v-if="one.times >= 0.5"
        :x="one.x + one.width / 2"
        :y="one.y + one.height / 2"
        :font-size="letters"
        text-anchor="middle"
        dominant-baseline="central"
      >
        {{ Math.round(one.times) }}
        <title>{{ one.unit.name }}: {{ words(one.times) }}</title>
      </text>
    </g>
    <g v-for="zone in zones" :key="zone.id" class="zone">
      <circle :cx="zone.x" :cy="depth - zone.y" :r="letters * 0.4" />
      <text :x="zone.x" :y="depth - zone.y - letters" :font-size="letters" text-anchor="middle">{{ zone.name }}</text>
    </g>
  </svg>
</template>

<style scoped>
.heat {
  width: 100%;
  max-width: 560px;
}
.floor {
  fill: var(--paper-high);
  stroke: var(--ink);
  stroke-width: 30;
}
.unit {
  fill: var(--carcass);
  stroke: var(--ink);
  stroke-width: 10;
}
.warm {
  fill: var(--brick);
}
text {
  fill: var(--ink);
  font-weight: 700;
  paint-order: stroke;
  stroke: var(--paper-high);
  stroke-width: 30;
}
.zone circle {
  fill: var(--spruce);
}
.zone text {
  font-weight: 400;
}
</style>
