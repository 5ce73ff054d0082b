<script setup lang="ts">
/** What must be bought when the containers shown are taken: owned ones taken off, packs rounded up. */
import { counted, formatMoney } from '@stube/core/notation';
import { computed, ref } from 'vue';
import { FileDown } from '@lucide/vue';
import {
  type Alternative,
  alternativesTo,
  type ContainChoice,
  type ContainContext,
  type Purchase,
  shoppingList,
  totalOf,
} from '@stube/core/containers';
import type { ContainerType } from '@stube/core/model';
import TypeDialog from './TypeDialog.vue';
import { useSite } from '../../../data/site.ts';

const props = defineProps<{
  used: ReadonlyMap<string, number>;
  choices: readonly ContainChoice[];
  context: ContainContext | null;
  firstGuess?: boolean;
  innerParts: number;
}>();
const store = useSite();
const purchases = computed(() => shoppingList(props.used, store.data.containerType));
const cost = computed(() => totalOf(purchases.value).cost);
/** What was bought is owned, and no longer on the list. */
async function bought(list: readonly Purchase[]): Promise<void> {
  const done = await store.tryWrite(() =>
    store.writeTogether({
      what: `bought ${list.map(({ pieces, type }) => `${pieces} × ${type.name}`).join(', ')}`,
      update: list.map(({ type, pieces }) => ({
        table: 'containerType',
        id: type.id,
        version: type.version,
        values: { owned: type.owned + pieces },
      })),
    }),
  );
  if (done) store.sayDone('Bought: it is part of what the house owns.');
}
/** One pack of it, to be tried before the rest is bought (practice C3). */
const sample = (purchase: Purchase) => bought([{ ...purchase, packs: 1, pieces: purchase.type.pack }]);
const sampleWords = ({ type }: Purchase) => `${type.pack > 1 ? 'one pack' : 'one'} bought as a sample`;
const editing = ref<ContainerType | null>(null);
async function tried(type: ContainerType, result: 'fits' | 'does not'): Promise<void> {
  if (!(await store.tryWrite(() => store.patch('containerType', type, { tried: result })))) return;
  if (result === 'fits') return store.sayDone(`${type.name} fits: the rest can be bought.`);
  editing.value = type;
}
/** What did not fit and is not in use goes back to where it was bought. */
const toReturn = computed(() =>
  store.data.containerType.flatMap((type) => {
    const spare = type.owned - (props.used.get(type.id) ?? 0);
    return type.tried === 'does not' && type.price > 0 && spare > 0 ? [{ type, spare }] : [];
  }),
);
async function returned(type: ContainerType, spare: number): Promise<void> {
  const done = await store.tryWrite(() => store.patch('containerType', type, { owned: type.owned - spare }));
  if (done) store.sayDone(`${spare} × ${type.name} returned.`);
}
const alternatives = computed(
  () =>
    new Map(
      purchases.value.map(({ type }) => [
        type.id,
        props.context ? alternativesTo(type.id, props.choices, props.context).slice(0, 1) : [],
      ]),
    ),
);
const takeInstead = ({ type, categoryIds }: Alternative) =>
  store.tryWrite(() =>
    store.writeTogether({
      what: `${type.name} instead`,
      update: categoryIds.flatMap((id) => {
        const category = store.maps.category.get(id);
        return category
          ? [
              {
                table: 'category' as const,
                id,
                version: category.version,
                values: { containerTypeId: type.id, standsAlone: false },
              },
            ]
          : [];
      }),
    }),
  );
const signed = (minor: number) =>
  minor === 0 ? 'the same price' : `${minor < 0 ? '−' : '+'}${formatMoney(Math.abs(minor), currency.value)}`;
const href = (kind: 'pdf' | 'csv') =>
  `/api/sites/${store.id}/shopping.${kind}?used=${[...props.used].map(([id, count]) => `${id}:${count}`).join(',')}`;
const currency = computed(() => store.site?.currency ?? 'EUR');
</script>

<template>
  <aside class="sheet stack" aria-label="To buy">
    <h2>To buy</h2>
    <p v-if="firstGuess" class="caution warn">
      A first guess: the pile is not decided or not sorted yet. Buy nothing before it is.
    </p>
    <p v-if="innerParts" class="small soft">
      For inside: {{ innerParts }} pouches, small trays or dividers; bags and lids that are there serve too.
    </p>
    <p v-if="!purchases.length" class="soft">Nothing: what the house owns is enough.</p>
    <template v-else>
      <ul>
        <li v-for="purchase in purchases" :key="purchase.type.id" class="buy">
          <b>{{ purchase.pieces }} × {{ purchase.type.name }}</b
          ><span class="small soft"
            >{{ purchase.needed }} needed, {{ purchase.owned }} owned{{
              purchase.type.pack > 1
                ? `; ${counted(purchase.packs, 'pack')} of ${purchase.type.pack}${purchase.owned + purchase.pieces > purchase.needed ? `, ${purchase.owned + purchase.pieces - purchase.needed} left over` : ''}`
                : ''
            }}</span
          ><button
            class="press quiet small got"
            type="button"
            :aria-label="`Bought: ${purchase.pieces} × ${purchase.type.name}`"
            @click="bought([purchase])"
          >
            bought</button
          ><span class="price">{{ purchase.cost ? formatMoney(purchase.cost, currency) : 'to be found' }}</span>
          <span v-if="purchase.type.tried === 'fits'" class="small tried">tried: it fits</span>
          <span v-else-if="purchase.type.tried === 'does not'" class="small wrong tried">tried: it does not fit</span>
          <span v-else-if="purchase.owned > 0" class="small tried"
            >Try one in its place:
            <button
              class="word-press"
              type="button"
              :aria-label="`it fits: ${purchase.type.name}`"
              @click="tried(purchase.type, 'fits')"
            >
              it fits
            </button>
            ·
            <button
              class="word-press"
              type="button"
              :aria-label="`it does not fit: ${purchase.type.name}`"
              @click="tried(purchase.type, 'does not')"
            >
              it does not fit
            </button></span
          >
          <button
            v-else-if="purchase.packs > 1"
            class="word-press small tried"
            type="button"
            :aria-label="`${sampleWords(purchase)}: ${purchase.type.name}`"
            @click="sample(purchase)"
          >
            {{ sampleWords(purchase) }}
          </button>
          <span v-for="other in alternatives.get(purchase.type.id)" :key="other.type.id" class="small soft tried"
            >or {{ other.type.name }}, {{ signed(other.difference) }}
            <button
              class="word-press"
              type="button"
              :aria-label="`instead: ${other.type.name} for ${purchase.type.name}`"
              @click="takeInstead(other)"
            >
              instead
            </button></span
          >
        </li>
      </ul>
      <p class="row between sum">
        <span>Together</span><b class="figure">{{ formatMoney(cost, currency) }}</b>
      </p>
      <button class="press small" type="button" @click="bought(purchases)">All of it is bought</button>
      <p class="small soft">Buy one of each as a sample first; the rest when it fits.</p>
      <div class="row">
        <a class="press small" :href="href('pdf')" target="_blank" rel="noopener"><FileDown :size="15" />As PDF</a>
        <a class="press small" :href="href('csv')" download><FileDown :size="15" />As a table</a>
      </div>
    </template>
    <section v-if="toReturn.length" class="stack tight">
      <h3>To bring back</h3>
      <ul>
        <li v-for="{ type, spare } in toReturn" :key="type.id" class="row between">
          <span>{{ spare }} × {{ type.name }}</span>
          <button
            class="press quiet small"
            type="button"
            :aria-label="`Returned: ${spare} × ${type.name}`"
            @click="returned(type, spare)"
          >
            returned
          </button>
        </li>
      </ul>
    </section>
    <TypeDialog v-if="editing" :type="editing" @close="editing = null" />
    <RouterLink class="press small" :to="{ name: 'stock', params: { site: store.id } }">What the house owns</RouterLink>
  </aside>
</template>

<style scoped>
.buy {
  column-gap: 8px;
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  padding: 6px 0;
  border-bottom: 1px solid var(--rule);
}
.price {
  grid-row: 1;
  grid-column: 2;
}
.tried {
  grid-column: 1 / -1;
}
.tried .word-press,
.word-press.tried {
  min-height: 26px;
  text-align: left;
  color: var(--spruce-deep);
  text-decoration: underline;
}
.got {
  grid-column: 2;
  justify-self: end;
}
.sum {
  font-size: 1.1rem;
}
</style>
