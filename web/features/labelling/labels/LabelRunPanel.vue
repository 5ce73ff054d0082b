<script setup lang="ts">
/** The print run: its layout, what is in it and why, how it is printed, and what came out. */
import { counted } from '@stube/core/notation';
import { computed, ref } from 'vue';
import { Pencil, Plus, Printer } from '@lucide/vue';
import { LABEL_ROLES, type LabelRole } from '@stube/core/model';
import { useNotices } from '../../../data/notices.ts';
import { distance, said } from '../../../parts/numbers.ts';
import { useLabelsActions } from './actions.ts';
import LayoutDialog from './LayoutDialog.vue';
import LayoutFor from './LayoutFor.vue';
import PrintedBadly from './PrintedBadly.vue';
import TapeOut from './TapeOut.vue';
import { ROLE_NAMES, type LabelRunView } from './run.ts';

const props = defineProps<{ view: LabelRunView; plotter: string }>();
/** The view is the same as long as the screen is there. */
const { store, id, roles, all, which, layouts, picked, layoutId, layout, look, chosen, paper, run, address } =
  props.view;
const { markPrinted } = useLabelsActions();
const notices = useNotices();
const editing = ref<'new' | 'this' | null>(null);
const isTape = computed(() => layout.value?.medium === 'tape');
const isPlotter = computed(() => layout.value?.medium === 'plotter');
const count = computed(() => chosen.value.length);
const METRE = 1000;
const tapeLength = computed(() => {
  const { tape = 0 } = run.value ?? {};
  return store.site?.system === 'imperial' ? said(`${tape} mm`) : `${(tape / METRE).toFixed(2)} m`;
});
const heading = computed(() => {
  const labels = counted(count.value, 'label');
  if (isTape.value) return `${labels}, ${tapeLength.value} of tape`;
  if (isPlotter.value) return `${labels} of cut letters`;
  const pages = run.value?.pages.length ?? 0;
  return `${labels} on ${counted(pages, 'sheet')}`;
});
const dueOf = (role: LabelRole) => all.value.get(role)!.filter(({ reason }) => reason !== null).length;
const offered = computed(() => LABEL_ROLES.filter((role) => all.value.get(role)!.length));
const toggle = (role: LabelRole) => {
  roles.value = roles.value.includes(role) ? roles.value.filter((one) => one !== role) : [...roles.value, role];
};
/** Why labels are due, each reason once. */
const reasons = computed(() => {
  const found = new Map<string, string[]>();
  for (const { content, reason } of chosen.value)
    if (reason) found.set(reason, [...(found.get(reason) ?? []), `${content.code} ${content.word}`]);
  return [...found].map(([reason, labels]) => ({ reason, labels }));
});
/** Lids and dividers are read in the hand. */
const fromAfar = computed(() =>
  (run.value?.labels ?? []).filter(
    ({ size, content }) => size > 0 && content.role !== 'lid' && content.role !== 'divider',
  ),
);
const nearest = computed(() => {
  const read = fromAfar.value.map(({ readableFrom }) => readableFrom);
  return read.length ? Math.min(...read) : 0;
});
const short = computed(
  () => fromAfar.value.filter(({ readableFrom }) => readableFrom < (run.value?.distance ?? 0) - 50).length,
);
const FROM = { shelf: 'the shelf', seated: 'a seat before it', room: 'across the room' };
const keys = () => chosen.value.map(({ content }) => content);
async function sayPrinted(): Promise<void> {
  if (await store.tryWrite(() => markPrinted(id.value, keys())))
    store.sayDone('Noted as printed. What changes from now on comes up here again.');
}
const printing = ref(false);
/** Noted once the document is drawn: afterwards nothing of it would be due. */
async function print(): Promise<void> {
  printing.value = true;
  try {
    window.open(address.value.pdf, '_blank', 'noopener');
    const response = await fetch(address.value.pdf);
    if (!response.ok) throw new Error('The labels could not be drawn. Nothing was noted as printed.');
    await response.arrayBuffer();
    await sayPrinted();
  } catch (error) {
    notices.warn((error as Error).message);
  } finally {
    printing.value = false;
  }
}
</script>

<template>
  <div class="stack">
    <h2>{{ heading }}</h2>
    <template v-if="chosen.length">
      <TapeOut v-if="isTape && run && layout" :view="view" :layout="layout" :run="run" />
      <div class="row">
        <a v-if="isPlotter" class="press main" :href="plotter" download="letters.svg"
          ><Printer :size="18" />Save as SVG</a
        >
        <button v-else-if="!isTape" class="press main" type="button" :disabled="printing" @click="print">
          <Printer :size="18" />Print, and note it
        </button>
        <button class="press" type="button" @click="sayPrinted">These are printed</button>
        <a v-if="!isPlotter" class="press quiet" :href="address.pdf" target="_blank" rel="noopener"
          >Only look, as PDF</a
        >
      </div>
      <p v-if="!isTape && !isPlotter" class="small soft">
        Print at 100 %, not fitted to the page; measure the line at the foot.
        <template v-if="nearest"
          >The smallest writing is read at ease from {{ distance(nearest)
          }}<template v-if="look && short"
            >; {{ short }} of them not from {{ FROM[look.readFrom] }} ({{ distance(run!.distance) }}): a larger face, or
            a shorter name</template
          >.</template
        >
      </p>
      <details v-if="fromAfar.length" class="small">
        <summary>How far each is read</summary>
        <ul class="plain">
          <li v-for="{ content, size, readableFrom } in fromAfar" :key="`${content.role} ${content.code}`">
            {{ content.code }} {{ content.word }}: letters of {{ said(`${Math.round(size)} mm`) }}, from
            {{ distance(readableFrom) }}
          </li>
        </ul>
      </details>
      <details v-if="reasons.length" class="small">
        <summary>Why these</summary>
        <ul class="plain">
          <li v-for="{ reason, labels } in reasons" :key="reason">
            <b>{{ reason }}</b>: {{ labels.slice(0, 5).join(', ')
            }}{{ labels.length > 5 ? ` and ${labels.length - 5} more` : '' }}
          </li>
        </ul>
      </details>
    </template>
    <fieldset class="stack tight">
      <legend class="field-name">Layout</legend>
      <div v-for="known in layouts" :key="known.id ?? 'usual'" class="row between line">
        <label class="check"
          ><input type="radio" name="layout" :checked="known.id === layoutId" @change="picked = known.id" />{{
            known.name
          }}</label
        ><span class="small soft figure">{{
          known.due ? `${known.due} due` : known.labels.length ? 'all printed' : ''
        }}</span>
      </div>
      <div class="row">
        <button class="press small" type="button" @click="editing = 'new'"><Plus :size="16" />Another layout</button>
        <button v-if="layout" class="press small quiet" type="button" @click="editing = 'this'">
          <Pencil :size="16" />Change this one
        </button>
      </div>
      <LayoutFor
        :view="view"
        :layout-id="layoutId"
        :name="layout?.name ?? 'The usual sheets'"
        :empty="!layouts.find(({ id: known }) => known === layoutId)?.labels.length"
      />
    </fieldset>
    <fieldset>
      <legend class="field-name">Labels</legend>
      <div v-for="role in offered" :key="role" class="row between line">
        <label class="check"
          ><input type="checkbox" :checked="roles.includes(role)" @change="toggle(role)" />{{ ROLE_NAMES[role] }}</label
        ><span class="small soft figure">{{ dueOf(role) ? `${dueOf(role)} due` : 'printed' }}</span>
      </div>
    </fieldset>
    <div class="row">
      <label class="field"
        ><span>Which</span
        ><select v-model="which" class="write">
          <option value="changed">new and changed ones</option>
          <option value="all">all of this layout</option>
        </select></label
      >
      <label v-if="!isTape && !isPlotter" class="field"
        ><span>Printed on</span
        ><select v-model="paper" class="write">
          <option value="A4">A4</option>
          <option value="Letter">US Letter</option>
        </select></label
      >
    </div>
    <PrintedBadly :view="view" />
    <LayoutDialog
      v-if="editing"
      :layout="editing === 'this' ? layout : undefined"
      @close="editing = null"
      @made="picked = $event"
    />
  </div>
</template>

<style scoped>
.line {
  flex-wrap: nowrap;
}
.plain {
  padding-left: 16px;
  max-height: 260px;
  overflow-y: auto;
}
</style>
