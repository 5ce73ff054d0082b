<script setup lang="ts">
/** Boxes that come out and go back on their dates, a season each (practice R5). */
import { computed, reactive } from 'vue';
import { X } from '@lucide/vue';
import type { Season } from '@stube/core/model';
import { isInSeason } from '@stube/core/rotation';
import { useRoom } from '../../../data/room.ts';
import { today } from '../../../parts/day.ts';
import { useForm } from '../../../parts/form.ts';
import TextField from '../../../parts/TextField.vue';

const { store, bins } = useRoom();
const seasons = computed(() =>
  store.data.season
    .filter(({ binId }) => bins.value.some(({ id }) => id === binId))
    .sort((a, b) => a.comesOut.localeCompare(b.comesOut)),
);
const draft = reactive({ binId: '', name: '', comesOut: '11-20', goesBack: '01-10' });
const { problems, once } = useForm();
const add = () =>
  once(async () => {
    await store.create('season', { ...draft });
    Object.assign(draft, { binId: '', name: '' });
  });
const set = (season: Season, out: boolean) => store.tryWrite(() => store.patch('season', season, { out }));
</script>

<template>
  <section class="sheet stack tight" aria-label="Seasonal boxes">
    <h2>Seasonal boxes</h2>
    <ul>
      <li v-for="season in seasons" :key="season.id" class="row between">
        <span
          ><b>{{ season.name }}</b> {{ store.maps.bin.get(season.binId)?.code }}
          <span class="small soft">out from {{ season.comesOut }} to {{ season.goesBack }}</span></span
        >
        <span class="row tight">
          <span v-if="isInSeason(season, today()) !== season.out" class="tag">{{
            season.out ? 'to go back' : 'to come out'
          }}</span>
          <button class="press small" type="button" @click="set(season, !season.out)">
            {{ season.out ? `${season.name} goes back` : `${season.name} comes out` }}
          </button>
          <button
            class="icon-press"
            type="button"
            :aria-label="`${season.name} is no seasonal box`"
            @click="store.remove('season', season, season.name)"
          >
            <X :size="16" />
          </button>
        </span>
      </li>
    </ul>
    <form class="add" novalidate @submit.prevent="add">
      <TextField v-model="draft.name" label="Season" :problem="problems.name" placeholder="Winter" />
      <label class="field"
        ><span>Its box</span
        ><select v-model="draft.binId" class="write">
          <option value="">choose a bin</option>
          <option v-for="bin in bins" :key="bin.id" :value="bin.id">{{ bin.code }} {{ bin.name }}</option></select
        ><span v-if="problems.binId" class="wrong">Choose its box</span></label
      >
      <TextField v-model="draft.comesOut" label="Comes out, month-day" :problem="problems.comesOut" />
      <TextField v-model="draft.goesBack" label="Goes back, month-day" :problem="problems.goesBack" />
      <button class="press small" type="submit">Add the box</button>
    </form>
  </section>
</template>

<style scoped>
.add {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: 10px;
  align-items: end;
}
</style>
