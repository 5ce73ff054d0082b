<script setup lang="ts">
/** The way on to the next step of the work, with what is open there. */
import { computed } from 'vue';
import { ArrowRight } from '@lucide/vue';
import { isWhole, nextStep, type Step, STEPS } from '@stube/core/makeover';
import { useRoom } from '../data/room.ts';
import { STEP_NAMES } from './steps.ts';

const props = defineProps<{ here: Step }>();
const { progress } = useRoom();
/** Nothing is left to do here. */
const whole = computed(() => progress.value !== null && isWhole(progress.value[props.here]));
/** What comes after this one, and not what is done already. */
const next = computed(() => {
  if (!progress.value) return null;
  const open = nextStep(progress.value);
  const after = STEPS[STEPS.indexOf(props.here) + 1];
  const step = STEPS.indexOf(open) > STEPS.indexOf(props.here) ? open : after;
  if (!step) return null;
  const { open: left, words } = progress.value[step];
  return { step, said: left ? `${STEP_NAMES[step]}: ${words}` : STEP_NAMES[step] };
});
</script>

<template>
  <RouterLink v-if="next" class="press small go-on" :class="{ main: whole }" :to="{ name: next.step }"
    >{{ next.said }}<ArrowRight :size="16"
  /></RouterLink>
</template>
