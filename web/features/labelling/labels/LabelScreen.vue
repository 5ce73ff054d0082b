<script setup lang="ts">
/** Labels of the room: which are due and why, in what layout, previewed as they will be printed. */
import { computed, ref } from 'vue';
import NextStep from '../../../frame/NextStep.vue';
import DrawnWhenNear from '../../../parts/DrawnWhenNear.vue';
import JumpBar from '../../../parts/JumpBar.vue';
import { useRoom } from '../../../data/room.ts';
import { useLabelsActions } from './actions.ts';
import LabelPage from './LabelPage.vue';
import LabelRunPanel from './LabelRunPanel.vue';
import LabelsFor from './LabelsFor.vue';
import OldLabels from './OldLabels.vue';
import ShortNames from './ShortNames.vue';
import { tapeRows } from '@stube/core/labels';
import { useLabelRun } from './run.ts';

const { bins } = useRoom();
const view = useLabelRun();
const { chosen, run, which, layout, layouts, layoutId, address, due, old } = view;
const { giveToRoom } = useLabelsActions();
const { tryWrite } = view.store;
/** A layout that no container of the room was given. */
const nothingSo = computed(() => !layouts.value.find(({ id }) => id === layoutId.value)?.labels.length);
const forAll = () => tryWrite(() => giveToRoom(view.room.value!, layoutId.value));
const trueSize = ref(false);
/** From so many pages on there are ways to each. */
const MANY = 3;
/** About how high a sheet is on the screen, px. */
const SHEET_HEIGHT = 900;
const isTape = computed(() => layout.value?.medium === 'tape');
/** Tape is shown in rows as wide as a hand is long twice, mm. */
const ROW = 200;
const pages = computed(() =>
  isTape.value && run.value ? tapeRows(run.value.labels, layout.value?.height ?? 12, ROW) : (run.value?.pages ?? []),
);
const isPlotter = computed(() => layout.value?.medium === 'plotter');
const nameOf = (i: number) => (isTape.value ? `Tape, row ${i + 1}` : `Sheet ${i + 1} of ${pages.value.length}`);
const parts = computed(() =>
  pages.value.map((page, i) => ({ id: `sheet-${i}`, name: `Sheet ${i + 1}`, count: page.labels.length })),
);
/** The outlines come from the server, as the machine will cut them. */
const plotter = computed(() => {
  const { height, letters, weld, mirrored } = layout.value ?? {};
  if (!isPlotter.value || !height) return '';
  const more = new URLSearchParams({
    height: String(height),
    letters: letters!,
    weld: String(weld),
    mirrored: String(mirrored),
  });
  return `/api/sites/${view.store.id}/labels.svg?${address.value.told}&${more}`;
});
</script>

<template>
  <div class="work-two">
    <section class="stack">
      <div v-if="!bins.length" class="empty">
        <h2>No bins to label yet</h2>
        <p>Labels come from the bins: choose containers first.</p>
        <RouterLink class="press main" :to="{ name: 'contain' }">To the containers</RouterLink>
      </div>
      <div v-else-if="nothingSo" class="empty">
        <h2>Nothing looks so yet</h2>
        <p>Tick beside here which containers get this layout, or give it to the whole room.</p>
        <button class="press" type="button" @click="forAll">All of the room, from now on</button>
      </div>
      <div v-else-if="!chosen.length" class="empty">
        <h2>{{ due.some(({ reason }) => reason) ? 'Nothing is due in this layout' : 'Every label is printed' }}</h2>
        <p>What is renamed, refilled, moved or made new from now on comes up here.</p>
        <div class="row">
          <button class="press" type="button" @click="which = 'all'">Show all of this layout</button>
          <NextStep here="label" />
        </div>
      </div>
      <template v-else>
        <JumpBar v-if="!isTape && pages.length > MANY" :parts="parts" label="To a sheet" />
        <label v-if="!isPlotter && !isTape" class="check small"
          ><input v-model="trueSize" type="checkbox" />at true size, to hold a container against</label
        >
        <figure v-if="isPlotter" class="foil">
          <img :src="plotter" :alt="`Outlines of ${chosen.map(({ content }) => content.word).join(', ')}`" />
          <figcaption class="small soft">As the machine cuts it, each name in its frame for weeding.</figcaption>
        </figure>
        <template v-else>
          <DrawnWhenNear v-for="(page, i) in pages" :id="`sheet-${i}`" :key="i" :height="isTape ? 80 : SHEET_HEIGHT"
            ><LabelPage :page="page" :name="nameOf(i)" :true-size="trueSize" :bare="isTape"
          /></DrawnWhenNear>
        </template>
      </template>
      <OldLabels v-if="old.length" :old="old" />
    </section>
    <aside class="sheet stack bench" aria-label="Print run">
      <LabelRunPanel :view="view" :plotter="plotter" />
      <ShortNames v-if="!isPlotter" :view="view" />
      <LabelsFor :view="view" />
    </aside>
  </div>
</template>

<style scoped>
/* On the phone what is done comes before what is looked at. */
@media (max-width: 900px) {
  aside {
    order: -1;
  }
}
.foil {
  margin: 0;
}
.foil img {
  width: 100%;
  background: var(--white);
  border: 1px solid var(--rule);
}
</style>
