<script setup lang="ts">
/** One of the hues that stay apart for colour-blind eyes, each with its word. */
import { useId } from 'vue';
import { HUES } from '@stube/core/labels';

defineProps<{ modelValue: string; label: string }>();
const emit = defineEmits<{ 'update:modelValue': [hue: string] }>();
const group = useId();
</script>

<template>
  <fieldset>
    <legend class="field-name">{{ label }}</legend>
    <div class="row">
      <label v-for="(hex, name) in HUES" :key="name" class="check"
        ><input
          type="radio"
          :name="group"
          :value="name"
          :checked="modelValue === name"
          @change="emit('update:modelValue', String(name))"
        /><i :style="{ background: hex }" />{{ name }}</label
      >
    </div>
  </fieldset>
</template>

<style scoped>
i {
  width: 14px;
  height: 14px;
  border-radius: 2px;
}
</style>
