<script setup lang="ts">
/** Labels that hang where they are no longer true: to be taken off. */
import type { OldLabel } from '@stube/core/labels';
import { useSite } from '../../../data/site.ts';
import { useLabelsActions } from './actions.ts';

const props = defineProps<{ old: readonly OldLabel[] }>();
const store = useSite();
const { takeBack } = useLabelsActions();
const taken = (labels: readonly OldLabel[]) =>
  store.tryWrite(() =>
    takeBack(
      labels.length === 1 ? `take off ${labels[0]!.words}` : `take off ${labels.length} old labels`,
      labels.map(({ printed }) => printed),
    ),
  );
</script>

<template>
  <section class="sheet stack tight" aria-label="Old labels">
    <h2>{{ props.old.length === 1 ? 'An old label' : `${props.old.length} old labels` }} to take off</h2>
    <ul class="list">
      <li v-for="label in props.old" :key="label.printed.id" class="row between">
        <span>{{ label.words }}</span>
        <button class="press small" type="button" :aria-label="`Taken off: ${label.words}`" @click="taken([label])">
          Taken off
        </button>
      </li>
    </ul>
    <button v-if="props.old.length > 1" class="press small" type="button" @click="taken(props.old)">
      All of them are off
    </button>
  </section>
</template>

<style scoped>
.list {
  display: grid;
  gap: 6px;
}
</style>
