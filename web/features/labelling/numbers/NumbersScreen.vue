<script setup lang="ts">
/** Numbered sets of the site: the index by number, name and place, and numbers for what has none (practice L4). */
import { plural } from '@stube/core/notation';
import { computed, ref } from 'vue';
import { Download, Printer } from '@lucide/vue';
import { pathsOf, wayOf } from '@stube/core/find';
import { binsByLine, indexOf, type IndexRow, unnumbered } from '@stube/core/numbers';
import { gapsIn, SERIES } from '@stube/core/contents';
import type { Bin, Line } from '@stube/core/model';
import { useSite } from '../../../data/site.ts';
import { vHeld } from '../../../parts/held.ts';
import { useNumbersActions } from './actions.ts';

const store = useSite();
const { giveNumbers, closeGaps } = useNumbersActions();
const paths = computed(() => pathsOf(store.data));
const binOfLine = computed(() => binsByLine(store.data.bin, store.contents));
const placeOf = (bin: Bin): string => wayOf(paths.value.get(bin.id)!);
const rows = computed(() =>
  indexOf({ numbers: store.data.setNumber, lines: store.maps.line, binOfLine: binOfLine.value, placeOf }),
);
const query = ref('');
const order = ref<'number' | 'name' | 'place'>('number');
const shown = computed(() => {
  const wanted = query.value.trim().toLowerCase();
  const found = rows.value.filter(({ number, name, bin, place }) =>
    `${number.series} ${number.number} ${name} ${bin} ${place}`.toLowerCase().includes(wanted),
  );
  if (order.value === 'number') return found;
  const by = order.value;
  return [...found].sort((a, b) => a[by].localeCompare(b[by], undefined, { numeric: true }));
});
const series = computed(() => [...new Set(rows.value.map(({ number }) => number.series))]);
const gaps = computed(() =>
  series.value.flatMap((name) => {
    const free = gapsIn(store.data.setNumber, name);
    return free.length ? [{ name, free }] : [];
  }),
);

/** Sets that could be numbered: what is kept, in pieces, as far as it has no number. */
const open = computed(() =>
  store.data.line
    .filter((line) => line.decision === 'keep' && unnumbered(line, store.data.setNumber) > 0)
    .sort((a, b) => a.name.localeCompare(b.name)),
);
const lineId = ref('');
const line = computed<Line | undefined>(() => store.maps.line.get(lineId.value));
const noun = ref<string>('pouch');
const count = ref(1);
const reuse = ref(true);
function choose(id: string): void {
  lineId.value = id;
  if (line.value) count.value = unnumbered(line.value, store.data.setNumber);
}
async function give(): Promise<void> {
  const done = await store.tryWrite(() =>
    giveNumbers({ lineId: lineId.value, series: noun.value, count: count.value, gaps: reuse.value }),
  );
  if (done) lineId.value = '';
}
const rename = ({ number }: IndexRow, name: string) =>
  name === number.name ? undefined : store.tryWrite(() => store.patch('setNumber', number, { name }));
const MOST = 1000;
</script>

<template>
  <div class="work-two page">
    <section class="stack">
      <h1>Numbered sets</h1>
      <div v-if="!rows.length" class="empty">
        <h2>Nothing is numbered yet</h2>
        <p>
          Games and puzzles in pouches, discs in sleeves, books: a number on each, and an index that says which is
          where. Choose at the right what is to be numbered.
        </p>
      </div>
      <template v-else>
        <div class="row">
          <label class="field grow"
            ><span>Search</span><input v-model="query" class="write" type="search" autocomplete="off" /></label
          ><label class="field"
            ><span>In the order of</span
            ><select v-model="order" class="write">
              <option value="number">numbers</option>
              <option value="name">names</option>
              <option value="place">places</option>
            </select></label
          >
        </div>
        <div class="scroll">
          <table>
            <thead>
              <tr>
                <th scope="col">Number</th>
                <th scope="col">What is in it</th>
                <th scope="col">Where</th>
                <th scope="col"><span class="hidden-text">Remove</span></th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="row in shown" :key="row.number.id">
                <td class="figure number-of">
                  <b>{{ row.number.number }}</b> <span class="soft small">{{ row.number.series }}</span>
                </td>
                <td>
                  <input
                    v-held="row.number.name"
                    class="write"
                    type="text"
                    :aria-label="`What is in ${row.number.series} ${row.number.number}`"
                    :placeholder="row.line.name"
                    autocomplete="off"
                    @change="rename(row, ($event.target as HTMLInputElement).value)"
                  />
                </td>
                <td class="small">
                  <template v-if="row.bin"
                    >{{ row.bin }}<span class="soft"> · {{ row.place }}</span></template
                  ><span v-else class="soft">no bin yet</span>
                </td>
                <td>
                  <button
                    class="press quiet small"
                    type="button"
                    :aria-label="`Remove the number ${row.number.series} ${row.number.number}`"
                    @click="store.remove('setNumber', row.number, `${row.number.series} ${row.number.number}`)"
                  >
                    Remove
                  </button>
                </td>
              </tr>
            </tbody>
          </table>
        </div>
        <p v-if="!shown.length" class="soft">Nothing here is called so.</p>
      </template>
    </section>
    <aside class="sheet stack bench" aria-label="Numbers">
      <h2>{{ rows.length }} numbers</h2>
      <form v-if="open.length" class="stack tight" @submit.prevent="give">
        <label class="field"
          ><span>To be numbered</span
          ><select class="write" :value="lineId" @change="choose(($event.target as HTMLSelectElement).value)">
            <option value="" disabled>choose a line</option>
            <option v-for="one in open" :key="one.id" :value="one.id">
              {{ one.name }}, {{ unnumbered(one, store.data.setNumber) }} without
            </option>
          </select></label
        >
        <div class="row">
          <label class="field"
            ><span>Counted as</span
            ><select v-model="noun" class="write">
              <option v-for="name in SERIES" :key="name" :value="name">{{ name }}</option>
            </select></label
          ><label class="field"
            ><span>How many</span
            ><input v-model.number="count" class="write" type="number" min="1" :max="MOST" required
          /></label>
        </div>
        <label class="check"><input v-model="reuse" type="checkbox" />fill gaps first</label>
        <button class="press main" type="submit" :disabled="!line">Give the next numbers</button>
      </form>
      <p v-else class="soft small">All that is counted in pieces has its number.</p>
      <div v-for="gap in gaps" :key="gap.name" class="stack tight">
        <p class="small">
          {{ gap.name }}: {{ gap.free.slice(0, 8).join(', ') }}{{ gap.free.length > 8 ? ' …' : '' }}
          {{ plural(gap.free.length, 'is', 'are') }} free.
        </p>
        <button class="press small" type="button" @click="store.tryWrite(() => closeGaps(gap.name))">
          Close the gaps; what moves up is labelled anew
        </button>
      </div>
      <div v-if="rows.length" class="row">
        <a class="press" :href="`/api/sites/${store.id}/numbers.pdf`" target="_blank" rel="noopener"
          ><Printer :size="18" />Index as PDF</a
        ><a class="press" :href="`/api/sites/${store.id}/numbers.csv`"><Download :size="18" />as CSV</a>
      </div>
      <p v-if="rows.length" class="small soft">
        Labels with the numbers are printed at <i>Label</i> in the room of each line.
      </p>
    </aside>
  </div>
</template>

<style scoped>
.page {
  padding-top: 22px;
}
.grow {
  flex: 1 1 220px;
}
table {
  width: 100%;
  border-collapse: collapse;
}
th {
  text-align: left;
}
td,
th {
  padding: 4px 8px;
  border-bottom: 1px solid var(--rule);
}
.number-of {
  white-space: nowrap;
}
</style>
