<script setup lang="ts">
/** The swap of a week as one walk with two hands, ticked on the phone; what cannot be found is replaced on the spot (practice R4). */
import { computed, ref } from 'vue';
import { ArrowLeft, Check } from '@lucide/vue';
import { standBefore } from '@stube/core/floor';
import { byId, type Spell } from '@stube/core/model';
import { type SwapTask, swapWalk, type WalkPoint } from '@stube/core/rotation';
import { mondayFrom } from '@stube/core/today';
import { usePlaceName } from '../../../data/place-name.ts';
import { useRoom } from '../../../data/room.ts';
import { formatDate, today } from '../../../parts/day.ts';

const { store, room, compartments, bins } = useRoom();
const slots = computed(() => byId(store.data.slot));
const here = computed(() => new Set(compartments.value.map(({ id }) => id)));
const spells = computed(() =>
  store.data.spell.filter(({ slotId }) => here.value.has(slots.value.get(slotId)?.compartmentId ?? '')),
);
const isDue = ({ begun, ended, from, to }: Spell, day: string): boolean =>
  !ended && (begun ? to !== null && to <= day : from <= day);
/** Today where something is due; else the next Monday. */
const day = computed(() => (spells.value.some((spell) => isDue(spell, today())) ? today() : mondayFrom(today())));
/** By the day of the swap: what goes in and what comes out. */
const down = computed(() => spells.value.filter((spell) => spell.begun && isDue(spell, day.value)));
const up = computed(() => spells.value.filter((spell) => !spell.begun && isDue(spell, day.value)));
const nameOf = (lineId: string) => store.maps.line.get(lineId)?.name ?? '';
const pointOf = (compartmentId: string | null | undefined): WalkPoint => {
  const unit = store.maps.unit.get(store.maps.compartment.get(compartmentId ?? '')?.unitId ?? '');
  const sort = store.maps.room.get(unit?.roomId ?? '')?.sort ?? room.value?.sort ?? 0;
  return unit ? { room: sort, ...standBefore(unit) } : { room: sort, x: 0, y: 0 };
};
/** Where it rests: the bin that holds it. */
const restOf = (lineId: string) =>
  bins.value.find((bin) => (store.contents.get(bin.id)?.lines ?? []).some(({ id }) => id === lineId));
const placeOf = usePlaceName();
const slotPlace = (spell: Spell) => slots.value.get(spell.slotId)?.compartmentId;
const tasks = computed((): SwapTask[] => [
  ...down.value.map((spell) => ({
    id: spell.id,
    from: pointOf(slotPlace(spell)),
    to: pointOf(restOf(spell.lineId)?.compartmentId),
    after: null,
  })),
  ...up.value.map((spell) => ({
    id: spell.id,
    from: pointOf(restOf(spell.lineId)?.compartmentId),
    to: pointOf(slotPlace(spell)),
    after: down.value.find(({ slotId }) => slotId === spell.slotId)?.id ?? null,
  })),
]);
const walk = computed(() => swapWalk(tasks.value));
const MM_PER_M = 1000;
const steps = computed(() =>
  walk.value.steps.map(({ task, act }) => {
    const spell = spells.value.find(({ id }) => id === task)!;
    const goesIn = spell.begun;
    const rest = restOf(spell.lineId);
    const atSlot = goesIn === (act === 'take');
    return {
      key: `${task} ${act}`,
      spell,
      goesIn,
      last: act === 'put',
      words: `${act === 'take' ? 'take' : 'put'} ${nameOf(spell.lineId)} ${act === 'take' ? 'from' : 'into'} ${atSlot ? placeOf(slotPlace(spell)) : `${placeOf(rest?.compartmentId)}${rest ? ` › ${rest.code}` : ''}`}`,
    };
  }),
);
const taken = ref(new Set<string>());
async function tick(step: (typeof steps.value)[number]): Promise<void> {
  if (!step.last) {
    taken.value = new Set([...taken.value, step.key]);
    return;
  }
  const { spell, goesIn } = step;
  const done = await store.tryWrite(() =>
    store.patch(
      'spell',
      spell,
      goesIn
        ? { ended: true, to: spell.to ?? day.value }
        : { begun: true, ...(spell.to === null || spell.to > today() ? { from: today() } : {}) },
    ),
  );
  if (done) store.sayDone(`${nameOf(spell.lineId)} is ${goesIn ? 'in' : 'out'}.`);
}
/** What can stand there instead: of the same area, resting, not planned. */
const instead = (spell: Spell) => {
  const area = slots.value.get(spell.slotId)?.area ?? '';
  const busy = new Set(spells.value.filter(({ ended }) => !ended).map(({ lineId }) => lineId));
  return store.data.rotating.filter(
    (thing) =>
      thing.areas.includes(area) &&
      !busy.has(thing.lineId) &&
      store.maps.line.get(thing.lineId)?.roomId === room.value?.id,
  );
};
const missing = ref<string | null>(null);
async function replace(spell: Spell, lineId: string): Promise<void> {
  const words = `${nameOf(lineId)} instead of ${nameOf(spell.lineId)}`;
  const done = await store.tryWrite(() =>
    store.writeTogether({
      what: words,
      update: [{ table: 'spell', id: spell.id, version: spell.version, values: lineId ? { lineId } : { ended: true } }],
    }),
  );
  if (!done) return;
  missing.value = null;
  store.sayDone(lineId ? `${words}.` : `${nameOf(spell.lineId)} was not there: its place stays empty.`);
}
</script>

<template>
  <div class="stack page">
    <RouterLink class="press small back no-print" :to="{ name: 'rotation' }"
      ><ArrowLeft :size="16" />What is out</RouterLink
    >
    <h2 class="title">The swap of {{ formatDate(day) }}</h2>
    <div v-if="!steps.length" class="empty">
      <h2>Nothing to swap</h2>
      <p>Nothing goes in and nothing comes out by then. A plan is made under What is out.</p>
    </div>
    <template v-else>
      <p class="soft">
        {{ down.length }} in, {{ up.length }} out; about {{ Math.round(walk.walk / MM_PER_M) }} m with two hands{{
          walk.proven ? ', the shortest way there is' : ''
        }}.
      </p>
      <ol class="steps">
        <li v-for="step in steps" :key="step.key" class="sheet row between" :class="{ soft: taken.has(step.key) }">
          <span>{{ step.words }}</span>
          <span class="row tight no-print">
            <button
              v-if="!step.last && !step.goesIn"
              class="press small quiet"
              type="button"
              :aria-label="`${nameOf(step.spell.lineId)} is not there`"
              @click="missing = missing === step.spell.id ? null : step.spell.id"
            >
              not there
            </button>
            <button
              class="press main small"
              type="button"
              :disabled="taken.has(step.key)"
              :aria-label="`Done: ${step.words}`"
              @click="tick(step)"
            >
              <Check :size="16" />done
            </button>
          </span>
          <label v-if="missing === step.spell.id && !step.last" class="field instead"
            ><span>What comes out instead?</span
            ><select class="write" @change="replace(step.spell, ($event.target as HTMLSelectElement).value)">
              <option value="-" selected disabled>choose</option>
              <option value="">nothing: its place stays empty</option>
              <option v-for="thing in instead(step.spell)" :key="thing.id" :value="thing.lineId">
                {{ nameOf(thing.lineId) }}
              </option>
            </select></label
          >
        </li>
      </ol>
    </template>
  </div>
</template>

<style scoped>
.page {
  max-width: 760px;
}
.back {
  align-self: flex-start;
}
.steps {
  display: grid;
  gap: 8px;
  padding-left: 24px;
}
.instead {
  flex: 1 0 100%;
}
</style>
