<script setup lang="ts">
/** How fine a family is sorted: the curve of finding and tidying over the number of bins, its best, and one's own choice. */
import { counted } from '@stube/core/notation';
import { computed, reactive, ref, watch } from 'vue';
import ModalDialog from '../../../parts/ModalDialog.vue';
import { Chart, Legend, LinearScale, LineController, LineElement, PointElement, Tooltip } from 'chart.js';
import { comesInto } from '@stube/core/body';
import { ceilingFor, fineAt, fineCurve, type Insight, PUT_BACK, roughPieces } from '@stube/core/grouping';
import type { Category, Family, Line } from '@stube/core/model';
import { litresOfLine } from '@stube/core/contents';
import { minutes } from '../../../parts/numbers.ts';
import { useRoom } from '../../../data/room.ts';
import { token } from '../../../theme/token.ts';
import { dateToday } from '../../../parts/day.ts';

const props = defineProps<{ family: Family; categories: { category: Category; own: Line[] }[] }>();
const emit = defineEmits<{ close: [] }>();
const { store, room } = useRoom();
Chart.register(LineController, LineElement, PointElement, LinearScale, Legend, Tooltip);

const AT_LEAST = 24;
/** The curve goes on until its least lies well within it. */
const LONGEST = 240;
const ids = new Set(props.categories.flatMap(({ category }) => [...category.tidiers, ...category.users]));
const named = store.data.person.filter((person) => ids.has(person.id));
const tidiers = computed(() => (named.length ? named : comesInto(room.value!, store.data.person)));
const draft = reactive({
  reads: tidiers.value.every((tidier) => tidier.reads),
  insight: 'open' as Insight,
  bins: props.family.granularity ?? 0,
});
const INSIGHTS: Record<Insight, string> = { clear: 'see-through and shallow', open: 'open', deep: 'deep and opaque' };
const pieces = computed(() =>
  Math.round(
    props.categories
      .flatMap(({ category, own }) =>
        // Pieces of one line are much alike.
        own.map((line) => Math.sqrt(roughPieces(line, litresOfLine(line, category, store.site!) ?? 0))),
      )
      .reduce((sum, one) => sum + one, 0),
  ),
);
const finds = computed(() =>
  props.categories.filter(({ own }) => own.length).reduce((sum, { category }) => sum + category.perWeek, 0),
);
const fineCase = computed(() => ({
  pieces: Math.max(1, pieces.value),
  finds: finds.value,
  back: PUT_BACK,
  reads: draft.reads,
  insight: draft.insight,
}));
const ceiling = computed(() => ceilingFor(tidiers.value, dateToday()));
const most = computed(() => {
  let length = AT_LEAST;
  while (length < LONGEST && fineCurve(fineCase.value, length, null).without.bins > length * 0.7) length *= 2;
  return Math.min(LONGEST, length);
});
const curve = computed(() => fineCurve(fineCase.value, most.value, ceiling.value));
const other = computed(() => fineCurve({ ...fineCase.value, reads: !draft.reads }, most.value, ceiling.value));
const chosen = computed(() => draft.bins || curve.value.best.bins);
const here = computed(() => fineAt(chosen.value, fineCase.value));
const now = computed(() => props.categories.filter(({ own }) => own.length).length);
/** What to do when there are more or fewer categories than that. */
const advice = computed(() => {
  const few = [...props.categories].filter(({ own }) => own.length).sort((a, b) => a.own.length - b.own.length);
  if (now.value > chosen.value)
    return `There are ${now.value} categories: merge the small ones, such as ${few
      .slice(0, 2)
      .map(({ category }) => category.name)
      .join(' and ')}.`;
  if (now.value < chosen.value)
    return `There ${now.value === 1 ? 'is 1 category' : `are ${now.value} categories`}: split ${few.at(-1)?.category.name ?? 'the largest'}.`;
  return 'There are just as many categories.';
});

const canvas = ref<HTMLCanvasElement | null>(null);
let chart: Chart | null = null;
function draw(): void {
  chart?.destroy();
  if (!canvas.value) return;
  const series = (key: 'finding' | 'tidying' | 'total', label: string, colour: string, dash: number[]) => ({
    label,
    data: curve.value.points.map((point) => ({ x: point.bins, y: point[key] / 60 })),
    borderColor: colour,
    backgroundColor: colour,
    borderDash: dash,
    borderWidth: key === 'total' ? 2.5 : 1.5,
    pointRadius: curve.value.points.map((point) =>
      key !== 'total' ? 0 : point.bins === chosen.value ? 7 : point.bins === curve.value.best.bins ? 4 : 0,
    ),
  });
  chart = new Chart(canvas.value, {
    type: 'line',
    data: {
      datasets: [
        series('total', 'together', token('ink'), []),
        series('finding', 'finding', token('spruce'), [6, 3]),
        series('tidying', 'tidying', token('oak-ink'), [2, 3]),
      ],
    },
    options: {
      animation: false,
      maintainAspectRatio: false,
      plugins: { legend: { position: 'bottom', labels: { boxWidth: 26, boxHeight: 2, color: token('ink') } } },
      scales: {
        x: {
          type: 'linear',
          min: 1,
          max: most.value,
          title: { display: true, text: 'labelled bins' },
          grid: { display: false },
        },
        y: {
          beginAtZero: true,
          title: { display: true, text: 'minutes a week' },
          grid: { color: token('rule-faint') },
        },
      },
    },
  });
}
// The sheet brings its canvas a moment after it opens.
watch([canvas, curve, chosen], draw, { flush: 'post' });

async function keep(fine: number | null): Promise<void> {
  if (await store.tryWrite(() => store.patch('family', props.family, { granularity: fine }))) emit('close');
}
</script>

<template>
  <ModalDialog :title="`How fine: ${family.name}`" :width="640" @close="emit('close')">
    <div class="stack">
      <p>
        <b>{{ counted(curve.best.bins, 'bin') }}</b> for {{ counted(pieces, 'thing') }} that differ, looked for
        {{ finds.toFixed(1).replace('.0', '') }} times a week: {{ minutes(curve.best.total) }} a week.
        <template v-if="curve.without.bins > curve.best.bins"
          >Without the ceiling of {{ ceiling }} classes for the youngest who tidy it would be
          {{ curve.without.bins }}.</template
        >
        {{ draft.reads ? 'By pictures' : 'By words' }} it would be {{ other.best.bins }}.
      </p>
      <div class="chart"><canvas ref="canvas" role="img" :aria-label="`Least at ${curve.best.bins} bins`" /></div>
      <label class="field"
        ><span
          >Bins: {{ chosen }}, {{ minutes(here.finding) }} finding and {{ minutes(here.tidying) }} tidying a week</span
        ><input
          type="range"
          min="1"
          :max="most"
          :value="chosen"
          @input="draft.bins = Number(($event.target as HTMLInputElement).value)"
      /></label>
      <div class="row">
        <label class="check"><input v-model="draft.reads" type="checkbox" />labels with words</label>
        <label class="row small"
          >in bins that are<select v-model="draft.insight" class="write insight">
            <option v-for="(word, key) in INSIGHTS" :key="key" :value="key">{{ word }}</option>
          </select></label
        >
      </div>
      <p class="small soft">Tidied by {{ tidiers.map((one) => one.name).join(', ') || 'nobody yet' }}. {{ advice }}</p>
      <div class="row between">
        <button class="press main" type="button" @click="keep(chosen)">Keep {{ chosen }}</button>
        <button v-if="family.granularity" class="press quiet small" type="button" @click="keep(null)">
          Leave it to the curve
        </button>
      </div>
    </div>
  </ModalDialog>
</template>

<style scoped>
.chart {
  position: relative;
  height: 260px;
}
input[type='range'] {
  accent-color: var(--spruce);
  width: 100%;
  min-height: 30px;
}
.insight {
  width: auto;
}
</style>
