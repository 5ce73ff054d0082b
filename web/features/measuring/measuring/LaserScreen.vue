<script setup lang="ts">
/** A measuring device to try the guided measuring with: it sends a length to whatever window is listening. */
import { computed, onMounted, ref } from 'vue';
import { Send } from '@lucide/vue';
import { parseLength } from '@stube/core/notation';
import { sendLength } from './device.ts';

const text = ref('');
const sent = ref<number[]>([]);
const mm = computed(() => parseLength(text.value, 'millimetre'));
const problem = ref('');
onMounted(() => (document.title = 'Simulated laser · Stube'));
function send(): void {
  if (mm.value === null || mm.value <= 0) {
    problem.value = 'Not a length: 1215, 121.5 cm or 47 13/16"';
    return;
  }
  problem.value = '';
  sendLength(mm.value);
  sent.value = [mm.value, ...sent.value].slice(0, 6);
}
/** A tape to press on: two metres, a tick every ten centimetres. */
const TAPE = 2000;
const ticks = Array.from({ length: TAPE / 100 + 1 }, (_, i) => i * 100);
function press(event: MouseEvent): void {
  const box = (event.currentTarget as SVGElement).getBoundingClientRect();
  text.value = String(Math.max(1, Math.round(((event.clientX - box.left) / box.width) * TAPE)));
}
</script>

<template>
  <main class="laser stack">
    <h1>Simulated laser</h1>
    <p class="soft">
      It stands for a measuring device. Open the guided measuring of Measure in another window of this browser: each
      length that is sent here arrives there.
    </p>
    <form class="sheet stack tight" novalidate @submit.prevent="send">
      <label class="field" for="laser-length"
        ><span>Length, mm</span
        ><input
          id="laser-length"
          v-model="text"
          class="write display figure"
          type="text"
          inputmode="decimal"
          autocomplete="off"
          :aria-invalid="!!problem"
        /><span v-if="problem" class="wrong">{{ problem }}</span></label
      >
      <svg class="tape" :viewBox="`0 0 ${TAPE} 130`" aria-hidden="true" @click="press">
        <rect :width="TAPE" height="130" class="band" />
        <path :d="ticks.map((tick) => `M${tick} 0v${tick % 500 ? 45 : 75}`).join('')" />
        <text
          v-for="tick in ticks.filter((tick) => tick && tick % 500 === 0 && tick < TAPE)"
          :key="tick"
          :x="tick + 10"
          y="115"
        >
          {{ tick / 10 }}
        </text>
        <path v-if="mm" :d="`M${mm} 0v130`" class="at" />
      </svg>
      <button class="press main" type="submit"><Send :size="18" />Send</button>
    </form>
    <p v-if="sent.length" class="soft" role="status">Sent: {{ sent.map((length) => `${length} mm`).join(', ') }}</p>
  </main>
</template>

<style scoped>
.laser {
  max-width: 560px;
  margin: 0 auto;
  padding: 24px 16px;
}
.display {
  font-size: 2rem;
  min-height: 64px;
  text-align: right;
}
.tape {
  width: 100%;
  cursor: crosshair;
}
.band {
  fill: var(--straw-pale);
  stroke: var(--ink);
  stroke-width: 6;
}
path {
  stroke: var(--ink);
  stroke-width: 5;
}
.at {
  stroke: var(--brick);
  stroke-width: 10;
}
text {
  font-size: 52px;
  fill: var(--ink);
}
</style>
