<script setup lang="ts">
/** Some of the people who live or work here; whoever is missing is added on the spot. */
import { ref } from 'vue';
import { Plus } from '@lucide/vue';
import { useSite } from '../../../data/site.ts';
import PersonDialog from './PersonDialog.vue';

defineProps<{ legend: string }>();
const chosen = defineModel<string[]>({ required: true });
const store = useSite();
const adding = ref(false);
</script>

<template>
  <fieldset>
    <legend class="field-name">{{ legend }}</legend>
    <div class="row">
      <label v-for="person in store.data.person" :key="person.id" class="check"
        ><input v-model="chosen" type="checkbox" :value="person.id" />{{ person.name }}</label
      >
      <button class="press quiet small" type="button" @click="adding = true"><Plus :size="15" />Somebody else</button>
    </div>
    <Teleport to="body"
      ><PersonDialog v-if="adding" @made="chosen = [...chosen, $event]" @close="adding = false"
    /></Teleport>
  </fieldset>
</template>
