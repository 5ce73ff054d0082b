<script setup lang="ts">
/** The room from above in true size: what stands there is moved and turned, and what gets in the way of what is told. */
import { computed, ref } from 'vue';
import { useElementSize } from '@vueuse/core';
import { Plus } from '@lucide/vue';
import { HANGS } from '@stube/core/cautions';
import { footprintOf, overlap, type Rect, zoneFloor } from '@stube/core/floor';
import type { Compartment, Fixture, Room, Unit, Zone } from '@stube/core/model';
import { floorSize, said } from '../../../parts/numbers.ts';
import { formatLength } from '@stube/core/notation';
import { useSite } from '../../../data/site.ts';
import FixtureMark from './FixtureMark.vue';
import FloorHeld from './FloorHeld.vue';
import FloorPiece from './FloorPiece.vue';
import { useClearances } from './clearances.ts';
import { drawnRect } from './drawn-rect.ts';
import { zoneNames } from './zone-names.ts';
import { useFloorMoves, type Held, type Kind, type Placed } from './moves.ts';

const props = defineProps<{
  room: Room;
  units: readonly Unit[];
  zones: readonly Zone[];
  fixtures: readonly Fixture[];
  compartments: readonly Compartment[];
}>();
const emit = defineEmits<{
  unit: [id: string];
  editUnit: [unit: Unit];
  zone: [zone: Zone | 'new'];
  fixture: [fixture: Fixture | 'new'];
}>();
const store = useSite();
const plan = ref<SVGSVGElement | null>(null);
const PAD = 420;
const STEP = 100;
/** SVG y runs down, the room's runs from its front wall to the back. */
const down = (y: number) => props.room.depth - y;
const { width: drawnWidth, height: drawnHeight } = useElementSize(plan);
/** Millimetres a pixel: letters keep their size on every screen. */
const mmPerPx = computed(() =>
  drawnWidth.value
    ? Math.max(
        (props.room.width + 2 * PAD) / drawnWidth.value,
        (props.room.depth + 2 * PAD) / Math.max(1, drawnHeight.value),
      )
    : Math.max(props.room.width, props.room.depth) / 400,
);
/** Letters of 12 px, and none below 8. */
const font = computed(() => 12 * mmPerPx.value);
const fontOf = (unit: Unit) => Math.min(font.value, unit.width / (0.55 * unit.name.length));
const LEGIBLE = 8;
const chosen = ref<string | null>(null);
const { drag, grab, wasDrop, at, find, moving, nudge, inside, turn } = useFloorMoves(
  props,
  plan,
  (id) => (chosen.value = id),
);
const system = computed(() => store.site?.system);

const held = computed(() => find(chosen.value));
function pick(kind: Kind, row: Placed): void {
  if (wasDrop()) return;
  chosen.value = row.id;
  if (kind === 'unit') emit('unit', row.id);
}
function edit({ kind, row }: Held): void {
  if (kind === 'zone') emit('zone', row as Zone);
  else if (kind === 'fixture') emit('fixture', row as Fixture);
  else emit('editUnit', row as Unit);
}
function onKey(event: KeyboardEvent, kind: Kind, one: Placed): void {
  const by = (
    { ArrowLeft: [-STEP, 0], ArrowRight: [STEP, 0], ArrowUp: [0, STEP], ArrowDown: [0, -STEP] } as Record<
      string,
      [number, number]
    >
  )[event.key];
  if (by) {
    event.preventDefault();
    const now = moving.get(one.id) ?? one;
    nudge(one.id, inside(now.x + by[0], now.y + by[1]));
  } else if (event.key === 'Enter') edit({ kind, row: one });
  else if (event.key === ' ') {
    event.preventDefault();
    pick(kind, one);
  } else if (event.key.toLowerCase() === 't' && kind === 'unit') void turn(one as Unit);
}
const { broken, shown, needs, bad } = useClearances(props, at, held, () => drag.value?.item);
const box = (rect: Rect) => drawnRect(rect, props.room.depth);
const print = (unit: Unit) => footprintOf({ ...unit, ...at(unit) });
const names = computed(() =>
  zoneNames(
    props.zones.map((zone) => ({ ...zone, ...at(zone) })),
    props.units.map(print),
    props.room,
    font.value,
  ),
);
const floor = (zone: Zone) => box(zoneFloor({ ...zone, ...at(zone) }));
/** The name of what is below is read, not both on one another. */
const named = (unit: Unit) =>
  fontOf(unit) >= LEGIBLE * mmPerPx.value &&
  (unit.raised < HANGS ||
    !props.units.some((other) => other.raised < unit.raised && overlap(print(other), print(unit), 50)));
/** What hangs or stands on top is drawn above what stands below. */
const layered = computed(() => [...props.units].sort((a, b) => a.raised - b.raised));
const free = computed(() => {
  const covered = props.units
    .filter(({ raised }) => raised < HANGS)
    .reduce((sum, { width, depth }) => sum + width * depth, 0);
  return `${Math.max(0, Math.round((1 - covered / (props.room.width * props.room.depth)) * 100))} % of its floor free`;
});
</script>

<template>
  <section class="sheet stack tight">
    <div class="row between">
      <h2>On the floor</h2>
      <span class="row"
        ><button class="press small" type="button" @click="emit('zone', 'new')"><Plus :size="15" />A zone</button
        ><button class="press small" type="button" @click="emit('fixture', 'new')">
          <Plus :size="15" />Door, window, heater
        </button></span
      >
    </div>
    <p class="small soft">
      {{ floorSize(room.width, room.depth, system) }}, {{ free }}. Walks lead around what stands on the floor. Drag
      things, or use the arrow keys and T to turn.
    </p>
    <svg
      ref="plan"
      :viewBox="`${-PAD} ${-PAD} ${room.width + 2 * PAD} ${room.depth + 2 * PAD}`"
      role="group"
      :aria-label="`Floor plan of ${room.name}`"
    >
      <rect class="floor" x="0" y="0" :width="room.width" :height="room.depth" />
      <rect class="wall" x="-30" y="-30" :width="room.width + 60" :height="room.depth + 60" />
      <g
        v-for="zone in zones"
        :key="zone.id"
        class="grip zone"
        :class="{ chosen: chosen === zone.id }"
        tabindex="0"
        role="button"
        :aria-label="`Zone ${zone.name}, ${zone.kind}`"
        @pointerdown="grab($event, { kind: 'zone', row: zone })"
        @click="pick('zone', zone)"
        @dblclick="emit('zone', zone)"
        @keydown="onKey($event, 'zone', zone)"
      >
        <rect class="area" v-bind="floor(zone)" rx="60" />
        <circle :cx="at(zone).x" :cy="down(at(zone).y)" r="46" class="middle" />
        <circle :cx="at(zone).x" :cy="down(at(zone).y)" r="140" class="hold" />
        <text
          :x="names.get(zone.id)!.x"
          :y="down(names.get(zone.id)!.y)"
          :font-size="font"
          text-anchor="middle"
          dominant-baseline="central"
        >
          {{ zone.name }}
        </text>
      </g>
      <g
        v-for="fixture in fixtures"
        :key="fixture.id"
        class="grip"
        :class="{ chosen: chosen === fixture.id }"
        tabindex="0"
        role="button"
        :aria-label="`${fixture.name || fixture.kind}, stays clear`"
        :transform="`translate(${at(fixture).x} ${down(at(fixture).y)})`"
        @pointerdown="grab($event, { kind: 'fixture', row: fixture })"
        @click="pick('fixture', fixture)"
        @dblclick="emit('fixture', fixture)"
        @keydown="onKey($event, 'fixture', fixture)"
      >
        <FixtureMark :fixture="{ ...fixture, ...at(fixture) }" :room="room" :font="font" />
      </g>
      <rect v-for="(rect, i) in needs" :key="`need ${i}`" class="needs" v-bind="box(rect)" />
      <FloorPiece
        v-for="unit in layered"
        :key="unit.id"
        class="grip"
        :class="{ chosen: chosen === unit.id, bad: bad.has(unit.id), high: unit.raised >= HANGS }"
        :unit="{ ...unit, ...at(unit) }"
        :depth="room.depth"
        :font="named(unit) ? fontOf(unit) : 0"
        tabindex="0"
        role="button"
        :aria-label="`${unit.name}, ${formatLength(unit.x, system)} from the left, ${formatLength(unit.y, system)} from the front, faces ${unit.faces}`"
        @pointerdown="grab($event, { kind: 'unit', row: unit })"
        @click="pick('unit', unit)"
        @dblclick="emit('editUnit', unit)"
        @keydown="onKey($event, 'unit', unit)"
      />
      <rect v-for="(one, i) in shown" :key="`broken ${i}`" class="broken" v-bind="box(one.rect)" />
      <text :x="room.width / 2" :y="room.depth + PAD - 110" :font-size="font" text-anchor="middle">
        {{ formatLength(room.width, system) }}
      </text>
      <text
        :transform="`translate(${room.width + PAD - 150} ${room.depth / 2}) rotate(90)`"
        :font-size="font"
        text-anchor="middle"
      >
        {{ formatLength(room.depth, system) }}
      </text>
    </svg>
    <FloorHeld
      v-if="held"
      :held="held"
      :at="at(held.row)"
      @move="nudge(held.row.id, $event)"
      @turn="turn(held.row as Unit)"
      @edit="edit(held)"
    />
    <section v-if="broken.length" class="stack tight" aria-label="In the way">
      <h3>In the way</h3>
      <ul class="small list">
        <li v-for="(one, i) in broken" :key="i">
          <button class="word-press" type="button" @click="chosen = one.about[0] ?? null">{{ said(one.words) }}</button>
        </li>
      </ul>
    </section>
  </section>
</template>

<style scoped>
svg {
  width: 100%;
  max-height: 520px;
}
.floor {
  fill: var(--floor);
}
.wall {
  fill: none;
  stroke: var(--ink);
  stroke-width: 60;
}
text {
  fill: var(--ink);
  user-select: none;
  pointer-events: none;
}
.grip {
  cursor: grab;
}
.zone .area {
  fill: var(--slate-faint);
  stroke: var(--slate);
  stroke-width: 10;
  stroke-dasharray: 60 40;
}
.zone .middle {
  fill: var(--slate);
}
.hold {
  fill: transparent;
}
.needs {
  fill: none;
  stroke: var(--spruce);
  stroke-width: 12;
  stroke-dasharray: 40 30;
  pointer-events: none;
}
.broken {
  fill: var(--brick);
  fill-opacity: 0.1;
  stroke: var(--brick);
  stroke-width: 12;
  stroke-dasharray: 30 24;
  pointer-events: none;
}
.grip:focus-visible {
  outline: none;
}
.chosen rect:first-of-type,
.grip:focus-visible rect:first-of-type {
  stroke: var(--spruce);
  stroke-width: 34;
}
.press {
  white-space: nowrap;
}
.list {
  list-style: none;
  padding: 0;
  display: grid;
  gap: 2px;
}
.list .word-press {
  min-height: 26px;
  text-align: left;
}
</style>
