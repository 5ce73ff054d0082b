<script setup lang="ts">
/** What sorting by another school would do to every bin of the room, before it is done. */
import { plural } from '@stube/core/notation';
import { computed } from 'vue';
import type { BinFate } from '@stube/core/grouping';

const props = defineProps<{ school: string; bins: readonly BinFate[]; busy: boolean }>();
const emit = defineEmits<{ take: []; leave: [] }>();
const FATES: Record<BinFate['fate'], string> = {
  kept: 'stays as it is',
  renamed: 'is renamed',
  joined: 'is joined with others',
  emptied: 'is free for other things',
};
const fates = computed(() =>
  (['emptied', 'joined', 'renamed', 'kept'] as const).flatMap((fate) => {
    const own = props.bins.filter((bin) => bin.fate === fate) ?? [];
    return own.length ? [{ fate, bins: own }] : [];
  }),
);
const labels = computed(() => props.bins.filter((bin) => bin.newLabel).length);
</script>

<template>
  <section class="sheet stack tight" aria-live="polite" aria-label="What happens to the bins">
    <h3>By {{ school }}: what happens to the {{ bins.length }} bins of this room</h3>
    <p v-for="group in fates" :key="group.fate">
      <b>{{ group.bins.length }} {{ group.fate }}</b> <span class="soft">({{ FATES[group.fate] }})</span>
      <span v-if="group.fate !== 'kept'" class="small">
        {{
          group.bins
            .slice(0, 14)
            .map((bin) =>
              bin.to && bin.to !== bin.name ? `${bin.code} ${bin.name} → ${bin.to}` : `${bin.code} ${bin.name}`,
            )
            .join(' · ')
        }}{{ group.bins.length > 14 ? ' …' : '' }}</span
      >
    </p>
    <p class="small">
      {{
        labels
          ? `${labels} printed ${plural(labels, 'label is', 'labels are')} out of date then and go on the next print run.`
          : 'No printed label changes.'
      }}
      One undo brings all of it back.
    </p>
    <div class="row">
      <button id="sort-so" class="press main" type="button" :disabled="busy" @click="emit('take')">
        Sort the room so
      </button>
      <button class="press quiet" type="button" @click="emit('leave')">Leave it</button>
    </div>
  </section>
</template>
