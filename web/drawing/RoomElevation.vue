<script setup lang="ts">
/** All units of a room at one scale on a common floor line, wrapped into rows where the page is narrow. */
import { computed, ref } from 'vue';
import { useElementSize } from '@vueuse/core';
import { Maximize2 } from '@lucide/vue';
import { inWallOrder } from '@stube/core/floor';
import type { Compartment, Unit } from '@stube/core/model';
import type { ReachLine } from '@stube/core/body';
import { useKept } from '../data/kept.ts';
import { useSite } from '../data/site.ts';
import DrawnWhenNear from '../parts/DrawnWhenNear.vue';
import JumpBar from '../parts/JumpBar.vue';
import UnitLarge from './UnitLarge.vue';
import UnitElevation, { type SpaceMark } from './UnitElevation.vue';
import type { DrawnBin } from './scale.ts';

const props = withDefaults(
  defineProps<{
    units: readonly Unit[];
    spacesOf: (unitId: string) => readonly Compartment[];
    binsIn: (spaceId: string) => readonly DrawnBin[];
    marks?: ReadonlyMap<string, SpaceMark>;
    chosenBin?: string | null;
    target?: string | null;
    lines?: readonly ReachLine[];
    touchable?: boolean;
    tallest?: number;
  }>(),
  { tallest: 330 },
);
const emit = defineEmits<{
  bin: [id: string];
  space: [id: string];
  grab: [event: PointerEvent, binId: string];
  binKey: [event: KeyboardEvent, binId: string];
}>();
const store = useSite();
const keptIn = useKept();
const standing = computed(() => {
  const room = store.maps.room.get(props.units[0]?.roomId ?? '');
  return room ? inWallOrder(props.units, room) : props.units;
});
const wall = ref<HTMLElement | null>(null);
const { width } = useElementSize(wall);
/** From so many pieces of furniture on there are ways to each. */
const MANY = 16;
const parts = computed(() => standing.value.map((unit) => ({ id: `unit-${unit.id}`, name: unit.name })));
const large = ref<Unit | null>(null);
function pick(binId: string): void {
  large.value = null;
  emit('bin', binId);
}
/** Between two pieces of furniture, and beside each of them, px. */
const GAP = 26 + 16;
/** The drawing becomes so much larger at most where there is room for it. */
const ROOMIER = 1.5;
function rowsAt(px: number): number {
  let [rows, used] = [1, 0];
  for (const unit of standing.value) {
    const own = unit.width * px + GAP;
    if (used && used + own - 26 > width.value) [rows, used] = [rows + 1, 0];
    used += own;
  }
  return rows;
}
const px = computed(() => {
  const highest = Math.max(1, ...props.units.map((unit) => unit.height + unit.raised));
  const widest = Math.max(1, ...props.units.map((unit) => unit.width));
  const least = Math.min(0.5, props.tallest / highest, Math.max(120, width.value - 24) / widest);
  // As large as the rows that are needed anyway have room for.
  const rows = rowsAt(least);
  for (let more = ROOMIER; more > 1.02; more -= 0.05) {
    const larger = Math.min(0.5, least * more);
    if (larger * widest <= width.value - 24 && rowsAt(larger) <= rows) return larger;
  }
  return least;
});
</script>

<template>
  <div ref="wall" class="wall">
    <JumpBar v-if="standing.length > MANY" class="ways" :parts="parts" label="To a piece of furniture" />
    <figure v-for="unit in width ? standing : []" :id="`unit-${unit.id}`" :key="unit.id" class="piece">
      <DrawnWhenNear :width="unit.width * px" :height="(unit.height + unit.raised) * px"
        ><UnitElevation
          :shape="unit"
          :wheels="unit.wheels"
          :spaces="spacesOf(unit.id)"
          :name="unit.name"
          :px="px"
          :system="store.site?.system"
          :bins-in="binsIn"
          :kept-in="keptIn"
          :marks="marks"
          :chosen-bin="chosenBin"
          :target="target"
          :lines="lines"
          :touchable="touchable"
          @bin="emit('bin', $event)"
          @space="emit('space', $event)"
          @grab="(event, id) => emit('grab', event, id)"
          @bin-key="(event, id) => emit('binKey', event, id)"
      /></DrawnWhenNear>
      <figcaption>
        <button
          type="button"
          class="word-press"
          :aria-label="`${unit.name}, open large`"
          title="Open large"
          @click="large = unit"
        >
          {{ unit.name }}<Maximize2 :size="14" class="soft no-print" /></button
        ><span v-if="unit.locked" class="soft"> · locked</span>
      </figcaption>
    </figure>
    <UnitLarge
      v-if="large"
      :unit="large"
      :spaces="spacesOf(large.id)"
      :bins-in="binsIn"
      :chosen-bin="chosenBin"
      @close="large = null"
      @bin="pick"
    />
  </div>
</template>

<style scoped>
.wall {
  display: flex;
  flex-wrap: wrap;
  align-items: flex-end;
  gap: 6px 26px;
}
.ways {
  width: 100%;
}
.piece {
  margin: 0;
  border-bottom: 0;
}
.piece figcaption {
  border-top: 2.5px solid var(--ink);
  padding: 4px 8px 10px;
  font-size: 0.9rem;
  font-weight: 600;
  max-width: 100%;
}
.piece figcaption button {
  display: inline-flex;
  align-items: center;
  gap: 6px;
  min-height: 28px;
}
</style>
