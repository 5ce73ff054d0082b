<script setup lang="ts">
/** What must be bought when the containers shown are taken: owned ones taken off, packs rounded up. */
import { computed } from 'vue';
import { shoppingList, type Purchase } from '@stube/core/containers/shopping';
import { money } from '../../parts/numbers.ts';
import { useSite } from '../../data/site.ts';

const props = defineProps<{ used: ReadonlyMap<string, number>; firstGuess?: boolean; innerParts: number }>();
const store = useSite();
const purchases = computed(() => shoppingList(props.used, store.data.containerType));
const cost = computed(() => purchases.value.reduce((sum, purchase) => sum + purchase.cost, 0));
/** What was bought is owned, and no longer on the list. */
async function bought(list: readonly Purchase[]): Promise<void> {
  const done = await store.tryWrite(() =>
    store.writeTogether({
      what: `bought ${list.map(({ pieces, type }) => `${pieces} × ${type.name}`).join(', ')}`.slice(0, 120),
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
                ? `; ${purchase.packs} ${purchase.packs === 1 ? 'pack' : 'packs'} of ${purchase.type.pack}`
                : ''
            }}</span
          ><button
            class="press quiet small got"
            type="button"
            :aria-label="`Bought: ${purchase.pieces} × ${purchase.type.name}`"
            @click="bought([purchase])"
          >
            bought</button
          ><span class="price">{{ purchase.cost ? money(purchase.cost, currency) : 'to be found' }}</span>
        </li>
      </ul>
      <p class="row between sum">
        <span>Together</span><b class="figure">{{ money(cost, currency) }}</b>
      </p>
      <button class="press small" type="button" @click="bought(purchases)">All of it is bought</button>
      <p class="small soft">Buy one of each as a sample first; the rest when it fits.</p>
    </template>
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
.got {
  grid-column: 2;
  justify-self: end;
}
.sum {
  font-size: 1.1rem;
}
</style>
