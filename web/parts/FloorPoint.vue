<script setup lang="ts">
/** A point on the floor of a room, told from two walls. */
import LengthField from './LengthField.vue';

defineProps<{ problems: Record<string, string | undefined> }>();
const x = defineModel<number>('x', { required: true });
const y = defineModel<number>('y', { required: true });
</script>

<template>
  <div class="pair">
    <LengthField v-model="x" label="From the left wall" :problem="problems.x" /><LengthField
      v-model="y"
      label="From the front wall"
      :problem="problems.y"
    />
  </div>
</template>

<style scoped>
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}
</style>
