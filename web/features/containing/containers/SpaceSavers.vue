<script setup lang="ts">
/** What would take far less room another way: proposed with its litres, done with one press, undone with one. */
import { computed } from 'vue';
import { type Saving, savingsOf } from '@stube/core/containers';
import { formatAmount } from '@stube/core/contents';
import { useRoom } from '../../../data/room.ts';
import { litres } from '../../../parts/numbers.ts';
import { newId } from '../../../data/new-id.ts';

const { store, lines, units } = useRoom();
const rods = computed(() => units.value.find(({ template }) => template === 'rods')?.name ?? null);
const savings = computed(() =>
  store.site ? savingsOf(lines.value, store.maps.category, store.site, rods.value, store.data.setNumber) : [],
);
const sum = computed(() => savings.value.reduce((total, { before, after }) => total + before - after, 0));
async function save({ line, values, words, saver, numbers }: Saving): Promise<void> {
  const category = store.maps.category.get(line.categoryId ?? '');
  const done = await store.tryWrite(() =>
    store.writeTogether({
      what: `${line.name}: ${words}`,
      ...(numbers
        ? {
            create: numbers.numbers.map((number) => ({
              table: 'setNumber' as const,
              id: newId(),
              values: { lineId: line.id, series: numbers.series, number },
            })),
          }
        : {}),
      update: [
        { table: 'line' as const, id: line.id, version: line.version, values },
        // What hangs has no container any more.
        ...(saver === 'rods' && category
          ? [{ table: 'category' as const, id: category.id, version: category.version, values: { standsAlone: true } }]
          : []),
      ],
    }),
  );
  if (done) store.sayDone(`${line.name}: reckoned anew. Containers and labels follow.`);
}
</script>

<template>
  <section v-if="savings.length" class="sheet stack tight" aria-label="Space savers">
    <h2>Space savers</h2>
    <p v-if="sum >= 1" class="small soft">{{ litres(sum) }} could be saved before anything is bought.</p>
    <ul>
      <li v-for="saving in savings" :key="saving.line.id" class="row between saving">
        <span
          ><b>{{ saving.line.name }}</b
          >, {{ formatAmount(saving.line.amount, saving.line.measure) }}: {{ saving.words }}.
          <span v-if="saving.before - saving.after >= 1" class="figure"
            >{{ litres(saving.before) }} → {{ litres(saving.after) }}</span
          ></span
        >
        <button class="press small" type="button" :aria-label="`Do it so: ${saving.line.name}`" @click="save(saving)">
          Do it so
        </button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.saving {
  padding: 6px 0;
  border-bottom: 1px solid var(--rule);
}
.saving > span {
  flex: 1 1 260px;
}
</style>
