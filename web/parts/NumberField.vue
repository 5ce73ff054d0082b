<script setup lang="ts">
/** A number as people type it, with a comma or a point; what is no number is said and not handed on. */
import { computed, ref, useId, watch } from 'vue';
import { readNumber, writeNumber } from './numbers.ts';

const props = defineProps<{
  /** Null is an empty field, where that is allowed. */
  modelValue: number | null;
  label: string;
  problem?: string;
  /** Whether it may be left empty. */
  optional?: boolean;
  whole?: boolean;
}>();
const emit = defineEmits<{ 'update:modelValue': [value: number | null]; commit: [value: number | null] }>();
const text = ref(writeNumber(props.modelValue));
const focused = ref(false);
const id = useId();
watch(
  () => props.modelValue,
  (value) => {
    if (!focused.value) text.value = writeNumber(value);
  },
);
const read = computed(() => (text.value.trim() === '' && props.optional ? null : readNumber(text.value, props.whole)));
const wrong = computed(
  () => props.problem ?? (read.value === undefined ? (props.whole ? 'Not a whole number' : 'Not a number') : ''),
);

function typed(): void {
  if (read.value !== undefined) emit('update:modelValue', read.value);
}
function left(): void {
  focused.value = false;
  if (read.value === undefined) return;
  text.value = writeNumber(read.value);
  emit('commit', read.value);
}
</script>

<template>
  <label class="field" :for="id">
    <span>{{ label }}</span>
    <input
      :id="id"
      v-model="text"
      class="write"
      type="text"
      :inputmode="whole ? 'numeric' : 'decimal'"
      autocomplete="off"
      :aria-invalid="!!wrong"
      :aria-describedby="wrong ? `${id}-wrong` : undefined"
      @focus="focused = true"
      @input="typed"
      @change="left"
      @blur="focused = false"
    />
    <span v-if="wrong" :id="`${id}-wrong`" class="wrong">{{ wrong }}</span>
  </label>
</template>
