<script setup lang="ts">
/** What a plan moves that stands somewhere already: step by step, or it stands so already. */
import { counted, plural } from '@stube/core/notation';
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import { useMoving } from '../moves/moving.ts';
import type { Placing } from './placing.ts';

const props = defineProps<{ placing: Placing }>();
const { before, bins } = props.placing;
const router = useRouter();
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
async function startMoves(): Promise<void> {
  const stood = before.value;
  if (!stood || !(await moves.start(stood))) return;
  before.value = null;
  void router.push({ name: 'moves' });
}
</script>

<template>
  <div v-if="before && moving" class="caution plain row between">
    <span>
      The plan carries {{ counted(moving, 'bin') }} that
      {{ plural(moving, 'stands', 'stand') }}
      somewhere already.
    </span>
    <span class="row tight"
      ><button class="press small main" type="button" :disabled="moves.busy.value" @click="startMoves">
        Move step by step</button
      ><button class="press small quiet" type="button" @click="before = null">They stand so already</button></span
    >
  </div>
  <RouterLink v-else-if="moves.open.value.length" class="press small" :to="{ name: 'moves' }"
    >Go on with the moves: {{ moves.open.value.length }} left</RouterLink
  >
</template>
