<script setup lang="ts">
/** How labels look, by name: medium, size, what stands on them; and whether what hangs already is renewed. */
import { computed, ref } from 'vue';
import { LABEL_PARTS, type LabelLayout, MEDIA, type Medium } from '@stube/core/model';
import { gridFits, MEDIUM_WORDS, newLayout, PART_WORDS, PRINTABLE, TAPES } from '@stube/core/labels';
import EntityDialog from '../../../parts/EntityDialog.vue';
import LengthField from '../../../parts/LengthField.vue';
import NumberField from '../../../parts/NumberField.vue';
import TextField from '../../../parts/TextField.vue';
import { said } from '../../../parts/numbers.ts';
import { useSite } from '../../../data/site.ts';
import { useLabelsActions } from './actions.ts';

const props = defineProps<{ layout?: LabelLayout }>();
const emit = defineEmits<{ close: []; made: [id: string] }>();
const store = useSite();
const { renew } = useLabelsActions();
const {
  id: _id,
  siteId: _site,
  version: _version,
  ...known
} = props.layout ?? { id: '', siteId: '', version: 0, ...newLayout('tape', 'Tape 12 mm') };
const draft = ref(structuredClone({ ...known, parts: [...known.parts], grid: known.grid && { ...known.grid } }));
/** The name follows the medium until somebody writes one. */
const named = ref(!!props.layout);
const nameFor = (medium: Medium, height: number | null): string =>
  medium === 'tape' ? `Tape ${height} mm` : MEDIUM_WORDS[medium].name;
function choose(medium: Medium): void {
  const name = named.value ? draft.value.name : nameFor(medium, MEDIUM_WORDS[medium].begins.height ?? null);
  draft.value = newLayout(medium, name);
}
function chooseTape(height: number): void {
  draft.value.height = height;
  if (!named.value) draft.value.name = nameFor('tape', height);
}
const medium = computed(() => MEDIUM_WORDS[draft.value.medium]);
const isOnPage = computed(() => draft.value.medium !== 'tape' && draft.value.medium !== 'plotter');
const sticks = computed(() => !draft.value.grid || gridFits(draft.value.grid, draft.value, store.site?.paper ?? 'A4'));
/** Larger than what the paper has room for. */
const tooLarge = computed(
  () =>
    isOnPage.value &&
    ((draft.value.width ?? 0) > PRINTABLE.width ||
      (draft.value.height ?? 0) > PRINTABLE.height / (draft.value.medium === 'folded' ? 2 : 1)),
);
const toggle = (part: (typeof LABEL_PARTS)[number]) => {
  const { parts } = draft.value;
  draft.value.parts = parts.includes(part) ? parts.filter((one) => one !== part) : [...parts, part];
};
/** Labels that hang in this layout: a change asks whether they are all to be renewed. */
const hanging = computed(() =>
  store.data.printedLabel.filter(({ layoutId, old }) => !old && layoutId === props.layout?.id),
);
const renewAll = ref(false);
const before = props.layout?.version;
async function close(): Promise<void> {
  const changed = props.layout && store.maps.labelLayout.get(props.layout.id)?.version !== before;
  if (changed && renewAll.value && hanging.value.length)
    await store.tryWrite(() => renew(props.layout!, hanging.value));
  emit('close');
}
const COUNTS = [
  ['columns', 'across'],
  ['rows', 'down'],
] as const;
const GAPS = [
  ['left', 'before the first'],
  ['top', 'above the first'],
  ['gapX', 'between two'],
  ['gapY', 'between rows'],
] as const;
</script>

<template>
  <EntityDialog
    table="labelLayout"
    :row="layout"
    :title="layout ? layout.name : 'A new layout for labels'"
    :width="720"
    :values="() => draft"
    :save="layout ? 'Save' : 'Make it'"
    removal="Remove"
    :name="draft.name"
    :blocked="!sticks || tooLarge || !draft.parts.length"
    @close="close"
    @made="emit('made', $event)"
  >
    <template #default="{ problems }">
      <TextField v-model="draft.name" label="Name" :problem="problems.name" @update:model-value="named = true" />
      <fieldset v-if="!layout">
        <legend class="field-name">Printed on</legend>
        <div class="media">
          <label v-for="kind in MEDIA" :key="kind" class="check"
            ><input
              type="radio"
              name="medium"
              :value="kind"
              :checked="draft.medium === kind"
              @change="choose(kind)"
            />{{ MEDIUM_WORDS[kind].name }}</label
          >
        </div>
      </fieldset>
      <p class="soft small">{{ medium.name }}: {{ medium.hint }}.</p>
      <fieldset v-if="draft.medium === 'tape'" class="stack tight">
        <legend class="field-name">Width of the tape</legend>
        <div class="row">
          <label v-for="tape in TAPES" :key="tape" class="check"
            ><input type="radio" name="tape" :checked="draft.height === tape" @change="chooseTape(tape)" />{{
              tape
            }}
            mm</label
          >
        </div>
        <NumberField
          :model-value="draft.dpi"
          label="Dots an inch of the printer"
          whole
          :problem="problems.dpi"
          @update:model-value="draft.dpi = $event ?? 0"
        />
      </fieldset>
      <div v-if="medium.sized" class="row">
        <LengthField
          v-if="draft.medium !== 'strip'"
          :model-value="draft.width ?? 0"
          label="Wide"
          fine
          :problem="problems.width"
          @update:model-value="draft.width = $event"
        />
        <LengthField
          :model-value="draft.height ?? 0"
          label="High"
          fine
          :problem="problems.height"
          @update:model-value="draft.height = $event"
        />
      </div>
      <p v-if="tooLarge" class="wrong small" role="alert">
        A sheet has room for {{ said(`${PRINTABLE.width} × ${PRINTABLE.height} mm`)
        }}{{ draft.medium === 'folded' ? ', of which a folded card takes its height twice' : '' }}.
      </p>
      <LengthField
        v-if="draft.medium === 'plotter'"
        :model-value="draft.height ?? 0"
        label="Height of a capital letter"
        :problem="problems.height"
        @update:model-value="draft.height = $event"
      />
      <fieldset v-if="draft.grid" class="stack tight">
        <legend class="field-name">The sheet</legend>
        <div class="grid">
          <NumberField
            v-for="[field, words] in COUNTS"
            :key="field"
            :model-value="draft.grid[field]"
            :label="words"
            whole
            :problem="problems[`grid.${field}`]"
            @update:model-value="draft.grid[field] = $event ?? 0"
          />
          <LengthField
            v-for="[field, words] in GAPS"
            :key="field"
            :model-value="draft.grid[field]"
            :label="words"
            fine
            :problem="problems[`grid.${field}`]"
            @update:model-value="draft.grid[field] = $event"
          />
          <NumberField
            :model-value="draft.used"
            label="stickers used up"
            whole
            :problem="problems.used"
            @update:model-value="draft.used = $event ?? 0"
          />
        </div>
        <p v-if="!sticks" class="wrong small" role="alert">So many stickers of that size do not go on the paper.</p>
      </fieldset>
      <fieldset>
        <legend class="field-name">On it stands</legend>
        <div class="row">
          <label v-for="part in LABEL_PARTS" :key="part" class="check"
            ><input type="checkbox" :checked="draft.parts.includes(part)" @change="toggle(part)" />{{
              PART_WORDS[part]
            }}</label
          >
        </div>
        <p v-if="!draft.parts.length" class="wrong small" role="alert">Something has to stand on it.</p>
      </fieldset>
      <div class="row">
        <label class="field"
          ><span>Letters</span
          ><select v-model="draft.letters" class="write">
            <option value="as written">as written</option>
            <option value="lower">small letters, as children learn them</option>
            <option value="upper">capital letters</option>
          </select></label
        >
        <label v-if="isOnPage" class="field"
          ><span>Read from</span
          ><select v-model="draft.readFrom" class="write">
            <option value="shelf">the shelf, at arm’s length</option>
            <option value="seated">a seat before it, {{ said('1500 mm') }}</option>
            <option value="room">across the room</option>
          </select></label
        >
        <label class="field"
          ><span>Picture</span
          ><select v-model="draft.picture" class="write">
            <option value="pictogram">pictogram</option>
            <option value="photo">photograph where there is one</option>
          </select></label
        >
      </div>
      <label v-if="draft.medium !== 'plotter'" class="check"
        ><input v-model="draft.oneSize" type="checkbox" />all of a run in one size, by the longest name</label
      >
      <div v-else class="row">
        <label class="check"><input v-model="draft.weld" type="checkbox" />letters that touch are one piece</label
        ><label class="check"
          ><input v-model="draft.mirrored" type="checkbox" />mirrored, for the inside of glass</label
        >
      </div>
      <fieldset v-if="hanging.length" class="caution warn">
        <legend class="field-name">{{ hanging.length }} labels hang in this layout</legend>
        <label class="check"
          ><input v-model="renewAll" type="radio" :value="false" />leave them; new ones look as it is now</label
        ><label class="check"><input v-model="renewAll" type="radio" :value="true" />renew all on the next run</label>
      </fieldset>
    </template>
  </EntityDialog>
</template>

<style scoped>
.media {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  gap: 4px 12px;
}
.grid {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 8px 12px;
}
</style>
