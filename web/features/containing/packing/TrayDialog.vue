<script setup lang="ts">
/** Loose trays for one drawer from scratch, in a room that has drawers: a tray for each kind of thing, the floor covered as well as it can be. */
import { counted, formatMoney } from '@stube/core/notation';
import { computed, onUnmounted, ref, shallowRef, watch } from 'vue';
import { proxy } from 'comlink';
import { Check, RotateCcw } from '@lucide/vue';
import { countTypes, purchasesBeyond, totalOf } from '@stube/core/containers';
import type { Demand } from '@stube/core/contents';
import { proposeTrays, takesTray, type TraySet } from '@stube/core/packing';
import { comesInto } from '@stube/core/body';
import { isYoung, keptFromChildren } from '@stube/core/hazards';
import FitPlan from '../../../drawing/FitPlan.vue';
import { useRoom } from '../../../data/room.ts';
import ModalDialog from '../../../parts/ModalDialog.vue';
import { litres, percent } from '../../../parts/numbers.ts';
import { useContainersActions } from '../containers/actions.ts';
import { today } from '../../../parts/day.ts';
import { usePlacementActions } from '../../placing/placement/actions.ts';
import { fitWorker } from './worker.ts';

const emit = defineEmits<{ close: [] }>();
const { store, id, room, units, compartments, demands, bins } = useRoom();
const { contain } = useContainersActions();
const { place } = usePlacementActions();
const drawers = computed(() => compartments.value.filter((space) => space.drawer));
const unitOf = (unitId: string) => units.value.find((unit) => unit.id === unitId);
/** Litres of what lies in a tray at most. */
const LARGEST = 3;
const lyingIn = (spaceId: string) => bins.value.filter((bin) => bin.compartmentId === spaceId);
/** The emptiest where something small has no bin yet; else the fullest, which is looked at again. */
function firstDrawer(): string {
  const isNew = demands.value.some(
    ({ category, litres: bulk }) => bulk <= LARGEST && !bins.value.some(({ categoryId }) => categoryId === category.id),
  );
  const byCount = [...drawers.value].sort((a, b) => lyingIn(a.id).length - lyingIn(b.id).length);
  return (isNew ? byCount[0] : byCount.at(-1))?.id ?? '';
}
const drawerId = ref(firstDrawer());
const drawer = computed(() => drawers.value.find((space) => space.id === drawerId.value)!);

/** What may lie in that drawer: small enough, and nothing that children of this room must not reach in an open one. */
const MOST = 24;
const likely = computed(() => {
  const people = room.value ? comesInto(room.value, store.data.person) : [];
  const children = people.some(({ kind }) => kind === 'child');
  const locked = !!unitOf(drawer.value.unitId)?.locked;
  const young = isYoung(people, today());
  return demands.value
    .filter(
      ({ category, litres: bulk }) =>
        bulk <= LARGEST && !category.standsAlone && (locked || !children || !keptFromChildren(category, young)),
    )
    .slice(-MOST);
});
/** What lies in that drawer now, and what of it goes into no tray: that is taken out first. */
const lying = computed(() => lyingIn(drawerId.value));
const inTheWay = computed(() => {
  const known = new Set(likely.value.map(({ category }) => category.id));
  return lying.value.filter(({ categoryId }) => !known.has(categoryId));
});
/** What lies in it keeps its place there, and those without a bin come in. */
const chosen = ref(new Set<string>());
watch(
  [likely, lying],
  ([list, own]) => {
    const here = new Set(own.map(({ categoryId }) => categoryId));
    const without = list.filter(({ category }) => !bins.value.some((bin) => bin.categoryId === category.id));
    const first = list.filter((demand) => here.has(demand.category.id) || without.includes(demand));
    chosen.value = new Set((first.length ? first : list.slice(0, 12)).map(({ category }) => category.id));
  },
  { immediate: true },
);
const toggle = (categoryId: string) => {
  const now = new Set(chosen.value);
  if (!now.delete(categoryId)) now.add(categoryId);
  chosen.value = now;
};

const found = shallowRef<TraySet | null>(null);
const searching = ref(false);
const none = ref(false);
let question = 0;
async function search(): Promise<void> {
  const asked = ++question;
  searching.value = true;
  found.value = null;
  none.value = false;
  const wanted = likely.value.filter(({ category }) => chosen.value.has(category.id));
  try {
    const set = await proposeTrays(drawer.value, store.data.containerType, wanted, store.site!, (problem) =>
      fitWorker().solve(
        problem,
        proxy(() => {}),
      ),
    );
    if (asked !== question) return;
    found.value = set;
    none.value = !set;
  } finally {
    if (asked === question) searching.value = false;
  }
}
onUnmounted(() => question++);

const boxes = computed(() =>
  (found.value?.trays ?? []).map(({ type, x, y, turned, demand }, i) => ({
    id: String(i),
    code: demand ? demand.category.name : 'free',
    name: type.name,
    hue: store.maps.family.get(demand?.category.familyId ?? '')?.hue ?? 'ink',
    x,
    y,
    z: 0,
    width: turned ? type.outDepth : type.outWidth,
    depth: turned ? type.outWidth : type.outDepth,
  })),
);
/** Trays with something in them: these are kept and bought; beside them there is room for more. */
const filled = computed(() => (found.value?.trays ?? []).filter(({ demand }) => demand));
const more = computed(() => (found.value?.trays.length ?? 0) - filled.value.length);
/** Without a tray: as the floor is full, or as no tray is made for it. */
const floorless = computed(() =>
  (found.value?.without ?? []).filter((demand) =>
    takesTray(drawer.value, store.data.containerType, demand, store.site!),
  ),
);
const trayless = computed(() => (found.value?.without ?? []).filter((demand) => !floorless.value.includes(demand)));
const names = (list: readonly Demand[]) => list.map(({ category }) => category.name).join(', ');
const purchases = computed(() => {
  // The containers of what gets a tray are free again.
  const ids = new Set(filled.value.map(({ demand }) => demand!.category.id));
  const taken = countTypes(store.data.bin.filter((bin) => bin.roomId !== id.value || !ids.has(bin.categoryId)));
  const used = countTypes(
    filled.value.map(({ type }) => ({ containerTypeId: type.id })),
    taken,
  );
  return purchasesBeyond(taken, used, store.data.containerType);
});
const cost = computed(() => totalOf(purchases.value).cost);

async function keep(): Promise<void> {
  const trays = filled.value;
  const choices = trays.map(({ type, demand }) => ({
    categoryId: demand!.category.id,
    containerTypeId: type.id,
    count: 1,
  }));
  if (!(await store.tryWrite(() => contain(id.value, { choices })))) return;
  const spots = new Map(trays.map(({ demand, x, y, turned }) => [demand!.category.id, { x, y, z: 0, turned }]));
  const placed = bins.value
    .filter((bin) => spots.has(bin.categoryId))
    .map((bin) => ({ binId: bin.id, compartmentId: drawerId.value, ...spots.get(bin.categoryId)! }));
  if (!(await store.tryWrite(() => place(id.value, placed, true)))) return;
  store.sayDone(`${placed.length} trays are kept in ${drawer.value.name}.`);
  emit('close');
}
</script>

<template>
  <ModalDialog title="Trays for a drawer" :width="940" @close="emit('close')">
    <div class="two">
      <section class="stack tight">
        <label class="field"
          ><span>Drawer</span
          ><select v-model="drawerId" class="write" @change="found = null">
            <option v-for="space in drawers" :key="space.id" :value="space.id">
              {{ unitOf(space.unitId)?.name }}, {{ space.name }}
            </option>
          </select></label
        >
        <fieldset>
          <legend class="field-name">What lies in it</legend>
          <label v-for="demand in likely" :key="demand.category.id" class="check">
            <input type="checkbox" :checked="chosen.has(demand.category.id)" @change="toggle(demand.category.id)" />{{
              demand.category.name
            }}
            <span class="small soft">{{ litres(demand.litres) }}</span>
          </label>
          <p v-if="!likely.length" class="soft">Nothing here is small enough, or safe in an open drawer.</p>
        </fieldset>
        <p v-if="inTheWay.length" class="caution warn small">
          In this drawer lies {{ inTheWay.map(({ code, name }) => `${code} ${name}`).join(', ') }}, which goes into no
          tray: give it another place first.
        </p>
        <button
          class="press"
          :class="{ main: !found }"
          type="button"
          :disabled="searching || !chosen.size || inTheWay.length > 0"
          @click="search"
        >
          <RotateCcw :size="16" />{{ searching ? 'Trying trays …' : found ? 'Again' : 'Propose trays' }}
        </button>
      </section>
      <section class="stack tight" aria-live="polite">
        <p v-if="none" class="caution warn">No tray of yours goes into that drawer: add one to the containers.</p>
        <template v-if="found">
          <p>
            <b class="figure">{{ percent(found.covered) }}</b> of the floor covered by
            {{ counted(filled.length, 'tray') }}{{ more ? ` and room for ${more} more` : '' }};
            <b class="figure">{{ formatMoney(cost, store.site!.currency) }}</b> to buy.
          </p>
          <FitPlan
            :space="{ name: drawer.name, width: drawer.width, depth: drawer.depth }"
            :boxes="boxes"
            :free="[]"
            :system="store.site?.system"
          />
          <p v-if="floorless.length" class="caution warn">
            The drawer is too small for all of it: no floor is left for {{ names(floorless) }}. Another drawer, or fewer
            things, would help.
          </p>
          <p v-if="trayless.length" class="caution warn">No tray here takes {{ names(trayless) }}.</p>
          <ul class="small">
            <li v-for="purchase in purchases" :key="purchase.type.id">
              {{ purchase.pieces }} × {{ purchase.type.name }}, {{ formatMoney(purchase.cost, store.site!.currency) }}
            </li>
          </ul>
          <p class="small soft">Buy one of each first and try it in the drawer. What is free takes what comes.</p>
          <button class="press main" type="button" @click="keep"><Check :size="16" />Keep these trays</button>
        </template>
      </section>
    </div>
  </ModalDialog>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.3fr);
  gap: 24px;
  align-items: start;
}
fieldset {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
  gap: 2px 10px;
  max-height: 340px;
  overflow-y: auto;
}
@media (max-width: 760px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
