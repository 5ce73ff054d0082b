<script setup lang="ts">
/** One category: how many of which container, how full each, and why. */
import { computed } from 'vue';
import {
  type ContainChoice,
  type ContainerOption,
  fillLimitOf,
  fitsCompartment,
  isBeyondLimit,
  MAX_BINS,
  whatWouldHelp,
} from '@stube/core/containers';
import { alwaysTight, tightWords } from '@stube/core/measuring';
import { HUES } from '@stube/core/labels';
import Pictogram from '../../../drawing/Pictogram.vue';
import { litres, percent, said } from '../../../parts/numbers.ts';
import { useRoom } from '../../../data/room.ts';
import { vHeld } from '../../../parts/held.ts';
import { BARE } from './bare.ts';

const props = defineProps<{
  choice: ContainChoice;
  count: number;
  /** Whether it could be kept without a container. */
  standable: boolean;
  /** Pouches, trays or compartments inside. */
  inner: number;
}>();
const emit = defineEmits<{ count: [count: number]; choose: [typeId: string] }>();
const { store, compartments } = useRoom();
const MAX_OPTIONS = 8;
const full = computed(() =>
  props.choice.chosen ? (props.choice.chosen.full * props.choice.chosen.count) / Math.max(1, props.count) : 0,
);
const hue = computed(() => HUES[store.maps.family.get(props.choice.demand.category.familyId)?.hue ?? 'ink']);
const help = computed(() => {
  const { chosen } = props.choice;
  return chosen && chosen.places === 0 && compartments.value.length
    ? whatWouldHelp(chosen.type, chosen.mass, compartments.value, store.maps.unit)
    : null;
});
/** It only just goes in, and nobody measured there. */
const tight = computed(() => {
  const { chosen } = props.choice;
  if (!chosen?.places) return null;
  const found = alwaysTight(chosen.type, compartments.value, (space) => fitsCompartment(chosen.type, space));
  const unit = found && store.maps.unit.get(found.space.unitId);
  return found && unit ? tightWords(`${found.space.name} of ${unit.name}`, found.sides) : null;
});
const say = (option: ContainerOption) =>
  option.type.id === null
    ? `${option.count === 1 ? '' : `${option.count} × `}without a container`
    : `${option.count} × ${option.type.name}${option.places === 0 && compartments.value.length ? ' – fits no compartment' : option.toBuy ? ` – ${option.toBuy} to buy` : ' – owned'}`;
</script>

<template>
  <li class="need">
    <span class="picture" :style="{ color: hue }"
      ><Pictogram :name="choice.demand.category.pictogram" :size="26"
    /></span>
    <div class="said">
      <h3>{{ choice.demand.category.name }}</h3>
      <span class="small soft">{{ said(choice.demand.said) }} · {{ litres(choice.demand.litres) }}</span>
    </div>
    <template v-if="choice.chosen">
      <div class="pick">
        <input
          v-held="count"
          class="write count"
          :disabled="choice.chosen.type.id === null"
          type="number"
          min="0"
          :max="MAX_BINS"
          :aria-label="`How many for ${choice.demand.category.name}`"
          @change="
            emit(
              'count',
              Math.max(0, Math.min(MAX_BINS, Math.round(Number(($event.target as HTMLInputElement).value)))),
            )
          "
        />
        <select
          class="write"
          :aria-label="`Container for ${choice.demand.category.name}`"
          :value="choice.byHand ? (choice.chosen.type.id ?? BARE) : ''"
          @change="emit('choose', ($event.target as HTMLSelectElement).value)"
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
          <option v-if="standable && (choice.byHand || !choice.bare.length)" :value="BARE">without a container</option>
        </select>
      </div>
      <div v-if="choice.chosen.type.id !== null" class="fill">
        <svg viewBox="0 0 60 10" preserveAspectRatio="none" aria-hidden="true">
          <rect width="60" height="10" class="hollow" />
          <rect
            :width="Math.min(1, full) * 60"
            height="10"
            :class="isBeyondLimit(full, fillLimitOf(store.site)) ? 'over' : 'level'"
          />
          <path :d="`M${fillLimitOf(store.site) * 60} 0v10`" class="limit" /></svg
        ><span class="small">{{ percent(full) }} full</span>
      </div>
      <p class="small soft why">
        {{ choice.byHand ? 'chosen by hand; ' : '' }}{{ said(choice.chosen.reasons.join('; '))
        }}<template v-if="choice.chosen.type.id !== null && inner"
          >; inside, {{ inner }} pouches, trays or compartments</template
        >.
        <template v-if="choice.demand.unknown.length"
          >Not reckoned, as nobody told how large they are: {{ choice.demand.unknown.join(', ') }}.</template
        >
      </p>
      <p v-if="help" class="small wrong why">Fits no compartment here: {{ said(help) }}.</p>
      <p v-if="tight" class="small wrong why">{{ said(tight) }}</p>
      <p v-if="choice.over" class="small wrong why">
        The limit is the limit: {{ litres(choice.over.litres) }} too much. To go: {{ choice.over.words }}.
      </p>
    </template>
    <p v-else class="wrong none">{{ said(choice.problem ?? '') }}</p>
  </li>
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
