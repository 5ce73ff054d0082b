<script setup lang="ts">
import { reactive } from 'vue';
import Dialog from 'primevue/dialog';
import { ZONE_KINDS, type Room, type Zone, type ZoneKind } from '@stube/core/model/entities';
import { useForm } from '../../parts/form.ts';
import FormEnd from '../../parts/FormEnd.vue';
import LengthField from '../../parts/LengthField.vue';
import TextField from '../../parts/TextField.vue';
import { useSite } from '../../data/site.ts';

const props = defineProps<{ zone?: Zone; room: Room }>();
const emit = defineEmits<{ close: [] }>();
const store = useSite();
const draft = reactive({
  name: props.zone?.name ?? '',
  kind: props.zone?.kind ?? ('reading' as ZoneKind),
  x: props.zone?.x ?? Math.round(props.room.width / 2),
  y: props.zone?.y ?? Math.round(props.room.depth / 2),
});
const { problems, busy, submit } = useForm();
async function save(): Promise<void> {
  const values = { ...draft, name: draft.name.trim() || `${draft.kind[0]!.toUpperCase()}${draft.kind.slice(1)}` };
  if (
    await submit(() =>
      props.zone ? store.patch('zone', props.zone, values) : store.create('zone', { ...values, roomId: props.room.id }),
    )
  )
    emit('close');
}
async function drop(): Promise<void> {
  if (props.zone && (await store.remove('zone', props.zone, props.zone.name))) emit('close');
}
</script>

<template>
  <Dialog
    visible
    modal
    :header="zone?.name ?? 'A zone of the room'"
    :style="{ width: 'min(420px, 94vw)' }"
    @update:visible="emit('close')"
  >
    <form class="stack" novalidate @submit.prevent="save">
      <label class="field"
        ><span>What is done there</span
        ><select v-model="draft.kind" class="write">
          <option v-for="kind in ZONE_KINDS" :key="kind">{{ kind }}</option>
        </select></label
      >
      <TextField v-model="draft.name" label="Name" :problem="problems.name" placeholder="as the activity" />
      <div class="pair">
        <LengthField v-model="draft.x" label="From the left wall" :problem="problems.x" /><LengthField
          v-model="draft.y"
          label="From the front wall"
          :problem="problems.y"
        />
      </div>
      <FormEnd :problem="problems.form" :busy="busy" :remove="zone && 'Remove'" @remove="drop" />
    </form>
  </Dialog>
</template>

<style scoped>
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}
</style>
