<script setup lang="ts">
/** Tape on its way out: to the label printer, which may run out or jam, or as pictures of dots. */
import { counted } from '@stube/core/notation';
import { computed, ref } from 'vue';
import { Image as Picture, Printer } from '@lucide/vue';
import { type LabelRun, LEADER } from '@stube/core/labels';
import type { LabelLayout } from '@stube/core/model';
import type { LabelRunView } from './run.ts';
import { useLabelsActions } from './actions.ts';
import { simulatedPrinter, type Stopped } from './printer.ts';
import { runImages, tapeImage } from './tape-image.ts';
import { newId } from '../../../data/new-id.ts';

const props = defineProps<{ view: LabelRunView; layout: LabelLayout; run: LabelRun }>();
const { markPrinted } = useLabelsActions();
const store = props.view.store;
const at = ref<number | null>(null);
const stopped = ref<{ why: Stopped; printed: number; of: number } | null>(null);
const images = ref<string[]>([]);
const tape = computed(() => props.layout.height ?? 12);
const WHY: Record<Stopped, string> = {
  'out of tape': 'The tape has run out. Put a new one in and print the rest.',
  jam: 'The tape has jammed: the label that was in it did not come out. Clear it and print the rest.',
  'other tape': 'Another width of tape is in the printer.',
  'not there': 'No printer answers. Open the simulated one in another window of this browser.',
};
async function print(): Promise<void> {
  const labels = [...props.run.labels];
  stopped.value = null;
  at.value = 0;
  try {
    const job = {
      id: newId(),
      tape: tape.value,
      dpi: props.layout.dpi,
      leader: LEADER,
      labels: await Promise.all(
        labels.map(async (label) => ({
          png: await tapeImage(label, props.layout.dpi, store.id ?? ''),
          length: label.width,
        })),
      ),
    };
    const report = await simulatedPrinter.print(job, (printed) => (at.value = printed));
    // What came out is printed, whatever became of the rest.
    const out = labels.slice(0, report.printed).map(({ content }) => content);
    if (out.length && !(await store.tryWrite(() => markPrinted(props.view.id.value, out)))) return;
    if (report.stopped) stopped.value = { why: report.stopped, printed: report.printed, of: labels.length };
    else store.sayDone(`${counted(out.length, 'label')} came out and are noted as printed.`);
  } finally {
    at.value = null;
  }
}
async function draw(): Promise<void> {
  images.value = await runImages(props.run.labels, LEADER, props.layout.dpi, store.id ?? '');
}
</script>

<template>
  <div class="stack tight">
    <button class="press main" type="button" :disabled="at !== null" @click="print">
      <Printer :size="18" />{{ at === null ? 'To the label printer' : `${at} of ${run.labels.length} are out` }}
    </button>
    <p v-if="stopped" class="caution warn small" role="alert">
      {{ stopped.printed }} of {{ stopped.of }} came out and are noted as printed. {{ WHY[stopped.why] }}
      <a v-if="stopped.why === 'not there'" href="/printer" target="_blank">The simulated printer</a>
    </p>
    <div class="row">
      <button class="press small" type="button" @click="draw"><Picture :size="16" />As pictures of dots</button>
      <a v-for="(image, i) in images" :key="i" class="press small quiet" :href="image" :download="`tape-${i + 1}.png`"
        >Save part {{ i + 1 }}</a
      >
    </div>
  </div>
</template>
