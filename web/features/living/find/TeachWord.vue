<script setup lang="ts">
/** Nothing is found by a word: what it is called here is told once, and the word is known from then on (practice F1). */
import { computed, ref } from 'vue';
import { useSite } from '../../../data/site.ts';
import { useTeachWord } from '../../sorting/grouping/teach-word.ts';

const props = defineProps<{ word: string }>();
const emit = defineEmits<{ taught: [] }>();
const store = useSite();
const name = ref('');
const teachWord = useTeachWord();
const called = computed(() => name.value.trim().toLowerCase());
const category = computed(() => {
  if (!called.value) return undefined;
  const byName = store.data.category.find((known) => known.name.toLowerCase() === called.value);
  if (byName) return byName;
  const bin = store.data.bin.find((known) =>
    [known.name, known.code].some((one) => one.toLowerCase() === called.value),
  );
  return store.maps.category.get(bin?.categoryId ?? '');
});
const names = computed(() =>
  [...new Set([...store.data.category, ...store.data.bin].map((row) => row.name))].sort((a, b) => a.localeCompare(b)),
);
async function teach(): Promise<void> {
  const known = category.value;
  if (!known || !(await teachWord(known, props.word))) return;
  store.sayDone(`“${props.word.trim()}” finds ${known.name} from now on.`);
  emit('taught');
}
</script>

<template>
  <form class="stack tight" @submit.prevent="teach">
    <label class="field"
      ><span>What is “{{ word }}” called here?</span
      ><input v-model="name" class="write" type="text" list="names-here" autocomplete="off" /><datalist id="names-here">
        <option v-for="one in names" :key="one" :value="one" /></datalist
    ></label>
    <button class="press small" type="submit" :disabled="!category">
      {{ category ? `It is ${category.name}: remember the word` : 'Remember the word' }}
    </button>
  </form>
</template>
