<script setup lang="ts">
/** The frame of every dialog about one row: it is made, changed or removed, and each refusal stands at its field. */
import ModalDialog from './ModalDialog.vue';
import type { Row, TableName } from '@stube/core/model';
import type { CreatableTable } from '@stube/contract/rows/schemas';
import { useSite } from '../data/site.ts';
import { useForm } from './form.ts';
import FormEnd from './FormEnd.vue';

const props = withDefaults(
  defineProps<{
    table: TableName;
    /** The row that is there; none where one is being made. */
    row?: Row;
    title: string;
    /** Pixels at most. */
    width?: number;
    /** What is written when the form is sent. */
    values: () => object;
    save?: string;
    /** The words of the press that removes it; none where it cannot be. */
    removal?: string;
    /** What it is called once it is gone. */
    name?: string;
    /** It cannot be sent as it stands. */
    blocked?: boolean;
  }>(),
  { row: undefined, width: 440, save: 'Save', removal: '', name: '' },
);
const emit = defineEmits<{ close: []; made: [id: string] }>();
const store = useSite();
const { problems, busy, once } = useForm();

async function send(): Promise<void> {
  if (props.blocked) return;
  const values = { ...props.values() };
  const done = await once(async () => {
    if (props.row) await store.patch(props.table, props.row as never, values as never);
    else emit('made', (await store.create(props.table as CreatableTable, values as Record<string, unknown>))!.id!);
  });
  if (done) emit('close');
}
async function drop(): Promise<void> {
  if (props.row && (await store.remove(props.table, props.row, props.name || props.title))) emit('close');
}
</script>

<template>
  <ModalDialog :title="title" :width="width" @close="emit('close')">
    <form class="stack" novalidate @submit.prevent="send">
      <slot :problems="problems" />
      <FormEnd
        :problem="problems.form"
        :busy="busy || blocked"
        :save="save"
        :remove="row && removal ? removal : false"
        @remove="drop"
      />
    </form>
    <slot name="after" />
  </ModalDialog>
</template>
