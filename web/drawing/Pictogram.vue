<script setup lang="ts">
import bodies from 'virtual:pictograms';

withDefaults(defineProps<{ name: string; size?: number }>(), { size: 22 });
</script>

<template>
  <!-- eslint-disable-next-line vue/no-v-html -- the bodies come from the packaged set at build time, never from a person -->
  <svg
    :width="size"
    :height="size"
    viewBox="0 0 24 24"
    aria-hidden="true"
    v-html="bodies[name] ?? bodies['package-open']"
  />
</template>
