<script setup lang="ts">
/** A drawer or shelf from above, filled while one watches: the jigsaw that is solved by trial and error otherwise. */
import { byId } from '@stube/core/model';
import { computed, onMounted, onUnmounted, ref, shallowRef, toRaw, watch } from 'vue';
import { proxy } from 'comlink';
import ModalDialog from '../../../parts/ModalDialog.vue';
import ProgressBar from 'primevue/progressbar';
import { Check, RotateCcw, Square } from '@lucide/vue';
import { blockersOf, fitProblemOf, freeSpaces, nearMisses } from '@stube/core/packing';
import { shapeOf } from '@stube/core/contents';
import type { FitAnswer, FitProblem } from '@stube/core/problems';
import { tightSides, tightWords } from '@stube/core/measuring';
import { formatLength } from '@stube/core/notation';
import { said } from '../../../parts/numbers.ts';
import { useDrawnBins } from '../../../drawing/drawn.ts';
import FitPlan from '../../../drawing/FitPlan.vue';
import { useRoom } from '../../../data/room.ts';
import { searchBudget } from '../../../data/worker/budget.ts';
import { fitWorker } from './worker.ts';
import { usePlacementActions } from '../../placing/placement/actions.ts';

const emit = defineEmits<{ close: []; whole: [] }>();
const { store, id, bins, units, compartments, spacesOf } = useRoom();
const { place } = usePlacementActions();
const { hueOf } = useDrawnBins();
const TIME_MS = 4000;
/** Begins with the fullest drawer, else the fullest shelf. */
const fullness = (space: { id: string; drawer: boolean }) =>
  bins.value.filter((bin) => bin.compartmentId === space.id).length + (space.drawer ? 0.5 : 0);
const spaceId = ref([...compartments.value].sort((a, b) => fullness(b) - fullness(a))[0]!.id);
const space = computed(() => compartments.value.find((compartment) => compartment.id === spaceId.value)!);
const candidates = computed(() =>
  bins.value.filter((bin) => bin.compartmentId === spaceId.value || !bin.compartmentId),
);
const problem = computed(() =>
  fitProblemOf(space.value, candidates.value, store.maps.category, store.maps.containerType, searchBudget(TIME_MS)),
);
/** A packing with the question it answers: the room may change while one watches. */
const found = shallowRef<{ problem: FitProblem; answer: FitAnswer } | null>(null);
const answer = computed(() => found.value?.answer ?? null);
const news = ref<{ done: number; value: number; bound: number } | null>(null);
const running = ref(false);
/** A later question makes the answer of an earlier one worthless. */
let question = 0;

async function fill(): Promise<void> {
  const asked = ++question;
  const own = toRaw(problem.value);
  found.value = null;
  news.value = null;
  running.value = true;
  try {
    await fitWorker().stop();
    const last = await fitWorker().solve(
      structuredClone(own),
      proxy((now) => {
        if (asked !== question) return;
        news.value = { done: now.done, value: now.value, bound: now.bound };
        if (now.answer) found.value = { problem: own, answer: now.answer };
      }),
    );
    if (asked !== question) return;
    found.value = { problem: own, answer: last };
    news.value = { done: 1, value: last.value, bound: last.bound };
  } finally {
    if (asked === question) running.value = false;
  }
}
watch(spaceId, fill);
onMounted(fill);
onUnmounted(() => {
  question++;
  void fitWorker().stop();
});

const boxes = computed(() =>
  (answer.value?.placed ?? []).flatMap((put) => {
    const bin = store.maps.bin.get(put.id);
    const type = bin && shapeOf(bin, store.maps.containerType);
    return bin && type
      ? [
          {
            id: bin.id,
            code: bin.code,
            name: bin.name,
            hue: hueOf(bin),
            x: put.x,
            y: put.y,
            z: put.z,
            width: put.turned ? type.outDepth : type.outWidth,
            depth: put.turned ? type.outWidth : type.outDepth,
            height: type.outHeight,
            uses: 1,
          },
        ]
      : [];
  }),
);
const spaces = computed(() => (found.value ? freeSpaces(found.value.problem, found.value.answer) : []));
const moved = computed(() =>
  blockersOf(boxes.value, space.value.access)
    .map((list, i) => ({ box: boxes.value[i]!, list: list.map((j) => boxes.value[j]!.code) }))
    .filter((one) => one.list.length),
);
const tight = computed(() =>
  tightSides(space.value, {
    width: Math.max(0, ...boxes.value.map((box) => box.x + box.width)),
    depth: Math.max(0, ...boxes.value.map((box) => box.y + box.depth)),
    height: Math.max(0, ...boxes.value.map((box) => box.z + box.height)),
  }),
);
const leftOut = computed(() => {
  const placed = new Set(answer.value?.placed.map((put) => put.id));
  const misses = byId(found.value ? nearMisses(found.value.problem, found.value.answer) : []);
  return candidates.value.filter((bin) => !placed.has(bin.id)).map((bin) => ({ bin, miss: misses.get(bin.id) }));
});
const length = (mm: number) => formatLength(mm, store.site?.system);
const sayMiss = (miss: (typeof leftOut.value)[number]['miss']) =>
  !miss
    ? ''
    : miss.lower
      ? `${length(miss.lower)} too high`
      : [miss.narrower && `${length(miss.narrower)} narrower`, miss.shallower && `${length(miss.shallower)} shallower`]
          .filter(Boolean)
          .join(' and ') + ' and it would fit';
const words = computed(() => {
  const now = news.value;
  if (!now) return 'Beginning …';
  if (now.value >= now.bound - 1e-9)
    return `${boxes.value.length} of ${candidates.value.length} find room; nothing better is possible.`;
  return `${boxes.value.length} of ${candidates.value.length} find room, worth ${Math.round((now.value / now.bound) * 100)} % of what could be possible at most.`;
});
async function keep(): Promise<void> {
  const inside = new Map((answer.value?.placed ?? []).map((put) => [put.id, put]));
  const placed = candidates.value.map((bin) => {
    const put = inside.get(bin.id);
    if (!put) return { binId: bin.id, compartmentId: null };
    const { x, y, z, turned } = put;
    return { binId: bin.id, compartmentId: spaceId.value, x, y, z, turned };
  });
  if (await store.tryWrite(() => place(id.value, placed, true))) {
    store.sayDone(`${inside.size} bins kept in ${space.value.name}.`);
    emit('close');
  }
}
</script>

<template>
  <ModalDialog title="Does it fit?" :width="920" @close="emit('close')">
    <div class="two">
      <div class="stack">
        <label class="field"
          ><span>Drawer or shelf</span
          ><select v-model="spaceId" class="write">
            <optgroup v-for="unit in units" :key="unit.id" :label="unit.name">
              <option v-for="one in spacesOf(unit.id)" :key="one.id" :value="one.id">
                {{ one.name }}, {{ length(one.width) }} × {{ length(one.depth) }} × {{ length(one.height) }}
              </option>
            </optgroup>
          </select></label
        >
        <button class="press quiet small" type="button" @click="emit('whole')">Fill a whole unit</button>
        <FitPlan :space="space" :boxes="boxes" :free="spaces" :system="store.site?.system" />
        <ProgressBar
          :value="Math.round((news?.done ?? 0) * 100)"
          :show-value="false"
          aria-label="Time for the search"
        />
      </div>
      <div class="stack">
        <p role="status">{{ words }}</p>
        <div class="row">
          <button v-if="running" class="press" type="button" @click="fitWorker().stop()">
            <Square :size="16" />Stop</button
          ><button v-else class="press" type="button" @click="fill"><RotateCcw :size="16" />Again</button
          ><button class="press main" type="button" :disabled="running || !boxes.length" @click="keep">
            <Check :size="18" />Keep it so
          </button>
        </div>
        <p v-if="tight.length" class="caution warn small">{{ said(tightWords(space.name, tight)) }}</p>
        <section v-if="spaces.length" class="stack tight">
          <h3>Left over</h3>
          <ul class="small">
            <li v-for="one in spaces" :key="`${one.x} ${one.y}`">{{ length(one.width) }} × {{ length(one.depth) }}</li>
          </ul>
        </section>
        <section v-if="leftOut.length" class="stack tight">
          <h3>Left out</h3>
          <ul class="small out">
            <li v-for="{ bin, miss } in leftOut" :key="bin.id">
              <b>{{ bin.code }}</b> {{ bin.name }}<span class="soft">{{ miss ? `: ${sayMiss(miss)}` : '' }}</span>
            </li>
          </ul>
        </section>
        <section v-if="moved.length" class="stack tight">
          <h3>To be moved first</h3>
          <ul class="small">
            <li v-for="{ box, list } in moved" :key="box.id">
              <b>{{ box.code }}</b> behind or under {{ list.join(', ') }}
            </li>
          </ul>
        </section>
      </div>
    </div>
  </ModalDialog>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: minmax(0, 1.4fr) minmax(0, 1fr);
  gap: 24px;
  align-items: start;
}
.out {
  max-height: 220px;
  overflow-y: auto;
}
@media (max-width: 760px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
