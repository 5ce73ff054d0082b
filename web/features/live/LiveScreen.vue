<script setup lang="ts">
/** The room as it is lived in: where everything stands, what wants a look, and a guide to print for helpers. */
import { computed, ref } from 'vue';
import { Printer } from '@lucide/vue';
import { pathsOf } from '@stube/core/find/things';
import { labelText } from '@stube/core/labels/layout';
import RoomElevation from '../../drawing/RoomElevation.vue';
import { useDrawnBins } from '../../drawing/drawn.ts';
import { useRoom } from '../../data/room.ts';
import CautionList from '../cautions/CautionList.vue';
import BinTable from './BinTable.vue';
import { useRoomCautions } from '../cautions/room-cautions.ts';

const { store, id, room, bins, units, spacesOf, placeData } = useRoom();
const cautions = useRoomCautions(placeData);
const { binsIn } = useDrawnBins();
const chosen = ref<string | null>(null);
const paths = computed(() => pathsOf(store.data));
const limit = computed(() => store.site?.fillLimit ?? 0.8);
const rows = computed(() =>
  bins.value.map((bin) => {
    const full = store.contents.get(bin.id)?.full ?? null;
    const path = paths.value.get(bin.id)!;
    const wants = [
      !bin.compartmentId && 'has no place',
      full !== null && (full > Math.max(1, limit.value) ? 'overflows' : full > limit.value + 0.1 && 'is too full'),
      bin.printed && bin.printed !== labelText(bin) && 'label out of date',
      !bin.printed && 'no label',
    ].filter((one): one is string => !!one);
    return { bin, full, wants, where: [path.unit, path.compartment].filter(Boolean).join(' › ') };
  }),
);
const wanting = computed(() => rows.value.filter((row) => row.wants.length));
const print = () => window.print();
</script>

<template>
  <div class="stack">
    <div class="row between">
      <h2 class="title">{{ room?.name }}, as it is lived in</h2>
      <button v-if="bins.length" class="press small no-print" type="button" @click="print">
        <Printer :size="16" />Room guide
      </button>
    </div>
    <div v-if="!bins.length" class="empty">
      <h2>Nothing to live with yet</h2>
      <p>When the bins have their places and labels, the room is kept from here.</p>
      <RouterLink class="press main" :to="{ name: 'pile' }">To the pile</RouterLink>
    </div>
    <template v-else>
      <RoomElevation
        :units="units"
        :spaces-of="spacesOf"
        :bins-in="binsIn"
        :chosen-bin="chosen"
        :tallest="300"
        @bin="chosen = chosen === $event ? null : $event"
      />
      <section v-if="wanting.length" class="sheet stack tight no-print">
        <h2>Needs attention</h2>
        <ul class="wants">
          <li v-for="{ bin, wants } in wanting.slice(0, 12)" :key="bin.id">
            <RouterLink :to="{ name: 'bin', params: { site: store.id, code: bin.code } }"
              >{{ bin.code }} {{ bin.name }}</RouterLink
            >
            {{ wants.join(', ') }}
          </li>
        </ul>
        <p v-if="wanting.length > 12" class="small soft">and {{ wanting.length - 12 }} more</p>
      </section>
      <section v-if="cautions.open.length || cautions.acknowledged.length" class="sheet">
        <CautionList :room-id="id" :cautions="cautions" />
      </section>
      <BinTable :rows="rows" :lit="chosen" />
    </template>
  </div>
</template>

<style scoped>
.wants {
  columns: 300px;
}
</style>
