<script setup lang="ts">
/** One time a routine is due: its steps to tick, done, or left out. */
import type { DueRoutine } from '@stube/core/routines';
import { useRoutinesActions } from './actions.ts';

defineProps<{
  due: DueRoutine;
  /** The steps alone. */
  bare?: boolean;
}>();
const { finish, skip, tick } = useRoutinesActions();
</script>

<template>
  <div class="stack tight">
    <ul v-if="due.routine.steps.length" class="steps">
      <li v-for="(step, i) in due.routine.steps" :key="step">
        <label class="check"
          ><input type="checkbox" :checked="due.row?.ticked.includes(i)" @change="tick(due, i)" />{{ step }}</label
        >
      </li>
    </ul>
    <div v-if="!bare" class="row tight">
      <button class="press small" type="button" @click="finish(due)">all done</button>
      <button class="press quiet small" type="button" @click="skip(due)">leave out this time</button>
    </div>
  </div>
</template>

<style scoped>
.steps .check {
  min-height: 34px;
}
</style>
