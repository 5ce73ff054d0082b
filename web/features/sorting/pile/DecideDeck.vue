<script setup lang="ts">
/** One thing after another, decided by thumb: the buttons stay where they are. Doubtful ones are asked about. */
import { computed, reactive, ref } from 'vue';
import ModalDialog from '../../../parts/ModalDialog.vue';
import { CircleHelp, SkipForward, Undo2 } from '@lucide/vue';
import { addDays, LATER_DAYS } from '@stube/core/calendar';
import { advise, DOUBTS, PLAN_DAYS } from '@stube/core/pile';
import { litresOfLine } from '@stube/core/contents';
import { HUES } from '@stube/core/labels';
import { type Decision, DECISIONS, type Line } from '@stube/core/model';
import Pictogram from '../../../drawing/Pictogram.vue';
import { formatDay, today } from '../../../parts/day.ts';
import { formatAmount, litres } from '../../../parts/numbers.ts';
import DayField from '../../../parts/DayField.vue';
import { useSite } from '../../../data/site.ts';
import SortedPerhaps from './SortedPerhaps.vue';
import { DECISION_PICTURES, HAS_DAY, HAS_DESTINATION } from './decisions.ts';

const props = defineProps<{ lines: readonly Line[] }>();
const emit = defineEmits<{ close: [] }>();
const store = useSite();
/** Fixed at the beginning, so that what was decided does not move the rest; what was not written comes again at its end. */
const deck = ref(props.lines.map((line) => line.id));
const at = ref(0);
const asking = ref(false);
const answers = reactive<Record<string, boolean>>({});
const day = ref('');
/** What was decided here and how it was before: only that is taken back. */
const before: { id: string; values: Partial<Line> }[] = [];
const destination = ref('');
const line = computed(() => store.maps.line.get(deck.value[at.value] ?? ''));
const category = computed(() => store.maps.category.get(line.value?.categoryId ?? ''));
const hue = computed(() => HUES[store.maps.family.get(category.value?.familyId ?? '')?.hue ?? 'ink']);
const destinations = computed(() => [
  ...new Set(
    [...store.rooms.map((room) => room.name), ...store.data.line.map((other) => other.destination)].filter(Boolean),
  ),
]);
const advice = computed(() => (line.value ? advise(answers, line.value) : null));

function next(): void {
  at.value++;
  asking.value = false;
  day.value = '';
  destination.value = '';
  for (const key of Object.keys(answers)) delete answers[key];
}
/** The next thing is there at once: a thumb that is faster than the server would decide twice about the same. */
async function decide(decision: Decision): Promise<void> {
  const one = line.value;
  if (!one) return;
  const due = HAS_DAY.includes(decision)
    ? day.value || (decision === 'decide later' ? addDays(today(), answers.plan ? PLAN_DAYS : LATER_DAYS) : null)
    : null;
  const { decision: was, due: wasDue, decidedAt, destination: wasTo, roomId, putOff } = one;
  const values = {
    decision,
    due,
    ...(HAS_DESTINATION.includes(decision) && destination.value ? { destination: destination.value } : {}),
    ...(Object.keys(answers).length ? { doubts: { ...answers } } : {}),
  };
  const earlier = { id: one.id, values: { decision: was, due: wasDue, decidedAt, destination: wasTo, roomId, putOff } };
  before.push(earlier);
  next();
  if (await store.tryWrite(() => store.patch('line', one, values))) return;
  const kept = before.indexOf(earlier);
  if (kept >= 0) before.splice(kept, 1);
  deck.value.push(one.id);
}
async function back(): Promise<void> {
  if (!at.value) return;
  at.value--;
  const last = before.at(-1);
  const one = store.maps.line.get(deck.value[at.value] ?? '');
  // What was passed over was not changed: there is nothing to take back then.
  if (!last || !one || last.id !== one.id) return;
  before.pop();
  await store.tryWrite(() => store.patch('line', one, last.values));
}
function answer(key: string, value: boolean): void {
  if (answers[key] === value) delete answers[key];
  else answers[key] = value;
}
</script>

<template>
  <ModalDialog
    :title="line ? `${at + 1} of ${deck.length}` : 'All decided'"
    :width="460"
    class="deck"
    @close="emit('close')"
  >
    <div v-if="line" class="one">
      <div class="thing">
        <span :style="{ color: hue }"><Pictogram :name="category?.pictogram ?? 'package-open'" :size="44" /></span>
        <div>
          <h2>{{ line.name }}</h2>
          <p class="small soft">
            {{ formatAmount(line.amount, line.measure) }}, about {{ litres(litresOfLine(line, category, store.site!)) }}
            <template v-if="line.due">· due {{ formatDay(line.due) }}</template
            ><template v-if="line.condition"> · {{ line.condition }}</template>
          </p>
        </div>
      </div>
      <SortedPerhaps :key="line.id" :line="line" />
      <div v-if="asking" class="stack tight">
        <div v-for="doubt in DOUBTS" :key="doubt.key" class="row between ask">
          <span>{{ doubt.question }}</span><span class="row tight"
            ><button
              class="press small"
              type="button"
              :aria-pressed="answers[doubt.key] === true"
              :aria-label="`${doubt.question} Yes`"
              @click="answer(doubt.key, true)"
            >
              yes</button
            ><button
              class="press small"
              type="button"
              :aria-pressed="answers[doubt.key] === false"
              :aria-label="`${doubt.question} No`"
              @click="answer(doubt.key, false)"
            >
              no
            </button></span
          >
        </div>
      </div>
      <DayField v-model="day" label="By when, for return and decide later" />
      <label class="field"
        ><span>To whom or where, for what leaves or goes to another room</span
        ><input v-model="destination" class="write" maxlength="80" list="deck-destinations"
      /></label>
      <datalist id="deck-destinations">
        <option v-for="place in destinations" :key="place" :value="place" />
      </datalist>
      <div class="foot">
        <p v-if="advice" class="advice" aria-live="polite">
          <b>{{ advice.decision }}?</b> {{ advice.reason }}
        </p>
        <div class="choices">
          <button
            v-for="(decision, i) in DECISIONS"
            :key="decision"
            :autofocus="i === 0"
            class="press choice"
            :class="{ main: decision === 'keep', likely: advice?.decision === decision }"
            type="button"
            @click="decide(decision)"
          >
            <component :is="DECISION_PICTURES[decision]" :size="20" />{{ decision }}
          </button>
        </div>
        <div class="row between">
          <button class="press quiet small" type="button" :disabled="!at" @click="back">
            <Undo2 :size="16" />back
          </button>
          <button class="press quiet small" type="button" :aria-expanded="asking" @click="asking = !asking">
            <CircleHelp :size="16" />doubtful
          </button>
          <button class="press quiet small" type="button" @click="next"><SkipForward :size="16" />not now</button>
        </div>
      </div>
    </div>
    <div v-else class="empty">
      <h2>{{ deck.length ? 'The stack is through' : 'Nothing is open' }}</h2>
      <button class="press main" type="button" @click="emit('close')">To the pile</button>
    </div>
  </ModalDialog>
</template>

<style scoped>
.one {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.thing {
  display: flex;
  gap: 14px;
  align-items: center;
  min-height: 84px;
  padding: 10px 14px;
  background: var(--paper-card);
  border: 1px solid var(--rule-strong);
  box-shadow:
    3px 3px 0 var(--paper-low),
    4px 4px 0 var(--rule-strong);
}
/* The decisions stay in sight, however many questions stand above them. */
.foot {
  position: sticky;
  bottom: 0;
  display: flex;
  flex-direction: column;
  gap: 8px;
  padding: 8px 0 2px;
  background: var(--paper-high);
}
.choices {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 8px;
}
.choice {
  flex-direction: column;
  gap: 2px;
  min-height: 62px;
  padding: 6px 4px;
  font-size: 0.92rem;
}
.likely {
  outline: 3px solid var(--straw);
}
.ask {
  border-bottom: 1px solid var(--rule);
  padding-bottom: 4px;
  flex-wrap: nowrap;
}
.ask .row {
  flex-wrap: nowrap;
}
.advice {
  background: var(--straw-pale);
  padding: 8px 12px;
  border-left: 5px solid var(--straw);
}
@media (max-width: 760px) {
  .choice {
    min-height: 50px;
  }
}
</style>
