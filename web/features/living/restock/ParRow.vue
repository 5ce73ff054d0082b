<script setup lang="ts">
/** One consumable: counted with a tap, how long it lasts, when to order, and what is on its way. */
import { counted, formatMoney } from '@stube/core/notation';
import { computed, reactive, ref } from 'vue';
import { useBy } from '@stube/core/calendar';
import { type Forecasted, inUnitsOf, usedUp } from '@stube/core/restock';
import { formatDay, formatMonth, today } from '../../../parts/day.ts';
import { readNumber } from '../../../parts/numbers.ts';
import MoneyField from '../../../parts/MoneyField.vue';
import { usePlaceName } from '../../../data/place-name.ts';
import type { Batch } from '@stube/contract/rows/batch';
import { useSite } from '../../../data/site.ts';

const props = defineProps<{ row: Forecasted }>();
const emit = defineEmits<{ edit: [] }>();
const store = useSite();
const placeOf = usePlaceName();
const LEVELS = { full: 1, half: 0.5, low: 0.2, empty: 0 } as const;
const typed = ref('');
const name = computed(() => props.row.line.name);
const par = computed(() => props.row.par);
const last = computed(
  () => store.data.stockCount.filter(({ parId }) => parId === par.value.id).sort((a, b) => b.on.localeCompare(a.on))[0],
);
/** Counted twice on a day: the later one holds. */
const countToday = () => (last.value?.on === today() ? last.value : undefined);
async function count(amount: number): Promise<void> {
  const values = () => ({
    parId: par.value.id,
    amount,
    inUse: Math.min(last.value?.inUse ?? 0, amount),
    on: today(),
  });
  const done = await store.tryWrite(() => store.putRow('stockCount', `count of ${name.value}`, countToday, values));
  if (done) store.sayDone(`${name.value}: ${inUnitsOf(amount, par.value.unit)}.`);
}
function countTyped(): void {
  const amount = readNumber(typed.value);
  if (amount === undefined || amount < 0) return;
  typed.value = '';
  void count(amount);
}
async function toUse(): Promise<void> {
  const done = await store.tryWrite(() =>
    store.writeTogether(() => {
      if (!last.value) return null;
      const { id, version, amount, inUse } = last.value;
      const values = { inUse: Math.min(amount, inUse + par.value.pack) };
      return {
        what: `a pack of ${name.value} into use`,
        update: [
          { table: 'stockCount', id, version, values },
          ...(par.value.keepsDays
            ? [{ table: 'par' as const, id: par.value.id, version: par.value.version, values: { opened: today() } }]
            : []),
        ],
      };
    }),
  );
  if (done) store.sayDone(`${name.value}: a pack from the back-stock is in use, the oldest one first.`);
}
const good = computed(() => useBy(par.value));
const opens = async () => {
  if (await store.tryWrite(() => store.patch('par', par.value, { opened: today() })))
    store.sayDone(`${name.value}: opened today.`);
};
/** Bought and forgotten: what lies in the back-stock is used before more is ordered. */
const forgotten = computed(() => {
  const left = last.value && props.row.forecast.now !== null ? props.row.forecast.now - last.value.inUse : 0;
  return par.value.backId && left >= par.value.pack ? { left, at: placeOf(par.value.backId) } : null;
});
const open = computed(() => store.data.stockOrder.filter(({ parId, closed }) => parId === par.value.id && !closed));
const order = () => {
  const packs = Math.max(1, props.row.forecast.packs);
  const what = `order of ${packs} × ${name.value}`;
  // Pressed twice it is ordered once.
  const same = () => open.value.find((one) => one.on === today() && one.packs === packs && !one.received);
  return store.tryWrite(() =>
    store.putRow('stockOrder', what, same, () => ({ parId: par.value.id, packs, on: today() })),
  );
};
/** What a pack really cost, minor units, where somebody said. */
const prices = reactive<Record<string, number>>({});
/** What comes is counted in from the day it came. @returns null where all of it has come already */
function received(id: string, packs: number, paid: number | null): Batch | null {
  const one = open.value.find((each) => each.id === id);
  if (!one) return null;
  const come = one.received + packs;
  const counted = countToday();
  return {
    what: `${packs} of ${name.value} received`,
    update: [
      {
        table: 'stockOrder',
        id: one.id,
        version: one.version,
        values: { received: come, closed: come >= one.packs, on: today(), ...(paid === null ? {} : { paid }) },
      },
      // What was paid is what the next order will cost.
      ...(paid !== null && paid !== par.value.price
        ? [{ table: 'par' as const, id: par.value.id, version: par.value.version, values: { price: paid } }]
        : []),
      ...(counted
        ? [
            {
              table: 'stockCount' as const,
              id: counted.id,
              version: counted.version,
              values: { amount: counted.amount + packs * par.value.pack },
            },
          ]
        : []),
    ],
  };
}
async function receive(id: string, packs: number): Promise<void> {
  const paid = prices[id] ?? null;
  const done = await store.tryWrite(() => store.writeTogether(() => received(id, packs, paid)));
  if (done) store.sayDone(`${name.value}: ${inUnitsOf(packs * par.value.pack, par.value.unit)} received.`);
}
</script>

<template>
  <li class="sheet stack tight" :aria-label="name">
    <div class="row between">
      <span
        ><b>{{ name }}</b
        ><span class="small soft block"
          >{{
            row.forecast.now === null
              ? 'not counted yet'
              : `about ${inUnitsOf(row.forecast.now, par.unit)}${last?.inUse ? `, ${last.inUse} of them in use` : ''}`
          }}<template v-if="row.forecast.users === 0"> · used by no child at present</template
          ><template v-else-if="row.forecast.perDay">
            · {{ usedUp(row.forecast.perDay) }},
            {{ row.forecast.learned.days ? `seen over ${row.forecast.learned.days} days` : 'estimated' }}</template
          ><template v-else-if="row.forecast.learned.days">, seen over {{ row.forecast.learned.days }} days</template>
        </span></span
      >
      <button class="press small quiet" type="button" @click="emit('edit')">change {{ name }}</button>
    </div>
    <p v-if="row.forecast.lasts" class="small">
      Lasts until <b>{{ formatDay(row.forecast.lasts.expected) }}</b> ({{ formatDay(row.forecast.lasts.earliest) }} to
      {{ row.forecast.lasts.latest ? formatDay(row.forecast.lasts.latest) : 'longer than a year' }})<template
        v-if="row.forecast.outgrown"
        >; outgrown in {{ formatMonth(row.forecast.outgrown)
        }}<template v-if="par.nextId">, then {{ store.maps.line.get(par.nextId)?.name }}</template></template
      >.
    </p>
    <p v-if="good" class="small" :class="{ wrong: good.day < today() }">
      {{ good.why === 'opened' ? `Opened ${formatDay(par.opened!)}: use it up by` : 'Spoils on' }}
      <b>{{ formatDay(good.day) }}</b>{{ good.day < today() ? ', which is over: throw out what is left' : '' }}.
    </p>
    <p v-if="forgotten && row.forecast.packs" class="small">
      First use what lies at {{ forgotten.at }}: about {{ inUnitsOf(forgotten.left, par.unit) }}.
    </p>
    <p
      v-if="row.forecast.orderBy && row.forecast.packs"
      class="small"
      :class="{ wrong: row.forecast.orderBy <= today() }"
    >
      Order {{ counted(row.forecast.packs, 'pack') }} by {{ formatDay(row.forecast.orderBy)
      }}{{ par.price ? `, ${formatMoney(row.forecast.packs * par.price, store.site?.currency ?? 'EUR')}` : ''
      }}{{
        row.forecast.limitedBy === 'outgrown'
          ? ': no more, as it is outgrown'
          : row.forecast.limitedBy === 'spoils'
            ? ': no more, as it spoils'
            : ''
      }}.
      <button class="press small" type="button" :aria-label="`${name} is ordered`" @click="order">ordered</button>
    </p>
    <div class="row tight">
      <button
        v-for="(share, level) in LEVELS"
        :key="level"
        class="press small"
        type="button"
        :aria-label="`${name}: ${level}`"
        @click="count(Math.round(par.wanted * share))"
      >
        {{ level }}
      </button>
      <form class="row tight" novalidate @submit.prevent="countTyped">
        <input
          v-model="typed"
          class="write few"
          type="text"
          inputmode="decimal"
          autocomplete="off"
          :aria-label="`${name}: counted, ${par.unit}`"
          placeholder="counted"
        /><button class="press small" type="submit" :aria-label="`${name}: that many`">that many</button>
      </form>
      <button
        v-if="last && par.backId && last.inUse < last.amount"
        class="press small quiet"
        type="button"
        @click="toUse"
      >
        a pack into use
      </button>
      <button
        v-if="par.keepsDays && par.opened !== today()"
        class="press small quiet"
        type="button"
        :aria-label="`${name}: opened today`"
        @click="opens"
      >
        opened today
      </button>
    </div>
    <div v-for="one in open" :key="one.id" class="small row tight arriving">
      <span
        >{{ counted(one.packs - one.received, 'pack is', 'packs are') }} on the way, ordered
        {{ formatDay(one.on) }}.</span
      >
      <MoneyField
        class="paid"
        :model-value="prices[one.id] ?? par.price"
        :label="`A pack of ${name} cost`"
        @update:model-value="(minor) => (prices[one.id] = minor)"
      />
      <button
        class="press small"
        type="button"
        :aria-label="`${name}: all of it is here`"
        @click="receive(one.id, one.packs - one.received)"
      >
        all of it is here
      </button>
      <button
        v-if="one.packs - one.received > 1"
        class="press small quiet"
        type="button"
        :aria-label="`${name}: one pack is here`"
        @click="receive(one.id, 1)"
      >
        one pack is here
      </button>
    </div>
  </li>
</template>

<style scoped>
.block {
  display: block;
}
.arriving {
  align-items: end;
}
.paid {
  max-width: 150px;
}
.few {
  width: 96px;
  min-height: 34px;
  padding: 2px 8px;
}
</style>
