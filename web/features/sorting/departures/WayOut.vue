<script setup lang="ts">
/** What waits in a room to be handed over, and that it needs a place until then. */
import { plural } from '@stube/core/notation';
import { computed } from 'vue';
import { DoorOpen } from '@lucide/vue';
import { isWaiting, litresOfLine, WAY_OUT } from '@stube/core/contents';
import { litres } from '../../../parts/numbers.ts';
import { useRoom } from '../../../data/room.ts';
import { useDeparturesActions } from './actions.ts';

const { store, lines } = useRoom();
const { givePlace } = useDeparturesActions();
const waiting = computed(() => lines.value.filter(isWaiting));
const takes = computed(() =>
  waiting.value.reduce(
    (sum, line) =>
      sum + (store.site ? (litresOfLine(line, store.maps.category.get(line.categoryId ?? ''), store.site) ?? 0) : 0),
    0,
  ),
);
const hasPlace = computed(() => store.data.category.some((category) => category.starter === WAY_OUT));
</script>

<template>
  <div v-if="waiting.length && !hasPlace" class="row between way-out">
    <p>
      <DoorOpen :size="20" />{{ waiting.length === 1 ? 'One thing waits' : `${waiting.length} things wait` }} here to be
      handed over<template v-if="takes >= 0.5">
        and {{ plural(waiting.length, 'takes', 'take') }} about {{ litres(takes) }}</template
      >.
    </p>
    <button class="press small" type="button" @click="store.tryWrite(() => givePlace())">Give them a place</button>
  </div>
</template>

<style scoped>
.way-out {
  padding: 8px 0;
}
.way-out p {
  display: flex;
  gap: 8px;
  align-items: center;
}
</style>
