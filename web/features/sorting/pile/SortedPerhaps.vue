<script setup lang="ts">
/** A thing that was sorted by what its word is a kind of, perhaps wrongly: one press says so, or puts it right. */
import { computed } from 'vue';
import { knownCategories, proposeCategories } from '@stube/core/matching';
import type { Line } from '@stube/core/model';
import { useSite } from '../../../data/site.ts';
import { useVocabulary } from '../../../data/words.ts';
import { useTeachWord } from '../grouping/teach-word.ts';
import { usePileActions } from './actions.ts';

const props = defineProps<{ line: Line }>();
const store = useSite();
const words = useVocabulary();
const { sortInto } = usePileActions();
/** From then on the category has that word, and nobody is asked about it again. */
const teachWord = useTeachWord();
const category = computed(() => store.maps.category.get(props.line.categoryId ?? ''));
const proposals = computed(() => {
  void words.value;
  return proposeCategories(props.line.name, knownCategories(store.data.category), 4);
});
const isPerhaps = computed(() =>
  proposals.value.some((one) => one.perhaps && one.categoryId && one.categoryId === category.value?.id),
);
const others = computed(() => proposals.value.filter((one) => one.categoryId !== category.value?.id));
</script>

<template>
  <div v-if="isPerhaps" class="row tight perhaps" role="group" :aria-label="`Is ${line.name} sorted well?`">
    <span class="small">Sorted into {{ category!.name }}, perhaps:</span>
    <button class="press small" type="button" @click="teachWord(category!, line.name)">that is right</button>
    <button v-for="other in others" :key="other.name" class="press small" type="button" @click="sortInto(line, other)">
      {{ other.name }}
    </button>
  </div>
</template>

<style scoped>
.perhaps {
  flex-wrap: wrap;
}
</style>
