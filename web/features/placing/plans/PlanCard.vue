<script setup lang="ts">
/** One whole plan, or the room as it stands: its figures, what has no place and why, and a picture of it. */
import { counted, formatMoney, plural } from '@stube/core/notation';
import { computed, ref } from 'vue';
import { useElementSize } from '@vueuse/core';
import { countDangers } from '@stube/core/cautions';
import { shapeOf } from '@stube/core/contents';
import type { PurchaseTotal } from '@stube/core/containers';
import { groupedBy } from '@stube/core/model';
import { type PlanFigures, type PlannedBin, weeksToMakeGood, type WholePlan } from '@stube/core/plans';
import { useDrawnBins } from '../../../drawing/drawn.ts';
import type { DrawnBin } from '../../../drawing/scale.ts';
import UnitElevation from '../../../drawing/UnitElevation.vue';
import { useRoom } from '../../../data/room.ts';
import { inWeeks, minutes, percent, signedSeconds } from '../../../parts/numbers.ts';

const props = defineProps<{
  title: string;
  figures: PlanFigures & PurchaseTotal;
  plan?: WholePlan;
  bins: readonly Pick<PlannedBin, 'id' | 'compartmentId' | 'categoryId'>[];
  now?: PlanFigures;
}>();
const { store, units, spacesOf, bins: today } = useRoom();
const { hueOf } = useDrawnBins();
const holder = ref<HTMLElement | null>(null);
const { width } = useElementSize(holder);
const nameOf = (id: string) => store.maps.person.get(id)?.name ?? id;
/** Who walks, the most first; the rest in one line, so that it adds up. */
const MOST_NAMED = 4;
const walkers = computed(() => {
  const all = props.figures.byPerson.map(({ person, seconds }) => ({ name: nameOf(person), seconds }));
  if (all.length <= MOST_NAMED) return all;
  const rest = all.slice(MOST_NAMED - 1);
  const seconds = rest.reduce((sum, one) => sum + one.seconds, 0);
  return [...all.slice(0, MOST_NAMED - 1), { name: `${rest.length} more`, seconds }];
});
/** @example '3, 1 of them a danger' */
const cautions = computed(() => {
  const all = props.figures.cautions;
  const dangers = countDangers(all);
  if (!dangers) return `${all.length}`;
  if (dangers === all.length) return dangers === 1 ? '1, a danger' : `${dangers}, all dangers`;
  return `${all.length}, ${dangers} of them ${plural(dangers, 'a danger', 'dangers')}`;
});
const drawn = computed(() => {
  const bySpace = new Map<string, DrawnBin[]>();
  for (const bin of props.bins as readonly PlannedBin[]) {
    const type = shapeOf(bin, store.maps.containerType);
    if (!bin.compartmentId || !type) continue;
    const { x, y, z, turned } = bin;
    const pictogram = store.maps.category.get(bin.categoryId)?.pictogram ?? 'package-open';
    const at = x === null || y === null || z === null ? null : { x, y, z, turned };
    const one: DrawnBin = { bin, type, hue: hueOf(bin), pictogram, full: null, at };
    bySpace.set(bin.compartmentId, [...(bySpace.get(bin.compartmentId) ?? []), one]);
  }
  return bySpace;
});
const NONE: readonly DrawnBin[] = [];
const px = computed(() => {
  const wide = Math.max(1, ...units.value.map((unit) => unit.width));
  return Math.min(0.1, Math.max(120, width.value - 10) / wide);
});
/** What has no place, by what keeps it from one, the most first. */
const unplaced = computed(() =>
  [...groupedBy(props.figures.unplaced, ({ why }) => why)]
    .map(([why, found]) => ({ why, names: found.map(({ name }) => name) }))
    .sort((a, b) => b.names.length - a.names.length),
);
const SHOWN = 3;
/** Seconds a week that go into looking in several places for things of one kind. */
const several = computed(
  () => props.figures.effort - props.figures.byPerson.reduce((sum, { seconds }) => sum + seconds, 0),
);
/** Kinds of thing that have no bin as the room stands: what they take is no change for the worse. */
const fresh = computed(() => {
  const known = new Set(today.value.map(({ categoryId }) => categoryId));
  return new Set(props.bins.map(({ categoryId }) => categoryId).filter((id) => !known.has(id))).size;
});
/** Seconds a week more or less than today, null where not the same is compared. */
const change = computed(() =>
  props.now && !fresh.value && props.now.unplaced.length === props.figures.unplaced.length
    ? props.figures.effort - props.now.effort
    : null,
);
/** Beyond two years the room will have changed anyway. */
const LONG_WEEKS = 104;
const madeGood = computed(() => {
  if (!props.plan?.moved || change.value === null) return null;
  const weeks = weeksToMakeGood(props.plan.moveSeconds, -change.value);
  return weeks === null ? 'not by minutes' : weeks > LONG_WEEKS ? 'not within 2 years' : inWeeks(weeks);
});
</script>

<template>
  <section class="sheet stack tight" :aria-label="title">
    <h3>{{ title }}</h3>
    <p>
      <b class="figure">{{ minutes(figures.effort) }}</b> a week
      <span v-if="change !== null" class="soft">
        ({{ Math.abs(change) < 1 ? 'the same' : signedSeconds(change) }})</span
      >
    </p>
    <dl class="small">
      <template v-for="({ name, seconds }, i) in walkers" :key="i">
        <dt>{{ name }}</dt>
        <dd>{{ minutes(seconds) }}</dd>
      </template>
      <template v-if="fresh">
        <dt>Not in bins today</dt>
        <dd>{{ counted(fresh, 'kind') }}</dd>
      </template>
      <template v-if="several >= 30">
        <dt>Looking in several places</dt>
        <dd>{{ minutes(several) }}</dd>
      </template>
      <template v-if="figures.pieces || plan">
        <dt>To buy</dt>
        <dd>
          {{ figures.pieces ? `${formatMoney(figures.cost, store.site!.currency)}, ${figures.pieces}` : 'nothing' }}
        </dd>
      </template>
      <dt>Places left free</dt>
      <dd>{{ percent(figures.free) }}</dd>
      <dt>Cautions</dt>
      <dd>{{ cautions }}</dd>
      <template v-if="plan">
        <dt>To be moved</dt>
        <dd>{{ plan.moved ? `${plan.moved}, about ${minutes(plan.moveSeconds)}` : 'nothing' }}</dd>
        <template v-if="madeGood">
          <dt>Carrying pays</dt>
          <dd>{{ madeGood }}</dd>
        </template>
      </template>
    </dl>
    <div v-if="figures.unplaced.length" class="caution warn small">
      <b>{{ figures.unplaced.length }} without a place</b>
      <ul>
        <li v-for="{ why, names } in unplaced" :key="why">
          {{ names.slice(0, SHOWN).join(', ') }}{{ names.length > SHOWN ? ` and ${names.length - SHOWN} more` : '' }}:
          {{ why }}
        </li>
      </ul>
    </div>
    <p v-if="plan?.leftOut.length" class="small">Waits for money: {{ plan.leftOut.join(', ') }}.</p>
    <div ref="holder" class="picture" role="img" :aria-label="`Picture of ${title}`">
      <UnitElevation
        v-for="unit in width ? units : []"
        :key="unit.id"
        aria-hidden="true"
        :shape="unit"
        :wheels="unit.wheels"
        :spaces="spacesOf(unit.id)"
        :name="unit.name"
        :px="px"
        :bins-in="(id) => drawn.get(id) ?? NONE"
      />
    </div>
    <slot />
  </section>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 0 10px;
  margin: 0;
}
dd {
  margin: 0;
  font-weight: 600;
  text-align: right;
}
.picture {
  display: flex;
  flex-wrap: wrap;
  align-items: flex-end;
  gap: 4px 6px;
}
</style>
