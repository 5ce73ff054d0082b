<script setup lang="ts">
/** A family of categories: its name and hue. */
import { reactive } from 'vue';
import type { Family } from '@stube/core/model';
import EntityDialog from '../../../parts/EntityDialog.vue';
import HueChoice from '../../../parts/HueChoice.vue';
import TextField from '../../../parts/TextField.vue';

const props = defineProps<{ family?: Family }>();
const emit = defineEmits<{ close: [] }>();
const draft = reactive({ name: props.family?.name ?? '', hue: props.family?.hue ?? 'oak' });
</script>

<template>
  <EntityDialog
    v-slot="{ problems }"
    table="family"
    :row="family"
    :title="family?.name ?? 'A family'"
    :width="420"
    :values="() => draft"
    removal="Remove"
    @close="emit('close')"
  >
    <TextField v-model="draft.name" label="Name" :problem="problems.name" />
    <HueChoice v-model="draft.hue" label="Hue" />
  </EntityDialog>
</template>
