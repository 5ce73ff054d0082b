<script setup lang="ts">
/** The move plan on the phone: one step at a time, ticked, undone, refused; it waits where one stops. */
import { computed, ref } from 'vue';
import { ArrowDown, Check, Undo2, X } from '@lucide/vue';
import type { Compartment, Move, Unit } from '@stube/core/model';
import { moveWords } from '@stube/core/moves';
import { depthProblemOf, homesOf, Standing } from '@stube/core/placement';
import { HEAVY_MASS } from '@stube/core/problems';
import { useDrawnBins } from '../../../drawing/drawn.ts';
import type { DrawnBin } from '../../../drawing/scale.ts';
import UnitElevation, { type SpaceMark } from '../../../drawing/UnitElevation.vue';
import { useRoom } from '../../../data/room.ts';
import NumberField from '../../../parts/NumberField.vue';
import { kilos } from '../../../parts/numbers.ts';
import { USUAL_PLACES, useMoving } from './moving.ts';

const { store, id, room, bins, spacesOf, placeData } = useRoom();
const { moves, done, open, next, now, busy, tick, refuse, again, reorder, end } = useMoving();
const places = ref<number | null>(USUAL_PLACES);
const wanted = computed(() =>
  placeData.value ? new Standing(depthProblemOf(placeData.value), homesOf(bins.value)) : null,
);
const words = (move: Move) => moveWords(move, store.maps, wanted.value);
const bin = computed(() => store.maps.bin.get(next.value?.binId ?? ''));
const mass = computed(() => (bin.value ? (wanted.value?.bin(bin.value.id)?.mass ?? 0) : 0));
/** What really stands in a compartment now, and in the end picture the bin at its place. */
const standing = computed(() => (wanted.value ? new Standing(wanted.value.problem, now.value, wanted.value) : null));
function drawnIn(spaceId: string, arriving: boolean): DrawnBin[] {
  const positions = (standing.value?.positions ?? []).filter(
    (position) => position.compartment === spaceId && !(arriving && position.bin === next.value?.binId),
  );
  const arrives = arriving ? wanted.value?.position(next.value!.binId) : null;
  return [...positions, ...(arrives?.compartment === spaceId ? [arrives] : [])].flatMap(
    ({ bin: binId, x, y, z, turned }) => {
      const drawn = drawnOf(binId);
      return drawn ? [{ ...drawn, at: { x, y, z, turned } }] : [];
    },
  );
}
const pictures = computed(() => {
  if (!next.value) return [];
  const toId = next.value.to === 'place' ? (bin.value?.compartmentId ?? null) : null;
  const shown: {
    key: string;
    title: string;
    unit: Unit;
    spaces: readonly Compartment[];
    marks: Map<string, SpaceMark>;
    binsIn: (spaceId: string) => readonly DrawnBin[];
  }[] = [];
  for (const [title, spaceId] of [
    ['Take it from', next.value.fromId],
    ['Put it to', toId],
  ] as const) {
    const space = store.maps.compartment.get(spaceId ?? '');
    const unit = space && store.maps.unit.get(space.unitId);
    if (unit)
      shown.push({
        key: `${title} ${next.value.id}`,
        title,
        unit,
        spaces: spacesOf(unit.id),
        binsIn: (id) => drawnIn(id, title === 'Put it to'),
        marks: new Map([[space.id, { tone: 'lit' as const }]]),
      });
  }
  return shown;
});
const px = (unit: Unit) => Math.min(0.22, 320 / unit.width, 230 / (unit.height + unit.raised));
const { drawnOf } = useDrawnBins();
const spoken = ref('');
async function ticked(): Promise<void> {
  const move = next.value;
  if (move && (await tick(move)))
    spoken.value = next.value ? `Done. ${open.value.length} left.` : 'Everything stands where it is wanted.';
}
async function back(): Promise<void> {
  const last = done.value.at(-1);
  if (last) await tick(last, false);
}
async function refused(): Promise<void> {
  const move = next.value;
  if (!move) return;
  const { bin: name } = words(move);
  const left = await refuse(move, places.value ?? USUAL_PLACES);
  if (left !== null) store.sayDone(`${name} goes to the bench; the rest is planned anew: ${left} steps.`);
}
async function heavyOnes(): Promise<void> {
  store.sayDone((await reorder()) ? 'Heavy ones come first now.' : 'The heavy ones come as early as they can already.');
}
async function replan(): Promise<void> {
  const left = await again(places.value ?? USUAL_PLACES);
  if (left !== null) store.sayDone(`Planned anew: ${left} steps left.`);
}
</script>

<template>
  <div class="moving stack">
    <div class="row between">
      <h2>Moves in {{ room?.name }}</h2>
      <a
        v-if="open.length"
        class="press small quiet"
        :href="`/api/sites/${store.id}/rooms/${id}/moves.pdf`"
        target="_blank"
        >Print the list</a
      >
    </div>
    <p class="hidden-text" role="status">{{ spoken }}</p>
    <div v-if="!moves.length" class="empty">
      <h3>Nothing has to be moved</h3>
      <p>When a plan moves bins that stand somewhere already, Place offers to go through the moves step by step.</p>
      <RouterLink class="press main" :to="{ name: 'place' }">To the places</RouterLink>
    </div>
    <div v-else-if="!next" class="empty">
      <h3>Everything stands where it is wanted</h3>
      <p>{{ done.length }} moves done.</p>
      <div class="row">
        <button class="press main" type="button" @click="end">End the plan</button>
        <RouterLink class="press" :to="{ name: 'label' }">To the labels</RouterLink>
      </div>
    </div>
    <template v-else>
      <p>
        <b class="figure">Step {{ done.length + 1 }}</b> of {{ moves.length
        }}<span class="soft">, {{ open.length - 1 }} after it</span>
      </p>
      <section class="sheet stack tight step" aria-label="This step">
        <h3>{{ words(next).bin }}</h3>
        <p v-if="mass > HEAVY_MASS" class="caution warn small">
          About {{ kilos(mass) }}: lift with two, or take out a part of it first.
        </p>
        <p><span class="soft">from</span> {{ words(next).from }}</p>
        <p class="to">
          <ArrowDown :size="18" /><span class="soft">to</span> <b>{{ words(next).to }}</b>
        </p>
        <div class="acts">
          <button class="press main big" type="button" :disabled="busy" @click="ticked">
            <Check :size="20" />Done
          </button>
          <button class="press" type="button" :disabled="busy" @click="refused"><X :size="18" />It does not fit</button>
          <button v-if="done.length" class="press quiet" type="button" :disabled="busy" @click="back">
            <Undo2 :size="18" />One back
          </button>
        </div>
        <div class="pictures">
          <figure v-for="one in pictures" :key="one.key">
            <figcaption class="small">{{ one.title }} {{ one.unit.name }}</figcaption>
            <UnitElevation
              :shape="one.unit"
              :wheels="one.unit.wheels"
              :spaces="one.spaces"
              :name="`${one.title} ${one.unit.name}`"
              :px="px(one.unit)"
              :marks="one.marks"
              :bins-in="one.binsIn"
              :chosen-bin="next.binId"
              :system="store.site?.system"
            />
          </figure>
        </div>
      </section>
      <details>
        <summary>All {{ open.length }} that are left</summary>
        <ol class="small list">
          <li v-for="move in open" :key="move.id">
            <b>{{ words(move).bin }}</b> from {{ words(move).from }} to {{ words(move).to }}
          </li>
        </ol>
        <div class="row">
          <NumberField v-model="places" class="places" label="May stand on the floor meanwhile" />
          <button class="press small" type="button" :disabled="busy" @click="heavyOnes">Heavy ones first</button>
          <button class="press small" type="button" :disabled="busy" @click="replan">Plan the rest anew</button>
          <button class="press small quiet" type="button" :disabled="busy" @click="end">Give the plan up</button>
        </div>
        <p class="small soft">
          You can stop at any step and go on another day; what is done is remembered. Places are kept as they are wanted
          when the plan is given up.
        </p>
      </details>
    </template>
  </div>
</template>

<style scoped>
.moving {
  max-width: 780px;
}
.to {
  display: flex;
  gap: 6px;
  align-items: center;
  font-size: 1.1rem;
}
.pictures {
  display: flex;
  flex-wrap: wrap;
  gap: 12px 22px;
  align-items: flex-end;
}
.pictures figure {
  margin: 0;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
.big {
  min-width: 150px;
  min-height: 52px;
}
.list {
  margin: 8px 0;
  padding-left: 26px;
}
.places {
  max-width: 220px;
}
</style>
