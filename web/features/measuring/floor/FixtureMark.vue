<script setup lang="ts">
/** A door with its swing, a window, a heater or a socket on its wall, as it is drawn on a floor plan. */
import { computed } from 'vue';
import { nearestWall } from '@stube/core/floor';
import type { Fixture, Room } from '@stube/core/model';

const props = defineProps<{ fixture: Fixture; room: Pick<Room, 'width' | 'depth'>; font: number }>();
/** Turned so that its wall lies along the upper edge and the room is below it. */
const TURN = { back: 0, right: 90, front: 180, left: 270 };
const wall = computed(() => nearestWall(props.fixture, props.room));
const half = computed(() => props.fixture.width / 2);
const name = computed(() => props.fixture.name || props.fixture.kind);
/** Words stay upright, on the room's side of the wall. */
const words = computed(() => {
  const away = props.fixture.swing && props.fixture.swing !== 'out' ? props.fixture.width * 0.55 : 190;
  return {
    back: { x: 0, y: away + 60, anchor: 'middle' },
    front: { x: 0, y: -away, anchor: 'middle' },
    left: { x: away, y: 40, anchor: 'start' },
    right: { x: -away, y: 40, anchor: 'end' },
  }[wall.value];
});
</script>

<template>
  <g class="fixture" :class="fixture.kind">
    <g :transform="`rotate(${TURN[wall]})`">
      <template v-if="fixture.kind === 'door' || fixture.kind === 'exit'">
        <rect class="gap" :x="-half" y="-66" :width="fixture.width" height="72" />
        <template v-if="fixture.swing">
          <path
            class="swing"
            :d="
              fixture.swing === 'out'
                ? `M${-half} 0V${-fixture.width}A${fixture.width} ${fixture.width} 0 0 1 ${half} 0`
                : fixture.swing === 'left'
                  ? `M${-half} 0V${fixture.width}A${fixture.width} ${fixture.width} 0 0 0 ${half} 0`
                  : `M${half} 0V${fixture.width}A${fixture.width} ${fixture.width} 0 0 1 ${-half} 0`
            "
          />
        </template>
      </template>
      <template v-else-if="fixture.kind === 'window'">
        <rect class="pane" :x="-half" y="-58" :width="fixture.width" height="56" />
        <path class="line" :d="`M${-half} -30H${half}`" />
      </template>
      <template v-else-if="fixture.kind === 'heater'">
        <rect class="body" :x="-half" y="0" :width="fixture.width" height="110" />
        <path
          class="line"
          :d="
            Array.from(
              { length: Math.max(1, Math.round(fixture.width / 160)) },
              (_, i) => `M${-half + 80 + i * 160} 15V95`,
            ).join('')
          "
        />
      </template>
      <template v-else>
        <circle class="body" cx="0" cy="60" r="60" />
        <path class="line" d="M-25 60h.1M25 60h.1" />
      </template>
    </g>
    <!-- A finger needs more than a line. -->
    <rect class="hold" x="-130" y="-130" width="260" height="260" />
    <title>{{ name }}</title>
    <!-- Windows and heaters speak for themselves, and often share a wall. -->
    <text
      v-if="fixture.kind === 'door' || fixture.kind === 'exit'"
      :x="words.x"
      :y="words.y"
      :font-size="font * 0.85"
      :text-anchor="words.anchor"
      >{{ name }}</text
    >
  </g>
</template>

<style scoped>
.gap {
  fill: var(--floor);
}
/* What stands where it swings is taken hold of through it. */
.swing {
  pointer-events: none;
  fill: var(--slate-faint);
  fill-opacity: 0.6;
  stroke: var(--ink);
  stroke-width: 9;
}
.exit .swing {
  stroke: var(--spruce);
  stroke-width: 14;
}
.pane,
.body {
  fill: var(--paper-card);
  stroke: var(--ink);
  stroke-width: 9;
}
.heater .body {
  stroke: var(--brick);
}
.line {
  stroke: var(--ink);
  stroke-width: 12;
  stroke-linecap: round;
}
.hold {
  fill: transparent;
}
text {
  fill: var(--ink-soft);
  user-select: none;
  pointer-events: none;
}
</style>
