<script setup lang="ts">
/** The room as it is lived in: where everything stands, what wants a look, and a guide to print for helpers. */
import { computed, ref } from 'vue';
import { Baby, BookOpen, GraduationCap, HeartPulse, RefreshCw, ScanQrCode, Search } from '@lucide/vue';
import { fillLimitOf, tooFull } from '@stube/core/containers';
import { pathsOf } from '@stube/core/find';
import { dueLabels } from '@stube/core/labels';
import { missingBins } from '@stube/core/frequency';
import RoomElevation from '../../../drawing/RoomElevation.vue';
import { useDrawnBins } from '../../../drawing/drawn.ts';
import { useRoom } from '../../../data/room.ts';
import { useFind } from '../../../frame/find.ts';
import JumpBar from '../../../parts/JumpBar.vue';
import CautionList from '../../../parts/cautions/CautionList.vue';
import DueItems from '../today/DueItems.vue';
import BinTable from './BinTable.vue';
import ChangeOver from './ChangeOver.vue';
import { labelDataOfSite } from '../../labelling/labels/run.ts';
import { useRoomCautions } from '../../../parts/cautions/room-cautions.ts';

const { store, id, room, bins, units, spacesOf, placeData } = useRoom();
const cautions = useRoomCautions(placeData);
const { binsIn } = useDrawnBins();
const chosen = ref<string | null>(null);
const paths = computed(() => pathsOf(store.data));
/** What a bin may want, and the step of the work that does it where there is one. */
const WANTS = {
  missing: { words: 'was not there', step: null },
  place: { words: 'has no place', step: 'place' },
  overflows: { words: 'overflows', step: null },
  'over-full': { words: 'is too full', step: null },
  outdated: { words: 'label out of date', step: 'label' },
  label: { words: 'no label', step: 'label' },
} as const;
type Want = keyof typeof WANTS;
const missing = computed(() => missingBins(store.data.observation.filter(({ roomId }) => roomId === id.value)));
/** Why the label of a bin is due, and whether one was ever printed. */
const labels = computed(() => {
  const data = labelDataOfSite(store, id.value);
  const due = data ? dueLabels(data, ['bin']) : [];
  return new Map(due.map((label) => [label.content.binId, label]));
});
const inWords = (wants: readonly Want[]): string[] => wants.map((want) => WANTS[want].words);
const rows = computed(() =>
  bins.value.map((bin) => {
    const full = store.contents.get(bin.id)?.full ?? null;
    const path = paths.value.get(bin.id)!;
    const label = labels.value.get(bin.id);
    const wants = [
      missing.value.has(bin.id) && 'missing',
      !bin.compartmentId && 'place',
      full !== null && tooFull(full, fillLimitOf(store.site)),
      label?.printed && label.reason !== null && 'outdated',
      !label?.printed && 'label',
    ].filter((one): one is Want => !!one);
    return { bin, full, wants, where: [path.unit, path.compartment].filter(Boolean).join(' › ') };
  }),
);
const wanting = computed(() => rows.value.filter((row) => row.wants.length));
/** So many bins are named; what more than a few of them want is said once, with the step that does it. */
const SHOWN = 12;
const FEW = 3;
const common = computed(() =>
  (Object.keys(WANTS) as Want[])
    .map((want) => ({ want, count: wanting.value.filter(({ wants }) => wants.includes(want)).length }))
    .filter(({ want, count }) => WANTS[want].step && count > FEW),
);
const single = computed(() => {
  const said = new Set(common.value.map(({ want }) => want));
  return wanting.value
    .map(({ bin, wants }) => ({ bin, wants: wants.filter((want) => !said.has(want)) }))
    .filter(({ wants }) => wants.length);
});
const parts = computed(() => [
  ...(wanting.value.length ? [{ id: 'wanting', name: 'Needs attention', count: wanting.value.length }] : []),
  { id: 'furniture', name: 'The furniture' },
  ...(cautions.value.open.length ? [{ id: 'careful', name: 'Be careful', count: cautions.value.open.length }] : []),
  { id: 'list', name: 'What is where', count: rows.value.length },
]);
const find = useFind();
</script>

<template>
  <div class="stack">
    <div class="row between">
      <h2 class="title">{{ room?.name }}, as it is lived in</h2>
      <nav v-if="bins.length" class="row tight no-print" aria-label="To keep it so">
        <RouterLink class="press small" :to="{ name: 'signs' }"><HeartPulse :size="16" />What goes wrong</RouterLink>
        <RouterLink class="press small" :to="{ name: 'tidy', params: { site: store.id, room: id } }"
          ><Baby :size="16" />Tidy</RouterLink
        >
        <RouterLink class="press small" :to="{ name: 'learn', params: { site: store.id, room: id } }"
          ><GraduationCap :size="16" />Learn the room</RouterLink
        >
        <RouterLink class="press small" :to="{ name: 'rotation' }"><RefreshCw :size="16" />What is out</RouterLink>
        <RouterLink class="press small" :to="{ name: 'guide' }"><BookOpen :size="16" />Room guide</RouterLink>
      </nav>
    </div>
    <div v-if="!bins.length" class="empty">
      <h2>Nothing to live with yet</h2>
      <p>When the bins have their places and labels, the room is kept from here.</p>
      <RouterLink class="press main" :to="{ name: 'pile' }">To the pile</RouterLink>
    </div>
    <template v-else>
      <div class="row no-print">
        <button class="press main" type="button" @click="find">
          <Search :size="18" />Where is it? Where does it go?
        </button>
        <RouterLink class="press" :to="{ name: 'scan', params: { site: store.id } }"
          ><ScanQrCode :size="18" />Scan a label</RouterLink
        >
        <span class="small soft">Name the thing in your hand, or the one that is missing.</span>
      </div>
      <JumpBar :parts="parts" label="Parts of this page" />
      <DueItems :room-id="id" quiet class="no-print" />
      <section v-if="wanting.length" id="wanting" class="sheet stack tight no-print">
        <h2>Needs attention</h2>
        <ul class="wants">
          <li v-for="{ want, count } in common" :key="want">
            <RouterLink :to="{ name: WANTS[want].step! }">{{ count }} bins</RouterLink>: {{ WANTS[want].words }}
          </li>
          <li v-for="{ bin, wants } in single.slice(0, SHOWN)" :key="bin.id">
            <RouterLink :to="{ name: 'bin', params: { site: store.id, code: bin.code } }"
              >{{ bin.code }} {{ bin.name }}</RouterLink
            >
            {{ inWords(wants).join(', ') }}
          </li>
        </ul>
        <p v-if="single.length > SHOWN" class="small soft">and {{ single.length - SHOWN }} more</p>
      </section>
      <RoomElevation
        id="furniture"
        :units="units"
        :spaces-of="spacesOf"
        :bins-in="binsIn"
        :chosen-bin="chosen"
        :tallest="300"
        @bin="chosen = chosen === $event ? null : $event"
      />
      <section v-if="cautions.open.length || cautions.acknowledged.length" id="careful" class="sheet">
        <CautionList :room-id="id" :cautions="cautions" />
      </section>
      <ChangeOver class="no-print" />
      <BinTable id="list" :rows="rows" :lit="chosen" />
    </template>
  </div>
</template>

<style scoped>
.wants {
  columns: 300px;
}
</style>
