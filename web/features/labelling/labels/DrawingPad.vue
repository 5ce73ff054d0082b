<script setup lang="ts">
/** A picture drawn with finger, pen or mouse, for labels. */
import { ref, watch } from 'vue';
import ModalDialog from '../../../parts/ModalDialog.vue';

const props = defineProps<{ what: string }>();
const emit = defineEmits<{ close: []; drawn: [picture: Blob] }>();
/** Dots of the picture, and how thick the pen is. */
const SIDE = 600;
const PENS = { thin: 8, thick: 20 } as const;
const pad = ref<HTMLCanvasElement>();
const pen = ref<keyof typeof PENS>('thick');
/** Each stroke as its points, so that the last one can be taken back. */
const strokes = ref<{ wide: number; points: [number, number][] }[]>([]);
let drawing = false;

function at(event: PointerEvent): [number, number] {
  const box = pad.value!.getBoundingClientRect();
  return [((event.clientX - box.left) / box.width) * SIDE, ((event.clientY - box.top) / box.height) * SIDE];
}
function redraw(): void {
  const context = pad.value!.getContext('2d')!;
  context.fillStyle = '#fff';
  context.fillRect(0, 0, SIDE, SIDE);
  context.strokeStyle = '#2c2a26';
  context.lineCap = context.lineJoin = 'round';
  for (const { wide, points } of strokes.value) {
    context.lineWidth = wide;
    context.beginPath();
    points.forEach(([x, y], i) => (i ? context.lineTo(x, y) : context.moveTo(x, y)));
    // A dot is a stroke that goes nowhere.
    if (points.length === 1) context.lineTo(points[0]![0] + 0.1, points[0]![1]);
    context.stroke();
  }
}
function begin(event: PointerEvent): void {
  drawing = true;
  pad.value!.setPointerCapture(event.pointerId);
  strokes.value.push({ wide: PENS[pen.value], points: [at(event)] });
  redraw();
}
function go(event: PointerEvent): void {
  if (!drawing) return;
  strokes.value.at(-1)!.points.push(at(event));
  redraw();
}
function back(): void {
  strokes.value.pop();
  redraw();
}
const send = () => pad.value!.toBlob((blob) => blob && emit('drawn', blob), 'image/jpeg', 0.92);
// The dialog brings it a moment after this is there.
watch(pad, (there) => there && redraw());
</script>

<template>
  <ModalDialog :title="`Draw ${props.what}`" :width="520" @close="emit('close')">
    <div class="stack">
      <div class="row">
        <label v-for="(_, name) in PENS" :key="name" class="check"
          ><input v-model="pen" type="radio" :value="name" />{{ name }} pen</label
        >
        <button class="press small" type="button" :disabled="!strokes.length" @click="back">
          Take the last stroke back
        </button>
      </div>
      <canvas
        ref="pad"
        :width="SIDE"
        :height="SIDE"
        role="img"
        :aria-label="`Drawing of ${props.what}`"
        @pointerdown="begin"
        @pointermove="go"
        @pointerup="drawing = false"
        @pointercancel="drawing = false"
      />
      <button class="press main" type="button" :disabled="!strokes.length" @click="send">Put it on the labels</button>
    </div>
  </ModalDialog>
</template>

<style scoped>
canvas {
  width: 100%;
  aspect-ratio: 1;
  touch-action: none;
  border: 1px solid var(--ink);
  background: var(--white);
}
</style>
