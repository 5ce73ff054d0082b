<script setup lang="ts">
/** Reads a label by the camera, by the simulated scanner, or typed: tells the code of a bin that is here. */
import { onMounted, onUnmounted, ref } from 'vue';
import { Camera, CameraOff } from '@lucide/vue';
import type { Bin } from '@stube/core/model';
import { useSite } from '../../../data/site.ts';
import { codeIn, listenToSimulated, lookThrough } from './scanner.ts';

const emit = defineEmits<{ bin: [bin: Bin] }>();
const store = useSite();
const video = ref<HTMLVideoElement | null>(null);
const looking = ref(false);
const problem = ref('');
const typed = ref('');
let end: (() => void) | null = null;
let endSimulated: (() => void) | null = null;
/** The same square is read many times while one holds the phone before it. */
let last = { text: '', at: 0 };
const AGAIN_MS = 3000;

function told(text: string): void {
  if (text === last.text && Date.now() - last.at < AGAIN_MS) return;
  last = { text, at: Date.now() };
  const code = codeIn(text);
  const bin = store.data.bin.find((known) => known.code === code);
  problem.value = bin ? '' : code ? `No bin ${code} here.` : 'That square is not a label of this house.';
  if (bin) emit('bin', bin);
}
async function look(): Promise<void> {
  problem.value = '';
  looking.value = true;
  try {
    end = await lookThrough(video.value!, told);
  } catch (error) {
    looking.value = false;
    problem.value = `The camera cannot be used: ${(error as Error).message}`;
  }
}
function stop(): void {
  end?.();
  end = null;
  looking.value = false;
}
onMounted(() => (endSimulated = listenToSimulated(told)));
onUnmounted(() => {
  stop();
  endSimulated?.();
});
</script>

<template>
  <div class="stack tight">
    <video v-show="looking" ref="video" muted playsinline class="seen" aria-label="What the camera sees" />
    <form class="row" novalidate @submit.prevent="told(typed)">
      <button v-if="!looking" class="press" type="button" @click="look"><Camera :size="20" />Use the camera</button>
      <button v-else class="press" type="button" @click="stop"><CameraOff :size="20" />Stop the camera</button>
      <label class="row tight code"
        ><span class="hidden-text">Code on the label</span
        ><input v-model="typed" class="write" type="text" autocomplete="off" placeholder="or its code, L3" /></label
      ><button class="press small" type="submit" :disabled="!typed.trim()">go</button>
    </form>
    <p v-if="problem" class="wrong" role="status">{{ problem }}</p>
  </div>
</template>

<style scoped>
.seen {
  width: 100%;
  max-height: 46vh;
  border: 2.5px solid var(--ink);
  border-radius: var(--corner);
  object-fit: cover;
}
.code {
  flex: 1 1 120px;
}
</style>
