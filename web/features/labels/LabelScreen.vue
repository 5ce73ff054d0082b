<script setup lang="ts">
/** Labels of the room on sheets: which, on what paper, previewed as they will be printed. */
import { computed, ref } from 'vue';
import { Printer } from '@lucide/vue';
import { setIn } from '@stube/core/containers/contents';
import { shapeOf } from '@stube/core/containers/shape';
import { cellContents, contentOf, layOutLabel, layOutSheets, labelText, type Paper } from '@stube/core/labels/layout';
import NextStep from '../../frame/NextStep.vue';
import { useRoom } from '../../data/room.ts';
import { said } from '../../parts/numbers.ts';
import DrawnWhenNear from '../../parts/DrawnWhenNear.vue';
import JumpBar from '../../parts/JumpBar.vue';
import LabelSheet from './LabelSheet.vue';
import { facesReady, measureText } from './measure-text.ts';
import { useLabelsActions } from './actions.ts';

const { store, id, bins } = useRoom();
const { markPrinted } = useLabelsActions();
/** Widths are only right once the face is there. */
const ready = ref(false);
void facesReady().then(() => (ready.value = true));
const paper = computed<Paper>({
  get: () => store.site?.paper ?? 'A4',
  set: (chosen) => void store.tryWrite(() => store.patch('site', store.site!, { paper: chosen })),
});
const which = ref<'changed' | 'all'>(bins.value.some((bin) => bin.printed !== labelText(bin)) ? 'changed' : 'all');
const chosen = computed(() => bins.value.filter((bin) => which.value === 'all' || bin.printed !== labelText(bin)));
const layouts = computed(() =>
  (ready.value ? chosen.value : []).flatMap((bin) => {
    const category = store.maps.category.get(bin.categoryId);
    const type = shapeOf(bin, store.maps.containerType);
    if (!category || !type) return [];
    const family = store.maps.family.get(category.familyId);
    const link = `${location.origin}/s/${store.id}/b/${bin.code}`;
    const inside = store.contents.get(bin.id);
    return [
      contentOf(bin, category, family, type, link, setIn(inside)),
      ...cellContents(bin, category, family, type, inside?.lines ?? [], link),
    ].map((content) => layOutLabel(content, measureText));
  }),
);
const sheets = computed(() => layOutSheets(layouts.value, paper.value));
/** From so many sheets on there are ways to each. */
const MANY = 3;
/** About how high a sheet is on the screen, px. */
const SHEET_HEIGHT = 900;
const parts = computed(() =>
  sheets.value.map((sheet, i) => ({ id: `sheet-${i}`, name: `Sheet ${i + 1}`, count: sheet.labels.length })),
);
const cut = computed(() => layouts.value.filter((layout) => layout.cut));
const nearest = computed(() =>
  layouts.value.length ? Math.min(...layouts.value.map((layout) => layout.readableFrom)) : 0,
);
const pdf = computed(
  () => `/api/sites/${store.id}/labels.pdf?room=${id.value}&paper=${paper.value}&which=${which.value}`,
);
async function sayPrinted(): Promise<void> {
  if (await store.tryWrite(() => markPrinted(chosen.value.map((bin) => bin.id))))
    store.sayDone('Noted as printed. What changes from now on comes up here again.');
}
</script>

<template>
  <div class="work-two">
    <section class="stack">
      <div v-if="!bins.length" class="empty">
        <h2>No bins to label yet</h2>
        <p>Labels come from the bins: choose containers first.</p>
        <RouterLink class="press main" :to="{ name: 'contain' }">To the containers</RouterLink>
      </div>
      <div v-else-if="!chosen.length" class="empty">
        <h2>Every label is printed</h2>
        <p>What is renamed or made new from now on comes up here.</p>
        <div class="row">
          <button class="press" type="button" @click="which = 'all'">Show all {{ bins.length }}</button>
          <NextStep here="label" />
        </div>
      </div>
      <template v-else>
        <JumpBar v-if="sheets.length > MANY" :parts="parts" label="To a sheet" />
        <DrawnWhenNear v-for="(sheet, i) in sheets" :id="`sheet-${i}`" :key="i" :height="SHEET_HEIGHT"
          ><LabelSheet :sheet="sheet" :paper="paper" :number="i + 1" :of="sheets.length"
        /></DrawnWhenNear>
      </template>
    </section>
    <aside class="sheet stack bench" aria-label="Print run">
      <h2>
        {{ layouts.length || chosen.length }} {{ (layouts.length || chosen.length) === 1 ? 'label' : 'labels' }} on
        {{ sheets.length }}
        {{ sheets.length === 1 ? 'sheet' : 'sheets' }}
      </h2>
      <label class="field"
        ><span>Which</span
        ><select v-model="which" class="write">
          <option value="changed">new and changed ones</option>
          <option value="all">all of the room</option>
        </select></label
      >
      <label class="field"
        ><span>Printed on</span
        ><select v-model="paper" class="write">
          <option value="A4">A4</option>
          <option value="Letter">US Letter</option>
        </select></label
      >
      <template v-if="chosen.length">
        <a class="press main" :href="pdf" target="_blank" rel="noopener"><Printer :size="18" />Open as PDF</a>
        <button class="press" type="button" @click="sayPrinted">These are printed</button>
        <p class="small soft">
          Print at 100 %, not fitted to the page: each is as large as the free face of its container. The smallest
          writing is read at ease from {{ said(`${Math.round(nearest * 1000)} mm`) }}.
        </p>
        <p class="small soft">The square opens the bin’s page on a phone that reaches this address.</p>
        <p v-if="cut.length" class="caution warn small">
          {{ cut.length === 1 ? 'One name is' : `${cut.length} names are` }} too long for the face and cut:
          {{
            cut
              .map((one) => one.content.name)
              .slice(0, 4)
              .join(', ')
          }}. A shorter name, or a tag that hangs.
        </p>
      </template>
    </aside>
  </div>
</template>
