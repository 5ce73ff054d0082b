<script setup lang="ts">
/** The pile: one line for one kind of thing, in everyday words, each with its decision. */
import { computed, defineAsyncComponent, ref } from 'vue';
import { ChartBarBig, DoorOpen, FileUp, Layers } from '@lucide/vue';
import type { Line } from '@stube/core/model';
import { dueLines, fateOf, isOpen, pileTotals } from '@stube/core/pile';
import { hasAll } from '@stube/core/matching';
import { formatDay, today } from '../../../parts/day.ts';
import { useGrowing } from '../../../parts/growing.ts';
import NextStep from '../../../frame/NextStep.vue';
import { useRoving } from '../../../parts/roving.ts';
import { useRoom } from '../../../data/room.ts';
import ComeInDialog from '../../living/find/ComeInDialog.vue';
import DecideDeck from './DecideDeck.vue';
import LimitList from './LimitList.vue';
import LineDialog from './LineDialog.vue';
import LineEntry from './LineEntry.vue';
import LineRow from './LineRow.vue';
import PhotoStrip from '../../house/photos/PhotoStrip.vue';
import PileSum from './PileSum.vue';
import SessionBar from '../../house/makeover/SessionBar.vue';
import TestDialog from './TestDialog.vue';
import UndecidedNote from './UndecidedNote.vue';

const ResultDialog = defineAsyncComponent(() => import('../departures/ResultDialog.vue'));
const ImportDialog = defineAsyncComponent(() => import('../import/ImportDialog.vue'));

const { store, id, room, lines } = useRoom();
const typing = ref<Line | null>(null);
const editing = ref<Line | null>(null);
const testing = ref<Line | null>(null);
const deck = ref<Line[] | null>(null);
const opened = ref<'result' | 'import' | 'come in' | null>(null);
const which = ref<'all' | 'open' | 'leaving'>('all');
const open = computed(() => lines.value.filter(isOpen));
const due = computed(() => dueLines(lines.value, today()));
const WAYS = { all: 'all', open: 'open', leaving: 'leaving' } as const;
const query = ref('');
/** From so many lines on they can be searched. */
const MANY = 20;
const isMeant = computed(() => hasAll(query.value));
const nameOf = (categoryId: string | null) => store.maps.category.get(categoryId ?? '')?.name ?? '';
const shownLines = computed(() =>
  [...lines.value].reverse().filter(
    (line) =>
      // What was handed over is gone: it stands among the departures.
      line.handedOver === null &&
      isMeant.value(`${line.name} ${nameOf(line.categoryId)}`) &&
      (which.value === 'all' || fateOf(line.decision) === which.value),
  ),
);
const ways = ref<HTMLElement | null>(null);
const roving = useRoving(ways);
const end = ref<HTMLElement | null>(null);
const most = useGrowing(end, 60);
const totals = computed(() =>
  store.site
    ? pileTotals(typing.value ? [...lines.value, typing.value] : lines.value, store.maps.category, store.site)
    : null,
);
</script>

<template>
  <div class="work-two">
    <section class="stack">
      <SessionBar :key="id" />
      <div v-if="due.length" class="caution warn row between" role="status">
        <span
          ><b>{{ due.length === 1 ? '1 decision has' : `${due.length} decisions have` }} come due:</b>
          {{
            due
              .slice(0, 3)
              .map((line) => `${line.name} (${formatDay(line.due!)})`)
              .join(', ')
          }}{{ due.length > 3 ? ' …' : '' }}</span
        ><button class="press small" type="button" @click="deck = due">Decide now</button>
      </div>
      <UndecidedNote why="What stays is sorted, contained and placed; what goes is handed over." />
      <LineEntry :key="id" :room-id="id" @typing="typing = $event" />
      <div class="row between tools">
        <NextStep v-if="lines.length" class="next" here="pile" />
        <div
          v-if="lines.length"
          ref="ways"
          class="row tight"
          role="group"
          aria-label="Lines shown"
          @keydown="roving.onKey"
          @focusin="roving.onFocus"
        >
          <button
            v-for="(word, key) in WAYS"
            :key="key"
            class="press small"
            type="button"
            :aria-pressed="which === key"
            @click="which = key"
          >
            {{ word }}
          </button>
        </div>
        <div class="row tight">
          <button v-if="lines.length" class="press small" type="button" @click="deck = open.length ? open : [...lines]">
            <Layers :size="16" />One by one
          </button>
          <button class="press quiet small" type="button" @click="opened = 'come in'">
            <DoorOpen :size="16" />Can it come in?
          </button>
          <button class="press quiet small" type="button" @click="opened = 'import'">
            <FileUp :size="16" />Take in a list
          </button>
        </div>
      </div>
      <div v-if="!lines.length" class="empty">
        <h2>Empty the room onto one pile</h2>
        <p>
          Everything of {{ room?.name }} is taken in hand once. Tell each kind of thing in a line: how much, what, and
          whether it stays. Nothing is bought before this is done.
        </p>
      </div>
      <label v-if="lines.length >= MANY"
        ><span class="hidden-text">Search these lines</span
        ><input v-model="query" class="write" type="search" placeholder="search these lines"
      /></label>
      <ul v-if="lines.length" class="lines" aria-label="Lines of the pile">
        <LineRow
          v-for="line in shownLines.slice(0, most)"
          :key="line.id"
          :line="line"
          @edit="editing = line"
          @test="testing = line"
        />
      </ul>
      <div v-if="shownLines.length > most" ref="end" class="soft">{{ shownLines.length - most }} more</div>
      <p v-if="lines.length && !shownLines.length" class="soft">
        {{ query.trim() ? `No line is called “${query.trim()}” here.` : `No line is ${which}.` }}
      </p>
    </section>
    <div class="stack bench">
      <PileSum v-if="totals" :totals="totals" :typing="!!typing">
        <button v-if="lines.length" class="press small" type="button" @click="opened = 'result'">
          <ChartBarBig :size="16" />What came of it
        </button>
        <LimitList />
        <PhotoStrip />
      </PileSum>
    </div>
    <LineDialog v-if="editing" :line="editing" @close="editing = null" />
    <TestDialog v-if="testing" :line="testing" @close="testing = null" />
    <DecideDeck v-if="deck" :lines="deck" @close="deck = null" />
    <ResultDialog v-if="opened === 'result' && totals" :totals="totals" @close="opened = null" />
    <ImportDialog v-if="opened === 'import'" @close="opened = null" />
    <ComeInDialog v-if="opened === 'come in'" @close="opened = null" />
  </div>
</template>

<style scoped>
.tools {
  gap: 6px;
}
/* First for the Tab key, last for the eye. */
.next {
  order: 1;
}
</style>
