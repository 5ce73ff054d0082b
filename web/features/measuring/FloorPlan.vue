<script setup lang="ts">
/** The room from above: units and zones at their places, moved by dragging or by the arrow keys. */
import { computed, ref } from 'vue';
import { Plus } from '@lucide/vue';
import type { Fixture, Room, Unit, Zone } from '@stube/core/model/entities';
import { formatLength } from '@stube/core/measuring/length';
import { useDrag, type Drag } from '../../drawing/drag.ts';
import { useSite } from '../../data/site.ts';
import { useNudge } from './nudge.ts';

const props = defineProps<{
  room: Room;
  units: readonly Unit[];
  zones: readonly Zone[];
  fixtures: readonly Fixture[];
}>();
const emit = defineEmits<{ unit: [id: string]; zone: [zone: Zone | 'new']; fixture: [fixture: Fixture | 'new'] }>();
const SIGNS: Record<Fixture['kind'], string> = { exit: '⇥', heater: '≋', socket: '⊙' };
const store = useSite();
const plan = ref<SVGSVGElement | null>(null);
const PAD = 420;
const STEP = 100;
const ZONE_RADIUS = 260;
type Kind = 'unit' | 'zone' | 'fixture';
type Placed = Unit | Zone | Fixture;
/** SVG y runs down, the room's runs from its front wall to the back. */
const down = (y: number) => props.room.depth - y;
const inside = (x: number, y: number) => ({
  x: Math.round(Math.min(props.room.width, Math.max(0, x)) / 10) * 10,
  y: Math.round(Math.min(props.room.depth, Math.max(0, y)) / 10) * 10,
});
const font = computed(() => props.room.width / 32);

/** Where on the floor a point of the window is, mm. */
function floorAt({ x, y }: { x: number; y: number }): { x: number; y: number } {
  const point = new DOMPoint(x, y).matrixTransform(plan.value!.getScreenCTM()!.inverse());
  return { x: point.x, y: down(point.y) };
}
interface Held {
  kind: Kind;
  row: Placed;
}
const { drag, grab, wasDrop } = useDrag<Held>({
  dropped: (dragged) => {
    const { kind, row } = dragged.item;
    const to = placeOf(dragged);
    if (to.x !== row.x || to.y !== row.y) void put(kind, row, to);
  },
});
/** It keeps under the pointer the point it was taken at. */
function placeOf({ item, from, to }: Drag<Held>): { x: number; y: number } {
  const [start, end] = [floorAt(from), floorAt(to)];
  return inside(item.row.x + end.x - start.x, item.row.y + end.y - start.y);
}
const at = (row: Placed) => (drag.value?.item.row.id === row.id ? placeOf(drag.value) : (moving.get(row.id) ?? row));
const put = (kind: Kind, one: Placed, to: { x: number; y: number }) =>
  store.tryWrite(() => store.patch(kind, one as never, to as never));
const { moving, nudge } = useNudge((id, to) => {
  for (const kind of ['unit', 'zone', 'fixture'] as const) {
    const row = store.data[kind].find((known) => known.id === id);
    if (row) return put(kind, row, to);
  }
  return Promise.resolve();
});
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
  } else if (event.key === 'Enter') {
    if (kind === 'zone') emit('zone', one as Zone);
    else if (kind === 'fixture') emit('fixture', one as Fixture);
    else emit('unit', one.id);
  }
}
</script>

<template>
  <section class="sheet stack tight">
    <div class="row between">
      <h2>On the floor</h2>
      <button class="press small" type="button" @click="emit('zone', 'new')"><Plus :size="15" />A zone</button
      ><button class="press small" type="button" @click="emit('fixture', 'new')">
        <Plus :size="15" />What stays clear
      </button>
    </div>
    <p class="small soft">
      Walks are reckoned from a zone’s middle to the front of each unit. Drag them, or use the arrow keys.
    </p>
    <svg
      ref="plan"
      :viewBox="`${-PAD} ${-PAD} ${room.width + 2 * PAD} ${room.depth + 2 * PAD}`"
      role="group"
      :aria-label="`Floor plan of ${room.name}`"
    >
      <rect class="floor" x="0" y="0" :width="room.width" :height="room.depth" />
      <rect class="wall" x="-60" y="-60" :width="room.width + 120" :height="room.depth + 120" />
      <g
        v-for="zone in zones"
        :key="zone.id"
        class="grip zone"
        tabindex="0"
        role="button"
        :aria-label="`Zone ${zone.name}, ${zone.kind}`"
        :transform="`translate(${at(zone).x} ${down(at(zone).y)})`"
        @pointerdown="grab($event, { kind: 'zone', row: zone })"
        @dblclick="emit('zone', zone)"
        @keydown="onKey($event, 'zone', zone)"
      >
        <circle :r="ZONE_RADIUS" />
        <circle r="26" class="middle" />
        <text :y="-ZONE_RADIUS - 50" :font-size="font" text-anchor="middle">{{ zone.name }}</text>
      </g>
      <g
        v-for="unit in units"
        :key="unit.id"
        class="grip piece"
        tabindex="0"
        role="button"
        :aria-label="`${unit.name}, ${formatLength(unit.x, store.site?.system)} from the left, ${formatLength(unit.y, store.site?.system)} from the front`"
        :transform="`translate(${at(unit).x} ${down(at(unit).y)})`"
        @pointerdown="grab($event, { kind: 'unit', row: unit })"
        @click="wasDrop() || emit('unit', unit.id)"
        @keydown="onKey($event, 'unit', unit)"
      >
        <rect :x="-unit.width / 2" :y="-unit.depth" :width="unit.width" :height="unit.depth" />
        <path :d="`M${-unit.width / 2} 0h${unit.width}`" />
        <text
          :y="-unit.depth / 2"
          :font-size="Math.min(font, unit.width / 6)"
          text-anchor="middle"
          dominant-baseline="central"
        >
          {{ unit.name }}
        </text>
      </g>
      <g
        v-for="fixture in fixtures"
        :key="fixture.id"
        class="grip fixture"
        tabindex="0"
        role="button"
        :aria-label="`${fixture.name || fixture.kind}, stays clear`"
        :transform="`translate(${at(fixture).x} ${down(at(fixture).y)})`"
        @pointerdown="grab($event, { kind: 'fixture', row: fixture })"
        @dblclick="emit('fixture', fixture)"
        @keydown="onKey($event, 'fixture', fixture)"
      >
        <rect x="-150" y="-150" width="300" height="300" />
        <text :font-size="font * 1.3" text-anchor="middle" dominant-baseline="central">{{ SIGNS[fixture.kind] }}</text>
        <text :y="-200" :font-size="font * 0.9" text-anchor="middle">{{ fixture.name || fixture.kind }}</text>
      </g>
      <text :x="room.width / 2" :y="room.depth + PAD - 110" :font-size="font" text-anchor="middle">
        {{ formatLength(room.width, store.site?.system) }}
      </text>
      <text
        :transform="`translate(${room.width + PAD - 150} ${room.depth / 2}) rotate(90)`"
        :font-size="font"
        text-anchor="middle"
      >
        {{ formatLength(room.depth, store.site?.system) }}
      </text>
    </svg>
  </section>
</template>

<style scoped>
svg {
  width: 100%;
  max-height: 420px;
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
.fixture rect {
  fill: var(--paper-card);
  stroke: var(--brick);
  stroke-width: 16;
}
.piece rect {
  fill: var(--carcass);
  stroke: var(--ink);
  stroke-width: 14;
}
.piece path {
  stroke: var(--ink);
  stroke-width: 44;
}
.zone circle {
  fill: var(--slate-faint);
  stroke: var(--slate);
  stroke-width: 12;
  stroke-dasharray: 60 40;
}
.zone .middle {
  fill: var(--slate);
  stroke: none;
}
.grip:focus-visible {
  outline: none;
}
.grip:focus-visible rect,
.grip:focus-visible circle {
  stroke: var(--spruce);
  stroke-width: 36;
}
</style>
