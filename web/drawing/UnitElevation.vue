<script setup lang="ts">
/**
 * One unit to scale in front elevation: carcass, compartments, what stands in them, and dimension ticks.
 * SVG units are mm; `px` is the scale in pixels a millimetre, so that strokes and letters keep their size.
 */
import { computed } from 'vue';
import { editLength, formatLength } from '@stube/core/notation';
import type { BlockedPart, CompartmentSpace, LengthSystem, UnitShape } from '@stube/core/model';
import type { ReachLine } from '@stube/core/body';
import BinDrawing from './BinDrawing.vue';
import BlockedParts from './BlockedParts.vue';
import HangingParts from './HangingParts.vue';
import KeptPlaces from './KeptPlaces.vue';
import ReachLines from './ReachLines.vue';
import ShutFronts from './ShutFronts.vue';
import UnitCarcass from './UnitCarcass.vue';
import UnitDims from './UnitDims.vue';
import UnitDoors from './UnitDoors.vue';
import type { KeptPlace } from '../data/kept.ts';
import { inFront, type DrawnBin, type InFront } from './scale.ts';

export interface DrawnSpace extends CompartmentSpace {
  id: string;
  blocked?: BlockedPart[];
}
/** What a screen says in a compartment. */
export interface SpaceMark {
  tone: 'good' | 'plain' | 'no' | 'lit';
  text?: string;
}

const props = withDefaults(
  defineProps<{
    shape: UnitShape;
    spaces: readonly DrawnSpace[];
    name: string;
    px: number;
    system?: LengthSystem;
    dims?: boolean;
    numbers?: boolean;
    binsIn?: (spaceId: string) => readonly DrawnBin[];
    /** Room that is kept free for what is carried here from other rooms. */
    keptIn?: (spaceId: string) => readonly KeptPlace[];
    marks?: ReadonlyMap<string, SpaceMark>;
    chosenBin?: string | null;
    chosenSpace?: string | null;
    target?: string | null;
    touchable?: boolean;
    wheels?: boolean;
    /** Doors and drawers that are shut: their fronts hide what is in them. */
    shut?: ReadonlySet<string>;
    /** Heights above the floor that are drawn across, mm, with what they are. */
    lines?: readonly ReachLine[];
    /** Where a tape is laid, mm from the left and from the top. */
    tape?: { x1: number; y1: number; x2: number; y2: number } | null;
  }>(),
  { system: 'metric', binsIn: () => [], keptIn: () => [], lines: () => [] },
);
const emit = defineEmits<{
  bin: [id: string];
  space: [id: string];
  grab: [event: PointerEvent, binId: string];
  binKey: [event: KeyboardEvent, binId: string];
}>();

/** Table tops reach above the unit itself. */
const above = computed(() => Math.max(0, ...props.spaces.map((space) => space.z + space.height - props.shape.height)));
const pad = computed(() => ({
  left: 8 / props.px,
  right: (props.dims ? 46 : 8) / props.px,
  top: above.value + 8 / props.px,
  bottom: (props.dims ? 34 : 4) / props.px,
}));
const W = computed(() => props.shape.width);
const H = computed(() => props.shape.height + props.shape.raised);
const box = computed(() => ({
  x: -pad.value.left,
  y: -pad.value.top,
  w: W.value + pad.value.left + pad.value.right,
  h: H.value + pad.value.top + pad.value.bottom,
}));
/** y of a height above the unit's underside. */
const up = (z: number) => props.shape.height - z;
const fronts = computed(
  () => new Map<string, InFront>(props.spaces.map((space) => [space.id, inFront(props.binsIn(space.id), space)])),
);
const FILL: Record<SpaceMark['tone'], string> = {
  good: 'var(--space-good)',
  plain: 'var(--space)',
  no: 'var(--space-no)',
  lit: 'var(--space-lit)',
};
const fillOf = (id: string) =>
  id === props.target ? 'var(--space-target)' : props.marks?.get(id) ? FILL[props.marks.get(id)!.tone] : 'var(--space)';
/** Letters of 11 px that a compartment has room for, each about 6 px wide. */
const roomFor = (space: DrawnSpace) => Math.floor((space.width * props.px - 8) / 6);
/** As many as it takes to say how many are behind. */
const LEAST_LETTERS = 10;
/** One is named where there is room for its name. */
function behindWords(space: DrawnSpace): string {
  const { behind } = fronts.value.get(space.id)!;
  const [first] = behind;
  const named = `behind: ${first!.bin.name}`;
  return behind.length === 1 && named.length <= roomFor(space) ? named : `${behind.length} behind`;
}
const inside = (mm: number) => formatLength(mm, props.system, 'down');
const say = (space: DrawnSpace) =>
  `${space.name}, inside ${inside(space.width)} wide, ${inside(space.height)} high, ${inside(space.depth)} deep`;
</script>

<template>
  <svg
    class="unit"
    :viewBox="`${box.x} ${box.y} ${box.w} ${box.h}`"
    :width="box.w * px"
    :height="box.h * px"
    role="group"
    :aria-label="name"
  >
    <UnitCarcass :shape="shape" :px="px" :wheels="wheels" />
    <g v-for="space in spaces" :key="space.id" :data-space="space.id">
      <rect
        v-if="space.drawer"
        :x="space.x - 20"
        :y="up(space.z + space.height) - 20"
        :width="space.width + 40"
        :height="space.height + 34"
        fill="var(--carcass-front)"
        stroke="var(--oak-dark)"
        :stroke-width="0.9 / px"
      />
      <rect
        class="space"
        :x="space.x"
        :y="up(space.z + space.height)"
        :width="space.width"
        :height="space.height"
        :fill="fillOf(space.id)"
        :stroke="space.id === chosenSpace || space.id === target ? 'var(--spruce)' : 'var(--ink)'"
        :stroke-width="(space.id === chosenSpace || space.id === target ? 3.5 : 0.8) / px"
        @click="emit('space', space.id)"
      >
        <title>{{ say(space) }}</title>
      </rect>
      <path
        v-if="space.drawer"
        :d="`M${space.x + space.width / 2 - 9 / px} ${up(space.z + space.height) - 9}h${18 / px}`"
        stroke="var(--ink)"
        :stroke-width="3 / px"
        stroke-linecap="round"
      />
      <BlockedParts :space="space" :top="up" />
      <HangingParts :shape="shape" :space="space" :px="px" />
      <KeptPlaces :space="space" :kept="keptIn(space.id)" :bottom="up(space.z)" :px="px" />
    </g>
    <!-- Behind what stands in it, so that no line of a door crosses a label -->
    <UnitDoors :shape="shape" :spaces="spaces" :px="px" />
    <g v-for="space in spaces" :key="`in ${space.id}`" :data-space="space.id">
      <g
        v-for="{ one, x, z, covered } in fronts.get(space.id)!.shown"
        :key="one.bin.id"
        class="bin"
        :class="{ touchable, covered }"
        :tabindex="touchable ? 0 : -1"
        :role="touchable ? 'button' : 'img'"
        :aria-pressed="touchable ? chosenBin === one.bin.id : undefined"
        :aria-label="`${one.bin.code} ${one.bin.name}, in ${space.name}${covered ? ', behind another' : ''}`"
        :data-bin="one.bin.id"
        @click.stop="emit('bin', one.bin.id)"
        @pointerdown="emit('grab', $event, one.bin.id)"
        @keydown="emit('binKey', $event, one.bin.id)"
      >
        <title>
          {{ one.bin.code }} · {{ one.bin.name }} ·
          {{ one.full === null ? one.type.name : `${Math.round(one.full * 100)} % full` }}
        </title>
        <BinDrawing
          :drawn="one"
          :x="space.x + x"
          :y="up(space.z + z)"
          :px="px"
          :plain="covered"
          :lit="chosenBin === one.bin.id"
          :dim="!!chosenBin && chosenBin !== one.bin.id && !touchable"
        />
      </g>
      <text
        v-if="numbers && !binsIn(space.id).length"
        class="inside"
        :x="space.x + space.width / 2"
        :y="up(space.z + space.height / 2)"
        :font-size="Math.min(11 / px, space.width / 7)"
        text-anchor="middle"
        dominant-baseline="central"
      >
        {{ editLength(space.width, system, 'down') }} ×
        {{ editLength(space.height, system, 'down') }}
      </text>
      <text
        v-if="fronts.get(space.id)!.behind.length && roomFor(space) >= LEAST_LETTERS"
        class="mark"
        :x="space.x + space.width - 4 / px"
        :y="up(space.z + space.height) + 12 / px"
        :font-size="11 / px"
        text-anchor="end"
        :stroke-width="3 / px"
      >
        {{ behindWords(space) }}
        <title>
          {{
            fronts
              .get(space.id)!
              .behind.map(({ bin }) => `${bin.code} ${bin.name}`)
              .join(', ')
          }}
        </title>
      </text>
      <text
        v-if="marks?.get(space.id)?.text"
        class="mark"
        :x="space.x + space.width / 2"
        :y="up(space.z + space.height) + 13 / px"
        :font-size="Math.min(12 / px, space.width / 5)"
        text-anchor="middle"
        :stroke-width="3 / px"
      >
        {{ marks.get(space.id)!.text }}
      </text>
    </g>
    <ShutFronts
      v-if="shut?.size"
      :spaces="spaces.filter((space) => shut!.has(space.id))"
      :top="up"
      :px="px"
      @open="emit('space', $event)"
    />
    <ReachLines :shape="shape" :lines="lines" :px="px" />
    <g v-if="tape" class="tape" :stroke-width="4 / px">
      <line v-bind="tape" />
      <circle :cx="tape.x1" :cy="tape.y1" :r="5 / px" />
      <circle :cx="tape.x2" :cy="tape.y2" :r="5 / px" />
    </g>
    <UnitDims v-if="dims" :width="W" :height="shape.height" :foot="H" :px="px" :system="system" />
  </svg>
</template>

<style scoped>
.unit {
  display: block;
  max-width: none;
}
.space {
  cursor: inherit;
}
.bin {
  cursor: pointer;
}
.bin.touchable {
  cursor: grab;
}
.bin:focus-visible {
  outline: 3px solid var(--spruce);
  outline-offset: 1px;
}
.mark,
.inside {
  pointer-events: none;
}
.inside {
  fill: var(--ink-soft);
}
.mark {
  font-weight: 700;
  fill: var(--ink);
  paint-order: stroke;
  stroke: var(--paper-high);
}
.tape {
  stroke: var(--brick);
  fill: var(--brick);
  pointer-events: none;
}
</style>
