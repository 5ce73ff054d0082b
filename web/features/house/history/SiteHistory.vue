<script setup lang="ts">
/** How much this site remembers of what was done, and forgetting the older part of it. */
import { counted } from '@stube/core/notation';
import { computed, onMounted, ref } from 'vue';
import { addDays } from '@stube/core/calendar';
import type { HistorySize } from '@stube/contract/answers';
import { useNotices } from '../../../data/notices.ts';
import { useSite } from '../../../data/site.ts';
import { dayOf, formatDay, today } from '../../../parts/day.ts';
import { useHistoryActions } from './actions.ts';

const store = useSite();
const notices = useNotices();
const { readSize, drop } = useHistoryActions();
const size = ref<HistorySize | null>(null);
const days = ref(365);
const asked = ref(false);
const AGES = [
  [30, 'a month'],
  [182, 'half a year'],
  [365, 'a year'],
] as const;
const megabytes = computed(() => {
  const bytes = size.value?.bytes ?? 0;
  return bytes < 100_000 ? 'less than 0.1 MB' : `about ${(bytes / 1e6).toFixed(1)} MB`;
});
const age = computed(() => AGES.find(([value]) => value === days.value)![1]);

onMounted(async () => {
  size.value = await readSize().catch(() => null);
});
async function forget(): Promise<void> {
  asked.value = false;
  await store.tryWrite(async () => {
    size.value = await drop(addDays(today(), -days.value));
    notices.say(`What was done more than ${age.value} ago is forgotten.`);
  });
}
</script>

<template>
  <section class="sheet stack tight" aria-labelledby="history-title">
    <h2 id="history-title">What is remembered</h2>
    <p v-if="size" class="small soft">
      {{ counted(size.changes, 'change')
      }}<template v-if="size.oldest">, the oldest from {{ formatDay(dayOf(size.oldest)) }}</template
      >; {{ megabytes }}. Undo and the way each bin has gone live from it.
    </p>
    <div class="row">
      <label class="field"
        ><span>Forget what is older than</span
        ><select v-model="days" class="write" @change="asked = false">
          <option v-for="[value, words] in AGES" :key="value" :value="value">{{ words }}</option>
        </select></label
      >
      <button v-if="!asked" class="press quiet" type="button" @click="asked = true">Forget …</button>
      <template v-else>
        <button class="press brick" type="button" @click="forget">Forget it for good</button>
        <button class="press quiet" type="button" @click="asked = false">Keep it</button>
      </template>
    </div>
    <p v-if="asked" class="small">It cannot be undone afterwards. What stands where stays as it is.</p>
  </section>
</template>
