<script setup lang="ts">
/** The rest of a makeover over days, and what is put off on purpose so that it is not forgotten. */
import { counted } from '@stube/core/notation';
import { computed, reactive, ref } from 'vue';
import ModalDialog from '../../../parts/ModalDialog.vue';
import { CalendarPlus, Plus } from '@lucide/vue';
import { addDays } from '@stube/core/calendar';
import { planDays, portionsOf } from '@stube/core/makeover';
import type { Deferral } from '@stube/core/model';
import { formatDay, today } from '../../../parts/day.ts';
import { useForm } from '../../../parts/form.ts';
import DayField from '../../../parts/DayField.vue';
import TextField from '../../../parts/TextField.vue';
import { useRoom } from '../../../data/room.ts';

const emit = defineEmits<{ close: [] }>();
const { store, id, room } = useRoom();
const draft = reactive({ minutes: String(room.value?.minutesADay ?? ''), deadline: room.value?.deadline ?? '' });
const { problems, submit } = useForm();
const later = reactive({ what: '', until: addDays(today(), 7) });
const laterForm = useForm();
const now = ref(new Date());
const parts = computed(() => store.data.deferral.filter((deferral) => deferral.roomId === id.value));
const minutes = computed(() => Number(draft.minutes) || 0);
const plan = computed(() =>
  planDays(
    portionsOf(store.data, id.value, now.value),
    minutes.value || 60,
    today(),
    draft.deadline || null,
    store.site?.restDays,
  ),
);
const total = computed(() => plan.value.days.reduce((sum, day) => sum + day.minutes, 0));

/** Written as soon as it is changed: the calendar is made from what is kept. */
const keep = () =>
  submit(() =>
    store.patch('room', room.value!, {
      minutesADay: draft.minutes.trim() ? Number(draft.minutes) : null,
      deadline: draft.deadline || null,
    }),
  );
async function putOff(): Promise<void> {
  const done = await laterForm.once(() => store.create('deferral', { roomId: id.value, ...later }));
  if (done) later.what = '';
}
const tick = (part: Deferral) => store.tryWrite(() => store.patch('deferral', part, { done: !part.done }));
const drop = (part: Deferral) => store.remove('deferral', part, part.what);
</script>

<template>
  <ModalDialog :title="`Days for ${room?.name}`" :width="620" @close="emit('close')">
    <div class="stack">
      <div class="pair">
        <TextField v-model="draft.minutes" label="Minutes a day" :problem="problems.minutesADay" @commit="keep" />
        <DayField v-model="draft.deadline" label="Done by" :problem="problems.deadline" @commit="keep" />
      </div>
      <p v-if="!plan.days.length" class="soft">Nothing is open in this room.</p>
      <template v-else>
        <p :class="{ wrong: !plan.enough }">
          <template v-if="!plan.enough"
            >Not done by {{ formatDay(draft.deadline) }}: it takes {{ plan.needed }} min a day.</template
          >
          <template v-else
            >{{ total }} min in {{ counted(plan.days.length, 'day')
            }}{{ minutes ? '' : ', at 60 min a day' }}.</template
          >
        </p>
        <ol class="days">
          <li v-for="day in plan.days.slice(0, 14)" :key="day.date">
            <b>{{ formatDay(day.date) }}</b><span class="small soft">{{ day.minutes }} min</span
            ><span>{{ day.what }}</span>
          </li>
        </ol>
        <a v-if="room?.minutesADay" class="press small" :href="`/api/sites/${store.id}/rooms/${id}/days.ics`" download
          ><CalendarPlus :size="16" />Into a calendar</a
        >
      </template>
      <h3>Put off on purpose</h3>
      <ul v-if="parts.length">
        <li v-for="part in parts" :key="part.id" class="row between part">
          <label class="check"
            ><input type="checkbox" :checked="part.done" @change="tick(part)" /><span :class="{ done: part.done }"
              >{{ part.what }} <span class="small soft">until {{ formatDay(part.until) }}</span></span
            ></label
          ><button class="press quiet small" type="button" @click="drop(part)">Remove</button>
        </li>
      </ul>
      <form class="later" novalidate @submit.prevent="putOff">
        <TextField
          v-model="later.what"
          label="A drawer, a box"
          placeholder="bottom drawer of the bench"
          :problem="laterForm.problems.what"
        />
        <DayField v-model="later.until" label="Comes back" :problem="laterForm.problems.until" />
        <button class="press" type="submit" :disabled="laterForm.busy.value"><Plus :size="16" />Put off</button>
      </form>
    </div>
  </ModalDialog>
</template>

<style scoped>
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px 12px;
}
.days {
  margin: 0;
  padding: 0;
  list-style: none;
}
.days li {
  display: grid;
  grid-template-columns: 92px 60px 1fr;
  gap: 8px;
  padding: 5px 0;
  border-bottom: 1px solid var(--rule);
  align-items: baseline;
}
.part {
  border-bottom: 1px solid var(--rule);
}
.done {
  text-decoration: line-through;
}
.later {
  display: grid;
  grid-template-columns: 1fr 150px auto;
  gap: 10px;
  align-items: end;
}
@media (max-width: 560px) {
  .days li {
    grid-template-columns: 1fr auto;
  }
  .days li > :last-child {
    grid-column: 1 / -1;
  }
  .later {
    grid-template-columns: 1fr 1fr;
  }
  .later > :first-child {
    grid-column: 1 / -1;
  }
}
</style>
