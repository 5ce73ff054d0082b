<script setup lang="ts">
/** Where the boards of adjustable shelves should go for what stands there: now, and then. */
import { computed, useTemplateRef } from 'vue';
import { useElementSize } from '@vueuse/core';
import { Check } from '@lucide/vue';
import { planBoards } from '@stube/core/measuring';
import { counted, formatLength } from '@stube/core/notation';
import { byId, type Compartment, type Unit } from '@stube/core/model';
import { placeProblemOf } from '@stube/core/placement';
import { brokenRules } from '@stube/core/body';
import { useDrawnBins } from '../../../drawing/drawn.ts';
import type { DrawnBin } from '../../../drawing/scale.ts';
import UnitElevation from '../../../drawing/UnitElevation.vue';
import ModalDialog from '../../../parts/ModalDialog.vue';
import { useRoom } from '../../../data/room.ts';

const props = defineProps<{ unit: Unit; spaces: readonly Compartment[] }>();
const emit = defineEmits<{ close: [] }>();
const { store, bins, placeData } = useRoom();
const { binsIn } = useDrawnBins();
const say = (mm: number) => formatLength(mm, store.site?.system);
/** Moved boards keep to the rules of places: nothing dangerous comes within reach, nothing needed goes out of it. */
const rules = computed(() => {
  const problem = placeData.value && placeProblemOf(placeData.value);
  const of = <T extends { id: string }>(list: readonly T[] = []) => byId(list);
  return { bins: of(problem?.bins), spaces: of(problem?.compartments), people: of(problem?.people) };
});
function mayStand(binId: string, { id, floor, height }: Compartment): boolean {
  const bin = rules.value.bins.get(binId);
  const space = rules.value.spaces.get(id);
  if (!bin || !space) return true;
  return !brokenRules(bin, { ...space, floor, height }, rules.value.people, store.site?.growth ?? 0).length;
}
const plan = computed(() =>
  planBoards(props.unit, props.spaces, bins.value, store.maps.containerType, store.site?.growth ?? 0, mayStand),
);
/** What stands where, once the boards are moved. */
const binsThen = computed(() => {
  const drawn = new Map<string, DrawnBin>();
  for (const space of props.spaces) for (const one of binsIn(space.id)) drawn.set(one.bin.id, one);
  const there = new Map<string, DrawnBin[]>();
  for (const [bin, space] of plan.value?.home ?? [])
    if (drawn.has(bin)) there.set(space, [...(there.get(space) ?? []), drawn.get(bin)!]);
  return (id: string) => there.get(id) ?? [];
});
const moved = computed(() => {
  const now = byId(props.spaces);
  return (plan.value?.spaces ?? []).filter((space) => {
    const before = now.get(space.id)!;
    return before.z !== space.z || before.height !== space.height;
  });
});
const carried = computed(
  () => [...(plan.value?.home ?? [])].filter(([bin, space]) => store.maps.bin.get(bin)?.compartmentId !== space).length,
);
async function apply(): Promise<void> {
  const { home } = plan.value!;
  const done = await store.tryWrite(() =>
    store.writeTogether({
      what: `move the boards of ${props.unit.name}`,
      update: [
        ...moved.value.map((space) => ({
          table: 'compartment' as const,
          id: space.id,
          version: space.version,
          values: { z: space.z, height: space.height, floor: space.floor },
        })),
        ...[...home]
          .map(([id, compartmentId]) => ({ bin: store.maps.bin.get(id)!, compartmentId }))
          .filter(({ bin, compartmentId }) => bin.compartmentId !== compartmentId)
          .map(({ bin, compartmentId }) => ({
            table: 'bin' as const,
            id: bin.id,
            version: bin.version,
            values: { compartmentId },
          })),
      ],
    }),
  );
  if (!done) return;
  store.sayDone(`The boards of ${props.unit.name} are where they lose least.`);
  emit('close');
}
const holder = useTemplateRef<HTMLElement>('holder');
const { width } = useElementSize(holder);
const px = computed(() =>
  Math.min(0.5, 360 / (props.unit.height + props.unit.raised), Math.max(120, width.value / 2 - 40) / props.unit.width),
);
</script>

<template>
  <ModalDialog :title="`Boards of ${unit.name}`" :width="760" @close="emit('close')">
    <div ref="holder" class="stack">
      <template v-if="plan">
        <p>
          <b class="figure">{{ say(plan.lostNow) }}</b> of height are lost above what stands there now,
          <b class="figure">{{ say(plan.lostThen) }}</b> when the boards are moved{{
            plan.optimal ? '. No way loses less: this is proven' : ''
          }}.
          <template v-if="plan.free > 0">{{ say(plan.free) }} are then free in one piece at the top.</template>
        </p>
        <div class="pair">
          <figure>
            <UnitElevation :shape="unit" :spaces="spaces" :name="`${unit.name} now`" :px="px" :bins-in="binsIn" />
            <figcaption class="small soft">now</figcaption>
          </figure>
          <figure>
            <UnitElevation
              :shape="unit"
              :spaces="plan.spaces"
              :name="`${unit.name} then`"
              :px="px"
              :bins-in="binsThen"
            />
            <figcaption class="small soft">then</figcaption>
          </figure>
        </div>
        <p class="small soft">
          {{ counted(moved.length, 'shelf changes', 'shelves change') }} and
          {{ counted(carried, 'bin is', 'bins are') }} carried to another. Empty a shelf before its board is moved, and
          see that every pin sits.
        </p>
        <button class="press main" type="button" @click="apply"><Check :size="18" />Move the boards</button>
      </template>
      <p v-else>The boards stand as well as they can for what is on them.</p>
    </div>
  </ModalDialog>
</template>

<style scoped>
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
  justify-items: center;
  align-items: end;
}
figure {
  margin: 0;
}
</style>
