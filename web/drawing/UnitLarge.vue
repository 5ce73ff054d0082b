<script setup lang="ts">
/** One unit as large as the page, with a list of what stands in it: what is too small for a thumb is reached here. */
import { computed, ref } from 'vue';
import { useElementSize } from '@vueuse/core';
import type { Compartment, Unit } from '@stube/core/model';
import ModalDialog from '../parts/ModalDialog.vue';
import { useKept } from '../data/kept.ts';
import { useSite } from '../data/site.ts';
import Pictogram from './Pictogram.vue';
import type { DrawnBin } from './scale.ts';
import SpacePlan from './SpacePlan.vue';
import UnitElevation from './UnitElevation.vue';

const props = defineProps<{
  unit: Unit;
  spaces: readonly Compartment[];
  binsIn: (spaceId: string) => readonly DrawnBin[];
  chosenBin?: string | null;
}>();
const emit = defineEmits<{ close: []; bin: [id: string] }>();
const store = useSite();
const keptIn = useKept();
const holder = ref<HTMLElement | null>(null);
const { width } = useElementSize(holder);
/** What opens, and which of it is shut just now: a press on a front opens it, a press inside shuts it. */
const fronts = computed(() => props.spaces.filter(({ door, drawer }) => door || drawer));
const shut = ref<ReadonlySet<string>>(new Set());
function toggle(id: string): void {
  if (!fronts.value.some((space) => space.id === id)) return;
  const next = new Set(shut.value);
  if (!next.delete(id)) next.add(id);
  shut.value = next;
}
const toggleAll = () => (shut.value = new Set(shut.value.size ? [] : fronts.value.map(({ id }) => id)));
/** No higher than most of the page. */
const TALLEST = 620;
const px = computed(() =>
  Math.min(1.2, Math.max(200, width.value - 20) / props.unit.width, TALLEST / (props.unit.height + props.unit.raised)),
);
/** Something stands behind or on something else. */
const inRows = (bins: readonly DrawnBin[]) => bins.some(({ at }) => at && (at.y > 0 || at.z > 0));
const rowWords = ({ at }: DrawnBin) => (!at ? ', no room' : at.z ? ', on top' : at.y ? ', at the back' : '');
const filled = computed(() =>
  props.spaces
    .map((space) => ({ space, bins: props.binsIn(space.id), kept: keptIn(space.id) }))
    .filter(({ bins, kept }) => bins.length + kept.length),
);
</script>

<template>
  <ModalDialog :title="unit.name" :width="1040" dismissable @close="emit('close')">
    <div class="large">
      <div ref="holder" class="drawn">
        <button v-if="fronts.length" class="press small" type="button" @click="toggleAll">
          {{ shut.size ? 'Open all' : 'Shut doors and drawers' }}
        </button>
        <UnitElevation
          :shape="unit"
          :wheels="unit.wheels"
          :spaces="spaces"
          :name="`${unit.name}, large`"
          :px="px"
          :system="store.site?.system"
          :bins-in="binsIn"
          :kept-in="keptIn"
          :chosen-bin="chosenBin"
          :shut="shut"
          touchable
          @space="toggle"
          @bin="emit('bin', $event)"
          @bin-key="(event, id) => (event.key === 'Enter' || event.key === ' ') && emit('bin', id)"
        />
      </div>
      <div class="stack tight list">
        <section v-for="{ space, bins, kept } in filled" :key="space.id" :aria-label="space.name">
          <h3>{{ space.name }}</h3>
          <SpacePlan v-if="space.access === 'top' || inRows(bins)" :space="space" :bins="bins" />
          <ul>
            <li v-for="one in bins" :key="one.bin.id">
              <button class="press quiet bin" type="button" @click="emit('bin', one.bin.id)">
                <Pictogram :name="one.pictogram" :size="20" /><span
                  ><b>{{ one.bin.name }}</b> <span class="soft small">{{ one.bin.code }}{{ rowWords(one) }}</span></span
                >
              </button>
            </li>
            <li v-for="place in kept" :key="place.id" class="small soft">
              kept free for {{ place.name }} of {{ place.from }}
            </li>
          </ul>
        </section>
        <p v-if="!filled.length" class="soft">Nothing stands in it yet.</p>
      </div>
    </div>
  </ModalDialog>
</template>

<style scoped>
.large {
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(200px, 1fr);
  gap: 20px;
  align-items: start;
}
.drawn {
  display: grid;
  justify-items: center;
}
.list {
  max-height: 70vh;
  overflow-y: auto;
}
.bin {
  width: 100%;
  min-height: 40px;
  justify-content: flex-start;
  text-align: left;
  font-weight: 400;
}
@media (max-width: 760px) {
  .large {
    grid-template-columns: minmax(0, 1fr);
  }
  .list {
    max-height: none;
  }
}
</style>
