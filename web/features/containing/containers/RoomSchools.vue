<script setup lang="ts">
/** What the room prefers: seen or hidden, lids, how it buys; each with what it would bring, reckoned for this room. */
import { counted, formatMoney } from '@stube/core/notation';
import { computed, ref } from 'vue';
import { type ContainContext, effectsOf, type School, type SchoolEffect } from '@stube/core/containers';
import { useRoom } from '../../../data/room.ts';
import { minutes, percent } from '../../../parts/numbers.ts';

const props = defineProps<{ context: ContainContext }>();
const { store, room, demands } = useRoom();
const open = ref(false);
type Field = 'view' | 'lids' | 'buy';
const CHOICES: { field: Field; legend: string; options: { value: School[Field]; words: string }[] }[] = [
  {
    field: 'view',
    legend: 'See or hide',
    options: [
      { value: null, words: 'as each thing asks' },
      { value: 'show', words: 'see it: what is seen is used and remembered' },
      { value: 'hide', words: 'hide it: a calm room' },
    ],
  },
  {
    field: 'lids',
    legend: 'Lids',
    options: [
      { value: null, words: 'as each thing asks' },
      { value: 'lids', words: 'lids: no dust, no spills, one on another' },
      { value: 'open', words: 'open: one hand, put back at once' },
    ],
  },
  {
    field: 'buy',
    legend: 'Buy',
    options: [
      { value: null, words: 'by what suits each' },
      { value: 'own', words: 'use what you have' },
      { value: 'least', words: 'the cheapest that fits' },
      { value: 'match', words: 'one matching set' },
    ],
  },
];
const now = computed<School>(() => ({
  view: room.value?.view ?? null,
  lids: room.value?.lids ?? null,
  buy: room.value?.buy ?? null,
}));
const key = (field: Field, value: School[Field]) => `${field} ${value ?? 'none'}`;
/** All choices reckoned anew are some ten times the work of one: only while somebody looks. */
const effects = computed<Record<string, SchoolEffect>>(() =>
  open.value
    ? effectsOf(
        Object.fromEntries(
          CHOICES.flatMap(({ field, options }) =>
            options.map(({ value }) => [key(field, value), { ...now.value, [field]: value } as School]),
          ),
        ),
        demands.value,
        props.context,
      )
    : {},
);
const say = ({ seen, lidSeconds, cost, kinds }: SchoolEffect) =>
  [
    `${percent(seen)} seen`,
    `${minutes(lidSeconds)} a week for lids`,
    formatMoney(cost, store.site?.currency ?? 'EUR'),
    counted(kinds, 'kind'),
  ].join(', ');
const choose = (field: Field, value: School[Field]) =>
  store.tryWrite(() => store.patch('room', room.value!, { [field]: value }));
const summary = computed(() => {
  const said = CHOICES.flatMap(({ field, legend, options }) =>
    now.value[field]
      ? [`${legend.toLowerCase()}: ${options.find(({ value }) => value === now.value[field])!.words.split(':')[0]}`]
      : [],
  );
  return said.length ? said.join(', ') : 'as each thing asks';
});
</script>

<template>
  <details class="sheet" @toggle="open = ($event.target as HTMLDetailsElement).open">
    <summary>
      <b>What this room prefers</b> <span class="small soft">{{ summary }}</span>
    </summary>
    <div class="choices">
      <fieldset v-for="{ field, legend, options } in CHOICES" :key="field">
        <legend>{{ legend }}</legend>
        <label v-for="{ value, words } in options" :key="key(field, value)" class="option">
          <input type="radio" :name="field" :checked="now[field] === value" @change="choose(field, value)" /><span
            >{{ words }}<br /><span v-if="effects[key(field, value)]" class="small soft">{{
              say(effects[key(field, value)]!)
            }}</span></span
          >
        </label>
      </fieldset>
    </div>
    <p class="small soft">A need of the things themselves comes before it, and so does what you chose by hand.</p>
  </details>
</template>

<style scoped>
summary {
  cursor: pointer;
  min-height: 28px;
}
.choices {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(220px, 1fr));
  gap: 14px;
  margin-top: 10px;
}
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
}
legend {
  font-weight: 600;
}
.option input {
  accent-color: var(--spruce);
}
.option {
  display: grid;
  grid-template-columns: 24px minmax(0, 1fr);
  align-items: start;
  padding: 4px 0;
}
</style>
