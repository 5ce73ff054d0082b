<script setup lang="ts">
/** The four walls as one sees them from inside, all at one scale: what stands and hangs there, with doors and windows. */
import { computed, ref } from 'vue';
import { useElementSize } from '@vueuse/core';
import { fixturesOnWall, lengthOfWall, unitsOnWall, WALLS } from '@stube/core/floor';
import { formatLength } from '@stube/core/notation';
import type { Compartment, Facing, Fixture, Room, Unit } from '@stube/core/model';
import ModalDialog from '../../../parts/ModalDialog.vue';
import UnitElevation from '../../../drawing/UnitElevation.vue';
import type { DrawnBin } from '../../../drawing/scale.ts';
import { useSite } from '../../../data/site.ts';

const props = defineProps<{
  room: Room;
  units: readonly Unit[];
  fixtures: readonly Fixture[];
  spacesOf: (unitId: string) => readonly Compartment[];
  binsIn: (spaceId: string) => readonly DrawnBin[];
}>();
const emit = defineEmits<{ close: [] }>();
const store = useSite();
const holder = ref<HTMLElement | null>(null);
const { width } = useElementSize(holder);
/** The pad that a drawn unit has at its left and its foot, px. */
const LEFT = 8;
const FOOT = 4;
const px = computed(() => Math.min(0.16, Math.max(280, width.value) / Math.max(props.room.width, props.room.depth)));
const walls = computed(() =>
  WALLS.map((wall) => ({
    wall,
    long: lengthOfWall(wall, props.room),
    units: unitsOnWall(props.units, wall, props.room),
    fixtures: fixturesOnWall(props.fixtures, wall, props.room),
  })),
);
const onWalls = computed(() => new Set(walls.value.flatMap(({ units }) => units.map(({ it }) => it.id))));
const standingFree = computed(() => props.units.filter(({ id }) => !onWalls.value.has(id)));
const NAMES: Record<Facing, string> = {
  back: 'Back wall',
  right: 'Right wall',
  front: 'Front wall',
  left: 'Left wall',
};
const length = (mm: number) => formatLength(mm, store.site?.system);
const about = ({ wall, units, fixtures }: (typeof walls.value)[number]) =>
  `${NAMES[wall]} from inside: ${[...units, ...fixtures].map(({ it }) => it.name || ('kind' in it ? it.kind : '')).join(', ') || 'nothing'}`;
</script>

<template>
  <ModalDialog :title="`The walls of ${room.name}`" :width="1180" dismissable @close="emit('close')">
    <div ref="holder" class="stack">
      <div v-for="one in width ? walls : []" :key="one.wall" tabindex="0" role="group" :aria-label="NAMES[one.wall]">
        <div class="row between">
          <h3>{{ NAMES[one.wall] }}</h3>
          <span class="small soft">{{ length(one.long) }} long, {{ length(room.height) }} high</span>
        </div>
        <div
          class="wall"
          role="img"
          :aria-label="about(one)"
          :style="{ width: `${one.long * px}px`, height: `${room.height * px}px` }"
        >
          <span
            v-for="{ it, left } in one.fixtures"
            :key="it.id"
            class="fixture small"
            :class="it.kind"
            :style="{
              left: `${left * px}px`,
              bottom: `${it.sill * px}px`,
              width: `${it.width * px}px`,
              height: `${it.height * px}px`,
            }"
            ><span v-if="it.width * px > 60 && it.height * px > 24">{{ it.name || it.kind }}</span></span
          >
          <span
            v-for="{ it, left } in one.units"
            :key="it.id"
            class="placed"
            inert
            :style="{ left: `${left * px - LEFT}px`, bottom: `${-FOOT}px` }"
          >
            <UnitElevation
              :shape="it"
              :wheels="it.wheels"
              :spaces="spacesOf(it.id)"
              :name="it.name"
              :px="px"
              :system="store.site?.system"
              :bins-in="binsIn"
            />
          </span>
        </div>
        <p class="small names">
          <span v-for="{ it, left } in one.units" :key="it.id"
            ><b>{{ it.name }}</b> <span class="soft">{{ length(Math.max(0, left)) }} from the left corner</span></span
          >
        </p>
      </div>
      <p v-if="standingFree.length" class="small soft">
        Free in the room: {{ standingFree.map(({ name }) => name).join(', ') }}.
      </p>
    </div>
  </ModalDialog>
</template>

<style scoped>
[role='group'] {
  overflow-x: auto;
}
.wall {
  position: relative;
  background: var(--paper-low);
  border: 1px solid var(--rule);
  border-bottom: 3px solid var(--ink);
  overflow: hidden;
}
.placed {
  position: absolute;
  line-height: 0;
}
.fixture {
  position: absolute;
  display: grid;
  place-items: center;
  background: var(--paper-card);
  border: 1.5px solid var(--ink);
  text-align: center;
  line-height: 1.1;
}
.fixture.window {
  background: var(--slate-faint);
}
.fixture.heater {
  border-color: var(--brick);
}
.names {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 18px;
  margin: 6px 0 0;
}
</style>
