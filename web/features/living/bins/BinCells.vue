<script setup lang="ts">
/** What lies in which cell of a sorting case or between dividers: seen from above, told by choosing, divided anew. */
import { computed } from 'vue';
import { type BinShape, cellCount, cellGrid, cellSize, cellsOf } from '@stube/core/contents';
import type { Bin, Line } from '@stube/core/model';
import { useSite } from '../../../data/site.ts';
import { sidesOf } from '../../../parts/numbers.ts';

const props = defineProps<{ bin: Bin; shape: BinShape; lines: readonly Line[] }>();
const store = useSite();
const count = computed(() => cellCount(props.bin, props.shape));
const cells = computed(() => cellsOf(props.bin, props.shape, props.lines));
const grid = computed(() => cellGrid(count.value, props.shape));
const size = computed(() => cellSize(count.value, props.shape));
/** A plain container is worth dividing where there are several things in it. */
const MOST = 24;
const choices = computed(() => {
  const own = props.shape.compartments;
  return [...new Set([own, 1, 2, 3, 4, 6, 8, 9, 12, 16, 20, MOST, count.value])].sort((a, b) => a - b);
});
const divide = (cells: number) =>
  store.tryWrite(() => store.patch('bin', props.bin, { cells: cells === props.shape.compartments ? null : cells }));
const cellOf = (line: Line) => cells.value.find((cell) => cell.lines.some(({ id }) => id === line.id))?.number ?? 1;
const put = (line: Line, cell: number) => store.tryWrite(() => store.patch('line', line, { cell }));
</script>

<template>
  <section class="sheet stack tight" aria-label="Inside it">
    <div class="row between">
      <h2>Inside it</h2>
      <label class="row small"
        >divided into
        <select
          class="write few"
          aria-label="Cells inside"
          :value="count"
          @change="divide(Number(($event.target as HTMLSelectElement).value))"
        >
          <option v-for="choice in choices" :key="choice" :value="choice">
            {{ choice === 1 ? 'not at all' : choice }}
          </option>
        </select></label
      >
    </div>
    <template v-if="cells.length">
      <ol class="grid" :style="{ gridTemplateColumns: `repeat(${grid.columns}, minmax(0, 1fr))` }">
        <li v-for="cell in cells" :key="cell.number" :class="{ bare: !cell.lines.length }">
          <b>{{ cell.number }}</b> {{ cell.lines.map(({ name }) => name).join(', ') }}
        </li>
      </ol>
      <p class="small soft">
        Each is {{ sidesOf(size.width, size.depth, size.height) }} inside and gets a label of its own.
      </p>
      <ul class="small">
        <li v-for="line in lines" :key="line.id" class="row between">
          <span>{{ line.name }}</span><select
            class="write few"
            :aria-label="`Cell of ${line.name}`"
            :value="cellOf(line)"
            @change="put(line, Number(($event.target as HTMLSelectElement).value))"
          >
            <option v-for="cell in cells" :key="cell.number" :value="cell.number">{{ cell.number }}</option>
          </select>
        </li>
      </ul>
    </template>
    <p v-else class="small soft">Dividers, pouches or small trays part it: then each part has its own label.</p>
  </section>
</template>

<style scoped>
.few {
  width: auto;
  min-height: 32px;
  padding: 2px 8px;
}
.grid {
  display: grid;
  gap: 2px;
  margin: 0;
  padding: 3px;
  list-style: none;
  background: var(--ink);
}
.grid li {
  background: var(--paper-card);
  padding: 4px 5px;
  min-height: 46px;
  font-size: 0.82rem;
  line-height: 1.2;
  overflow-wrap: anywhere;
}
.grid li.bare {
  background: var(--paper-low);
  color: var(--ink-soft);
}
</style>
