<script setup lang="ts">
/** Whose reach is drawn over the furniture, and how often a week one goes to each piece of it. */
import { computed, ref, watch } from 'vue';
import { comesInto, type ReachLine, reachLines } from '@stube/core/body';
import type { Standing } from '@stube/core/placement';
import { useRoom } from '../../../data/room.ts';
import FetchHeat from './FetchHeat.vue';

defineProps<{ standing: Standing }>();
const lines = defineModel<readonly ReachLine[]>('lines', { required: true });
const { store, room } = useRoom();
const comers = computed(() => (room.value ? comesInto(room.value, store.data.person) : []));
const reachOf = ref('');
watch(reachOf, (id) => {
  const person = store.maps.person.get(id);
  lines.value = person ? reachLines(person) : [];
});
</script>

<template>
  <details>
    <summary>Who reaches what, and where one goes most</summary>
    <div class="stack tight">
      <label class="field reach"
        ><span>Draw the reach of</span
        ><select v-model="reachOf" class="write">
          <option value="">nobody</option>
          <option v-for="person in comers" :key="person.id" :value="person.id">{{ person.name }}</option>
        </select></label
      >
      <p class="small soft">Fetches a week by piece of furniture, the most in the strongest colour.</p>
      <FetchHeat :standing="standing" />
    </div>
  </details>
</template>
