<script setup lang="ts">
/**
 * What is in it is drawn when it comes near the window, and stays; until then its place is kept free. On paper all of it
 * is there.
 */
import { onMounted, ref } from 'vue';
import { useEventListener, useIntersectionObserver } from '@vueuse/core';
import { AHEAD } from './growing.ts';

/** How much room it takes, px, as well as that is known beforehand. */
defineProps<{ width?: number; height: number }>();
const place = ref<HTMLElement | null>(null);
const near = ref(typeof IntersectionObserver === 'undefined');
const { stop } = useIntersectionObserver(
  place,
  ([entry]) => {
    if (entry?.isIntersecting) draw();
  },
  { rootMargin: AHEAD },
);
function draw(): void {
  near.value = true;
  stop();
}
useEventListener(window, 'beforeprint', draw);
onMounted(() => {
  // What is in the first windows is there at once, without a moment of emptiness.
  if (place.value && place.value.getBoundingClientRect().top < innerHeight * 1.5) draw();
});
</script>

<template>
  <div
    ref="place"
    :style="near ? undefined : { minHeight: `${height}px`, ...(width ? { minWidth: `${width}px` } : {}) }"
  >
    <slot v-if="near" />
  </div>
</template>
