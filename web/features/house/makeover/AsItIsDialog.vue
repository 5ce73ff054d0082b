<script setup lang="ts">
/** The room as it was kept, beside what it is now: what fetching takes, how much of the furniture is used, what never was. */
import { computed, ref } from 'vue';
import { useElementSize } from '@vueuse/core';
import { asItIsOf, figuresOf, neverUsed, type StateFigures } from '@stube/core/makeover';
import type { AsItIs, Bin } from '@stube/core/model';
import { bareShape, type BinShape } from '@stube/core/contents';
import ModalDialog from '../../../parts/ModalDialog.vue';
import UnitElevation from '../../../drawing/UnitElevation.vue';
import { useDrawnBins } from '../../../drawing/drawn.ts';
import type { DrawnBin } from '../../../drawing/scale.ts';
import { formatDay } from '../../../parts/day.ts';
import { litres, minutes, percent } from '../../../parts/numbers.ts';
import { useRoom } from '../../../data/room.ts';
import { useMakeoverActions } from './actions.ts';

const emit = defineEmits<{ close: [] }>();
const { store, room, placeData } = useRoom();
const { hueOf } = useDrawnBins();
const { keepAsItIs } = useMakeoverActions();
const now = computed<AsItIs | null>(() => (placeData.value ? asItIsOf(placeData.value, hueOf) : null));
const then = computed(() => room.value?.asItIs ?? null);
const states = computed(() =>
  [
    ...(then.value ? [{ title: `As it was, ${formatDay(then.value.day)}`, state: then.value }] : []),
    ...(now.value ? [{ title: 'As it is now', state: now.value }] : []),
  ].map(({ title, state }) => ({ title, state, figures: figuresOf(state) })),
);
const idle = computed(() => (then.value && now.value ? neverUsed(then.value, now.value) : []));
const ROWS: { words: string; tell: (figures: StateFigures) => string }[] = [
  {
    words: 'Fetching and putting back, a week',
    tell: ({ effort, bins, unplaced }) => (bins > unplaced ? minutes(effort) : 'nothing has its place'),
  },
  { words: 'Bins', tell: ({ bins }) => `${bins}` },
  { words: 'of them without a place', tell: ({ unplaced }) => `${unplaced}` },
  { words: 'Inside of all places', tell: ({ room: inside }) => litres(inside) },
  {
    words: 'of it in use',
    tell: ({ used, room: inside }) => (inside ? `${litres(used)}, ${percent(used / inside)}` : 'none'),
  },
  { words: 'Places with nothing in them', tell: ({ empty, places }) => `${empty} of ${places}` },
];
async function keep(): Promise<void> {
  if (!room.value) return;
  const done = await store.tryWrite(() => keepAsItIs(room.value!.id));
  if (done) store.sayDone('Kept: every later plan is shown beside it.');
}
const holder = ref<HTMLElement | null>(null);
const { width } = useElementSize(holder);
const px = computed(() => Math.min(0.11, Math.max(200, width.value) / 9000));
const drawn = (unit: AsItIs['units'][number], u: number) => ({
  spaces: unit.spaces.map((space, i) => ({ ...space, id: `${u} ${i}` })),
  binsIn: (id: string): DrawnBin[] =>
    (unit.spaces[Number(id.split(' ')[1])]?.bins ?? []).map((bin, i) => ({
      bin: { id: `${id} ${i}`, code: bin.code, name: bin.name, categoryId: bin.name } as Bin,
      type: {
        ...bareShape(bin.outWidth, bin.outDepth, bin.outHeight),
        id: bin.code,
        seeThrough: false,
      } satisfies BinShape,
      hue: bin.hue,
      pictogram: 'package-open',
      full: null,
    })),
});
</script>

<template>
  <ModalDialog :title="`${room?.name}: as it is`" :width="1100" @close="emit('close')">
    <div class="stack">
      <div class="row between">
        <p class="soft intro">
          {{
            then
              ? 'What was kept stays as it was. Every later plan is shown beside it.'
              : 'Keep the room as it stands today, before anything is moved: later you see what the work was worth.'
          }}
        </p>
        <button class="press" :class="{ main: !then }" type="button" @click="keep">
          {{ then ? 'Keep it anew, as it is now' : 'Keep it as it is' }}
        </button>
      </div>
      <table class="ledger">
        <thead>
          <tr>
            <th>what it comes to</th>
            <th v-for="{ title } in states" :key="title" class="number">{{ title }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="{ words, tell } in ROWS" :key="words">
            <td>{{ words }}</td>
            <td v-for="{ title, figures } in states" :key="title" class="number">{{ tell(figures) }}</td>
          </tr>
        </tbody>
      </table>
      <p v-if="idle.length" class="small">Never used, then or now: {{ idle.join(', ') }}.</p>
      <div ref="holder" class="stack">
        <section v-for="{ title, state } in width ? states : []" :key="title" :aria-label="title">
          <h3>{{ title }}</h3>
          <div class="wall" inert>
            <UnitElevation
              v-for="(unit, i) in state.units"
              :key="i"
              :shape="unit"
              :wheels="unit.wheels"
              :spaces="drawn(unit, i).spaces"
              :name="unit.name"
              :px="px"
              :system="store.site?.system"
              :bins-in="drawn(unit, i).binsIn"
            />
          </div>
        </section>
      </div>
    </div>
  </ModalDialog>
</template>

<style scoped>
.wall {
  display: flex;
  flex-wrap: wrap;
  align-items: flex-end;
  gap: 6px 14px;
}
.intro {
  flex: 1 1 260px;
}
</style>
