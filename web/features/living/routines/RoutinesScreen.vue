<script setup lang="ts">
/** Routines of the house and its rooms, what of them is due, and the days on which nothing is (practice U1). */
import { computed, reactive, ref } from 'vue';
import { CalendarPlus, Plus, X } from '@lucide/vue';
import { addDays } from '@stube/core/calendar';
import type { Room, Routine } from '@stube/core/model';
import { dueRoutines, usualRoutines, wordsOfRule } from '@stube/core/routines';
import DayField from '../../../parts/DayField.vue';
import TextField from '../../../parts/TextField.vue';
import { formatDate, formatDay, today } from '../../../parts/day.ts';
import { useForm } from '../../../parts/form.ts';
import { useSite } from '../../../data/site.ts';
import { OFTEN } from './often.ts';
import RoutineDialog from './RoutineDialog.vue';
import RoutineSteps from './RoutineSteps.vue';
import { newId } from '../../../data/new-id.ts';

const store = useSite();
const editing = ref<{ routine?: Routine; roomId: string | null } | null>(null);
const YEAR = 366;
const due = computed(() => new Map(dueRoutines(store.data, today(), YEAR).map((one) => [one.routine.id, one])));
const places = computed(() =>
  [null, ...store.rooms].map((room) => ({
    room,
    name: room?.name ?? 'The whole house',
    routines: store.data.routine.filter(({ roomId }) => roomId === (room?.id ?? null)),
  })),
);
const often = (rule: string): string => OFTEN[rule] ?? wordsOfRule(rule);
async function startUsual(room: Room): Promise<void> {
  const rows = usualRoutines(room, today());
  const create = rows.map((values) => ({ table: 'routine' as const, id: newId(), values }));
  if (await store.tryWrite(() => store.writeTogether({ what: `usual routines of ${room.name}`, create })))
    store.sayDone(`${room.name}: ${rows.length} routines to start from.`);
}
const DAYS = 7;
const holiday = reactive({ name: '', from: '', to: '' });
const { problems, once } = useForm();
const addHoliday = () =>
  once(async () => {
    await store.create('holiday', { ...holiday, to: holiday.to || holiday.from });
    Object.assign(holiday, { name: '', from: '', to: '' });
  });
const holidays = computed(() =>
  store.data.holiday.filter(({ to }) => to >= addDays(today(), -DAYS)).sort((a, b) => a.from.localeCompare(b.from)),
);
</script>

<template>
  <div class="stack page">
    <div class="row between">
      <h1>Routines</h1>
      <a class="press small" :href="`/api/sites/${store.id}/today.ics`"><CalendarPlus :size="16" />As a calendar</a>
    </div>
    <p class="soft">Little and often: what keeps the rooms as they were made. What was left does not pile up.</p>
    <div class="two">
      <div class="stack">
        <section v-for="{ room, name, routines } in places" :key="name" class="sheet stack tight" :aria-label="name">
          <div class="row between">
            <h2>{{ name }}</h2>
            <span class="row tight"
              ><button v-if="room && !routines.length" class="press small" type="button" @click="startUsual(room)">
                start from the usual ones</button
              ><button class="press small" type="button" @click="editing = { roomId: room?.id ?? null }">
                <Plus :size="16" />a routine
              </button></span
            >
          </div>
          <p v-if="!routines.length" class="soft">No routine yet.</p>
          <details v-for="routine in routines" :key="routine.id" class="routine">
            <summary>
              {{ routine.name }}
              <span class="small soft"
                >{{ often(routine.rule) }}, {{ routine.minutes }} min{{
                  routine.personId ? `, ${store.maps.person.get(routine.personId)?.name}` : ''
                }}</span
              >
              <span v-if="due.get(routine.id)" class="tag" :class="due.get(routine.id)!.when">{{
                due.get(routine.id)!.when === 'overdue'
                  ? `was due ${formatDay(due.get(routine.id)!.day)}`
                  : formatDay(due.get(routine.id)!.day)
              }}</span>
            </summary>
            <RoutineSteps v-if="due.get(routine.id)" :due="due.get(routine.id)!" />
            <button class="press quiet small" type="button" @click="editing = { routine, roomId: routine.roomId }">
              change {{ routine.name }}
            </button>
          </details>
        </section>
      </div>
      <section class="sheet stack tight" aria-label="Holidays">
        <h2>Holidays</h2>
        <p class="small soft">
          Daily and weekly routines are left out; a monthly one waits for the first open day after them.
        </p>
        <ul class="stack tight">
          <li v-for="row in holidays" :key="row.id" class="row between">
            <span
              ><b>{{ row.name }}</b> {{ formatDate(row.from)
              }}{{ row.to === row.from ? '' : ` to ${formatDate(row.to)}` }}</span
            ><button
              class="icon-press"
              type="button"
              :aria-label="`Remove ${row.name}`"
              @click="store.remove('holiday', row, row.name)"
            >
              <X :size="16" />
            </button>
          </li>
        </ul>
        <form class="stack tight" novalidate @submit.prevent="addHoliday">
          <TextField v-model="holiday.name" label="Name of the holiday" :problem="problems.name" />
          <div class="dates">
            <DayField v-model="holiday.from" label="First day" :problem="problems.from" /><DayField
              v-model="holiday.to"
              label="Last day"
              :problem="problems.to"
            />
          </div>
          <p v-if="problems.form" class="wrong">{{ problems.form }}</p>
          <button class="press small" type="submit">Add the holiday</button>
        </form>
      </section>
    </div>
    <RoutineDialog v-if="editing" v-bind="editing" @close="editing = null" />
  </div>
</template>

<style scoped>
.page {
  padding-top: 22px;
}
.two {
  display: grid;
  grid-template-columns: minmax(0, 1.6fr) minmax(0, 1fr);
  gap: 20px;
  align-items: start;
}
.dates {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}
.routine {
  border-top: 1px solid var(--rule);
  padding: 6px 0;
}
summary .tag {
  float: right;
}
.tag.overdue {
  background: var(--brick-pale);
  color: var(--brick);
}
.tag.today {
  background: var(--straw-pale);
}
@media (max-width: 860px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
