<script setup lang="ts">
/** The unit a bin stands in, in elevation, with its compartment lit up; others stand back. */
import type { Bin } from '@stube/core/model';
import SpaceLit from './SpaceLit.vue';

withDefaults(
  defineProps<{
    bin: Bin;
    tallest?: number;
    /** Without words below it. */
    bare?: boolean;
  }>(),
  { tallest: 300 },
);
</script>

<template>
  <SpaceLit
    v-if="bin.compartmentId"
    :space-id="bin.compartmentId"
    :chosen-bin="bin.id"
    :tallest="tallest"
    :bare="bare"
  />
  <p v-else class="soft">It has no place yet: it waits on the bench of its room.</p>
</template>
