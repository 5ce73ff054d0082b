<script setup lang="ts">
/** An adult or a child: shelves are judged by their stature. */
import { reactive } from 'vue';
import Dialog from 'primevue/dialog';
import type { Person } from '@stube/core/site/entities';
import { useForm } from '../../parts/form.ts';
import FormEnd from '../../parts/FormEnd.vue';
import HueChoice from '../../parts/HueChoice.vue';
import LengthField from '../../parts/LengthField.vue';
import TextField from '../../parts/TextField.vue';
import { useSite } from '../../stores/site.ts';

const props = defineProps<{ person?: Person }>();
const emit = defineEmits<{ close: [] }>();
const store = useSite();
const draft = reactive({
  name: props.person?.name ?? '',
  kind: props.person?.kind ?? ('child' as Person['kind']),
  stature: props.person?.stature ?? 1100,
  colour: props.person?.colour ?? 'moss',
});
const { problems, busy, submit } = useForm();

async function save(): Promise<void> {
  const done = await submit(() =>
    props.person ? store.patch('person', props.person, { ...draft }) : store.create('person', { ...draft }),
  );
  if (done) emit('close');
}
async function drop(): Promise<void> {
  if (props.person && (await store.remove('person', props.person, props.person.name))) emit('close');
}
</script>

<template>
  <Dialog
    visible
    modal
    :header="person?.name ?? 'A person or group'"
    :style="{ width: 'min(440px, 94vw)' }"
    @update:visible="emit('close')"
  >
    <form class="stack" novalidate @submit.prevent="save">
      <TextField v-model="draft.name" label="Name, or what the group is called" :problem="problems.name" />
      <div class="pair">
        <label class="field"
          ><span>Kind</span
          ><select v-model="draft.kind" class="write">
            <option value="child">child</option>
            <option value="adult">adult</option>
          </select></label
        >
        <LengthField v-model="draft.stature" label="Stature" :problem="problems.stature" />
      </div>
      <p class="small soft">For a group, the stature of its smallest: what they reach, all reach.</p>
      <HueChoice v-model="draft.colour" label="Colour" />
      <FormEnd :problem="problems.form" :busy="busy" :remove="person && 'Remove'" @remove="drop" />
    </form>
  </Dialog>
</template>

<style scoped>
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}
</style>
