<script setup lang="ts">
/** Asked before bins that stand somewhere get other containers or go: they leave their places. */
import type { Bin } from '@stube/core/model';
import { usePlaceName } from '../../../data/place-name.ts';
import ModalDialog from '../../../parts/ModalDialog.vue';

defineProps<{ bins: readonly Bin[] }>();
const emit = defineEmits<{ close: []; add: [] }>();
const placeName = usePlaceName();
const MOST = 8;
</script>

<template>
  <ModalDialog
    :title="bins.length === 1 ? 'A bin leaves its place' : `${bins.length} bins leave their places`"
    @close="emit('close')"
  >
    <div class="stack">
      <p>With other containers they want places of their own again. What has the same container keeps its place.</p>
      <ul class="small">
        <li v-for="bin in bins.slice(0, MOST)" :key="bin.id">
          {{ bin.code }} {{ bin.name }}: {{ placeName(bin.compartmentId) }}
        </li>
        <li v-if="bins.length > MOST">and {{ bins.length - MOST }} more</li>
      </ul>
      <div class="row between">
        <button class="press main" type="button" @click="emit('add')">Add these bins</button>
        <button class="press quiet" type="button" @click="emit('close')">No, leave them as they are</button>
      </div>
    </div>
  </ModalDialog>
</template>
