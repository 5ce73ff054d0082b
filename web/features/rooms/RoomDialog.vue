<script setup lang="ts">
/** A new room, or one that is there: its size and who comes in. */
import { computed, reactive } from 'vue';
import Dialog from 'primevue/dialog';
import type { Room } from '@stube/core/model/entities';
import { useForm } from '../../parts/form.ts';
import FormEnd from '../../parts/FormEnd.vue';
import LengthField from '../../parts/LengthField.vue';
import TextField from '../../parts/TextField.vue';
import { useSite } from '../../data/site.ts';

const props = defineProps<{ room?: Room }>();
const emit = defineEmits<{ close: []; made: [id: string] }>();
const store = useSite();
const draft = reactive({
  name: props.room?.name ?? '',
  width: props.room?.width ?? 4500,
  depth: props.room?.depth ?? 3600,
  height: props.room?.height ?? 2500,
  people: [...(props.room?.people ?? [])],
});
const { problems, busy, submit } = useForm();
const title = computed(() => (props.room ? props.room.name : 'A room'));

async function save(): Promise<void> {
  const done = await submit(async () => {
    if (props.room) await store.patch('room', props.room, { ...draft });
    else emit('made', (await store.create('room', { ...draft }))!.id!);
  });
  if (done && props.room) emit('close');
}
async function drop(): Promise<void> {
  if (props.room && (await store.remove('room', props.room, props.room.name))) emit('close');
}
</script>

<template>
  <Dialog visible modal :header="title" :style="{ width: 'min(480px, 94vw)' }" @update:visible="emit('close')">
    <form class="stack" novalidate @submit.prevent="save">
      <TextField
        v-model="draft.name"
        label="Name of the room"
        :problem="problems.name"
        placeholder="such as Playroom"
      />
      <div class="three">
        <LengthField v-model="draft.width" label="Wide" :problem="problems.width" /><LengthField
          v-model="draft.depth"
          label="Deep"
          :problem="problems.depth"
        /><LengthField v-model="draft.height" label="High" :problem="problems.height" />
      </div>
      <fieldset v-if="store.data.person.length">
        <legend class="field-name">
          Who comes in? Reach and cautions are reckoned for them; nobody ticked means everybody.
        </legend>
        <div class="row">
          <label v-for="person in store.data.person" :key="person.id" class="check"
            ><input v-model="draft.people" type="checkbox" :value="person.id" />{{ person.name }}</label
          >
        </div>
      </fieldset>
      <FormEnd
        :problem="problems.form"
        :busy="busy"
        :save="room ? 'Save' : 'Add the room'"
        :remove="room && 'Remove the room'"
        @remove="drop"
      />
    </form>
  </Dialog>
</template>

<style scoped>
.three {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 12px;
}
</style>
