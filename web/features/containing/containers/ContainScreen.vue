<script setup lang="ts">
/** How many of which container each category needs: chosen with its reason, from the stock first. */
import { counted } from '@stube/core/notation';
import { computed, ref } from 'vue';
import { Grid3x3, LayoutGrid, PackageCheck, Puzzle, Scale } from '@lucide/vue';
import {
  chooseContainers,
  type ContainChoice,
  couldStand,
  countTypes,
  innerParts,
  leavesPlace,
  withSchool,
} from '@stube/core/containers';
import { nextStep } from '@stube/core/makeover';
import { type Bin, groupedBy } from '@stube/core/model';
import NextStep from '../../../frame/NextStep.vue';
import DrawnWhenNear from '../../../parts/DrawnWhenNear.vue';
import JumpBar from '../../../parts/JumpBar.vue';
import { useRoom } from '../../../data/room.ts';
import FitDialog from '../packing/FitDialog.vue';
import UnitFillDialog from '../packing/UnitFillDialog.vue';
import TrayDialog from '../packing/TrayDialog.vue';
import WayOut from '../../sorting/departures/WayOut.vue';
import UndecidedNote from '../../sorting/pile/UndecidedNote.vue';
import { BARE } from './bare.ts';
import ContainNeed from './ContainNeed.vue';
import LosesPlaces from './LosesPlaces.vue';
import RoomSchools from './RoomSchools.vue';
import SpaceSavers from './SpaceSavers.vue';
import StrategyDialog from './StrategyDialog.vue';
import ShoppingSheet from './ShoppingSheet.vue';
import { useFitted } from '../../../parts/planning/fitted.ts';
import { useContainersActions } from './actions.ts';

const { store, id, room, demands, compartments, bins, containContext: context, progress } = useRoom();
const { contain } = useContainersActions();
const { fitted, fitting: isFitting, settled } = useFitted();
const counts = ref<Record<string, number>>({});
const busy = ref(false);
const fitting = ref<'place' | 'unit' | null>(null);
const comparing = ref(false);
const trays = ref(false);
const hasDrawers = computed(() => compartments.value.some((space) => space.drawer));
const choices = computed<ContainChoice[]>(() =>
  context.value && room.value
    ? chooseContainers(demands.value, withSchool(context.value, room.value, demands.value)).map(fitted)
    : [],
);
/** Categories that could be kept without a container. */
const standable = computed(
  () =>
    new Set(
      demands.value
        .filter((demand) => context.value && couldStand(demand, context.value))
        .map(({ category }) => category.id),
    ),
);
const countOf = (choice: ContainChoice) => counts.value[choice.demand.category.id] ?? choice.chosen?.count ?? 0;
/** From so many categories on there are ways to each family. */
const MANY = 8;
/** About how high one is on the screen, px. */
const NEED_HEIGHT = 82;
const families = computed(() => {
  const byFamily = groupedBy(choices.value, ({ demand }) => demand.category.familyId);
  return [...store.data.family]
    .sort((a, b) => a.sort - b.sort || a.name.localeCompare(b.name))
    .map((family) => ({ family, own: byFamily.get(family.id) ?? [] }))
    .filter(({ own }) => own.length);
});
const parts = computed(() =>
  families.value.map(({ family, own }) => ({ id: `family-${family.id}`, name: family.name, count: own.length })),
);
const choose = (choice: ContainChoice, typeId: string) => {
  delete counts.value[choice.demand.category.id];
  return store.tryWrite(() =>
    store.patch('category', choice.demand.category, {
      containerTypeId: typeId === '' || typeId === BARE ? null : typeId,
      standsAlone: typeId === '' ? null : typeId === BARE,
    }),
  );
};
const wanted = computed(() =>
  choices.value.flatMap((choice) =>
    choice.chosen
      ? [
          {
            categoryId: choice.demand.category.id,
            containerTypeId: choice.chosen.type.id,
            count: countOf(choice),
            ...(choice.bare.length ? { bare: choice.bare } : {}),
          },
        ]
      : [],
  ),
);
/** What is in use when this is taken. */
const used = computed(() => countTypes([...(context.value?.kept ?? []), ...wanted.value], context.value?.taken));
/** Nothing is bought before the decisions are made and the groups are right (practice E8). */
const firstGuess = computed(() => {
  const step = progress.value ? nextStep(progress.value) : 'contain';
  return step === 'pile' || step === 'group';
});
const inner = computed(() => innerParts(demands.value, store.maps.family));
/** Parts to be found: a sorting case has its own. */
const innerTotal = computed(() =>
  choices.value.reduce(
    (sum, { demand, chosen }) =>
      sum + (chosen && chosen.type.compartments === 1 ? (inner.value.get(demand.category.id) ?? 0) : 0),
    0,
  ),
);
const total = computed(() => wanted.value.reduce((sum, one) => sum + one.count, 0));
const asTaken = computed(() => {
  const now = new Map<string, number>();
  for (const bin of bins.value)
    now.set(`${bin.categoryId} ${bin.containerTypeId}`, (now.get(`${bin.categoryId} ${bin.containerTypeId}`) ?? 0) + 1);
  return (
    wanted.value.length > 0 &&
    wanted.value.every((one) => (now.get(`${one.categoryId} ${one.containerTypeId}`) ?? 0) === one.count) &&
    total.value === bins.value.filter((bin) => wanted.value.some((one) => one.categoryId === bin.categoryId)).length
  );
});
/** Bins with a place that would get another container, or go. */
const leaving = ref<readonly Bin[]>([]);
async function ask(): Promise<void> {
  busy.value = true;
  // Nobody adds what the next moment shows otherwise.
  await settled();
  busy.value = false;
  leaving.value = leavesPlace(bins.value, wanted.value);
  if (!leaving.value.length) await take();
}
async function take(): Promise<void> {
  leaving.value = [];
  busy.value = true;
  await store.tryWrite(() => contain(id.value, { choices: wanted.value }));
  busy.value = false;
}
</script>

<template>
  <div class="work-two">
    <section class="stack">
      <div class="row between">
        <h2 class="title">{{ counted(total, 'bin') }} for {{ counted(demands.length, 'category', 'categories') }}</h2>
        <span class="row">
          <button v-if="bins.length && compartments.length" class="press" type="button" @click="fitting = 'place'">
            <Puzzle :size="18" />Does it fit?
          </button>
          <button v-if="bins.length && compartments.length" class="press" type="button" @click="fitting = 'unit'">
            <Grid3x3 :size="18" />Fill a unit
          </button>
          <button v-if="hasDrawers && demands.length" class="press" type="button" @click="trays = true">
            <LayoutGrid :size="18" />Trays for a drawer
          </button>
          <button v-if="demands.length" class="press" type="button" @click="comparing = true">
            <Scale :size="18" />Three ways to buy
          </button>
          <button
            v-if="demands.length"
            class="press main"
            type="button"
            :disabled="busy || asTaken || !total"
            @click="ask"
          >
            <PackageCheck :size="18" />{{ asTaken ? 'Added as shown' : 'Add these bins' }}
          </button>
          <NextStep v-if="bins.length" here="contain" />
        </span>
      </div>
      <p v-if="isFitting" class="small soft" role="status">Choosing what fits this room’s places …</p>
      <UndecidedNote why="Containers are chosen for what stays." />
      <div v-if="!demands.length" class="empty">
        <h2>First the pile, then the containers</h2>
        <p>
          What stays and has its category is reckoned here into litres and bins. Buying boxes first is the commonest
          mistake.
        </p>
        <RouterLink class="press main" :to="{ name: 'pile' }">To the pile</RouterLink>
      </div>
      <p v-else-if="!compartments.length" class="caution warn">
        This room is not measured yet, so nothing is said about what fits its shelves.
        <RouterLink :to="{ name: 'measure' }">Measure first</RouterLink>
      </p>
      <RoomSchools v-if="context && demands.length" :context="context" />
      <SpaceSavers />
      <JumpBar v-if="choices.length > MANY" :parts="parts" label="To a family" />
      <section
        v-for="{ family, own } in families"
        :id="`family-${family.id}`"
        :key="family.id"
        :aria-label="family.name"
      >
        <h2 class="family">{{ family.name }}</h2>
        <DrawnWhenNear :height="own.length * NEED_HEIGHT">
          <ul>
            <ContainNeed
              v-for="choice in own"
              :key="choice.demand.category.id"
              :choice="choice"
              :count="countOf(choice)"
              :standable="standable.has(choice.demand.category.id)"
              :inner="inner.get(choice.demand.category.id) ?? 0"
              @count="counts[choice.demand.category.id] = $event"
              @choose="choose(choice, $event)"
            />
          </ul>
        </DrawnWhenNear>
      </section>
      <WayOut />
    </section>
    <ShoppingSheet
      :choices="choices"
      :context="context"
      :used="used"
      :first-guess="firstGuess"
      :inner-parts="innerTotal"
      class="bench"
    />
    <StrategyDialog v-if="comparing && context" :context="context" @close="comparing = false" />
    <LosesPlaces v-if="leaving.length" :bins="leaving" @close="leaving = []" @add="take" />
    <TrayDialog v-if="trays" @close="trays = false" />
    <FitDialog v-if="fitting === 'place'" @close="fitting = null" @whole="fitting = 'unit'" />
    <UnitFillDialog v-if="fitting === 'unit'" @close="fitting = null" @single="fitting = 'place'" />
  </div>
</template>

<style scoped>
.family {
  padding: 10px 0 2px;
  border-bottom: 2px solid var(--rule-strong);
}
</style>
