<script setup lang="ts">
/** The pile: one line for one kind of thing, in everyday words, each with its decision. */
import { computed, ref } from 'vue';
import { Pencil, Trash2 } from '@lucide/vue';
import { litresOfLine } from '@stube/core/contain/demand';
import { HUES } from '@stube/core/label/hues';
import { DECISIONS, type Decision, type Line } from '@stube/core/site/entities';
import { sayAmount } from '@stube/core/sort/measures';
import { formatLength } from '@stube/core/measure/length';
import { pileTotals } from '@stube/core/sort/totals';
import Pictogram from '../../drawing/Pictogram.vue';
import { litres } from '../../parts/numbers.ts';
import { useRoom } from '../../stores/room.ts';
import LineDialog from './LineDialog.vue';
import LineEntry from './LineEntry.vue';
import PileSum from './PileSum.vue';

const { store, id, room, lines } = useRoom();
const typing = ref<Line | null>(null);
const editing = ref<Line | null>(null);
const newestFirst = computed(() => [...lines.value].reverse());
const totals = computed(() =>
  store.site
    ? pileTotals(typing.value ? [...lines.value, typing.value] : lines.value, store.maps.category, store.site)
    : null,
);
const categoryOf = (line: Line) => store.maps.category.get(line.categoryId ?? '');
const hueOf = (line: Line) => HUES[store.maps.family.get(categoryOf(line)?.familyId ?? '')?.hue ?? 'ink'];
const size = (line: Line) =>
  [line.length, line.width, line.height]
    .filter((one): one is number => one !== null)
    .map((mm) => formatLength(mm, store.site?.system).replace(' mm', ''))
    .join(' × ');
const decide = (line: Line, decision: Decision) => store.attempt(() => store.patch('line', line, { decision }));
const drop = (line: Line) => store.remove('line', line, line.name);
</script>

<template>
  <div class="work-two">
    <section class="stack">
      <LineEntry :key="id" :room-id="id" @typing="typing = $event" />
      <div v-if="!lines.length" class="empty">
        <h2>Empty the room onto one pile</h2>
        <p>
          Everything of {{ room?.name }} is taken in hand once. Tell each kind of thing in a line: how much, what, and
          whether it stays. Nothing is bought before this is done.
        </p>
      </div>
      <ul v-else class="lines" aria-label="Lines of the pile">
        <li
          v-for="line in newestFirst"
          :key="line.id"
          class="line"
          :class="{ going: line.decision !== 'keep' && line.decision !== 'decide later' }"
        >
          <span class="picture" :style="{ color: hueOf(line) }"
            ><Pictogram :name="categoryOf(line)?.pictogram ?? 'package-open'" :size="24"
          /></span>
          <span class="said"
            ><b>{{ line.name }}</b
            ><span class="small soft"
              >{{ sayAmount(line.amount, line.measure) }}<template v-if="size(line)"> of {{ size(line) }}</template> ·
              {{ litres(litresOfLine(line, categoryOf(line), store.site!)) }} ·
              <span :class="{ wrong: !line.categoryId }">{{
                categoryOf(line)?.name ?? 'not sorted yet'
              }}</span><template v-if="line.note"> · {{ line.note }}</template></span
            ></span
          >
          <select
            class="write decision"
            :aria-label="`Decision for ${line.name}`"
            :value="line.decision"
            @change="decide(line, ($event.target as HTMLSelectElement).value as Decision)"
          >
            <option v-for="one in DECISIONS" :key="one">{{ one }}</option>
          </select>
          <button class="icon-press" type="button" :aria-label="`Edit ${line.name}`" @click="editing = line">
            <Pencil :size="17" />
          </button>
          <button class="icon-press" type="button" :aria-label="`Remove ${line.name}`" @click="drop(line)">
            <Trash2 :size="17" />
          </button>
        </li>
      </ul>
    </section>
    <PileSum v-if="totals" :totals="totals" :typing="!!typing" class="bench" />
    <LineDialog v-if="editing" :line="editing" @close="editing = null" />
  </div>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: 32px minmax(0, 1fr) 148px var(--tap) var(--tap);
  gap: 8px;
  align-items: center;
  padding: 7px 0;
  border-bottom: 1px solid var(--rule);
}
.said {
  display: flex;
  flex-direction: column;
  min-width: 0;
  overflow-wrap: anywhere;
}
.picture {
  display: grid;
  place-items: center;
}
.going .said b {
  text-decoration: line-through;
  text-decoration-thickness: 1px;
}
@media (max-width: 760px) {
  .line {
    grid-template-columns: 28px minmax(0, 1fr) var(--tap) var(--tap);
  }
  .decision {
    grid-column: 2 / -1;
    grid-row: 2;
  }
}
</style>
