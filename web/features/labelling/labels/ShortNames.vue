<script setup lang="ts">
/** Names that do not go on their labels, each with a shorter one to take (practice L2). */
import { computed } from 'vue';
import { shortName } from '@stube/core/labels';
import { useSite } from '../../../data/site.ts';
import type { LabelRunView } from './run.ts';

const props = defineProps<{ view: LabelRunView }>();
const store = useSite();
const cut = computed(() =>
  (props.view.run.value?.labels ?? [])
    .filter((label) => label.cut && label.content.role === 'bin')
    .map(({ content }) => ({ content, short: shortName(content.word, (text) => props.view.fits(content, text)) })),
);
const offered = computed(() => cut.value.filter(({ short }) => short !== null));
const take = (labels: typeof cut.value) =>
  store.tryWrite(() =>
    store.writeTogether({
      what:
        labels.length === 1
          ? `shorten ${labels[0]!.content.word} on its label`
          : `shorten ${labels.length} names on labels`,
      update: labels.flatMap(({ content, short }) => {
        const bin = store.maps.bin.get(content.binId!);
        return bin && short
          ? [{ table: 'bin' as const, id: bin.id, version: bin.version, values: { shortName: short } }]
          : [];
      }),
    }),
  );
</script>

<template>
  <section v-if="cut.length" class="caution warn stack tight small" aria-label="Names that are too long">
    <b>{{ cut.length === 1 ? 'One name is' : `${cut.length} names are` }} too long for the face and cut</b>
    <ul class="list">
      <li v-for="label in cut" :key="label.content.code" class="row between">
        <span
          >{{ label.content.word
          }}<template v-if="label.short">
            → <b>{{ label.short }}</b></template
          ></span
        >
        <button
          v-if="label.short"
          class="press small"
          type="button"
          :aria-label="`Shorten ${label.content.word}`"
          @click="take([label])"
        >
          Shorten
        </button>
        <span v-else class="soft">a tag that hangs, or a larger face</span>
      </li>
    </ul>
    <button v-if="offered.length > 1" class="press small" type="button" @click="take(offered)">Shorten all</button>
  </section>
</template>

<style scoped>
.list {
  display: grid;
  gap: 4px;
}
</style>
