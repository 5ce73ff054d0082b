<script setup lang="ts">
/** A count week by week, as small as it can be read. */
import { onBeforeUnmount, ref, watch } from 'vue';
import { BarController, BarElement, CategoryScale, Chart, LinearScale, Tooltip } from 'chart.js';
import { token } from '../../../theme/token.ts';
import { formatDate } from '../../../parts/day.ts';

Chart.register(BarController, BarElement, CategoryScale, LinearScale, Tooltip);

const props = defineProps<{ weeks: readonly string[]; counts: readonly number[]; label: string }>();
const canvas = ref<HTMLCanvasElement | null>(null);
let chart: Chart | null = null;
function draw(): void {
  chart?.destroy();
  if (!canvas.value) return;
  chart = new Chart(canvas.value, {
    type: 'bar',
    data: {
      labels: props.weeks.map((monday) => `week of ${formatDate(monday)}`),
      datasets: [
        { data: [...props.counts], backgroundColor: token('spruce'), barPercentage: 0.8, categoryPercentage: 1 },
      ],
    },
    options: {
      animation: false,
      responsive: true,
      maintainAspectRatio: false,
      plugins: { legend: { display: false } },
      scales: {
        x: { display: false },
        y: { beginAtZero: true, ticks: { precision: 0, maxTicksLimit: 3, font: { size: 10 } }, suggestedMax: 2 },
      },
    },
  });
}
watch([canvas, () => props.counts], draw, { flush: 'post' });
onBeforeUnmount(() => chart?.destroy());
</script>

<template>
  <div class="trend"><canvas ref="canvas" role="img" :aria-label="label" /></div>
</template>

<style scoped>
.trend {
  height: 64px;
  width: 180px;
  flex: none;
}
</style>
