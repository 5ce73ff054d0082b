<script setup lang="ts">
/** What is used up: counted, foretold, ordered, received; and the first-aid kits (practices S1 to S3). */
import { computed, ref } from 'vue';
import { FileText, Plus, Table2 } from '@lucide/vue';
import type { Par } from '@stube/core/model';
import { useDue } from '../../../data/due.ts';
import { useSite } from '../../../data/site.ts';
import DaySlots from './DaySlots.vue';
import FirstAid from './FirstAid.vue';
import OrdersOfMonth from './OrdersOfMonth.vue';
import ParDialog from './ParDialog.vue';
import ParRow from './ParRow.vue';
import UsualPars from './UsualPars.vue';

const store = useSite();
const due = useDue();
const rows = computed(() => due.forecasts);
const editing = ref<Par | 'new' | null>(null);
/** Kits that are there, and one more room where somebody wants one. */
const chosen = ref('');
const kits = computed(() =>
  store.rooms.filter(({ id }) => id === chosen.value || store.data.kitItem.some(({ roomId }) => roomId === id)),
);
</script>

<template>
  <div class="stack page">
    <div class="row between">
      <h1>Restock</h1>
      <span class="row tight">
        <a class="press small" :href="`/api/sites/${store.id}/orders.pdf`" target="_blank" rel="noopener"
          ><FileText :size="16" />To order as PDF</a
        ><a class="press small" :href="`/api/sites/${store.id}/orders.csv`"><Table2 :size="16" />CSV</a>
        <button class="press main small" type="button" @click="editing = 'new'"><Plus :size="16" />a consumable</button>
      </span>
    </div>
    <div v-if="!rows.length" class="empty">
      <h2>Nothing is restocked yet</h2>
      <p>
        Tell what is used up, how little is too little and how much is wanted: Stube says how long it lasts and when to
        order.
      </p>
    </div>
    <UsualPars />
    <OrdersOfMonth v-if="rows.length" :rows="rows" />
    <ul class="pars">
      <ParRow v-for="row in rows" :key="row.par.id" :row="row" @edit="editing = row.par" />
    </ul>
    <DaySlots />
    <FirstAid v-for="room in kits" :key="room.id" :room="room" />
    <label v-if="store.rooms.length > kits.length" class="row tight"
      ><span>A first-aid kit in</span
      ><select v-model="chosen" class="write few">
        <option value="">choose a room</option>
        <option v-for="room in store.rooms" :key="room.id" :value="room.id">{{ room.name }}</option>
      </select></label
    >
    <ParDialog v-if="editing" :par="editing === 'new' ? undefined : editing" @close="editing = null" />
  </div>
</template>

<style scoped>
.page {
  padding-top: 22px;
  max-width: 980px;
}
.pars {
  display: grid;
  gap: 12px;
}
.few {
  width: auto;
}
</style>
