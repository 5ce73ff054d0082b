<script setup lang="ts">
/** The room from above: units and zones at their places, moved by dragging or by the arrow keys. */
import { computed, ref } from 'vue';
import { Plus } from '@lucide/vue';
import type { Room, Unit, Zone } from '@stube/core/model/entities';
import { formatLength } from '@stube/core/measuring/length';
import { useSite } from '../../data/site.ts';

const props = defineProps<{ room: Room; units: readonly Unit[]; zones: readonly Zone[] }>();
const emit = defineEmits<{ unit: [id: string]; zone: [zone: Zone | 'new'] }>();
const store = useSite();
const plan = ref<SVGSVGElement | null>(null);
const PAD = 420;
const STEP = 100;
const ZONE_RADIUS = 260;
type Kind = 'unit' | 'zone';
const held = ref<{ kind: Kind; id: string; x: number; y: number; dx: number; dy: number; moved: boolean } | null>(null);
/** SVG y runs down, the room's runs from its front wall to the back. */
const down = (y: number) => props.room.depth - y;
const inside = (x: number, y: number) => ({
  x: Math.round(Math.min(props.room.width, Math.max(0, x)) / 10) * 10,
  y: Math.round(Math.min(props.room.depth, Math.max(0, y)) / 10) * 10,
});
const at = (kind: Kind, one: { id: string; x: number; y: number }) =>
  held.value?.kind === kind && held.value.id === one.id ? inside(held.value.x, held.value.y) : one;
const font = computed(() => props.room.width / 32);

function point(event: PointerEvent): { x: number; y: number } {
  const matrix = plan.value!.getScreenCTM()!.inverse();
  const p = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
  return { x: p.x, y: down(p.y) };
}
function grab(event: PointerEvent, kind: Kind, one: Unit | Zone): void {
  const p = point(event);
  (event.currentTarget as Element).setPointerCapture(event.pointerId);
  held.value = { kind, id: one.id, x: one.x, y: one.y, dx: one.x - p.x, dy: one.y - p.y, moved: false };
}
function move(event: PointerEvent): void {
  if (!held.value) return;
  const p = point(event);
  Object.assign(held.value, { x: p.x + held.value.dx, y: p.y + held.value.dy, moved: true });
}
async function drop(one: Unit | Zone): Promise<void> {
  const now = held.value;
  if (!now) return;
  const to = inside(now.x, now.y);
  if (now.moved && (to.x !== one.x || to.y !== one.y)) await put(now.kind, one, to);
  held.value = null;
}
const put = (kind: Kind, one: Unit | Zone, to: { x: number; y: number }) =>
  store.tryWrite(() => store.patch(kind, one as never, to as never));
function onKey(event: KeyboardEvent, kind: Kind, one: Unit | Zone): void {
  const by = (
    { ArrowLeft: [-STEP, 0], ArrowRight: [STEP, 0], ArrowUp: [0, STEP], ArrowDown: [0, -STEP] } as Record<
      string,
      [number, number]
    >
  )[event.key];
  if (by) {
    event.preventDefault();
    void put(kind, one, inside(one.x + by[0], one.y + by[1]));
  } else if (event.key === 'Enter') {
    if (kind === 'zone') emit('zone', one as Zone);
    else emit('unit', one.id);
  }
}
</script>

<template>
  <section class="sheet stack tight">
    <div class="row between">
      <h2>On the floor</h2>
      <button class="press small" type="button" @click="emit('zone', 'new')"><Plus :size="15" />A zone</button>
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
        :transform="`translate(${at('zone', zone).x} ${down(at('zone', zone).y)})`"
        @pointerdown="grab($event, 'zone', zone)"
        @pointermove="move"
        @pointerup="drop(zone)"
        @pointercancel="held = null"
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
        :transform="`translate(${at('unit', unit).x} ${down(at('unit', unit).y)})`"
        @pointerdown="grab($event, 'unit', unit)"
        @pointermove="move"
        @pointerup="drop(unit)"
        @pointercancel="held = null"
        @click="emit('unit', unit.id)"
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
  touch-action: none;
}
.floor {
  fill: #fbf6ea;
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
.piece rect {
  fill: #c79d6c;
  stroke: var(--ink);
  stroke-width: 14;
}
.piece path {
  stroke: var(--ink);
  stroke-width: 44;
}
.zone circle {
  fill: #46687a26;
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
