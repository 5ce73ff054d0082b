<script setup lang="ts">
/** A length in either system: read while typing, written back tidily when left. */
import { computed, ref, useId, watch } from 'vue';
import { editFineLength, editLength, formatLength, parseFineLength, parseLength } from '@stube/core/notation';
import { DIFFERENCE_TOLD, readReadings } from '@stube/core/measuring';
import { limitSaid } from './limit-said.ts';
import { useSite } from '../data/site.ts';

const props = defineProps<{
  modelValue: number;
  label: string;
  problem?: string;
  /** It takes several readings, of which the least counts. */
  several?: boolean;
  /** To the hundredth of a millimetre, for what is printed. */
  fine?: boolean;
}>();
const emit = defineEmits<{ 'update:modelValue': [mm: number]; commit: [mm: number] }>();
const store = useSite();
const system = computed(() => store.site?.system ?? 'metric');
const edited = (mm: number): string => (props.fine ? editFineLength : editLength)(mm, system.value);
const parsed = (told: string): number | null => (props.fine ? parseFineLength : parseLength)(told, system.value);
const text = ref(edited(props.modelValue));
const focused = ref(false);
const id = useId();

watch([() => props.modelValue, system], () => {
  if (!focused.value) text.value = edited(props.modelValue);
});
const readings = computed(() => (props.several ? readReadings(text.value, system.value) : null));
const read = computed(() => (props.several ? (readings.value?.least ?? null) : parsed(text.value)));
/** Said as long as it is typed: readings that lie apart want a second look. */
const apart = computed(() =>
  focused.value && readings.value && readings.value.differ > DIFFERENCE_TOLD
    ? `They differ by ${formatLength(readings.value.differ, system.value)}: the least counts. Measure once more.`
    : '',
);
const problem = computed(() => limitSaid(props.problem, (mm) => formatLength(mm, system.value)));
const wrong = computed(() => problem.value ?? (read.value === null ? 'Not a length: 34.5 cm, 345 mm or 13 5/8"' : ''));
/** Only where it was typed in another unit than the site's is the reading worth showing. */
const shown = computed(() =>
  focused.value && read.value !== null && text.value.trim() !== edited(read.value)
    ? ` = ${props.fine ? edited(read.value) : formatLength(read.value, system.value)}`
    : '',
);

const UNIT = { metric: ', cm', millimetre: ', mm', imperial: '' };
const unitWord = computed(() => (shown.value ? '' : UNIT[system.value]));

function typed(): void {
  if (read.value !== null) emit('update:modelValue', read.value);
}
/** What was told since the field was entered: leaving it after Enter says nothing new. */
let told: number | null = null;
function entered(): void {
  focused.value = true;
  told = null;
}
function left(): void {
  focused.value = false;
  if (read.value === null) return;
  text.value = edited(read.value);
  if (read.value === told) return;
  told = read.value;
  emit('commit', read.value);
}
</script>

<template>
  <label class="field" :for="id">
    <span
      >{{ label }}{{ unitWord }}<b v-if="shown" class="reading">{{ shown }}</b></span
    >
    <input
      :id="id"
      v-model="text"
      class="write"
      type="text"
      autocomplete="off"
      :aria-invalid="!!wrong"
      :aria-describedby="wrong ? `${id}-wrong` : undefined"
      @focus="entered"
      @input="typed"
      @blur="left"
      @keydown.enter="left"
    />
    <span v-if="apart" class="reading" role="status">{{ apart }}</span>
    <span v-if="wrong" :id="`${id}-wrong`" class="wrong">{{ wrong }}</span>
  </label>
</template>

<style scoped>
.reading {
  color: var(--spruce-deep);
}
</style>
