<script setup lang="ts">
/** What has no place yet; where room is scarce, as a drawer that is pulled out. */
import { ref, watch } from 'vue';
import type { Bin } from '@stube/core/model';

const props = defineProps<{ bins: readonly Bin[]; folded?: boolean }>();
const emit = defineEmits<{ grab: [event: PointerEvent, id: string]; pick: [id: string] }>();
const open = ref(!props.folded);
watch(
  () => props.folded,
  (folded) => (open.value = !folded),
);
</script>

<template>
  <section class="sheet stack tight" data-bench aria-label="Bench">
    <h2>
      <button v-if="folded" type="button" class="word-press pull" :aria-expanded="open" @click="open = !open">
        On the bench<span class="figure">{{ bins.length }}</span>
      </button>
      <template v-else>On the bench</template>
    </h2>
    <template v-if="open">
      <p v-if="!bins.length" class="small soft">Every bin has its place. Drag one here to take it out.</p>
      <ul class="unplaced">
        <li v-for="bin in bins" :key="bin.id">
          <button type="button" @pointerdown="emit('grab', $event, bin.id)" @click="emit('pick', bin.id)">
            <b>{{ bin.code }}</b> {{ bin.name }}
          </button>
        </li>
      </ul>
    </template>
  </section>
</template>

<style scoped>
.pull {
  display: flex;
  justify-content: space-between;
  width: 100%;
  min-height: 32px;
}
.unplaced {
  display: flex;
  flex-direction: column;
  gap: 6px;
  /* Whole rows and half of the next, so that one sees that there is more. */
  max-height: calc(round(down, 46vh, 46px) + 22px);
  overflow-y: auto;
}
.unplaced li button {
  width: 100%;
  min-height: 40px;
  text-align: left;
  padding: 4px 10px;
  background: var(--paper-card);
  border: 1px solid var(--rule-strong);
  border-radius: 2px;
  cursor: grab;
}
</style>
