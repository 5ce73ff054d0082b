<script setup lang="ts">
/** How many of which container each category needs: chosen with its reason, from the stock first. */
import { computed, ref } from 'vue';
import { PackageCheck, Puzzle } from '@lucide/vue';
import { innerParts } from '@stube/core/containers/inner';
import {
  chooseContainers,
  couldStand,
  standingOf,
  type ContainChoice,
  type ContainContext,
  type ContainerOption,
} from '@stube/core/containers/choose';
import { nextStep } from '@stube/core/makeover/progress';
import { countTypes } from '@stube/core/containers/shopping';
import { HUES } from '@stube/core/labels/hues';
import Pictogram from '../../drawing/Pictogram.vue';
import { litres, percent, said } from '../../parts/numbers.ts';
import { useRoom } from '../../data/room.ts';
import FitDialog from '../packing/FitDialog.vue';
import WayOut from '../departures/WayOut.vue';
import ShoppingSheet from './ShoppingSheet.vue';
import { useContainersActions } from './actions.ts';

const { store, id, demands, compartments, bins, progress } = useRoom();
/** The value of the choice in a select: a container, or none. */
const BARE = 'bare';
const { contain } = useContainersActions();
const counts = ref<Record<string, number>>({});
const busy = ref(false);
const fitting = ref(false);
const MAX_OPTIONS = 8;
const elsewhere = computed(() => countTypes(store.data.bin.filter((bin) => bin.roomId !== id.value)));
const context = computed<ContainContext | null>(() =>
  store.site
    ? {
        site: store.site,
        types: store.data.containerType,
        compartments: compartments.value,
        taken: elsewhere.value,
        standing: standingOf(bins.value),
      }
    : null,
);
const choices = computed<ContainChoice[]>(() => (context.value ? chooseContainers(demands.value, context.value) : []));
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
const fullOf = (choice: ContainChoice) =>
  choice.chosen ? (choice.chosen.full * choice.chosen.count) / Math.max(1, countOf(choice)) : 0;
const hue = (choice: ContainChoice) => HUES[store.maps.family.get(choice.demand.category.familyId)?.hue ?? 'ink'];
const say = (option: ContainerOption) =>
  option.type.id === null
    ? `${option.count === 1 ? '' : `${option.count} × `}without a container`
    : `${option.count} × ${option.type.name}${option.places === 0 && compartments.value.length ? ' – fits no compartment' : option.toBuy ? ` – ${option.toBuy} to buy` : ' – owned'}`;
const choose = (choice: ContainChoice, typeId: string) => {
  delete counts.value[choice.demand.category.id];
  return store.tryWrite(() =>
    store.patch('category', choice.demand.category, {
      containerTypeId: typeId === '' || typeId === BARE ? null : typeId,
      standsAlone: typeId === '' ? null : typeId === BARE,
    }),
  );
};
/** What is in use when this is taken: bins of other rooms and those chosen here. */
const used = computed(() => {
  const sum = new Map(elsewhere.value);
  for (const choice of choices.value)
    if (choice.chosen?.type.id) sum.set(choice.chosen.type.id, (sum.get(choice.chosen.type.id) ?? 0) + countOf(choice));
  return sum;
});
const wanted = computed(() =>
  choices.value.flatMap((choice) =>
    choice.chosen
      ? [{ categoryId: choice.demand.category.id, containerTypeId: choice.chosen.type.id, count: countOf(choice) }]
      : [],
  ),
);
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
async function take(): Promise<void> {
  busy.value = true;
  await store.tryWrite(() => contain(id.value, { choices: wanted.value }));
  busy.value = false;
}
</script>

<template>
  <div class="work-two">
    <section class="stack">
      <div class="row between">
        <h2 class="title">
          {{ total }} {{ total === 1 ? 'bin' : 'bins' }} for {{ demands.length }}
          {{ demands.length === 1 ? 'category' : 'categories' }}
        </h2>
        <span class="row">
          <button v-if="bins.length && compartments.length" class="press" type="button" @click="fitting = true">
            <Puzzle :size="18" />Does it fit?
          </button>
          <button
            v-if="demands.length"
            class="press main"
            type="button"
            :disabled="busy || asTaken || !total"
            @click="take"
          >
            <PackageCheck :size="18" />{{ asTaken ? 'Taken as shown' : bins.length ? 'Use these' : 'Take these' }}
          </button>
        </span>
      </div>
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
      <ul class="needs">
        <li v-for="choice in choices" :key="choice.demand.category.id" class="need">
          <span class="picture" :style="{ color: hue(choice) }"
            ><Pictogram :name="choice.demand.category.pictogram" :size="26"
          /></span>
          <div class="said">
            <h3>{{ choice.demand.category.name }}</h3>
            <span class="small soft">{{ choice.demand.said }} · {{ litres(choice.demand.litres) }}</span>
          </div>
          <template v-if="choice.chosen">
            <div class="pick">
              <input
                class="write count"
                :disabled="choice.chosen.type.id === null"
                type="number"
                min="0"
                max="200"
                :value="countOf(choice)"
                :aria-label="`How many for ${choice.demand.category.name}`"
                @change="
                  counts[choice.demand.category.id] = Math.max(
                    0,
                    Math.min(200, Math.round(Number(($event.target as HTMLInputElement).value))),
                  )
                "
              />
              <select
                class="write"
                :aria-label="`Container for ${choice.demand.category.name}`"
                :value="choice.byHand ? (choice.chosen.type.id ?? BARE) : ''"
                @change="choose(choice, ($event.target as HTMLSelectElement).value)"
              >
                <option value="">
                  {{ choice.byHand ? 'as proposed' : say(choice.chosen) }}
                </option>
                <option
                  v-for="option in choice.options
                    .filter((one) => choice.byHand || one.type.id !== choice.chosen!.type.id)
                    .slice(0, MAX_OPTIONS)"
                  :key="option.type.id!"
                  :value="option.type.id!"
                >
                  {{ say(option) }}
                </option>
                <option
                  v-if="standable.has(choice.demand.category.id) && (choice.byHand || !choice.bare.length)"
                  :value="BARE"
                >
                  without a container
                </option>
              </select>
            </div>
            <div v-if="choice.chosen.type.id !== null" class="fill">
              <svg viewBox="0 0 60 10" preserveAspectRatio="none" aria-hidden="true">
                <rect width="60" height="10" class="hollow" />
                <rect
                  :width="Math.min(1, fullOf(choice)) * 60"
                  height="10"
                  :class="fullOf(choice) > (store.site?.fillLimit ?? 0.8) + 0.001 ? 'over' : 'level'"
                />
                <path :d="`M${(store.site?.fillLimit ?? 0.8) * 60} 0v10`" class="limit" /></svg
              ><span class="small">{{ percent(fullOf(choice)) }} full</span>
            </div>
            <p class="small soft why">
              {{ choice.byHand ? 'chosen by hand; ' : '' }}{{ said(choice.chosen.reasons.join('; '))
              }}<template v-if="choice.chosen.type.id !== null && inner.get(choice.demand.category.id)"
                >; inside, {{ inner.get(choice.demand.category.id) }} pouches, trays or compartments</template
              >.
              <template v-if="choice.demand.unknown.length"
                >Not reckoned, as nobody told how large they are: {{ choice.demand.unknown.join(', ') }}.</template
              >
            </p>
            <p v-if="choice.over" class="small wrong why">
              The limit is the limit: {{ litres(choice.over.litres) }} too much. To go: {{ choice.over.words }}.
            </p>
          </template>
          <p v-else class="wrong none">{{ said(choice.problem ?? '') }}</p>
        </li>
      </ul>
      <WayOut />
    </section>
    <ShoppingSheet :used="used" :first-guess="firstGuess" :inner-parts="innerTotal" class="bench" />
    <FitDialog v-if="fitting" @close="fitting = false" />
  </div>
</template>

<style scoped>
.need {
  display: grid;
  grid-template-columns: 32px minmax(120px, 1fr) minmax(240px, 1.5fr) 104px;
  gap: 2px 12px;
  align-items: center;
  padding: 9px 0;
  border-bottom: 1px solid var(--rule);
}
.said {
  display: flex;
  flex-direction: column;
}
.pick {
  display: grid;
  grid-template-columns: 64px minmax(0, 1fr);
  gap: 6px;
}
.why {
  grid-column: 2 / -1;
}
.none {
  grid-column: 3 / -1;
}
.fill {
  display: flex;
  flex-direction: column;
  gap: 2px;
}
.fill svg {
  width: 100%;
  height: 12px;
}
.hollow {
  fill: var(--paper-card);
  stroke: var(--ink);
  stroke-width: 1;
  vector-effect: non-scaling-stroke;
}
.level {
  fill: var(--oak);
}
.over {
  fill: var(--brick);
}
.limit {
  stroke: var(--ink);
  stroke-width: 1.5;
  vector-effect: non-scaling-stroke;
}
@media (max-width: 760px) {
  .need {
    grid-template-columns: 30px minmax(0, 1fr) 92px;
  }
  .pick {
    grid-column: 1 / -1;
  }
  .why {
    grid-column: 1 / -1;
  }
  .fill {
    grid-row: 1;
    grid-column: 3;
  }
}
</style>
