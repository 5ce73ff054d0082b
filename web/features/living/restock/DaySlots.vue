<script setup lang="ts">
/** What is laid out for each day and helper: filled in advance, ticked, its card printed (practice S4). */
import { computed, reactive, ref } from 'vue';
import { Printer, X } from '@lucide/vue';
import type { DaySlot } from '@stube/core/model';
import { plain } from '@stube/core/matching';
import { nextSlots } from '@stube/core/restock';
import TextField from '../../../parts/TextField.vue';
import { formatDay, today } from '../../../parts/day.ts';
import { useForm } from '../../../parts/form.ts';
import { formatAmount } from '../../../parts/numbers.ts';
import { useDue } from '../../../data/due.ts';
import { useSite } from '../../../data/site.ts';

const store = useSite();
const due = useDue();
const DAYS = ['Sunday', 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday'];
const WEEK = [1, 2, 3, 4, 5, 6, 0];
const slots = computed(() =>
  nextSlots(
    store.data.daySlot,
    store.data.line,
    new Map(due.forecasts.map(({ par, forecast }) => [par.lineId, { par, forecast }])),
    today(),
  ),
);
const draft = reactive({
  roomId: store.rooms[0]?.id ?? '',
  weekday: 1,
  personId: null as string | null,
  activity: '',
  lineIds: [] as string[],
});
const lines = computed(() =>
  store.data.line
    .filter(({ decision, roomId }) => decision === 'keep' && roomId === draft.roomId)
    .sort((a, b) => a.name.localeCompare(b.name)),
);
/** Longer lists are looked through by a word. */
const SEARCHED = 12;
const filter = ref('');
const shownLines = computed(() =>
  lines.value.filter(({ id, name }) => draft.lineIds.includes(id) || plain(name).includes(plain(filter.value))),
);
const needed = computed(() => draft.lineIds.map((id) => store.maps.line.get(id)?.name ?? '').join(', '));
const { problems, once } = useForm();
const add = () =>
  once(async () => {
    await store.create('daySlot', { ...draft });
    Object.assign(draft, { activity: '', lineIds: [] });
    filter.value = '';
  });
const fill = (slot: DaySlot, day: string | null) =>
  store.tryWrite(() => store.patch('daySlot', slot, { filledFor: day }));
const LACKS = { gone: 'not here any more', low: 'low', incomplete: 'pieces missing' } as const;
const print = () => window.print();
</script>

<template>
  <section class="sheet stack tight" aria-label="Slots of the week">
    <div class="row between">
      <h2>Slots of the week</h2>
      <button v-if="slots.length" class="press small no-print" type="button" @click="print">
        <Printer :size="16" />Print the cards
      </button>
    </div>
    <p v-if="!slots.length" class="soft">
      What a day and its helper need is laid out in advance: say the day, the activity and what it takes.
    </p>
    <ul class="cards">
      <li v-for="{ slot, day, filled, needs } in slots" :key="slot.id" class="card" :aria-label="slot.activity">
        <b>{{ slot.activity }}</b>
        <span class="small soft"
          >{{ DAYS[slot.weekday] }}, {{ formatDay(day) }} ·
          {{ store.maps.person.get(slot.personId ?? '')?.name ?? 'whoever is there' }}</span
        >
        <ul class="small">
          <li v-for="{ line, lacks } in needs" :key="line.id">
            {{ formatAmount(line.amount, line.measure) }} {{ line.name
            }}<b v-if="lacks" class="wrong">: {{ LACKS[lacks] }}</b>
          </li>
        </ul>
        <span class="row tight no-print">
          <label class="check"
            ><input type="checkbox" :checked="filled" @change="fill(slot, filled ? null : day)" />{{ slot.activity }} is
            filled</label
          >
          <button
            class="icon-press"
            type="button"
            :aria-label="`Remove ${slot.activity}`"
            @click="store.remove('daySlot', slot, slot.activity)"
          >
            <X :size="16" />
          </button>
        </span>
      </li>
    </ul>
    <form v-if="store.rooms.length" class="add no-print" novalidate @submit.prevent="add">
      <TextField v-model="draft.activity" label="Activity" :problem="problems.activity" />
      <label class="field"
        ><span>Day</span
        ><select v-model="draft.weekday" class="write">
          <option v-for="weekday in WEEK" :key="weekday" :value="weekday">{{ DAYS[weekday] }}</option>
        </select></label
      >
      <label class="field"
        ><span>Helper</span
        ><select v-model="draft.personId" class="write">
          <option :value="null">whoever is there</option>
          <option
            v-for="person in store.data.person.filter(({ kind }) => kind === 'adult')"
            :key="person.id"
            :value="person.id"
          >
            {{ person.name }}
          </option>
        </select></label
      >
      <label class="field"
        ><span>Room</span
        ><select v-model="draft.roomId" class="write" @change="draft.lineIds = []">
          <option v-for="room in store.rooms" :key="room.id" :value="room.id">{{ room.name }}</option>
        </select></label
      >
      <fieldset class="wide stack tight">
        <legend class="field-name">
          What it needs<span v-if="draft.lineIds.length" class="soft">: {{ needed }}</span>
        </legend>
        <TextField v-if="lines.length > SEARCHED" v-model="filter" label="Show only" />
        <div class="needs">
          <label v-for="line in shownLines" :key="line.id" class="check small"
            ><input v-model="draft.lineIds" type="checkbox" :value="line.id" />{{ line.name }}</label
          >
        </div>
      </fieldset>
      <button class="press small" type="submit">Add the slot</button>
    </form>
  </section>
</template>

<style scoped>
.cards {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(220px, 1fr));
  gap: 12px;
}
.card {
  display: flex;
  flex-direction: column;
  gap: 4px;
  padding: 10px;
  border: 1.25px solid var(--ink);
  break-inside: avoid;
}
.add {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: 10px;
  align-items: end;
}
.wide {
  grid-column: 1 / -1;
}
.needs {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
  gap: 2px 12px;
  max-height: 190px;
  overflow: auto;
}
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
  min-width: 0;
}
</style>
