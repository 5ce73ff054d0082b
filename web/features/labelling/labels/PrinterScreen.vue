<script setup lang="ts">
/** A label printer to try tape with: it shows what comes out, keeps it, runs out of tape and can jam. */
import { counted } from '@stube/core/notation';
import { computed, onMounted, onUnmounted, ref } from 'vue';
import { TAPES } from '@stube/core/labels';
import { listenForJobs, type PrintJob } from './printer.ts';

/** A full cassette, and what a label takes to come out, ms. */
const CASSETTE = 8000;
const PACE = 60;
const METRE = 1000;
const width = ref<number>(12);
const left = ref(CASSETTE);
const jams = ref(false);
const said = ref('Ready.');
const out = ref<{ png: string; length: number; tape: number }[]>([]);
const metres = computed(() => (left.value / METRE).toFixed(2));
const wait = (ms: number) => new Promise((done) => setTimeout(done, ms));

async function take(job: PrintJob, answer: Parameters<Parameters<typeof listenForJobs>[0]>[1]): Promise<void> {
  answer({ printed: 0, stopped: null, done: false });
  if (job.tape !== width.value) {
    said.value = `A job for ${job.tape} mm came; ${width.value} mm is in.`;
    return answer({ printed: 0, stopped: 'other tape', done: false });
  }
  left.value = Math.max(0, left.value - job.leader);
  for (const [i, label] of job.labels.entries()) {
    await wait(PACE);
    if (jams.value) {
      jams.value = false;
      left.value = Math.max(0, left.value - label.length);
      said.value = 'Jammed.';
      return answer({ printed: i, stopped: 'jam', done: false });
    }
    if (left.value < label.length) {
      said.value = 'Out of tape.';
      return answer({ printed: i, stopped: 'out of tape', done: false });
    }
    left.value -= label.length;
    out.value = [...out.value, { ...label, tape: job.tape }];
    said.value = `${i + 1} of ${job.labels.length} are out.`;
    answer({ printed: i + 1, stopped: null, done: i + 1 === job.labels.length });
  }
}
let stop = () => {};
onMounted(() => {
  document.title = 'Simulated label printer · Stube';
  stop = listenForJobs((job, answer) => void take(job, answer));
});
onUnmounted(() => stop());
</script>

<template>
  <main class="printer stack">
    <h1>Simulated label printer</h1>
    <p class="soft">
      It stands for a printer of tape. Open the labels of a room in another window of this browser: what is sent from
      there comes out here.
    </p>
    <section class="sheet stack tight" aria-label="The printer">
      <p role="status">{{ said }}</p>
      <div class="row">
        <label class="field"
          ><span>Tape, mm</span
          ><select v-model="width" class="write">
            <option v-for="tape in TAPES" :key="tape" :value="tape">{{ tape }}</option>
          </select></label
        >
        <label class="field"
          ><span>Left on it, mm</span
          ><input v-model.number="left" class="write" type="number" min="0" :max="CASSETTE" step="10"
        /></label>
        <button class="press" type="button" @click="left = CASSETTE">New tape, {{ CASSETTE / METRE }} m</button>
        <label class="check"><input v-model="jams" type="checkbox" />jams at the next label</label>
      </div>
      <p class="soft small">{{ metres }} m are left.</p>
    </section>
    <section class="stack tight" aria-label="What came out">
      <h2>{{ counted(out.length, 'label') }} came out</h2>
      <ol class="strip">
        <li v-for="(label, i) in out" :key="i">
          <img
            :src="label.png"
            :alt="`Label ${i + 1}`"
            :style="{ height: `${label.tape}mm`, width: `${label.length}mm` }"
          />
        </li>
      </ol>
      <button v-if="out.length" class="press small quiet" type="button" @click="out = []">Clear them away</button>
    </section>
  </main>
</template>

<style scoped>
.printer {
  max-width: 820px;
  margin: 0 auto;
  padding: 24px 16px;
}
.strip {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
img {
  display: block;
  border: 1px dashed var(--rule-strong);
  image-rendering: pixelated;
}
</style>
