<script setup lang="ts">
/** So many of one container, as a limit of all there is or of each year. */
import { ref } from 'vue';
import type { Limit } from '@stube/core/model';
import { useSite } from '../data/site.ts';

withDefaults(defineProps<{ problem?: string; name?: string; yearly?: boolean }>(), {
  name: 'It has to fit into',
  problem: undefined,
});
const limit = defineModel<Limit | null>({ required: true });
const store = useSite();
const count = ref(String(limit.value?.count ?? 1));
function choose(containerTypeId: string): void {
  limit.value = containerTypeId
    ? { count: Number(count.value), perYear: limit.value?.perYear ?? false, containerTypeId }
    : null;
}
function countTo(text: string): void {
  count.value = text;
  if (limit.value) limit.value = { ...limit.value, count: Number(text) };
}
</script>

<template>
  <fieldset>
    <legend class="field-name">{{ name }}</legend>
    <div class="limit">
      <input
        v-if="limit"
        class="write"
        inputmode="numeric"
        aria-label="How many"
        :value="count"
        :aria-invalid="!!problem"
        @input="countTo(($event.target as HTMLInputElement).value)"
      />
      <select
        class="write"
        :aria-label="name"
        :value="limit?.containerTypeId ?? ''"
        @change="choose(($event.target as HTMLSelectElement).value)"
      >
        <option value="">no limit</option>
        <option v-for="container in store.data.containerType" :key="container.id" :value="container.id">
          {{ container.name }}
        </option>
      </select>
      <label v-if="yearly && limit" class="check"
        ><input
          type="checkbox"
          :checked="limit.perYear"
          @change="limit = { ...limit, perYear: ($event.target as HTMLInputElement).checked }"
        />for each year</label
      >
    </div>
    <p v-if="problem" class="wrong">{{ problem }}</p>
  </fieldset>
</template>

<style scoped>
.limit {
  display: flex;
  gap: 8px;
}
.limit input.write {
  width: 70px;
}
.limit .check {
  flex: none;
}
</style>
