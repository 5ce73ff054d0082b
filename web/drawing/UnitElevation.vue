<script setup lang="ts">
/**
 * One unit to scale in front elevation: carcass, compartments, what stands in them, and dimension ticks.
 * SVG units are mm; `px` is the scale in pixels a millimetre, so that strokes and letters keep their size.
 */
import { computed } from 'vue';
import { editLength, formatLength } from '@stube/core/measuring/length';
import type { LengthSystem } from '@stube/core/model/site';
import type { BlockedPart, CompartmentSpace, UnitShape } from '@stube/core/model/entities';
import type { ReachLine } from '@stube/core/people/reach';
import BinDrawing from './BinDrawing.vue';
import HangingParts from './HangingParts.vue';
import KeptPlaces from './KeptPlaces.vue';
import ShutFronts from './ShutFronts.vue';
import UnitCarcass from './UnitCarcass.vue';
import UnitDims from './UnitDims.vue';
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
/** In a front of one's own each part has a door of its own; its handle is at the side of the middle. */
const doors = computed(() =>
  props.shape.template === 'cabinet'
    ? [0, 1].map((side) => ({
        left: side ? W.value / 2 : props.shape.board,
        right: side ? W.value - props.shape.board : W.value / 2,
        top: props.shape.board,
        bottom: props.shape.height - props.shape.board,
        hinge: side ? 'right' : 'left',
      }))
    : props.spaces
        .filter((space) => space.door)
        .map((space) => ({
          left: space.x,
          right: space.x + space.width,
          top: up(space.z + space.height),
          bottom: up(space.z),
          hinge: space.x + space.width / 2 < W.value / 2 ? 'left' : 'right',
        })),
);
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
/** Beside or above the inside that is left. */
const blockedBox = (space: DrawnSpace, { side, by }: BlockedPart) =>
  side === 'top'
    ? { x: space.x, y: up(space.z + space.height) - by, width: space.width, height: by }
    : {
        x: side === 'left' ? space.x - by : space.x + space.width,
        y: up(space.z + space.height),
        width: by,
        height: space.height,
      };
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
/** Those that cross this piece of furniture. */
const linesHere = computed(() =>
  props.lines.filter(({ height }) => height > props.shape.raised && height < props.shape.raised + props.shape.height),
);
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
      <rect
        v-for="(part, i) in (space.blocked ?? []).filter(({ side }) => side !== 'back')"
        :key="`blocked ${i}`"
        class="blocked"
        v-bind="blockedBox(space, part)"
      >
        <title>{{ part.what }}</title>
      </rect>
      <HangingParts :shape="shape" :space="space" :px="px" />
      <KeptPlaces :space="space" :kept="keptIn(space.id)" :bottom="up(space.z)" :px="px" />
    </g>
    <!-- Behind what stands in it, so that no line of a door crosses a label -->
    <g
      v-for="door in doors"
      :key="`${door.left} ${door.top}`"
      class="door"
      fill="none"
      stroke="var(--ink)"
      :stroke-width="1 / px"
    >
      <path :d="`M${door.left} ${door.top}H${door.right}V${door.bottom}H${door.left}Z`" opacity="0.55" />
      <!-- The hinge triangle of a joiner's drawing: its point is at the handle's side -->
      <path
        :d="
          door.hinge === 'right'
            ? `M${door.right} ${door.top}L${door.left} ${(door.top + door.bottom) / 2}L${door.right} ${door.bottom}`
            : `M${door.left} ${door.top}L${door.right} ${(door.top + door.bottom) / 2}L${door.left} ${door.bottom}`
        "
        :stroke-dasharray="`${6 / px} ${5 / px}`"
        opacity="0.45"
      />
    </g>
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
    <g v-for="line in linesHere" :key="line.words" class="reach" :stroke-width="1.6 / px">
      <path :d="`M0 ${up(line.height - shape.raised)}H${W}`" :stroke-dasharray="`${7 / px} ${4 / px}`" />
      <text
        :x="W - 3 / px"
        :y="up(line.height - shape.raised) - 3 / px"
        :font-size="10 / px"
        :stroke-width="3 / px"
        text-anchor="end"
      >
        {{ line.words }}
      </text>
    </g>
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
.door {
  pointer-events: none;
}
.blocked {
  fill: var(--brick);
  fill-opacity: 0.28;
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
/* Above everything that stands there, and in no one's way. */
.reach {
  pointer-events: none;
  stroke: var(--spruce);
  fill: none;
}
.reach text {
  fill: var(--spruce-deep);
  font-weight: 700;
  paint-order: stroke;
  stroke: var(--paper-high);
}
.tape {
  stroke: var(--brick);
  fill: var(--brick);
  pointer-events: none;
}
</style>
