<script setup lang="ts">
/** The room from above, still: walls, doors and furniture, one piece lit up or all of them named. */
import { computed } from 'vue';
import { footprintOf } from '@stube/core/floor';
import type { Room } from '@stube/core/model';
import { useSite } from '../data/site.ts';

const props = defineProps<{ room: Room; label: string; lit?: string; named?: boolean }>();
const store = useSite();
const units = computed(() => store.data.unit.filter(({ roomId }) => roomId === props.room.id));
const doors = computed(() =>
  store.data.fixture.filter(({ roomId, kind }) => roomId === props.room.id && (kind === 'door' || kind === 'exit')),
);
const down = (y: number): number => props.room.depth - y;
const PAD = 120;
const boxes = computed(() =>
  units.value.map((unit) => {
    const { left, right, front, back } = footprintOf(unit);
    return { unit, x: left, y: down(back), width: right - left, height: back - front };
  }),
);
const font = computed(() => props.room.width / 42);
</script>

<template>
  <svg
    :viewBox="`${-PAD} ${-PAD} ${room.width + 2 * PAD} ${room.depth + 2 * PAD}`"
    role="img"
    :aria-label="label"
    class="above"
  >
    <rect class="floor" :width="room.width" :height="room.depth" />
    <circle v-for="door in doors" :key="door.id" class="door" :cx="door.x" :cy="down(door.y)" :r="door.width / 3" />
    <rect
      v-for="{ unit, ...box } in boxes"
      :key="unit.id"
      class="unit"
      :class="{ lit: unit.id === lit }"
      v-bind="box"
    />
    <template v-if="named">
      <text
        v-for="{ unit, x, y, width, height } in boxes"
        :key="unit.id"
        :x="x + width / 2"
        :y="y + height / 2"
        :transform="height > width * 1.3 ? `rotate(-90 ${x + width / 2} ${y + height / 2})` : undefined"
        :font-size="font"
      >
        {{ unit.name }}
      </text>
    </template>
    <slot :down="down" />
  </svg>
</template>

<style scoped>
.above {
  width: 100%;
}
.floor {
  fill: var(--paper-high);
  stroke: var(--ink);
  stroke-width: 60;
}
.door {
  fill: none;
  stroke: var(--spruce);
  stroke-width: 30;
  stroke-dasharray: 60 40;
}
.unit {
  fill: var(--oak-pale);
  stroke: var(--oak-dark);
  stroke-width: 18;
}
.unit.lit {
  fill: var(--spruce);
  stroke: var(--spruce-deep);
}
text {
  text-anchor: middle;
  dominant-baseline: middle;
  fill: var(--ink);
}
</style>
