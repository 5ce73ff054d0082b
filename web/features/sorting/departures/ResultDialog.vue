<script setup lang="ts">
/** What came of the pile: kept and let go by destination, the room it freed, and the lists to take along. */
import { counted } from '@stube/core/notation';
import { computed, ref, watch } from 'vue';
import ModalDialog from '../../../parts/ModalDialog.vue';
import { FileDown, Printer } from '@lucide/vue';
import { BarController, BarElement, CategoryScale, Chart, LinearScale, Tooltip } from 'chart.js';
import { DECISIONS } from '@stube/core/model';
import { fateOf, type ListKey, LISTS, type PileTotals, type Sum } from '@stube/core/pile';
import { fillLimitOf } from '@stube/core/containers';
import { insideLitres } from '@stube/core/contents';
import { formatAmount, litres, percent } from '../../../parts/numbers.ts';
import { useRoom } from '../../../data/room.ts';
import { token } from '../../../theme/token.ts';

const props = defineProps<{ totals: PileTotals }>();
const emit = defineEmits<{ close: [] }>();
const { store, id, room, compartments } = useRoom();
Chart.register(BarController, BarElement, CategoryScale, LinearScale, Tooltip);

const ways = computed(() =>
  DECISIONS.filter((decision) => props.totals.by[decision]).map((decision) => ({
    one: decision,
    sum: props.totals.by[decision]!,
    fate: fateOf(decision),
  })),
);
const whole = computed(() => props.totals.kept.litres + props.totals.leaving.litres + props.totals.open.litres);
/** As so many shelf bays of this room, where it has any. */
const bays = computed(() => {
  const spaces = compartments.value.filter((compartment) => compartment.access === 'front');
  if (!spaces.length) return null;
  const middle =
    spaces.reduce(
      (sum, space) =>
        sum + insideLitres({ form: 'box', inWidth: space.width, inDepth: space.depth, inHeight: space.height }),
      0,
    ) / spaces.length;
  return props.totals.leaving.litres / (middle * fillLimitOf(store.site));
});
const said = (sum: Sum) =>
  [counted(sum.lines, 'line'), sum.pieces && formatAmount(Math.round(sum.pieces), 'pieces')].filter(Boolean).join(', ');
const list = (of: ListKey, ending: string) => `/api/sites/${store.id}/list.${ending}?of=${of}&room=${id.value}`;

const canvas = ref<HTMLCanvasElement | null>(null);
const INK = { kept: 'spruce', leaving: 'oak', open: 'straw' };
let chart: Chart | null = null;
function draw(): void {
  chart?.destroy();
  if (!canvas.value) return;
  chart = new Chart(canvas.value, {
    type: 'bar',
    data: {
      labels: ways.value.map(({ one }) => one),
      datasets: [
        {
          data: ways.value.map(({ sum }) => Number(sum.litres.toFixed(1))),
          backgroundColor: ways.value.map(({ fate }) => token(INK[fate])),
          borderColor: token('ink'),
          borderWidth: 1.25,
          barThickness: 22,
        },
      ],
    },
    options: {
      indexAxis: 'y',
      animation: false,
      maintainAspectRatio: false,
      plugins: { legend: { display: false } },
      scales: {
        x: {
          title: { display: true, text: 'litres' },
          grid: { color: token('rule-faint') },
          border: { color: token('ink') },
        },
        y: { grid: { display: false }, ticks: { color: token('ink'), font: { size: 14 } } },
      },
    },
  });
}
// The sheet brings its canvas a moment after it opens.
watch([canvas, ways], draw, { flush: 'post' });
</script>

<template>
  <ModalDialog :title="`What came of the pile: ${room?.name}`" :width="720" @close="emit('close')">
    <div class="stack">
      <p class="lead">
        <b class="figure">{{ litres(totals.leaving.litres) }}</b> leave of {{ litres(whole) }}
        <template v-if="whole > 0">({{ percent(totals.leaving.litres / whole) }})</template
        ><template v-if="bays && bays >= 0.05">, as much as {{ bays.toFixed(1) }} shelf bays of this room</template>.
      </p>
      <div class="chart" :style="{ height: `${60 + ways.length * 34}px` }">
        <canvas
          ref="canvas"
          role="img"
          :aria-label="ways.map(({ one, sum }) => `${one} ${litres(sum.litres)}`).join(', ')"
        />
      </div>
      <table class="ledger">
        <thead>
          <tr>
            <th>decision</th>
            <th>how much</th>
            <th class="number">litres</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="{ one, sum } in ways" :key="one">
            <td>{{ one }}</td>
            <td>{{ said(sum) }}</td>
            <td class="number">{{ litres(sum.litres) }}</td>
          </tr>
        </tbody>
      </table>
      <div v-for="(name, which) in LISTS" :key="which" class="row between">
        <b>{{ name }}</b><span class="row"
          ><a class="press small" :href="list(which, 'pdf')" target="_blank"><Printer :size="16" />on paper</a
          ><a class="press small" :href="list(which, 'csv')" download><FileDown :size="16" />as a table</a></span
        >
      </div>
    </div>
  </ModalDialog>
</template>

<style scoped>
.lead b {
  font-size: 1.4rem;
}
.chart {
  position: relative;
}
</style>
