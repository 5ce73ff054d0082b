<script setup lang="ts">
/** One length after the other, with the drawing lit where the tape goes; typed, or sent by a measuring device. */
import { computed, onUnmounted, ref, useTemplateRef, watch } from 'vue';
import { useElementSize } from '@vueuse/core';
import { ArrowLeft, Check, Radio } from '@lucide/vue';
import { guideOf, type GuideStep, leastOf, type Side } from '@stube/core/measuring';
import { counted, editLength, formatLength, parseLength } from '@stube/core/notation';
import type { Compartment, Unit } from '@stube/core/model';
import UnitElevation from '../../../drawing/UnitElevation.vue';
import ModalDialog from '../../../parts/ModalDialog.vue';
import { useSite } from '../../../data/site.ts';
import { serialDevice, simulatedLaser, type MeasuringDevice } from './device.ts';

const props = defineProps<{ unit: Unit; spaces: readonly Compartment[] }>();
const emit = defineEmits<{ close: [] }>();
const store = useSite();
const system = computed(() => store.site?.system ?? 'metric');
const say = (mm: number) => formatLength(mm, system.value);

/** The steps are those of the beginning: what is measured meanwhile makes no new ones. */
const first = props.spaces.map((space) => ({ ...space }));
const each = ref(new Set<Side>());
const steps = computed(() => guideOf(first, each.value));
const at = ref(0);
const step = computed(() => steps.value[at.value] ?? null);
/** As it is known by now: reckoned, or measured when one goes back. */
const known = computed(() => {
  const space = store.maps.compartment.get(step.value?.spaces[0] ?? '');
  return space && step.value ? space[step.value.side] : 0;
});
const readings = ref<number[]>([]);
const least = computed(() => leastOf(readings.value));
const text = ref('');
const problem = ref('');
const field = useTemplateRef<HTMLInputElement>('field');
watch(at, () => {
  readings.value = [];
  text.value = '';
  problem.value = '';
  field.value?.focus();
});

/** A reading is looked at before it counts; another of the same length may follow. */
function read(mm: number): void {
  readings.value = [...readings.value, mm];
  text.value = editLength(Math.min(...readings.value), system.value);
  problem.value = '';
}
/** Lengths on their way, one after the other; the next may be measured meanwhile. */
let sending: Promise<unknown> = Promise.resolve();
function take(): void {
  const now = step.value;
  if (!now) return;
  const typed = text.value.trim() ? parseLength(text.value, system.value) : known.value;
  if (typed === null) {
    problem.value = 'Not a length: 34.5 cm, 345 mm or 13 5/8"';
    return;
  }
  const mm = least.value && typed !== least.value.mm ? Math.min(typed, least.value.mm) : typed;
  // The tape was there once all three sides are told: the depth is the last.
  const values = { [now.side]: mm, ...(now.side === 'depth' ? { measured: true } : {}) };
  const here = at.value++;
  sending = sending.then(() => write(now, here, values));
}
async function write(now: GuideStep, here: number, values: Record<string, unknown>): Promise<void> {
  const done = await store.tryWrite(() =>
    store.writeTogether({
      what: `measure ${props.unit.name}: ${now.asks.toLowerCase()}`,
      update: now.spaces.map((id) => ({
        table: 'compartment',
        id,
        version: store.maps.compartment.get(id)!.version,
        values,
      })),
    }),
  );
  // What was not written is asked again.
  if (!done) at.value = here;
}
/** Like columns or rows that are not alike after all. */
function oneByOne(): void {
  each.value = new Set([...each.value, step.value!.side]);
}
const several = computed(() => (step.value?.spaces.length ?? 0) > 1 && step.value?.side !== 'depth');

const marks = computed(
  () => new Map(step.value?.spaces.map((id) => [id, { tone: 'lit' as const }] as [string, { tone: 'lit' }]) ?? []),
);
/** Where the tape lies: across, up, or into the first of them; mm of the drawing. */
const tape = computed(() => {
  const space = props.spaces.find(({ id }) => id === step.value?.spaces[0]);
  if (!space || !step.value) return null;
  const up = (z: number) => props.unit.height - z;
  const [left, right] = [space.x, space.x + space.width];
  const [top, bottom] = [up(space.z + space.height), up(space.z)];
  const [x, y] = [(left + right) / 2, (top + bottom) / 2];
  if (step.value.side === 'width') return { x1: left, y1: y, x2: right, y2: y };
  if (step.value.side === 'height') return { x1: x, y1: top, x2: x, y2: bottom };
  return { x1: left, y1: bottom, x2: x, y2: y };
});
const holder = useTemplateRef<HTMLElement>('holder');
const { width } = useElementSize(holder);
const TALLEST = 230;
const px = computed(() =>
  Math.min(0.6, TALLEST / (props.unit.height + props.unit.raised), Math.max(120, width.value - 24) / props.unit.width),
);

const device = ref('');
let end: (() => void) | null = null;
async function listen(to: MeasuringDevice): Promise<void> {
  try {
    end?.();
    end = await to.connect(read);
    device.value = to.name;
  } catch {
    problem.value = `${to.name[0]!.toUpperCase()}${to.name.slice(1)} does not answer.`;
  }
}
void listen(simulatedLaser);
const serial = serialDevice();
onUnmounted(() => end?.());
</script>

<template>
  <ModalDialog :title="`Measure ${unit.name}`" :width="560" @close="emit('close')">
    <form v-if="step" class="stack" novalidate @submit.prevent="take">
      <p class="small soft">Length {{ at + 1 }} of {{ steps.length }}</p>
      <div ref="holder" class="drawn" aria-hidden="true">
        <div class="over" :style="{ width: `${unit.width * px + 16}px` }">
          <UnitElevation :shape="unit" :spaces="spaces" :name="unit.name" :px="px" :marks="marks" :tape="tape" />
        </div>
      </div>
      <label class="field" for="guided-length"
        ><span class="asks">{{ step.asks }}</span
        ><input
          id="guided-length"
          ref="field"
          v-model="text"
          class="write large"
          type="text"
          inputmode="decimal"
          autocomplete="off"
          :placeholder="`${say(known)}, as known so far`"
          :aria-invalid="!!problem"
          aria-describedby="guided-said"
        /><span id="guided-said" aria-live="polite"
          ><span v-if="problem" class="wrong">{{ problem }}</span
          ><span v-else-if="least && readings.length > 1" class="small"
            >{{ readings.map(say).join(', ') }}: the least counts{{
              least.differs ? `. They differ by ${least.differs} mm: it is not square there` : ''
            }}.</span
          ><span v-else class="small soft"
            >Type it, or send it from {{ device || 'a device' }}. Left empty, what is known holds.</span
          ></span
        ></label
      >
      <div class="row">
        <button class="press" type="button" :disabled="!at" @click="at--"><ArrowLeft :size="16" />Back</button>
        <button class="press main" type="submit"><Check :size="18" />Take it</button>
        <button v-if="several" class="press quiet small" type="button" @click="oneByOne">
          They differ: each by itself
        </button>
      </div>
      <p class="small soft row tight">
        <Radio :size="15" />{{ device ? `Listening to ${device}.` : 'No device.' }}
        <a :href="'/laser'" target="_blank" rel="noopener">Open the simulated laser</a>
        <button v-if="serial" class="word-press" type="button" @click="listen(serial)">Another device</button>
      </p>
    </form>
    <div v-else class="empty">
      <h2>{{ unit.name }} is measured</h2>
      <p>{{ steps.length }} lengths for {{ counted(spaces.length, 'place') }}.</p>
      <button class="press main" type="button" @click="emit('close')">Done</button>
    </div>
  </ModalDialog>
</template>

<style scoped>
.drawn {
  display: grid;
  place-items: center;
}
.asks {
  font-weight: 600;
  font-size: 1.05rem;
}
.large {
  font-size: 1.4rem;
  min-height: 52px;
}
</style>
