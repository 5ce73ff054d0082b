<script setup lang="ts">
/** Everything about one line of the pile. */
import { computed, reactive } from 'vue';
import Dialog from 'primevue/dialog';
import { DECISIONS, type Line } from '@stube/core/site/entities';
import { EVERYDAY_MEASURES } from '@stube/core/sort/measures';
import { useForm } from '../../parts/form.ts';
import FormEnd from '../../parts/FormEnd.vue';
import LengthField from '../../parts/LengthField.vue';
import TextField from '../../parts/TextField.vue';
import { useSite } from '../../stores/site.ts';

const props = defineProps<{ line: Line }>();
const emit = defineEmits<{ close: [] }>();
const store = useSite();
const draft = reactive({
  name: props.line.name,
  amount: String(props.line.amount),
  measure: props.line.measure,
  decision: props.line.decision,
  note: props.line.note,
  categoryId: props.line.categoryId,
  length: props.line.length ?? 0,
  width: props.line.width ?? 0,
  height: props.line.height ?? 0,
});
const { problems, busy, submit } = useForm();
const families = computed(() =>
  [...store.data.family]
    .sort((a, b) => a.sort - b.sort)
    .map((family) => ({
      family,
      own: store.data.category.filter((one) => one.familyId === family.id).sort((a, b) => a.name.localeCompare(b.name)),
    })),
);

async function save(): Promise<void> {
  const sized = draft.length > 0;
  const done = await submit(() =>
    store.patch('line', props.line, {
      name: draft.name,
      amount: Number(draft.amount.replace(',', '.')),
      measure: draft.measure,
      decision: draft.decision,
      note: draft.note,
      categoryId: draft.categoryId,
      length: sized ? draft.length : null,
      width: sized && draft.width ? draft.width : null,
      height: sized && draft.height ? draft.height : null,
    }),
  );
  if (done) emit('close');
}
</script>

<template>
  <Dialog visible modal :header="line.name" :style="{ width: 'min(520px, 94vw)' }" @update:visible="emit('close')">
    <form class="stack" novalidate @submit.prevent="save">
      <TextField v-model="draft.name" label="Name" :problem="problems.name" />
      <div class="three">
        <TextField v-model="draft.amount" label="Amount" :problem="problems.amount" />
        <label class="field"
          ><span>Measure</span
          ><select v-model="draft.measure" class="write">
            <option value="pieces">pieces</option>
            <option v-for="one in EVERYDAY_MEASURES" :key="one.key" :value="one.key">{{ one.many }}</option>
          </select></label
        >
        <label class="field"
          ><span>Decision</span
          ><select v-model="draft.decision" class="write">
            <option v-for="one in DECISIONS" :key="one">{{ one }}</option>
          </select></label
        >
      </div>
      <fieldset>
        <legend class="field-name">Size of one piece; leave 0 for the usual one</legend>
        <div class="three">
          <LengthField v-model="draft.length" label="Long" :problem="problems.length" /><LengthField
            v-model="draft.width"
            label="Wide"
            :problem="problems.width"
          /><LengthField v-model="draft.height" label="High" :problem="problems.height" />
        </div>
      </fieldset>
      <label class="field"
        ><span>Category</span
        ><select v-model="draft.categoryId" class="write">
          <option :value="null">not sorted yet</option>
          <optgroup v-for="{ family, own } in families" :key="family.id" :label="family.name">
            <option v-for="one in own" :key="one.id" :value="one.id">{{ one.name }}</option>
          </optgroup>
        </select></label
      >
      <TextField v-model="draft.note" label="Note" :problem="problems.note" />
      <FormEnd :problem="problems.form" :busy="busy" />
    </form>
  </Dialog>
</template>

<style scoped>
.three {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 10px;
}
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
}
</style>
