<script setup lang="ts">
import { useId } from 'vue';

defineProps<{ modelValue: string; label: string; problem?: string; placeholder?: string; type?: string }>();
const emit = defineEmits<{ 'update:modelValue': [text: string]; commit: [text: string] }>();
const id = useId();
</script>

<template>
  <label class="field" :for="id">
    <span>{{ label }}</span>
    <input
      :id="id"
      class="write"
      :type="type ?? 'text'"
      :value="modelValue"
      :placeholder="placeholder"
      autocomplete="off"
      :aria-invalid="!!problem"
      :aria-describedby="problem ? `${id}-wrong` : undefined"
      @input="emit('update:modelValue', ($event.target as HTMLInputElement).value)"
      @change="emit('commit', ($event.target as HTMLInputElement).value)"
    />
    <span v-if="problem" :id="`${id}-wrong`" class="wrong">{{ problem }}</span>
  </label>
</template>
