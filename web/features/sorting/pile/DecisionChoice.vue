<script setup lang="ts">
/** What becomes of a thing, chosen from all that may; nobody has decided yet is one of them. */
import { type Decision, DECISIONS } from '@stube/core/model';

defineProps<{ modelValue: Decision | null }>();
const emit = defineEmits<{ 'update:modelValue': [decision: Decision | null] }>();
const chosen = (value: string) => emit('update:modelValue', value === '' ? null : (value as Decision));
</script>

<template>
  <select
    class="write"
    :class="{ undecided: modelValue === null }"
    :value="modelValue ?? ''"
    @change="chosen(($event.target as HTMLSelectElement).value)"
  >
    <option value="">undecided</option>
    <option v-for="decision in DECISIONS" :key="decision" :value="decision">{{ decision }}</option>
  </select>
</template>

<style scoped>
.undecided {
  border-style: dashed;
}
</style>
