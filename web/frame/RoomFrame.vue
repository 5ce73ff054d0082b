<script setup lang="ts">
/** A room: across its top the line of work in the practitioners' order, each step with what is done and open. */
import { computed, nextTick, onMounted, ref, watch } from 'vue';
import { useRoute } from 'vue-router';
import { Check } from '@lucide/vue';
import { isWhole, nextStep, STEPS } from '@stube/core/makeover';
import { provideRoom } from '../data/room.ts';
import { STEP_NAMES } from './steps.ts';

const { store, room, progress } = provideRoom();
const route = useRoute();
const steps = computed(() =>
  STEPS.map((step) => {
    const own = progress.value?.[step] ?? { done: 0, open: 0, words: '' };
    const next = progress.value !== null && nextStep(progress.value) === step;
    return { step, name: STEP_NAMES[step], words: own.words, whole: isWhole(own), next };
  }),
);

const line = ref<HTMLElement | null>(null);
const showHere = () =>
  nextTick(() => {
    const here = line.value?.querySelector<HTMLElement>('[aria-current]');
    if (here && line.value) line.value.scrollLeft = here.offsetLeft - 24;
  });
watch(() => route.name, showHere);
onMounted(showHere);
</script>

<template>
  <div v-if="!room" class="empty lost">
    <h2>This room is not here</h2>
    <p>It may have been removed. Undo brings it back.</p>
    <RouterLink class="press main" :to="{ name: 'site', params: { site: store.id } }">To the house</RouterLink>
  </div>
  <template v-else>
    <nav ref="line" class="line no-print" aria-label="Line of work">
      <RouterLink
        v-for="step in steps"
        :key="step.step"
        class="step"
        :class="{ next: step.next }"
        :to="{ name: step.step }"
      >
        <span class="name"
          >{{ step.name }}
          <Check v-if="step.whole && step.step !== 'live'" :size="15" :stroke-width="3" aria-label="done"
        /></span>
        <span class="words"><span v-if="step.next" class="hidden-text">next: </span>{{ step.words }}</span>
      </RouterLink>
    </nav>
    <RouterView :key="room.id" />
  </template>
</template>

<style scoped>
.lost {
  margin-top: 40px;
}
.line {
  display: grid;
  grid-template-columns: repeat(7, minmax(0, 1fr));
  margin: 0 -20px 18px;
  padding: 0 12px;
  border-bottom: 2px solid var(--ink);
  background: var(--paper);
  position: sticky;
  top: 56px;
  z-index: 15;
}
/* How far from the top what else stays in sight may stand. */
.line ~ :deep(*) {
  --stuck: 119px;
}
.step {
  position: relative;
  display: flex;
  flex-direction: column;
  padding: 9px 10px 11px;
  color: var(--ink);
  text-decoration: none;
  min-width: 0;
}
.step::after {
  content: '';
  position: absolute;
  left: 10px;
  right: 10px;
  bottom: -2px;
  height: 6px;
  background: transparent;
}
.step.next::after {
  background: var(--straw);
}
.step.next .words {
  color: var(--ink);
  font-weight: 600;
}
.step:hover::after {
  background: var(--oak);
}
.step.router-link-active::after {
  background: var(--spruce);
}
.step.router-link-active .name {
  color: var(--spruce-deep);
}
.name {
  font-family: var(--heading);
  font-weight: 650;
  display: flex;
  align-items: center;
  gap: 5px;
}
.name svg {
  color: var(--spruce);
}
.words {
  font-size: 0.82rem;
  color: var(--ink-soft);
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
@media (max-width: 760px) {
  .line {
    display: flex;
    overflow-x: auto;
    margin-inline: -12px;
    top: 52px;
    padding: 0 4px;
    scrollbar-width: none;
  }
  .step {
    flex: none;
    max-width: 150px;
  }
}
</style>
