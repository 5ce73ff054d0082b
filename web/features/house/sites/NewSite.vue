<script setup lang="ts">
/** A site of one's own, begun with three questions that are answered by a tap each. */
import { reactive, ref } from 'vue';
import { Blocks, Building2, House, Scissors, School } from '@lucide/vue';
import type { ChangeAnswer } from '@stube/contract/answers';
import type { LengthSystem } from '@stube/core/model';
import { api } from '../../../data/transport.ts';
import { useForm } from '../../../parts/form.ts';
import TextField from '../../../parts/TextField.vue';

const emit = defineEmits<{ begun: [siteId: string] }>();
const PLACES = [
  { name: 'Home', picture: House },
  { name: 'Classroom', picture: School },
  { name: 'Daycare', picture: Blocks },
  { name: 'Studio', picture: Scissors },
  { name: 'Office', picture: Building2 },
];
const SYSTEMS: { system: LengthSystem; words: string }[] = [
  { system: 'metric', words: 'centimetres' },
  { system: 'millimetre', words: 'millimetres' },
  { system: 'imperial', words: 'feet and inches' },
];
const WAYS = [
  { keepsNew: false, words: 'I decide one by one' },
  { keepsNew: true, words: 'Yes: I only need places for it' },
];
/** Where people mostly measure in feet and inches. */
const IMPERIAL = /-(?:US|LR|MM)$/;
const draft = reactive({
  name: '',
  system: (IMPERIAL.test(navigator.language) ? 'imperial' : 'metric') as LengthSystem,
  keepsNew: false,
});
const place = ref('');
function choose(name: string): void {
  // A name that was typed stays.
  if (!draft.name.trim() || draft.name === place.value) draft.name = name;
  place.value = name;
}
const { problems, busy, once } = useForm();
/** Who measures in feet and inches mostly pays in dollars and prints on US Letter; all can be changed. */
const begin = () =>
  once(async () => {
    const site = {
      ...draft,
      timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone,
      ...(draft.system === 'imperial' ? { currency: 'USD', paper: 'Letter' } : { currency: 'EUR', paper: 'A4' }),
    };
    emit('begun', (await api<ChangeAnswer>('POST', '/sites', site)).id!);
  });
</script>

<template>
  <form class="sheet stack" novalidate @submit.prevent="begin">
    <fieldset class="stack tight">
      <legend class="field-name"><b class="figure">1</b> Where is it?</legend>
      <div class="row tight">
        <button
          v-for="one in PLACES"
          :key="one.name"
          class="press"
          type="button"
          :aria-pressed="place === one.name"
          @click="choose(one.name)"
        >
          <component :is="one.picture" :size="18" />{{ one.name }}
        </button>
      </div>
      <TextField
        v-model="draft.name"
        label="What it is called"
        placeholder="such as Home, or Room 12"
        :problem="problems.name"
      />
    </fieldset>
    <fieldset class="stack tight">
      <legend class="field-name"><b class="figure">2</b> How do you measure?</legend>
      <div class="row tight">
        <button
          v-for="one in SYSTEMS"
          :key="one.system"
          class="press"
          type="button"
          :aria-pressed="draft.system === one.system"
          @click="draft.system = one.system"
        >
          {{ one.words }}
        </button>
      </div>
    </fieldset>
    <fieldset class="stack tight">
      <legend class="field-name"><b class="figure">3</b> Does everything stay?</legend>
      <div class="row tight">
        <button
          v-for="one in WAYS"
          :key="one.words"
          class="press"
          type="button"
          :aria-pressed="draft.keepsNew === one.keepsNew"
          @click="draft.keepsNew = one.keepsNew"
        >
          {{ one.words }}
        </button>
      </div>
    </fieldset>
    <p v-if="problems.form" class="wrong">{{ problems.form }}</p>
    <button class="press main" type="submit" :disabled="busy">Begin</button>
    <p class="small soft">All of it can be changed later. Everything stays on this machine.</p>
  </form>
</template>

<style scoped>
legend .figure {
  display: inline-grid;
  place-items: center;
  width: 24px;
  height: 24px;
  margin-right: 4px;
  border: 1.25px solid var(--ink);
  border-radius: 50%;
}
</style>
