<script setup lang="ts">
/** A person as a figure of its height and colour: known without a name to read. */
import { computed } from 'vue';

const props = defineProps<{ stature: number; colour: string | undefined; small?: boolean }>();
/** A grown child fills the picture, mm. */
const TALLEST = 1600;
const height = computed(() => (70 * Math.min(TALLEST, props.stature)) / TALLEST);
const top = computed(() => 76 - height.value);
</script>

<template>
  <svg
    :width="small ? 52 : 90"
    :height="small ? 52 : 90"
    viewBox="0 0 80 80"
    aria-hidden="true"
    :style="{ color: colour }"
  >
    <circle cx="40" :cy="top + height * 0.17" :r="height * 0.16" fill="currentColor" />
    <path
      fill="currentColor"
      :d="`M${40 - height * 0.22} 76 L${40 - height * 0.16} ${top + height * 0.38} Q40 ${top + height * 0.28} ${40 + height * 0.16} ${top + height * 0.38} L${40 + height * 0.22} 76 Z`"
    />
    <path d="M6 77H74" stroke="var(--ink)" stroke-width="2.5" />
  </svg>
</template>
