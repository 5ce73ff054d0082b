<script setup lang="ts">
/** Who lives or works here, asked in a few taps: shelves, cautions and labels go by it. It can be told later, too. */
import { ref } from 'vue';
import { Baby, UserRound } from '@lucide/vue';
import { medianStature, monthsOld } from '@stube/core/body';
import { useSite } from '../../../data/site.ts';
import { dateToday } from '../../../parts/day.ts';

const store = useSite();
/** By age, as people say it; the month of birth is the middle of it, until somebody tells it exactly. */
const AGES = [
  { words: 'under 1', years: 0.5 },
  { words: '1', years: 1.5 },
  { words: '2', years: 2.5 },
  { words: '3 to 5', years: 4.5 },
  { words: '6 to 8', years: 7.5 },
  { words: '9 and over', years: 11 },
];
/** From that age on most read, years. */
const READS = 6.5;
const busy = ref(false);

const free = (base: string): string => {
  const names = new Set(store.data.person.map((person) => person.name));
  for (let i = 1; ; i++) if (!names.has(`${base} ${i}`)) return `${base} ${i}`;
};
async function add(values: Record<string, unknown>): Promise<void> {
  busy.value = true;
  await store.tryWrite(() => store.create('person', values));
  busy.value = false;
}
const addAdult = () => add({ name: free('Adult'), kind: 'adult', stature: 1680 });
function addChild(years: number): Promise<void> {
  const born = dateToday();
  // From the first of the month: no month is passed over that has no such day.
  born.setUTCMonth(born.getUTCMonth() - Math.round(years * 12), 1);
  const month = born.toISOString().slice(0, 7);
  const stature = medianStature(monthsOld(month, dateToday())) ?? 1100;
  return add({ name: free('Child'), kind: 'child', stature, born: month, reads: years >= READS });
}
</script>

<template>
  <div class="caution warn stack tight who">
    <p>
      <b>Which children come here?</b> What is dangerous, what they reach and how labels look goes by the youngest and
      the smallest. No child’s data leaves this machine.
    </p>
    <div class="row tight" role="group" aria-label="Add a child of this age">
      <Baby :size="20" /><span>A child of</span>
      <button
        v-for="age in AGES"
        :key="age.words"
        class="press small"
        type="button"
        :disabled="busy"
        :aria-label="`Add a child, ${age.words}`"
        @click="addChild(age.years)"
      >
        {{ age.words }}
      </button>
    </div>
    <div class="row tight">
      <button class="press small" type="button" :disabled="busy" @click="addAdult">
        <UserRound :size="16" />One more adult
      </button>
      <span class="small soft"
        >No children? Go on with the first room. Names, months and who still mouths can be told later.</span
      >
    </div>
  </div>
</template>
