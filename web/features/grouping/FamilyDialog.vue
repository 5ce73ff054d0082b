<script setup lang="ts">
import { reactive } from 'vue';
import Dialog from 'primevue/dialog';
import type { Family } from '@stube/core/model/entities';
import { useForm } from '../../parts/form.ts';
import FormEnd from '../../parts/FormEnd.vue';
import HueChoice from '../../parts/HueChoice.vue';
import TextField from '../../parts/TextField.vue';
import { useSite } from '../../data/site.ts';

const props = defineProps<{ family?: Family }>();
const emit = defineEmits<{ close: [] }>();
const store = useSite();
const draft = reactive({ name: props.family?.name ?? '', hue: props.family?.hue ?? 'oak' });
const { problems, busy, submit } = useForm();
async function save(): Promise<void> {
  if (
    await submit(() =>
      props.family ? store.patch('family', props.family, { ...draft }) : store.create('family', { ...draft }),
    )
  )
    emit('close');
}
async function drop(): Promise<void> {
  if (props.family && (await store.remove('family', props.family, props.family.name))) emit('close');
}
</script>

<template>
  <Dialog
    visible
    modal
    :header="family?.name ?? 'A family'"
    :style="{ width: 'min(420px, 94vw)' }"
    @update:visible="emit('close')"
  >
    <form class="stack" novalidate @submit.prevent="save">
      <TextField v-model="draft.name" label="Name" :problem="problems.name" />
      <HueChoice v-model="draft.hue" label="Hue" />
      <FormEnd :problem="problems.form" :busy="busy" :remove="family && 'Remove'" @remove="drop" />
    </form>
  </Dialog>
</template>
