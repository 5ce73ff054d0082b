<script setup lang="ts">
/** What would help most in the minutes one has. */
import { plural } from '@stube/core/notation';
import { computed, ref } from 'vue';
import type { Room } from '@stube/core/model';
import type { Caution } from '@stube/core/cautions';
import { bestIn, type Chore, choresOf } from '@stube/core/today';
import { useDue } from '../../../data/due.ts';
import { useSite } from '../../../data/site.ts';
import { said } from '../../../parts/numbers.ts';
import type { StaleLabels } from '../../labelling/labels/stale.ts';

const props = defineProps<{
  dangers: readonly { room: Room; caution: Caution }[];
  labels: readonly StaleLabels[];
}>();
const store = useSite();
const due = useDue();
const CHOICES = [5, 15, 30] as const;
const minutes = ref<(typeof CHOICES)[number]>(5);
const chores = computed(() =>
  choresOf({ agenda: due.within(7), dangers: props.dangers, labels: props.labels, data: store.data }, minutes.value),
);
const best = computed(() => bestIn(chores.value, minutes.value));
const linkOf = ({ where: { screen, roomId, code } }: Chore) => ({
  name: screen,
  params: { site: store.id, ...(roomId ? { room: roomId } : {}), ...(code ? { code } : {}) },
});
const total = computed(() => best.value.reduce((sum, chore) => sum + chore.minutes, 0));
</script>

<template>
  <section class="sheet stack tight" aria-label="What would help most">
    <div class="row between">
      <h2>What would help most</h2>
      <span class="row tight" role="group" aria-label="Minutes you have">
        <button
          v-for="choice in CHOICES"
          :key="choice"
          class="press small"
          type="button"
          :aria-pressed="minutes === choice"
          @click="minutes = choice"
        >
          {{ choice }} min
        </button>
      </span>
    </div>
    <ol v-if="best.length" class="best">
      <li v-for="chore in best" :key="chore.key">
        <b
          ><RouterLink :to="linkOf(chore)">{{ said(chore.what) }}</RouterLink></b
        >
        <span class="small soft">{{ chore.minutes }} min · {{ chore.because }}</span>
      </li>
    </ol>
    <p v-else class="soft">
      {{
        chores.length
          ? `Nothing that waits is done in ${minutes} minutes: the shortest takes ${Math.min(...chores.map((chore) => chore.minutes))}.`
          : 'Nothing waits: the house is in order.'
      }}
    </p>
    <p v-if="best.length" class="small soft">
      Together about {{ total }} of {{ minutes }} minutes; {{ chores.length - best.length }} more
      {{ plural(chores.length - best.length, 'chore waits', 'chores wait') }}.
    </p>
  </section>
</template>

<style scoped>
.best {
  margin: 0;
  padding-left: 22px;
  display: grid;
  gap: 6px;
}
.best .small {
  display: block;
}
</style>
