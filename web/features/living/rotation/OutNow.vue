<script setup lang="ts">
/** What is out now, and what the children make of it: one tap each. */
import { computed } from 'vue';
import { addDays } from '@stube/core/calendar';
import { isOut } from '@stube/core/rotation';
import { mondayOf } from '@stube/core/today';
import { INTERESTS, type Spell } from '@stube/core/model';
import { useSite } from '../../../data/site.ts';
import { formatDate, today } from '../../../parts/day.ts';

const props = defineProps<{ spells: readonly Spell[] }>();
const store = useSite();
const outNow = computed(() => props.spells.filter(isOut));
const nameOf = (lineId: string) => store.maps.line.get(lineId)?.name ?? '';
const isTold = (lineId: string, kind: (typeof INTERESTS)[number]): boolean =>
  store.data.interest.some((one) => one.lineId === lineId && one.kind === kind && one.on === today());
async function tell(lineId: string, kind: (typeof INTERESTS)[number]): Promise<void> {
  const seen = { lineId, kind, on: today() };
  // Pressed twice it was seen once.
  if (await store.tryWrite(() => store.send('POST', '/rows/interest', () => (isTold(lineId, kind) ? null : seen))))
    store.sayDone(`${nameOf(lineId)}: ${kind}.`);
}
/** Not touched so often since it was last used or loved: a candidate for the next edit (practice R3). */
const TWICE = 2;
const untouched = (lineId: string): number => {
  const seen = store.data.interest.filter((one) => one.lineId === lineId).sort((a, b) => a.on.localeCompare(b.on));
  return seen.length - 1 - seen.findLastIndex(({ kind }) => kind !== 'not touched');
};
const EDIT_DAYS = 14;
async function toEdit(lineId: string): Promise<void> {
  const line = store.maps.line.get(lineId);
  const values = { decision: 'decide later' as const, due: addDays(today(), EDIT_DAYS) };
  if (line && (await store.tryWrite(() => store.patch('line', line, values))))
    store.sayDone(`${line.name} is to be decided within two weeks.`);
}
/** Its interest falls: it goes in earlier than planned. */
async function takeIn(spell: Spell): Promise<void> {
  const monday = addDays(mondayOf(today()), 7);
  if (await store.tryWrite(() => store.patch('spell', spell, { to: monday })))
    store.sayDone(`${nameOf(spell.lineId)} goes in with the next swap.`);
}
</script>

<template>
  <section v-if="outNow.length" class="sheet stack tight" aria-label="Out now">
    <h2>Out now</h2>
    <ul>
      <li v-for="spell in outNow" :key="spell.id" class="row between">
        <span
          ><b>{{ nameOf(spell.lineId) }}</b
          ><span class="small soft"> since {{ formatDate(spell.from) }}</span></span
        >
        <span class="row tight">
          <button
            v-for="kind in INTERESTS"
            :key="kind"
            class="press small quiet"
            type="button"
            :aria-pressed="isTold(spell.lineId, kind)"
            :aria-label="`${nameOf(spell.lineId)}: ${kind}`"
            @click="tell(spell.lineId, kind)"
          >
            {{ kind }}
          </button>
          <button class="press small quiet" type="button" @click="takeIn(spell)">in with the next swap</button>
        </span>
        <p v-if="untouched(spell.lineId) >= TWICE" class="caution warn small whole">
          Nobody touched it {{ untouched(spell.lineId) }} times: it may go.
          <button class="press small" type="button" @click="toEdit(spell.lineId)">
            {{ nameOf(spell.lineId) }} goes to the next edit
          </button>
        </p>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.whole {
  flex: 1 0 100%;
}
</style>
