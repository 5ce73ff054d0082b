<script setup lang="ts">
/** What is to be ordered, by its day, against the budget of the month (practice S1). */
import { formatMoney } from '@stube/core/notation';
import { computed } from 'vue';
import { type Forecasted, ordersOf, packsOf } from '@stube/core/restock';
import MoneyField from '../../../parts/MoneyField.vue';
import { formatDay, formatMonth, today } from '../../../parts/day.ts';
import { useSite } from '../../../data/site.ts';

const props = defineProps<{ rows: readonly Forecasted[] }>();
const store = useSite();
const orders = computed(() => ordersOf(props.rows, store.data, today()));
const budget = computed(() => store.site?.restockBudget ?? null);
const inMoney = (minor: number) => formatMoney(minor, store.site?.currency ?? 'EUR');
const waiting = computed(() => orders.value.list.some(({ waitsFor }) => waitsFor));
const setBudget = (minor: number) =>
  store.site && store.tryWrite(() => store.patch('site', store.site!, { restockBudget: minor > 0 ? minor : null }));
</script>

<template>
  <section class="sheet stack tight" aria-label="To order">
    <div class="row between">
      <h2>To order</h2>
      <MoneyField class="budget" :model-value="budget ?? 0" label="A month’s budget (0: none)" @commit="setBudget" />
    </div>
    <ul v-if="orders.list.length" class="plain small">
      <li
        v-for="{ row, cost, waitsFor } in orders.list"
        :key="row.par.id"
        class="row between"
        :class="{ soft: waitsFor }"
      >
        <span
          ><b>{{ row.line.name }}</b
          >: {{ packsOf(row.forecast.packs, row.par) }}, by {{ formatDay(row.forecast.orderBy!) }}</span
        >
        <span
          >{{ cost ? inMoney(cost) : 'no price told'
          }}{{ waitsFor ? `, waits for ${formatMonth(waitsFor)}` : '' }}</span
        >
      </li>
    </ul>
    <p v-else class="small soft">Nothing has to be ordered.</p>
    <p class="small">
      <template v-if="orders.list.length && !orders.cost && !orders.spent">
        No price is told yet: say what was paid when it comes.
      </template>
      <template v-else
        >{{ inMoney(orders.cost) }} still this month{{
          orders.spent ? `, ${inMoney(orders.spent)} ordered already` : ''
        }}.</template
      >
      <template v-if="waiting">Whatever would run out while it waits, order all the same.</template>
    </p>
  </section>
</template>

<style scoped>
.budget {
  max-width: 190px;
}
.plain {
  list-style: none;
  padding: 0;
  margin: 0;
  display: grid;
  gap: 6px;
}
</style>
