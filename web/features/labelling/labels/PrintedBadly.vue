<script setup lang="ts">
/** What jammed, tore or smeared after it was noted as printed: it is due again. */
import { counted } from '@stube/core/notation';
import { computed, ref } from 'vue';
import type { LabelRunView } from './run.ts';
import { today } from '../../../parts/day.ts';
import ModalDialog from '../../../parts/ModalDialog.vue';
import { useLabelsActions } from './actions.ts';

const props = defineProps<{ view: LabelRunView }>();
const { takeBack } = useLabelsActions();
const open = ref(false);
const ticked = ref<string[]>([]);
/** Of today, as nobody looks at yesterday's sheets. */
const fresh = computed(() =>
  (props.view.data.value?.printed ?? []).filter(({ printedOn, old }) => !old && printedOn === today()),
);
const toggle = (id: string) => {
  ticked.value = ticked.value.includes(id) ? ticked.value.filter((one) => one !== id) : [...ticked.value, id];
};
async function send(): Promise<void> {
  const labels = fresh.value.filter(({ id }) => ticked.value.includes(id));
  const what = `${counted(labels.length, 'label')} came out badly`;
  if (await props.view.store.tryWrite(() => takeBack(what, labels))) {
    open.value = false;
    ticked.value = [];
  }
}
</script>

<template>
  <div v-if="fresh.length">
    <button class="press small quiet" type="button" @click="open = true">Something came out badly</button>
    <ModalDialog v-if="open" title="What came out badly?" @close="open = false">
      <form class="stack" @submit.prevent="send">
        <p class="soft">What is ticked is due again. The others stay noted as printed today.</p>
        <div class="labels">
          <label v-for="{ id, says } in fresh" :key="id" class="check"
            ><input type="checkbox" :checked="ticked.includes(id)" @change="toggle(id)" />{{ says.code }}
            {{ says.word }}</label
          >
        </div>
        <button class="press main" type="submit" :disabled="!ticked.length">Print these again</button>
      </form>
    </ModalDialog>
  </div>
</template>

<style scoped>
.labels {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
  max-height: 50vh;
  overflow-y: auto;
}
</style>
