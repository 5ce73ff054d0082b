<script setup lang="ts">
/** The rules of a room's rotation, and how much each aim of its plan counts. */
import { computed } from 'vue';
import { ROTATION_AIMS, type RotationAim, type RotationRules } from '@stube/core/model';
import { aimsOf, USUAL_RULES } from '@stube/core/rotation';
import NumberField from '../../../parts/NumberField.vue';
import { useRoom } from '../../../data/room.ts';

const { store, room } = useRoom();
const rules = computed<RotationRules>(() => room.value?.rotation ?? USUAL_RULES);
type Counted = Exclude<keyof RotationRules, 'weights' | 'minutesAWeek'>;
const RULES: Readonly<Record<Counted, string>> = {
  weeks: 'weeks planned',
  swapsAWeek: 'new things a week, at most',
  shortestSpell: 'weeks out, at least',
  longestSpell: 'weeks out, at most',
  leastRest: 'weeks of rest, at least',
  mostRest: 'weeks of rest, at most',
};
const AIMS: Readonly<Record<RotationAim, string>> = {
  balance: 'every child has fitting work in every area',
  loved: 'what is loved is out',
  rest: 'nothing rests too long',
  swaps: 'few things are swapped',
};
const set = (values: (rules: RotationRules) => Partial<RotationRules>) =>
  room.value &&
  store.tryWrite(() =>
    store.patch('room', room.value!, ({ rotation }) => {
      const now = rotation ?? USUAL_RULES;
      return { rotation: { ...now, ...values(now) } };
    }),
  );
const weightOf = (aim: RotationAim): number => rules.value.weights?.[aim] ?? 1;
const WORDS: readonly [number, string][] = [
  [0, 'not at all'],
  [0.5, 'less than usual'],
  [1, 'as usual'],
  [2, 'twice as much'],
  [4, 'above all'],
];
const setWeight = (aim: RotationAim, value: number) =>
  set(({ weights }) => ({ weights: { ...weights, [aim]: value } }));
const aims = computed(() => aimsOf({ weights: rules.value.weights ?? {} }));
</script>

<template>
  <section class="sheet stack tight" aria-label="How it rotates">
    <h2>How it rotates</h2>
    <div class="rules">
      <NumberField
        v-for="(words, key) in RULES"
        :key="key"
        :model-value="rules[key]"
        :label="words"
        whole
        @commit="(value) => value !== null && set(() => ({ [key]: value }))"
      />
      <NumberField
        :model-value="rules.minutesAWeek ?? null"
        label="minutes of setting out a week"
        optional
        whole
        @commit="(value) => set(() => ({ minutesAWeek: value === null ? null : Math.max(5, value) }))"
      />
    </div>
    <h3>What counts</h3>
    <div class="rules">
      <label v-for="aim in ROTATION_AIMS" :key="aim" class="field"
        ><span>{{ AIMS[aim] }}</span
        ><select
          class="write"
          :value="weightOf(aim)"
          @change="setWeight(aim, Number(($event.target as HTMLSelectElement).value))"
        >
          <option v-if="!WORDS.some(([value]) => value === weightOf(aim))" :value="weightOf(aim)">
            {{ weightOf(aim) }} times
          </option>
          <option v-for="[value, words] in WORDS" :key="value" :value="value">{{ words }}</option>
        </select></label
      >
    </div>
    <p class="small soft">
      A plan gathers points: {{ aims.covered }} for each child, week and area with one fitting thing,
      {{ aims.coveredTwice }} more for a second; up to {{ aims.interest }} for a loved thing that is out, less each week
      it stays; {{ aims.swap }} off for each thing newly brought out, and {{ aims.overRested }} off for each week
      something rests too long.
    </p>
  </section>
</template>

<style scoped>
.rules {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(170px, 1fr));
  gap: 12px;
  align-items: end;
}
</style>
