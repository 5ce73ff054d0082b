<script setup lang="ts">
/** A room with two lives: what is done when it changes over, in minutes, both ways, and what is seen in each (practice U1). */
import { computed } from 'vue';
import { changeOverOf } from '@stube/core/change-over';
import { useRoom } from '../../../data/room.ts';
import { formatTime } from '../../../parts/day.ts';
import { percent } from '../../../parts/numbers.ts';
import { vHeld } from '../../../parts/held.ts';

const { store, room, units, compartments, bins } = useRoom();
const change = computed(() =>
  changeOverOf({
    units: units.value,
    compartments: compartments.value,
    bins: bins.value,
    types: store.maps.containerType,
  }),
);
const nameOf = (id: string) => store.maps.unit.get(id)?.name ?? '';
const WORDS = {
  closes: 'shut its doors',
  'rolls away': 'roll it away',
  folds: 'fold it',
  'is covered': 'cover it',
  'lids on': 'lids on',
} as const;
const set = (secondLife: string) =>
  room.value &&
  secondLife.trim() !== room.value.secondLife &&
  store.tryWrite(() => store.patch('room', room.value!, { secondLife: secondLife.trim() }));
</script>

<template>
  <section class="sheet stack tight" aria-label="Two lives">
    <h2>Two lives</h2>
    <label class="field"
      ><span>What the room is at other times; empty where it has one life</span
      ><input
        v-held="room?.secondLife"
        class="write"
        type="text"
        maxlength="60"
        placeholder="living room in the evening"
        @change="set(($event.target as HTMLInputElement).value)"
    /></label>
    <template v-if="room?.secondLife">
      <p>
        <b>{{ formatTime(change.seconds) }}</b> to change over to {{ room.secondLife }}, and as long back. Seen are
        {{ percent(change.seenByDay ? change.seenAfter / change.seenByDay : 0) }} of the fronts that are seen by day{{
          change.stillSeen.length ? `: ${change.stillSeen.map(nameOf).join(', ')}` : ''
        }}.
      </p>
      <ol class="steps">
        <li v-for="step in change.steps" :key="step.unitId + step.what">
          {{ nameOf(step.unitId) }}: {{ WORDS[step.what] }}{{ step.count > 1 ? ` (${step.count})` : '' }}
          <span class="small soft">{{ formatTime(step.seconds) }}{{ step.suggested ? ', as it is built' : '' }}</span>
        </li>
      </ol>
      <p class="small soft">What a piece does is set in its own dialog, in Measure.</p>
    </template>
  </section>
</template>

<style scoped>
.steps {
  margin: 0;
  padding-left: 22px;
}
</style>
