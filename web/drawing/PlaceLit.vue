<script setup lang="ts">
/** The unit a bin stands in, in elevation, with its compartment lit up; others stand back. */
import { computed } from 'vue';
import { useElementSize } from '@vueuse/core';
import { ref } from 'vue';
import type { Bin } from '@stube/core/model/entities';
import { useSite } from '../data/site.ts';
import { useDrawnBins } from './drawn.ts';
import UnitElevation, { type SpaceMark } from './UnitElevation.vue';

const props = withDefaults(defineProps<{ bin: Bin; tallest?: number }>(), { tallest: 300 });
const store = useSite();
const holder = ref<HTMLElement | null>(null);
const { width } = useElementSize(holder);
const { binsIn } = useDrawnBins();
const space = computed(() => store.maps.compartment.get(props.bin.compartmentId ?? ''));
const unit = computed(() => store.maps.unit.get(space.value?.unitId ?? ''));
const spaces = computed(() => store.data.compartment.filter((space) => space.unitId === unit.value?.id));
const px = computed(() =>
  unit.value
    ? Math.min(
        0.5,
        props.tallest / (unit.value.height + unit.value.raised),
        Math.max(120, width.value - 20) / unit.value.width,
      )
    : 0.2,
);
const marks = computed<ReadonlyMap<string, SpaceMark>>(
  () => new Map(space.value ? [[space.value.id, { tone: 'lit' }]] : []),
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
        :bins-in="binsIn"
        :marks="marks"
        :chosen-bin="bin.id"
        :chosen-space="space.id"
      />
      <figcaption>
        <b>{{ unit.name }}</b> · {{ space.name }}
      </figcaption>
    </template>
    <figcaption v-else class="soft">It has no place yet: it waits on the bench of its room.</figcaption>
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
