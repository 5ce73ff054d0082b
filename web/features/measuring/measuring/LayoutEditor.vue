<script setup lang="ts">
/** A front divided as one likes: columns from the left, in each its parts from the top. The last of each takes what is left. */
import { Plus, Trash2 } from '@lucide/vue';
import type { Column } from '@stube/core/model';
import LayoutBoards from './LayoutBoards.vue';
import LengthField from '../../../parts/LengthField.vue';

const props = defineProps<{
  layout: readonly Column[];
  problem?: string;
  /** Outside, and the boards, mm. */
  width: number;
  height: number;
  board: number;
}>();
const emit = defineEmits<{ change: [layout: Column[]] }>();
const LETTERS = 'ABCDEFGHIJKL';
type Part = Column['parts'][number];
const NEW_COLUMN = 400;
const NEW_PART = 200;
const LOWER = 0.7;

function change(act: (layout: Column[]) => void): void {
  const layout = structuredClone(
    props.layout.map((column) => ({ ...column, parts: column.parts.map((part) => ({ ...part })) })),
  );
  act(layout);
  emit('change', layout);
}
const addColumn = () =>
  change(
    (layout) => void layout.splice(layout.length - 1, 0, { width: NEW_COLUMN, parts: [{ height: 0, kind: 'open' }] }),
  );
const addPart = (column: number) =>
  change((layout) => void layout[column]!.parts.unshift({ height: NEW_PART, kind: 'open' }));
/** A step in the outline: this column is lower than the whole, or as high as it again. */
const step = (column: number) =>
  change((layout) => {
    if (layout[column]!.high === undefined) layout[column]!.high = Math.round(props.height * LOWER);
    else delete layout[column]!.high;
  });
const kindOf = (event: Event) => (event.target as HTMLSelectElement).value as Part['kind'];
</script>

<template>
  <fieldset class="stack tight">
    <legend class="field-name">How its front is divided</legend>
    <LayoutBoards
      :layout="layout"
      :width="width"
      :height="height"
      :board="board"
      @column="(column, size) => change((layout) => (layout[column]!.width = size))"
      @part="(column, part, size) => change((layout) => (layout[column]!.parts[part]!.height = size))"
    />
    <div v-for="(column, c) in layout" :key="c" class="column">
      <div class="row between">
        <b>Column {{ LETTERS[c] }}</b>
        <LengthField
          v-if="c < layout.length - 1"
          class="size"
          :model-value="column.width"
          :label="`Column ${LETTERS[c]} wide`"
          @commit="(width) => change((layout) => (layout[c]!.width = width))"
        />
        <span v-else class="small soft">takes the width that is left</span>
        <button
          v-if="layout.length > 1"
          class="icon-press"
          type="button"
          :aria-label="`Take column ${LETTERS[c]} away`"
          @click="change((layout) => layout.splice(c, 1))"
        >
          <Trash2 :size="16" />
        </button>
      </div>
      <div v-for="(part, p) in column.parts" :key="p" class="row part">
        <select
          class="write"
          :value="part.kind"
          :aria-label="`Kind of part ${LETTERS[c]}${p + 1}`"
          @change="change((layout) => (layout[c]!.parts[p]!.kind = kindOf($event)))"
        >
          <option value="open">open</option>
          <option value="door">with a door</option>
          <option value="drawer">drawer</option>
        </select>
        <LengthField
          v-if="p < column.parts.length - 1"
          class="size"
          :model-value="part.height"
          :label="`Part ${LETTERS[c]}${p + 1} high`"
          @commit="(height) => change((layout) => (layout[c]!.parts[p]!.height = height))"
        />
        <span v-else class="small soft">the height that is left</span>
        <button
          v-if="column.parts.length > 1"
          class="icon-press"
          type="button"
          :aria-label="`Take part ${LETTERS[c]}${p + 1} away`"
          @click="change((layout) => layout[c]!.parts.splice(p, 1))"
        >
          <Trash2 :size="16" />
        </button>
      </div>
      <div class="row">
        <button class="press small quiet" type="button" @click="addPart(c)"><Plus :size="15" />a part above</button>
        <label class="check small"
          ><input type="checkbox" :checked="column.high !== undefined" @change="step(c)" />lower than the whole</label
        >
        <LengthField
          v-if="column.high !== undefined"
          class="size"
          :model-value="column.high"
          :label="`Column ${LETTERS[c]} high`"
          @commit="(high) => change((layout) => (layout[c]!.high = high))"
        />
      </div>
    </div>
    <button class="press small" type="button" @click="addColumn"><Plus :size="15" />A column</button>
    <p v-if="problem" class="wrong">{{ problem }}</p>
  </fieldset>
</template>

<style scoped>
.column {
  padding: 6px 10px;
  border-left: 3px solid var(--oak-pale);
}
.part {
  flex-wrap: nowrap;
}
.part .write {
  width: auto;
  min-height: 34px;
}
.size {
  max-width: 110px;
}
.size :deep(.field > span:first-child),
.size :deep(> span:first-child) {
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  clip-path: inset(50%);
}
</style>
