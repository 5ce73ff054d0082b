<script setup lang="ts">
/** Every bin in its compartment with the least effort a week; moved by hand where somebody knows better. */
import { computed, onMounted, ref, watch } from 'vue';
import { useRoute } from 'vue-router';
import type { ReachLine } from '@stube/core/body';
import { homesNow } from '@stube/core/moves';
import { type Homes, homesOf, type Spot } from '@stube/core/placement';
import { useMediaQuery } from '@vueuse/core';
import ProgressBar from 'primevue/progressbar';
import { Square, WandSparkles } from '@lucide/vue';
import NextStep from '../../../frame/NextStep.vue';
import RoomElevation from '../../../drawing/RoomElevation.vue';
import { useDrawnBins } from '../../../drawing/drawn.ts';
import { useNotices } from '../../../data/notices.ts';
import { useRoom } from '../../../data/room.ts';
import { formatDay } from '../../../parts/day.ts';
import AsItIsDialog from '../../house/makeover/AsItIsDialog.vue';
import { minutes } from '../../../parts/numbers.ts';
import ComingCautions from '../cautions/ComingCautions.vue';
import OwnRoom from './OwnRoom.vue';
import SeveralRooms from './SeveralRooms.vue';
import CautionList from '../../../parts/cautions/CautionList.vue';
import { useRoomCautions } from '../../../parts/cautions/room-cautions.ts';
import PlansDialog from '../plans/PlansDialog.vue';
import WhatIfDialog from '../plans/WhatIfDialog.vue';
import BinReason from './BinReason.vue';
import { useBinDrag, type DropTarget } from './drag.ts';
import MovesToMake from './MovesToMake.vue';
import PlaceBench from './PlaceBench.vue';
import ReachAndFetches from './ReachAndFetches.vue';
import { usePlacing } from './placing.ts';
import { formatGap, formatSearch, thosePlaced } from './words.ts';

const notices = useNotices();
const { room, demands } = useRoom();
const asItIs = ref(false);
const planning = ref(false);
const asking = ref(false);
const placing = usePlacing();
const {
  store,
  bins,
  units,
  standing,
  spacesOf,
  unplaced,
  effort,
  held,
  marks,
  ranked,
  options,
  here,
  put,
  progress,
  searching,
  gap,
  propose,
  stop,
  placeData,
} = placing;
const { binsIn } = useDrawnBins();
const lines = ref<readonly ReachLine[]>([]);
/** A whole plan is taken over: how the room stood before is remembered for the moves. */
let stoodBefore: Homes | null = null;
function openPlans(): void {
  stoodBefore = homesNow(bins.value, store.data.move, homesOf(bins.value));
  planning.value = true;
}
const route = useRoute();
/** What comes of letting go there: a spot, or why not. */
function dropOf(to: DropTarget): { spot: Spot | null; change: number; words: string; no?: boolean } | null {
  if (to.to === 'bench') return { spot: null, change: 0, words: 'back to the bench' };
  if (to.to === 'bin') {
    const found = placing.beside(to.bin, to.where);
    const words = `${to.where} ${placing.binName(to.bin)}`;
    return found
      ? { ...found, words: `${words}: ${minutes(effort.value + found.change)} a week` }
      : { spot: null, change: 0, words: `not ${words}`, no: true };
  }
  const option = options.value.find(({ compartment }) => compartment === to.space);
  if (!option) return null;
  return option.spot
    ? { ...option, words: `${minutes(effort.value + option.change)} a week there` }
    : { spot: null, change: 0, words: placing.obstacle(option), no: true };
}
const { ghost, target, grab, wasDrop } = useBinDrag(
  (binId, to) => {
    const drop = dropOf(to);
    if (!drop) return;
    if (drop.no)
      notices.warn(`${store.maps.bin.get(binId)?.name ?? 'It'} stays where it was. Not there: ${drop.words}.`);
    else if (to.to !== 'bench' || store.maps.bin.get(binId)?.compartmentId) void put(binId, drop.spot);
  },
  (binId) => (held.value = binId),
);
const over = computed(() => (target.value ? dropOf(target.value) : null));
const overSpace = computed(() => (target.value && target.value.to !== 'bench' ? target.value.space : null));
/** On the phone the bench is a drawer at the lower edge. */
const narrow = useMediaQuery('(max-width: 760px)');
const cautions = useRoomCautions(placeData);
/** What happens to the bin in hand, for who does not see it. */
const spoken = ref('');
watch(
  () => [held.value, placing.position.value?.compartment, effort.value] as const,
  ([id, compartment]) => {
    const bin = bins.value.find((known) => known.id === id);
    if (!bin) spoken.value = '';
    else if (!compartment)
      spoken.value = `${bin.code} ${bin.name} in hand, from the bench. The left and right arrow keys try its places.`;
    else {
      const seconds = Math.round(placing.reason.value?.parts.total ?? 0);
      const ways = ranked.value.length ? 'The left and right arrow keys try other places.' : 'No other place takes it.';
      spoken.value = `${bin.code} ${bin.name}: ${placing.placeName(compartment)}, ${seconds === 1 ? 'a second' : `${seconds} seconds`} a week; the room takes ${minutes(effort.value)}. ${ways}`;
    }
  },
);
const heldBin = computed(() => bins.value.find((bin) => bin.id === held.value) ?? null);

function pressSpace(spaceId: string): void {
  const option = ranked.value.find(({ compartment }) => compartment === spaceId);
  if (held.value && !wasDrop() && option) void put(held.value, option.spot);
}
function press(id: string): void {
  if (!wasDrop()) held.value = held.value === id ? null : id;
}
function onKey(event: KeyboardEvent, id: string): void {
  if (event.key === 'Enter' || event.key === ' ') {
    event.preventDefault();
    held.value = held.value === id ? null : id;
  } else if (event.key === 'Escape') held.value = null;
  else if (held.value === id && (event.key === 'ArrowRight' || event.key === 'ArrowLeft') && ranked.value.length) {
    event.preventDefault();
    const all = [...ranked.value, ...(here.value ? [here.value] : [])].sort(
      (a, b) => a.change - b.change || a.compartment.localeCompare(b.compartment),
    );
    const at = here.value ? all.indexOf(here.value) : -1;
    const next = all[(at + (event.key === 'ArrowRight' ? 1 : all.length - 1)) % all.length];
    if (next && next !== here.value)
      void put(id, next.spot).then(() => document.querySelector<SVGElement>(`[data-bin="${id}"]`)?.focus());
  }
}
onMounted(() => {
  held.value = bins.value.find((bin) => bin.code === route.query.bin)?.id ?? null;
});
</script>

<template>
  <div class="work-two">
    <section class="stack">
      <div v-if="!bins.length" class="empty">
        <h2>No bins to place yet</h2>
        <p>Choose containers for what stays; each becomes a bin that wants a place.</p>
        <div class="row tight">
          <RouterLink class="press main" :to="{ name: 'contain' }">To the containers</RouterLink>
          <button v-if="units.length && demands.length" class="press" type="button" @click="openPlans">
            Whole plans
          </button>
        </div>
        <p v-if="units.length && demands.length" class="small soft">
          Whole plans choose the containers and their places together.
        </p>
      </div>
      <div v-else-if="!units.length" class="empty">
        <h2>Nowhere to put them yet</h2>
        <p>Measure the furniture of this room first.</p>
        <RouterLink class="press main" :to="{ name: 'measure' }">Measure</RouterLink>
      </div>
      <template v-else>
        <div class="row between head">
          <div>
            <p v-if="unplaced.length < bins.length" class="total">
              <b class="figure" data-effort>{{ minutes(effort) }}</b> a week to fetch and put back{{
                unplaced.length ? ` ${thosePlaced(bins.length - unplaced.length)}` : ''
              }}
            </p>
            <p v-else class="total">Nothing has its place yet</p>
            <p v-if="room?.asItIs" class="small">
              As it was, {{ formatDay(room.asItIs.day) }}: {{ minutes(room.asItIs.effort) }} a week
              <button class="word-press" type="button" @click="asItIs = true">compare</button>
            </p>
            <p class="soft small" role="status">
              {{ searching ? formatSearch(progress) : formatGap(gap, unplaced.length) }}
            </p>
          </div>
          <div class="row">
            <button v-if="searching" class="press" type="button" @click="stop"><Square :size="16" />Stop</button
            ><button v-else class="press main" type="button" @click="propose">
              <WandSparkles :size="18" />Propose places
            </button>
            <button class="press" type="button" :disabled="searching" @click="openPlans">Whole plans</button>
            <button class="press" type="button" :disabled="searching" @click="asking = true">What if …?</button>
            <NextStep v-if="unplaced.length < bins.length" here="place" />
          </div>
        </div>
        <MovesToMake :placing="placing" />
        <ProgressBar
          v-if="searching"
          :value="Math.round((progress?.done ?? 0) * 100)"
          :show-value="false"
          aria-label="Search for places"
        />
        <p class="hidden-text" role="status" data-spoken>{{ spoken }}</p>
        <RoomElevation
          :units="units"
          :spaces-of="spacesOf"
          :bins-in="binsIn"
          :marks="marks"
          :chosen-bin="held"
          :target="overSpace"
          :lines="lines"
          touchable
          :tallest="380"
          @bin="press"
          @grab="grab"
          @bin-key="onKey"
          @space="pressSpace"
        />
        <ReachAndFetches v-if="standing" v-model:lines="lines" :standing="standing" />
        <p class="small soft">
          Press a bin for its reason; drag it (a finger rests on it for a moment first), or hold it by Enter and move it
          with ← →, to see what a place costs. Let it go on the upper half of another to stack it, on the lower half to
          stand it behind. What you move by hand stays there.
        </p>
      </template>
    </section>
    <aside class="bench stack">
      <BinReason
        v-if="heldBin && !(narrow && ghost)"
        class="in-hand"
        :bin="heldBin"
        :placing="placing"
        @close="held = null"
        @ask="asking = true"
      />
      <PlaceBench v-else class="at-hand" :bins="unplaced" :folded="narrow" @grab="grab" @pick="held = $event" />
      <CautionList :room-id="store.maps.room.get(String(route.params.room))?.id ?? ''" :cautions="cautions" />
      <ComingCautions v-if="placeData" :rooms="[placeData]" />
      <SeveralRooms />
      <OwnRoom />
    </aside>
    <div
      v-if="ghost"
      class="ghost"
      :class="{ no: over?.no }"
      :style="{ left: `${ghost.x + 14}px`, top: `${ghost.y + 10}px` }"
    >
      <b>{{ store.maps.bin.get(ghost.id)?.code }} {{ store.maps.bin.get(ghost.id)?.name }}</b
      ><span>{{ over?.words ?? 'drag it to a compartment, onto a bin or behind it' }}</span>
    </div>
    <AsItIsDialog v-if="asItIs" @close="asItIs = false" />
    <PlansDialog v-if="planning" @close="planning = false" @taken="stoodBefore && placing.remember(stoodBefore)" />
    <WhatIfDialog v-if="asking" @close="asking = false" />
  </div>
</template>

<style scoped>
.total {
  font-size: 1.1rem;
}
.total b {
  font-size: 1.6rem;
}
.ghost {
  position: fixed;
  z-index: 50;
  pointer-events: none;
  display: flex;
  flex-direction: column;
  max-width: 260px;
  padding: 6px 12px;
  background: var(--paper-card);
  border: 1.5px solid var(--spruce);
  border-radius: var(--corner);
  box-shadow: 0 6px 20px color-mix(in srgb, var(--ink) 30%, transparent);
}
.ghost.no {
  border-color: var(--brick);
  color: var(--brick);
}
@media (max-width: 760px) {
  .in-hand,
  .at-hand {
    position: fixed;
    inset: auto 0 0 0;
    z-index: 25;
    max-height: 56dvh;
    overflow-y: auto;
    border-radius: 12px 12px 0 0;
    box-shadow: 0 -8px 30px color-mix(in srgb, var(--ink) 25%, transparent);
  }
  .work-two {
    padding-bottom: 64px;
  }
}
</style>
