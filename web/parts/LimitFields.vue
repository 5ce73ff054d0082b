<script setup lang="ts">
/** So many of one container, as a limit. */
import { useSite } from '../data/site.ts';

withDefaults(defineProps<{ type: string; count: string; problem?: string; name?: string }>(), {
  name: 'It has to fit into',
  problem: undefined,
});
const emit = defineEmits<{ 'update:type': [id: string]; 'update:count': [count: string] }>();
const store = useSite();
</script>

<template>
  <fieldset>
    <legend class="field-name">{{ name }}</legend>
    <div class="limit">
      <input
        v-if="type"
        class="write"
        inputmode="numeric"
        aria-label="How many"
        :value="count"
        :aria-invalid="!!problem"
        @input="emit('update:count', ($event.target as HTMLInputElement).value)"
      />
      <select
        class="write"
        :aria-label="name"
        :value="type"
        @change="emit('update:type', ($event.target as HTMLSelectElement).value)"
      >
        <option value="">no limit</option>
        <option v-for="container in store.data.containerType" :key="container.id" :value="container.id">
          {{ container.name }}
        </option>
      </select>
    </div>
    <p v-if="problem" class="wrong">{{ problem }}</p>
  </fieldset>
</template>

<style scoped>
.limit {
  display: flex;
  gap: 8px;
}
.limit input {
  width: 70px;
}
</style>
