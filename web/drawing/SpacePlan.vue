<script setup lang="ts">
/** A drawer that is open, or a shelf from above: its bins where they stand. */
import { computed } from 'vue';
import type { Compartment } from '@stube/core/model';
import { useSite } from '../data/site.ts';
import FitPlan from './FitPlan.vue';
import { depthOfDrawn, widthOfDrawn, type DrawnBin } from './scale.ts';

const props = defineProps<{ space: Compartment; bins: readonly DrawnBin[] }>();
const store = useSite();
const boxes = computed(() =>
  props.bins.flatMap((one) => {
    const { bin, hue, at } = one;
    const { id, code, name } = bin;
    return at
      ? [{ id, code, name, hue, x: at.x, y: at.y, z: at.z, width: widthOfDrawn(one), depth: depthOfDrawn(one) }]
      : [];
  }),
);
</script>

<template>
  <FitPlan :space="space" :boxes="boxes" :free="[]" :system="store.site?.system" />
</template>
