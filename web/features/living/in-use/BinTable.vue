<script setup lang="ts">
/** Every bin with its place: searched, sorted by any column, drawn as far as anybody scrolls. */
import { computed, ref } from 'vue';
import type { Bin } from '@stube/core/model';
import { hasAll } from '@stube/core/matching';
import { percent } from '../../../parts/numbers.ts';
import { useGrowing } from '../../../parts/growing.ts';
import { useSite } from '../../../data/site.ts';

export interface BinRow {
  bin: Bin;
  /** Share of its inside; null where nothing can be said. */
  full: number | null;
  where: string;
}
const props = defineProps<{ rows: readonly BinRow[]; lit: string | null }>();
const store = useSite();
const query = ref('');
const COLUMNS = { code: 'code', name: 'bin', where: 'place', full: 'full' } as const;
type Column = keyof typeof COLUMNS;
const by = ref<Column>('code');
const down = ref(false);
const end = ref<HTMLElement | null>(null);
const most = useGrowing(end, 60);

const keyOf = (row: BinRow, column: Column): string | number =>
  column === 'full' ? (row.full ?? -1) : column === 'where' ? row.where : row.bin[column];
const found = computed(() => {
  const isMeant = hasAll(query.value);
  const shown = props.rows.filter(({ bin, where }) => isMeant(`${bin.code} ${bin.name} ${where}`));
  const sign = down.value ? -1 : 1;
  return shown.sort((a, b) => {
    const [one, other] = [keyOf(a, by.value), keyOf(b, by.value)];
    return typeof one === 'number'
      ? sign * (one - Number(other))
      : sign * one.localeCompare(String(other), undefined, { numeric: true });
  });
});
function sortBy(column: Column): void {
  down.value = by.value === column && !down.value;
  by.value = column;
}
</script>

<template>
  <section class="sheet stack tight">
    <div class="row between">
      <h2>What is where</h2>
      <label class="no-print"
        ><span class="hidden-text">Search this list</span
        ><input v-model="query" class="write" type="search" placeholder="search this list"
      /></label>
    </div>
    <div class="scroll">
      <table class="ledger">
        <thead>
          <tr>
            <th
              v-for="(word, column) in COLUMNS"
              :key="column"
              scope="col"
              :class="{ number: column === 'full' }"
              :aria-sort="by === column ? (down ? 'descending' : 'ascending') : undefined"
            >
              <button type="button" class="word-press sort" @click="sortBy(column)">
                {{ word }}<span aria-hidden="true">{{ by === column ? (down ? ' ↓' : ' ↑') : '' }}</span>
              </button>
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="{ bin, where, full } in found.slice(0, most)" :key="bin.id" :class="{ lit: lit === bin.id }">
            <td>{{ bin.code }}</td>
            <td>
              <RouterLink :to="{ name: 'bin', params: { site: store.id, code: bin.code } }">{{ bin.name }}</RouterLink>
            </td>
            <td>{{ where || 'on the bench' }}</td>
            <td class="number">{{ full === null ? '–' : percent(full) }}{{ bin.seenFull === null ? '' : ' seen' }}</td>
          </tr>
        </tbody>
      </table>
    </div>
    <p v-if="!found.length" class="soft">No bin of this room is called so.</p>
    <div v-if="found.length > most" ref="end" class="small soft no-print">{{ found.length - most }} more</div>
  </section>
</template>

<style scoped>
.lit {
  background: var(--straw-pale);
}
.sort {
  min-height: 28px;
}
</style>
