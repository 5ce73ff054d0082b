<script setup lang="ts">
/** Three ways to buy for this room, side by side under a budget; taking one chooses the containers, one undo takes it back. */
import { counted, formatMoney, minorDigits } from '@stube/core/notation';
import { computed, ref } from 'vue';
import { Check } from '@lucide/vue';
import { type ContainContext, strategiesOf, type Strategy } from '@stube/core/containers';
import { strategyName as nameOf } from '@stube/core/containers';
import { useRoom } from '../../../data/room.ts';
import ModalDialog from '../../../parts/ModalDialog.vue';
import NumberField from '../../../parts/NumberField.vue';
import { percent } from '../../../parts/numbers.ts';
import { BARE } from './bare.ts';

const props = defineProps<{ context: ContainContext }>();
const emit = defineEmits<{ close: [] }>();
const { store, demands } = useRoom();
const currency = computed(() => store.site?.currency ?? 'EUR');
const budget = ref<number | null>(null);
const minor = computed(() =>
  budget.value === null ? null : Math.round(budget.value * 10 ** minorDigits(currency.value)),
);
const strategies = computed(() => strategiesOf(demands.value, props.context, minor.value));
const few = (names: readonly string[]) =>
  names.length > 4 ? `${names.slice(0, 4).join(', ')} and ${names.length - 4} more` : names.join(', ');

async function take(strategy: Strategy): Promise<void> {
  const update = strategy.choices.flatMap(({ demand: { category }, chosen, byHand }) => {
    const containerTypeId = chosen?.type.id ?? null;
    // What was chosen by hand stays, what stands without a container too, and what waits is not chosen yet.
    if (byHand || !chosen || containerTypeId === null || containerTypeId === BARE) return [];
    if (category.containerTypeId === containerTypeId) return [];
    return [
      {
        table: 'category' as const,
        id: category.id,
        version: category.version,
        values: { containerTypeId, standsAlone: false },
      },
    ];
  });
  const done =
    !update.length ||
    (await store.tryWrite(() => store.writeTogether({ what: `containers: ${nameOf(strategy)}`, update })));
  if (!done) return;
  store.sayDone(`${nameOf(strategy)}: chosen for ${strategy.choices.length} categories.`);
  emit('close');
}
</script>

<template>
  <ModalDialog title="Three ways to buy" :width="900" @close="emit('close')">
    <div class="stack">
      <div class="budget">
        <NumberField v-model="budget" :label="`At most, ${currency}`" optional />
        <p class="small soft">Left empty, there is no limit. What is fetched least often waits.</p>
      </div>
      <div class="ways">
        <section
          v-for="strategy in strategies"
          :key="strategy.id"
          class="sheet stack tight"
          :aria-label="nameOf(strategy)"
        >
          <h3>{{ nameOf(strategy) }}</h3>
          <p>
            <b class="figure">{{ formatMoney(strategy.cost, currency) }}</b> for
            {{ counted(strategy.pieces, 'piece') }} to buy
          </p>
          <dl>
            <dt>Kinds in use</dt>
            <dd>{{ strategy.kinds }}</dd>
            <dt>Full, on average</dt>
            <dd>{{ strategy.full === null ? 'none' : percent(strategy.full) }}</dd>
          </dl>
          <ul v-if="strategy.purchases.length" class="small">
            <li v-for="purchase in strategy.purchases.slice(0, 5)" :key="purchase.type.id">
              {{ purchase.pieces }} × {{ purchase.type.name }}, {{ formatMoney(purchase.cost, currency) }}
            </li>
            <li v-if="strategy.purchases.length > 5" class="soft">
              and {{ strategy.purchases.length - 5 }} more kinds
            </li>
          </ul>
          <p v-if="strategy.others.length" class="small">Nothing of the set takes {{ few(strategy.others) }}.</p>
          <p v-if="strategy.leftOut.length" class="caution warn">
            Without a container for now: {{ few(strategy.leftOut) }}.
          </p>
          <button
            class="press"
            type="button"
            :aria-label="`Take this way: ${nameOf(strategy)}`"
            @click="take(strategy)"
          >
            <Check :size="16" />Take this way
          </button>
        </section>
      </div>
      <p class="small soft">
        What you chose by hand is kept in each. Buy one of each kind first, and try it in its place.
      </p>
    </div>
  </ModalDialog>
</template>

<style scoped>
.budget {
  display: grid;
  grid-template-columns: 160px minmax(0, 1fr);
  gap: 14px;
  align-items: end;
}
.ways {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 14px;
  align-items: start;
}
dl {
  display: grid;
  grid-template-columns: 1fr auto;
  margin: 0;
}
dd {
  margin: 0;
  font-weight: 600;
}
@media (max-width: 760px) {
  .ways,
  .budget {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
