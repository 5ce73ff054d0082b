<script setup lang="ts">
/** What is due, in a room or in all of them: each done or put off with one tap. */
import { computed, ref } from 'vue';
import type { Line } from '@stube/core/model';
import { type AgendaItem, SCREEN_OF } from '@stube/core/today';
import { addDays } from '@stube/core/calendar';
import { dueRoutines } from '@stube/core/routines';
import { formatDay, today } from '../../../parts/day.ts';
import { useDue } from '../../../data/due.ts';
import { useSite } from '../../../data/site.ts';
import LineDialog from '../../sorting/pile/LineDialog.vue';
import { useRoutinesActions } from '../routines/actions.ts';
import RoutineSteps from '../routines/RoutineSteps.vue';

const props = defineProps<{
  roomId?: string;
  /** Says nothing where nothing is due. */
  quiet?: boolean;
}>();
const store = useSite();
const all = useDue();
const { finish, skip } = useRoutinesActions();
const editing = ref<Line | null>(null);
/** Seen to on a screen of their own. */
const ELSEWHERE: readonly AgendaItem['kind'][] = ['stray', 'swap', 'season', 'order', 'use up', 'first aid'];
const PUT_OFF_DAYS = 14;
/** A routine that comes again soon enough is shown when its day is near. */
const ROUTINE_AHEAD = 7;
const agenda = computed(() =>
  all.agenda.filter(
    ({ kind, day, room }) =>
      (!props.roomId || room?.id === props.roomId) && (kind !== 'routine' || day <= addDays(today(), ROUTINE_AHEAD)),
  ),
);
const routines = computed(
  () => new Map(dueRoutines(store.data, today(), ROUTINE_AHEAD).map((due) => [due.routine.id, due])),
);
const PARTS = [
  { when: 'overdue', title: 'Overdue' },
  { when: 'today', title: 'Today' },
  { when: 'coming', title: 'In the next four weeks' },
] as const;
const parts = computed(() =>
  PARTS.map((part) => ({ ...part, items: agenda.value.filter((item) => item.when === part.when) })).filter(
    (part) => part.items.length,
  ),
);
const WORDS: Record<AgendaItem['kind'], string> = {
  decide: 'to be decided',
  return: 'goes back',
  'keep until': 'kept until then: then it may go',
  'part put off': 'a part that was put off',
  routine: 'routine',
  stray: 'in the strays tray: matched by then, or it goes',
  swap: 'swap',
  season: 'seasonal box',
  order: 'restock',
  'use up': 'restock',
  'first aid': 'first aid',
};
const factsOf = (item: AgendaItem): string =>
  [
    WORDS[item.kind],
    formatDay(item.day),
    props.roomId ? '' : (item.room?.name ?? 'the whole house'),
    item.personId ? store.maps.person.get(item.personId)?.name : '',
    item.kind === 'routine' ? `${item.minutes} min` : '',
    item.more,
  ]
    .filter(Boolean)
    .join(' · ');

async function put(item: AgendaItem, values: Partial<Line>, said: string): Promise<void> {
  const line = store.maps.line.get(item.id);
  if (line && (await store.tryWrite(() => store.patch('line', line, values)))) store.sayDone(`${line.name}: ${said}.`);
}
const later = (item: AgendaItem) =>
  put(item, { due: addDays(item.day > today() ? item.day : today(), PUT_OFF_DAYS) }, 'put off by two weeks');
async function partDone(item: AgendaItem): Promise<void> {
  const part = store.data.deferral.find((deferral) => deferral.id === item.id);
  if (part && (await store.tryWrite(() => store.patch('deferral', part, { done: true }))))
    store.sayDone(`${part.what}: done.`);
}
const open = (item: AgendaItem) => (editing.value = store.maps.line.get(item.id) ?? null);
const due = computed(() => parts.value.map(({ when, title, items }) => ({ when, title, count: items.length })));
defineExpose({ due });
</script>

<template>
  <div class="stack">
    <section v-if="!parts.length && !quiet" class="empty">
      <h2>Nothing is due</h2>
      <p>No decision, return, paper or routine comes up in the next four weeks.</p>
    </section>
    <section v-for="part in parts" :id="`due-${part.when}`" :key="part.when" class="sheet stack tight">
      <h2>{{ part.title }}</h2>
      <ul class="due">
        <li v-for="item in part.items" :key="item.key" class="row between" :class="part.when">
          <span class="what"
            ><b>{{ item.what }}</b
            ><span class="small soft">{{ factsOf(item) }}</span></span
          >
          <span class="row tight acts">
            <template v-if="item.kind === 'decide'"
              ><button class="press small" type="button" @click="put(item, { decision: 'keep' }, 'kept')">keep</button
              ><button class="press small" type="button" @click="open(item)">decide</button
              ><button class="press quiet small" type="button" @click="later(item)">put off</button></template
            >
            <template v-else-if="item.kind === 'return'"
              ><button class="press small" type="button" @click="put(item, { handedOver: today() }, 'taken back')">
                taken back</button
              ><button class="press quiet small" type="button" @click="open(item)">open</button></template
            >
            <template v-else-if="item.kind === 'keep until'"
              ><button class="press small" type="button" @click="put(item, { decision: 'recycle' }, 'may go')">
                may go</button
              ><button class="press quiet small" type="button" @click="open(item)">keep longer</button></template
            >
            <RouterLink
              v-else-if="ELSEWHERE.includes(item.kind)"
              class="press small"
              :to="{
                name: SCREEN_OF[item.kind],
                params: item.room ? { site: store.id, room: item.room.id } : { site: store.id },
              }"
              >{{ item.kind === 'stray' ? 'match it' : 'see to it' }}</RouterLink
            >
            <button v-else-if="item.kind === 'part put off'" class="press small" type="button" @click="partDone(item)">
              done
            </button>
            <template v-else-if="routines.get(item.id)"
              ><button class="press small" type="button" @click="finish(routines.get(item.id)!)">done</button
              ><button class="press quiet small" type="button" @click="skip(routines.get(item.id)!)">
                leave out
              </button></template
            >
          </span>
          <details v-if="routines.get(item.id)?.routine.steps.length" class="steps">
            <summary class="small">steps of {{ item.what }}</summary>
            <RoutineSteps :due="routines.get(item.id)!" bare />
          </details>
        </li>
      </ul>
    </section>
    <LineDialog v-if="editing" :line="editing" @close="editing = null" />
  </div>
</template>

<style scoped>
.due li {
  padding: 7px 0;
  border-top: 1px solid var(--rule);
  flex-wrap: wrap;
}
.due .overdue .what b {
  color: var(--brick);
}
.what {
  display: flex;
  flex-direction: column;
  min-width: 160px;
  flex: 1;
}
.steps {
  flex: 1 0 100%;
}
</style>
