<script setup lang="ts">
/** All drawers and shelves of one unit, filled in one go; what is left in each, and what would make use of it. */
import { computed, onMounted, onUnmounted, ref, shallowRef, watch } from 'vue';
import { proxy } from 'comlink';
import { Check, RotateCcw, Square } from '@lucide/vue';
import { shapeOf } from '@stube/core/contents';
import { countTypes } from '@stube/core/containers';
import { tightSides, tightWords } from '@stube/core/measuring';
import {
  ABOVE,
  type FillAnswer,
  type FillProblem,
  fillProblemOf,
  type Gap,
  leftoverOf,
  topOf,
} from '@stube/core/packing';
import { placeProblemOf } from '@stube/core/placement';
import { counted, formatLength } from '@stube/core/notation';
import FitPlan from '../../../drawing/FitPlan.vue';
import { useDrawnBins } from '../../../drawing/drawn.ts';
import ModalDialog from '../../../parts/ModalDialog.vue';
import { said, sidesOf } from '../../../parts/numbers.ts';
import { useRoom } from '../../../data/room.ts';
import { usePlacementActions } from '../../placing/placement/actions.ts';
import { fitWorker } from './worker.ts';

const emit = defineEmits<{ close: []; single: [] }>();
const { store, id, bins, units, spacesOf, placeData } = useRoom();
const { place } = usePlacementActions();
const { hueOf } = useDrawnBins();
const packed = (unitId: string) => spacesOf(unitId).filter(({ hangs }) => !hangs);
const fillable = computed(() => units.value.filter((unit) => packed(unit.id).length));
/** Begins with the unit that most is meant for. */
const countIn = (unitId: string) => {
  const ids = new Set(spacesOf(unitId).map(({ id: space }) => space));
  return bins.value.filter((bin) => bin.compartmentId && ids.has(bin.compartmentId)).length;
};
const unitId = ref([...fillable.value].sort((a, b) => countIn(b.id) - countIn(a.id))[0]?.id ?? '');
const bench = ref(true);
const spaces = computed(() => packed(unitId.value));
const meant = computed(() => {
  const ids = new Set(spaces.value.map((space) => space.id));
  return bins.value.filter((bin) => (bin.compartmentId ? ids.has(bin.compartmentId) : bench.value));
});
const problem = computed<FillProblem>(() =>
  fillProblemOf(
    spaces.value,
    meant.value,
    placeProblemOf(placeData.value!),
    store.maps.category,
    store.maps.containerType,
  ),
);
const found = shallowRef<FillAnswer | null>(null);
const placed = ref(0);
const running = ref(false);
let question = 0;
async function fill(): Promise<void> {
  const asked = ++question;
  found.value = null;
  placed.value = 0;
  if (!meant.value.length) return;
  running.value = true;
  try {
    await fitWorker().stop();
    const answer = await fitWorker().fill(
      problem.value,
      proxy((now) => {
        if (asked === question) placed.value = now;
      }),
    );
    if (asked === question) found.value = answer;
  } finally {
    if (asked === question) running.value = false;
  }
}
watch([unitId, bench], fill);
onMounted(fill);
onUnmounted(() => {
  question++;
  void fitWorker().stop();
});

const free = computed(() => {
  const used = countTypes(store.data.bin);
  return new Map(store.data.containerType.map((type) => [type.id, type.owned - (used.get(type.id) ?? 0)]));
});
const length = (mm: number) => formatLength(mm, store.site?.system);
const filled = computed(() =>
  (found.value?.spaces ?? []).flatMap(({ space: spaceId, problem: fit, answer }) => {
    const space = store.maps.compartment.get(spaceId);
    if (!space || !answer.placed.length) return [];
    const boxes = answer.placed.flatMap((put) => {
      const bin = store.maps.bin.get(put.id);
      const type = bin && shapeOf(bin, store.maps.containerType);
      if (!bin || !type) return [];
      const [width, depth] = put.turned ? [type.outDepth, type.outWidth] : [type.outWidth, type.outDepth];
      return [{ ...put, id: bin.id, code: bin.code, name: bin.name, hue: hueOf(bin), width, depth }];
    });
    const leftover = leftoverOf(fit, answer, store.data.containerType, free.value);
    const reach = {
      width: Math.max(0, ...boxes.map((box) => box.x + box.width)),
      depth: Math.max(0, ...boxes.map((box) => box.y + box.depth)),
      height: topOf(fit, answer),
    };
    const tight = tightSides(space, reach);
    return [{ space, boxes, leftover, stacked: boxes.some(({ z }) => z > 0), tight }];
  }),
);
const without = computed(() => (found.value?.without ?? []).flatMap((one) => store.maps.bin.get(one) ?? []));
const words = computed(() => {
  if (!meant.value.length) return 'Nothing is meant for it yet: no bin stands in it, and none is on the bench.';
  const count = found.value ? meant.value.length - found.value.without.length : placed.value;
  if (!found.value) return `${count} of ${meant.value.length} have found room so far …`;
  return count === meant.value.length ? `All ${count} find room.` : `${count} of ${meant.value.length} find room.`;
});
const sayAbove = ({ above, hand }: { above: number | null; hand: number }) =>
  above === null || above < ABOVE
    ? ''
    : `${length(above)} left above${hand ? `, besides ${length(hand)} for the hand` : ''}`;
const sayGap = ({ rect, tray, divider }: Gap) => {
  const size = sidesOf(rect.width, rect.depth);
  if (tray)
    return `${size}: ${tray.type.name} would use it${tray.free ? `, you have ${tray.free}` : ''}${tray.turned ? ', turned' : ''}`;
  return divider
    ? `${size}: too narrow for a tray; a divider of ${sidesOf(divider.length, divider.height)} keeps things apart`
    : size;
};
async function keep(): Promise<void> {
  const homes = new Map(
    (found.value?.spaces ?? []).flatMap(({ space, answer }) =>
      answer.placed.map(
        ({ id: binId, x, y, z, turned }) => [binId, { compartmentId: space, x, y, z, turned }] as const,
      ),
    ),
  );
  const moves = meant.value.map((bin) => ({ binId: bin.id, ...(homes.get(bin.id) ?? { compartmentId: null }) }));
  if (await store.tryWrite(() => place(id.value, moves, true))) {
    store.sayDone(`${homes.size} bins kept in ${store.maps.unit.get(unitId.value)?.name}.`);
    emit('close');
  }
}
</script>

<template>
  <ModalDialog title="Fill a whole unit" :width="1100" @close="emit('close')">
    <div class="stack">
      <div class="row">
        <label class="field"
          ><span>Unit</span
          ><select v-model="unitId" class="write">
            <option v-for="unit in fillable" :key="unit.id" :value="unit.id">
              {{ unit.name }}, {{ packed(unit.id).length }} places
            </option>
          </select></label
        >
        <label class="check"><input v-model="bench" type="checkbox" />with what is on the bench</label>
        <button class="press quiet" type="button" @click="emit('single')">One place only</button>
      </div>
      <div class="row between">
        <p role="status" class="figure-line">{{ words }}</p>
        <span class="row">
          <button v-if="running" class="press" type="button" @click="fitWorker().stop()">
            <Square :size="16" />Stop</button
          ><button v-else class="press" type="button" @click="fill"><RotateCcw :size="16" />Again</button
          ><button class="press main" type="button" :disabled="running || !filled.length" @click="keep">
            <Check :size="18" />Keep it so
          </button></span
        >
      </div>
      <div class="places">
        <section v-for="one in filled" :key="one.space.id" class="place" :aria-label="one.space.name">
          <h3>{{ one.space.name }}</h3>
          <FitPlan
            :space="one.space"
            :boxes="one.boxes"
            :free="one.leftover.gaps.map(({ rect }) => rect)"
            :system="store.site?.system"
          />
          <ul class="small">
            <li>
              {{ counted(one.boxes.length, 'bin') }}{{ one.stacked ? ', some on one another' : ''
              }}{{ sayAbove(one.leftover) ? `; ${sayAbove(one.leftover)}` : '' }}
            </li>
            <li v-for="gap in one.leftover.gaps.slice(0, 3)" :key="`${gap.rect.x} ${gap.rect.y}`">
              {{ sayGap(gap) }}
            </li>
            <li v-if="one.tight.length" class="caution warn">{{ said(tightWords(one.space.name, one.tight)) }}</li>
          </ul>
        </section>
      </div>
      <section v-if="without.length" class="stack tight">
        <h3>No room for</h3>
        <ul class="small">
          <li v-for="bin in without" :key="bin.id">
            <b>{{ bin.code }}</b> {{ bin.name }}
          </li>
        </ul>
      </section>
    </div>
  </ModalDialog>
</template>

<style scoped>
.places {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(250px, 1fr));
  gap: 20px;
  align-items: start;
}
.place {
  display: grid;
  gap: 6px;
}
.place :deep(svg) {
  max-height: 210px;
}
.figure-line {
  font-weight: 600;
}
</style>
