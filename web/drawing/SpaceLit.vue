<script setup lang="ts">
/** A piece of furniture in elevation with one compartment lit up; with what stands in it, or without. */
import { computed, ref } from 'vue';
import { useElementSize } from '@vueuse/core';
import { useSite } from '../data/site.ts';
import { useDrawnBins } from './drawn.ts';
import UnitElevation, { type SpaceMark } from './UnitElevation.vue';

const props = withDefaults(
  defineProps<{
    spaceId: string;
    tallest?: number;
    /** Without a word, below it or on it. */
    bare?: boolean;
    /** What stands in it is not shown. */
    empty?: boolean;
    chosenBin?: string;
  }>(),
  { tallest: 300, chosenBin: undefined },
);
const store = useSite();
const holder = ref<HTMLElement | null>(null);
const { width } = useElementSize(holder);
const { binsIn } = useDrawnBins();
const space = computed(() => store.maps.compartment.get(props.spaceId));
const unit = computed(() => store.maps.unit.get(space.value?.unitId ?? ''));
const spaces = computed(() => store.data.compartment.filter((space) => space.unitId === unit.value?.id));
const px = computed(() =>
  unit.value
    ? Math.min(
        0.5,
        props.tallest / (unit.value.height + unit.value.raised),
        Math.max(props.bare ? 80 : 120, width.value - 20) / unit.value.width,
      )
    : 0.2,
);
const marks = computed<ReadonlyMap<string, SpaceMark>>(
  () => new Map(space.value ? [[space.value.id, { tone: 'lit' }]] : []),
);
const nothing = () => [];
/** Without words below it, there are none on it either: it is for those who do not read. */
const shown = computed(() =>
  props.empty ? nothing : props.bare ? (id: string) => binsIn(id).map((one) => ({ ...one, wordless: true })) : binsIn,
);
</script>

<template>
  <figure ref="holder" class="lit-place">
    <template v-if="unit && space">
      <UnitElevation
        :shape="unit"
        :wheels="unit.wheels"
        :spaces="spaces"
        :name="`${unit.name}, ${space.name} lit up`"
        :px="px"
        :system="store.site?.system"
        :bins-in="shown"
        :marks="marks"
        :chosen-bin="chosenBin"
        :chosen-space="space.id"
      />
      <figcaption v-if="!bare">
        <b>{{ unit.name }}</b> · {{ space.name }}
      </figcaption>
    </template>
  </figure>
</template>

<style scoped>
.lit-place {
  margin: 0;
}
figcaption {
  border-top: 2.5px solid var(--ink);
  padding-top: 4px;
}
</style>
