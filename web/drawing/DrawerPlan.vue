<script setup lang="ts">
/** A drawer or chest as it is when it is open: its bins from above, as the packing engine lays them at once. */
import { computed } from 'vue';
import { fitProblemOf } from '@stube/core/packing/fit-problem-of';
import { solveFit } from '@stube/core/packing/solve';
import type { Compartment } from '@stube/core/model/entities';
import { useSite } from '../data/site.ts';
import FitPlan from './FitPlan.vue';
import type { DrawnBin } from './scale.ts';

const props = defineProps<{ space: Compartment; bins: readonly DrawnBin[] }>();
const store = useSite();
/** Rounds of search: enough for a drawer, and done in a blink. */
const ITERATIONS = 40;
const MS = 200;
const boxes = computed(() => {
  const { category, containerType } = store.maps;
  const bins = props.bins.map(({ bin }) => bin);
  const { placed } = solveFit(fitProblemOf(props.space, bins, category, containerType, MS), { iterations: ITERATIONS });
  const drawn = new Map(props.bins.map((one) => [one.bin.id, one]));
  return placed.map((put) => {
    const { bin, type, hue } = drawn.get(put.id)!;
    const [width, depth] = put.turned ? [type.outDepth, type.outWidth] : [type.outWidth, type.outDepth];
    return { id: bin.id, code: bin.code, name: bin.name, hue, x: put.x, y: put.y, z: put.z, width, depth };
  });
});
</script>

<template>
  <FitPlan :space="space" :boxes="boxes" :free="[]" :system="store.site?.system" />
</template>
