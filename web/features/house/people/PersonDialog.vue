<script setup lang="ts">
/** An adult or a child: shelves are judged by their stature. */
import { computed, reactive, watch } from 'vue';
import type { Person } from '@stube/core/model';
import { formatLength } from '@stube/core/notation';
import { formatAge, medianStature, monthsOld, STATURE_SOURCE } from '@stube/core/body';
import CautionPreview from '../../../parts/cautions/CautionPreview.vue';
import DayField from '../../../parts/DayField.vue';
import EntityDialog from '../../../parts/EntityDialog.vue';
import HueChoice from '../../../parts/HueChoice.vue';
import LengthField from '../../../parts/LengthField.vue';
import LimitFields from '../../../parts/LimitFields.vue';
import NumberField from '../../../parts/NumberField.vue';
import TextField from '../../../parts/TextField.vue';
import { useSite } from '../../../data/site.ts';
import { dateToday } from '../../../parts/day.ts';

const props = defineProps<{ person?: Person }>();
const emit = defineEmits<{ close: []; made: [id: string] }>();
const store = useSite();
const draft = reactive({
  name: props.person?.name ?? '',
  kind: props.person?.kind ?? ('child' as Person['kind']),
  stature: props.person?.stature ?? 1100,
  colour: props.person?.colour ?? 'moss',
  born: props.person?.born ?? '',
  reads: props.person?.reads ?? false,
  mouths: props.person?.mouths ?? false,
  count: (props.person?.count ?? 1) as number | null,
  limit: props.person?.limit ?? null,
});
const age = computed(() => (draft.born ? monthsOld(draft.born, dateToday()) : null));
const median = computed(() => (age.value !== null && age.value >= 0 ? medianStature(age.value) : null));
/** A month of birth says how tall a child is, until somebody measures. */
watch(median, (mm) => {
  if (mm !== null) draft.stature = mm;
});
const values = () => ({ ...draft, born: draft.born || null, count: draft.count ?? 0 });
const preview = computed<Person>(() => ({
  ...(props.person ?? { id: 'new', version: 0, siteId: '' }),
  ...values(),
}));
</script>

<template>
  <EntityDialog
    v-slot="{ problems }"
    table="person"
    :row="person"
    :title="person?.name ?? 'A person or group'"
    :values="values"
    removal="Remove"
    @close="emit('close')"
    @made="emit('made', $event)"
  >
    <div class="pair">
      <TextField v-model="draft.name" label="Name, or what the group is called" :problem="problems.name" />
      <NumberField v-model="draft.count" label="How many they are" whole :problem="problems.count" />
    </div>
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
    <div class="pair">
      <DayField v-model="draft.born" label="Month of birth" month :problem="problems.born" />
      <div>
        <label class="check"><input v-model="draft.reads" type="checkbox" />reads words</label>
        <label v-if="draft.kind === 'child' && (age === null || age >= 36)" class="check"
          ><input v-model="draft.mouths" type="checkbox" />still puts things into the mouth</label
        >
      </div>
    </div>
    <CautionPreview table="person" :row="preview" />
    <p class="small soft">
      <template v-if="median !== null && age !== null"
        >{{ formatAge(age) }}: about {{ formatLength(median, store.site?.system) }} ({{ STATURE_SOURCE }}). Measure to
        know better. </template
      >For a group, the youngest and smallest: what they reach, all reach.
    </p>
    <LimitFields v-model="draft.limit" :problem="problems['limit.count']" name="Keepsakes have to fit into" />
    <HueChoice v-model="draft.colour" label="Colour" />
  </EntityDialog>
</template>

<style scoped>
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}
</style>
