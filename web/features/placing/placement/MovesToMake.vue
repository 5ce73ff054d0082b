<script setup lang="ts">
/** What a plan moves that stands somewhere already: step by step, or it stands so already. */
import { counted, plural } from '@stube/core/notation';
import { computed, watch } from 'vue';
import { useMoving } from '../moves/moving.ts';
import type { Placing } from './placing.ts';

const props = defineProps<{ placing: Placing }>();
const { before, bins } = props.placing;
const moves = useMoving();
/** Bins that stood somewhere else before the last plan. */
const moving = computed(() => {
  const stood = before.value;
  if (!stood) return 0;
  return bins.value.filter(({ id, compartmentId, x, y, z }) => {
    const home = stood.get(id);
    if (!home) return false;
    return home.compartment !== compartmentId || (home.x !== null && (home.x !== x || home.y !== y || home.z !== z));
  }).length;
});
// Kept on the server at once: who leaves the page, or takes another device, still knows what stands where.
watch([before, moving], async () => {
  const stood = before.value;
  if (!stood || !moving.value || moves.busy.value) return;
  before.value = null;
  if ((await moves.start(stood)) === null) before.value = stood;
});
/** Bins that a step still carries to their place. */
const carried = computed(() => new Set(moves.open.value.map(({ binId }) => binId)).size);
</script>

<template>
  <p v-if="moves.busy.value" class="small soft" role="status">Putting the moves in order …</p>
  <RouterLink v-else-if="moves.open.value.length && moves.done.value.length" class="press small" :to="{ name: 'moves' }"
    >Go on with the moves: {{ moves.open.value.length }} left</RouterLink
  >
  <div v-else-if="moves.open.value.length" class="caution plain row between">
    <span>
      The plan carries {{ counted(carried, 'bin') }} that
      {{ plural(carried, 'stands', 'stand') }}
      somewhere already. The moves are kept until they are done.
    </span>
    <span class="row tight"
      ><RouterLink class="press small main" :to="{ name: 'moves' }">Move step by step</RouterLink
      ><button class="press small quiet" type="button" @click="moves.end()">They stand so already</button></span
    >
  </div>
</template>
