<script setup lang="ts">
/** A scanner to try with: it sends the text of a square to whatever window is listening. */
import { onMounted, ref } from 'vue';
import { ScanQrCode } from '@lucide/vue';
import { codeIn, sendScan } from './scanner.ts';

const text = ref('');
const sent = ref<string[]>([]);
const problem = ref('');
onMounted(() => (document.title = 'Simulated scanner · Stube'));
function send(): void {
  problem.value = codeIn(text.value) ? '' : 'Not the code of a bin: L3, or the address in its square';
  if (problem.value) return;
  sendScan(text.value.trim());
  sent.value = [text.value.trim(), ...sent.value].slice(0, 6);
}
</script>

<template>
  <main class="scanner stack">
    <h1>Simulated scanner</h1>
    <p class="soft">
      It stands for a scanner or a phone’s camera. Open Scan, Put back or a bin in another window of this browser: each
      code that is sent here arrives there.
    </p>
    <form class="sheet stack tight" novalidate @submit.prevent="send">
      <label class="field" for="scan-text"
        ><span>Code or square</span
        ><input
          id="scan-text"
          v-model="text"
          class="write"
          type="text"
          autocomplete="off"
          :aria-invalid="!!problem"
        /><span v-if="problem" class="wrong">{{ problem }}</span></label
      >
      <button class="press main" type="submit"><ScanQrCode :size="18" />Send it</button>
    </form>
    <ul v-if="sent.length" aria-label="Sent">
      <li v-for="(one, i) in sent" :key="i">{{ one }}</li>
    </ul>
  </main>
</template>

<style scoped>
.scanner {
  max-width: 520px;
  margin: 0 auto;
  padding: 24px 16px;
}
</style>
