<script setup lang="ts">
/** A routine: what, how often, by whom, how long, and its steps. */
import { reactive } from 'vue';
import type { Routine } from '@stube/core/model';
import DayField from '../../../parts/DayField.vue';
import EntityDialog from '../../../parts/EntityDialog.vue';
import NumberField from '../../../parts/NumberField.vue';
import TextField from '../../../parts/TextField.vue';
import { today } from '../../../parts/day.ts';
import { useSite } from '../../../data/site.ts';
import { OFTEN } from './often.ts';

const props = defineProps<{ routine?: Routine; roomId: string | null }>();
const emit = defineEmits<{ close: [] }>();
const store = useSite();
const draft = reactive({
  name: props.routine?.name ?? '',
  roomId: props.routine ? props.routine.roomId : props.roomId,
  personId: props.routine?.personId ?? null,
  minutes: (props.routine?.minutes ?? 15) as number | null,
  rule: props.routine?.rule ?? 'FREQ=WEEKLY;BYDAY=FR',
  from: props.routine?.from ?? today(),
  steps: (props.routine?.steps ?? []).join('\n'),
  onHolidays: props.routine?.onHolidays ?? false,
});
const values = () => ({
  ...draft,
  minutes: draft.minutes ?? 0,
  steps: [...new Set(draft.steps.split('\n').map((step) => step.trim()))].filter(Boolean),
  ...(props.routine ? {} : { kind: 'own' }),
});
</script>

<template>
  <EntityDialog
    v-slot="{ problems }"
    table="routine"
    :row="routine"
    :title="routine?.name ?? 'A routine'"
    :values="values"
    removal="Remove the routine"
    :save="routine ? 'Save' : 'Add the routine'"
    @close="emit('close')"
    @made="emit('close')"
  >
    <TextField v-model="draft.name" label="What is done" :problem="problems.name" />
    <div class="two">
      <label class="field"
        ><span>How often</span
        ><select v-model="draft.rule" class="write">
          <option v-for="(words, rule) in OFTEN" :key="rule" :value="rule">{{ words }}</option>
          <option v-if="!(draft.rule in OFTEN)" :value="draft.rule">as it is</option>
        </select></label
      >
      <DayField v-model="draft.from" label="From" :problem="problems.from" />
      <label class="field"
        ><span>Where</span
        ><select v-model="draft.roomId" class="write">
          <option :value="null">the whole house</option>
          <option v-for="room in store.rooms" :key="room.id" :value="room.id">{{ room.name }}</option>
        </select></label
      >
      <label class="field"
        ><span>Who</span
        ><select v-model="draft.personId" class="write">
          <option :value="null">whoever is there</option>
          <option v-for="person in store.data.person" :key="person.id" :value="person.id">{{ person.name }}</option>
        </select></label
      >
      <NumberField v-model="draft.minutes" label="Minutes" whole :problem="problems.minutes" />
      <label class="check"><input v-model="draft.onHolidays" type="checkbox" />on holidays too</label>
    </div>
    <label class="field"
      ><span>Steps, one a line</span><textarea v-model="draft.steps" class="write" rows="5"></textarea
      ><span v-if="problems.steps" class="wrong">{{ problems.steps }}</span></label
    >
  </EntityDialog>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px 12px;
  align-items: end;
}
</style>
