<script setup lang="ts">
/** Everything about one line of the pile. */
import { type Attribute, ATTRIBUTES, CONDITIONS, inOrder, type Line } from '@stube/core/model';
import { computed, reactive } from 'vue';
import { AttributeReader } from '@stube/core/grouping';
import { EVERYDAY_MEASURES, kindOfLine } from '@stube/core/contents';
import { kindIn, MAX_PUT_OFF } from '@stube/core/pile';
import EntityDialog from '../../../parts/EntityDialog.vue';
import NumberField from '../../../parts/NumberField.vue';
import LengthField from '../../../parts/LengthField.vue';
import DayField from '../../../parts/DayField.vue';
import TextField from '../../../parts/TextField.vue';
import { useSite } from '../../../data/site.ts';
import DecisionChoice from './DecisionChoice.vue';
import { HAS_DAY, HAS_DESTINATION } from './decisions.ts';
import PhotoStrip from '../../house/photos/PhotoStrip.vue';
import { sidesOf } from '../../../parts/numbers.ts';
import { dateToday } from '../../../parts/day.ts';

const props = defineProps<{ line: Line }>();
const emit = defineEmits<{ close: [] }>();
const store = useSite();
const draft = reactive({
  name: props.line.name,
  amount: props.line.amount as number | null,
  measure: props.line.measure,
  decision: props.line.decision,
  note: props.line.note,
  categoryId: props.line.categoryId,
  kind: props.line.kind,
  keepsakeOf: props.line.keepsakeOf,
  length: props.line.length ?? 0,
  width: props.line.width ?? 0,
  height: props.line.height ?? 0,
  condition: props.line.condition,
  due: props.line.due ?? '',
  destination: props.line.destination,
  keepUntil: props.line.keepUntil ?? '',
  setPieces: props.line.setPieces,
  setMissing: props.line.setMissing as number | null,
  also: [...props.line.also],
  insideId: props.line.insideId,
  attributes: { ...props.line.attributes } as Partial<Record<Attribute, string>>,
  spread: props.line.spread.map(({ where, amount }) => ({ where, amount: amount as number | null })),
});
const sides = ATTRIBUTES.filter((attribute) => attribute !== 'kind');
const reader = computed(() => new AttributeReader(store.maps.category, store.data.person, dateToday()));
const told = (attribute: Attribute) => reader.value.of({ ...props.line, attributes: {} }, attribute) ?? '';
/** Rooms for what belongs elsewhere; else where things have gone before. */
const known = computed(() =>
  draft.decision === 'other room'
    ? store.rooms.map((room) => room.name).filter((name) => name !== store.maps.room.get(props.line.roomId)?.name)
    : [...new Set(store.data.line.map((line) => line.destination).filter(Boolean))],
);
/** What is reckoned with where nothing was told: the usual size of its kind. */
const usual = computed(() => {
  const kind = kindOfLine({ kind: draft.kind }, store.maps.category.get(draft.categoryId ?? ''));
  if (!kind) return null;
  return { name: kind.names[0]!, size: sidesOf(...kind.piece) };
});
const putOffWords = computed(() =>
  props.line.putOff >= MAX_PUT_OFF
    ? 'It was put off twice: now it has to be decided.'
    : props.line.putOff
      ? 'It was put off once already.'
      : '',
);
/** Another category, chosen here, says what kind of thing it is. */
function sorted(): void {
  const starter = store.maps.category.get(draft.categoryId ?? '')?.starter ?? null;
  draft.kind = kindIn(draft.kind, starter);
}
const values = () => {
  const sized = draft.length > 0 || draft.height > 0;
  return {
    name: draft.name,
    amount: draft.amount ?? 0,
    measure: draft.measure,
    decision: draft.decision,
    note: draft.note,
    categoryId: draft.categoryId,
    kind: draft.kind,
    keepsakeOf: draft.keepsakeOf,
    length: sized && draft.length ? draft.length : null,
    width: sized && draft.width ? draft.width : null,
    height: sized && draft.height ? draft.height : null,
    condition: draft.condition,
    due: draft.due || null,
    destination: draft.destination,
    keepUntil: draft.keepUntil || null,
    setPieces: draft.setPieces,
    setMissing: draft.setMissing ?? 0,
    also: draft.also.filter((id) => id !== draft.categoryId),
    insideId: draft.insideId,
    attributes: Object.fromEntries(Object.entries(draft.attributes).filter(([, words]) => words?.trim())),
    spread: draft.spread
      .filter((part) => part.where.trim())
      .map((part) => ({ where: part.where.trim(), amount: part.amount ?? 0 })),
  };
};
/** Things of the room that stand without a container may be one themselves (practice F5). */
const hosts = computed(() => {
  const bare = new Set(
    store.data.bin.flatMap((bin) =>
      bin.containerTypeId === null && bin.roomId === props.line.roomId ? [bin.categoryId] : [],
    ),
  );
  return store.data.line.filter(
    (one) =>
      one.id !== props.line.id &&
      one.roomId === props.line.roomId &&
      one.decision === 'keep' &&
      (one.id === props.line.insideId || bare.has(one.categoryId ?? '')),
  );
});
const families = computed(() =>
  inOrder(store.data.family).map((family) => ({
    family,
    own: store.data.category
      .filter((category) => category.familyId === family.id)
      .sort((a, b) => a.name.localeCompare(b.name)),
  })),
);
</script>

<template>
  <EntityDialog
    v-slot="{ problems }"
    table="line"
    :row="line"
    :title="line.name"
    :width="520"
    :values="values"
    @close="emit('close')"
  >
    <TextField v-model="draft.name" label="Name" :problem="problems.name" />
    <div class="three">
      <NumberField v-model="draft.amount" label="Amount" :problem="problems.amount" />
      <label class="field"
        ><span>Measure</span
        ><select v-model="draft.measure" class="write">
          <option value="pieces">pieces</option>
          <option v-for="measure in EVERYDAY_MEASURES" :key="measure.key" :value="measure.key">
            {{ measure.many }}
          </option>
        </select></label
      >
      <label class="field"><span>Decision</span><DecisionChoice v-model="draft.decision" /></label>
    </div>
    <fieldset>
      <legend class="field-name">
        Size of one piece; 0 where nobody measured<template v-if="usual"
          >: then as {{ usual.name.toLowerCase() }} usually, {{ usual.size }}</template
        >
      </legend>
      <div class="three">
        <LengthField v-model="draft.length" label="Long" :problem="problems.length" /><LengthField
          v-model="draft.width"
          label="Wide"
          :problem="problems.width"
        /><LengthField v-model="draft.height" label="High" :problem="problems.height" />
      </div>
    </fieldset>
    <label class="field"
      ><span>Category</span
      ><select v-model="draft.categoryId" class="write" @change="sorted">
        <option :value="null">not sorted yet</option>
        <optgroup v-for="{ family, own } in families" :key="family.id" :label="family.name">
          <option v-for="one in own" :key="one.id" :value="one.id">{{ one.name }}</option>
        </optgroup>
      </select></label
    >
    <p v-if="putOffWords && draft.decision === 'decide later'" class="small wrong">{{ putOffWords }}</p>
    <TextField v-model="draft.note" label="Note" :problem="problems.note" />
    <label v-if="store.data.person.length && draft.decision === 'keep'" class="field"
      ><span>A keepsake of</span
      ><select v-model="draft.keepsakeOf" class="write">
        <option :value="null">nobody: it is none</option>
        <option v-for="person in store.data.person" :key="person.id" :value="person.id">{{ person.name }}</option>
      </select></label
    >
    <div class="three">
      <label class="field"
        ><span>Condition</span
        ><select v-model="draft.condition" class="write">
          <option :value="null">not said</option>
          <option v-for="condition in CONDITIONS" :key="condition">{{ condition }}</option>
        </select></label
      >
      <DayField
        v-if="draft.decision && HAS_DAY.includes(draft.decision)"
        v-model="draft.due"
        label="By"
        :problem="problems.due"
      />
      <label v-if="draft.decision && HAS_DESTINATION.includes(draft.decision)" class="field"
        ><span>To whom or where</span
        ><input
          v-model="draft.destination"
          class="write"
          list="destination"
          maxlength="80"
          autocomplete="off"
        /><datalist id="destination">
          <option v-for="one in known" :key="one" :value="one" />
        </datalist>
        <span v-if="problems.destination" class="wrong">{{ problems.destination }}</span></label
      >
      <DayField
        v-if="draft.decision === 'keep'"
        v-model="draft.keepUntil"
        label="Keep until"
        :problem="problems.keepUntil"
      />
    </div>
    <label v-if="hosts.length" class="field"
      ><span>Lies in another thing, which is its container</span
      ><select v-model="draft.insideId" class="write">
        <option :value="null">no, it has a place of its own</option>
        <option v-for="host in hosts" :key="host.id" :value="host.id">{{ host.name }}</option></select
      ><span v-if="problems.insideId" class="wrong">{{ problems.insideId }}</span></label
    >
    <details :open="!!line.setPieces || !!line.spread.length">
      <summary>A set that belongs together</summary>
      <div class="stack tight inside">
        <div class="three">
          <NumberField
            v-model="draft.setPieces"
            label="Pieces when whole"
            whole
            optional
            :problem="problems.setPieces"
          />
          <NumberField v-model="draft.setMissing" label="Missing" whole :problem="problems.setMissing" />
        </div>
        <p class="field-name">Split on purpose, and still one: where how much of it is</p>
        <div v-for="(part, i) in draft.spread" :key="i" class="part">
          <TextField v-model="part.where" :label="`Place ${i + 1}`" :problem="problems[`spread.${i}.where`]" />
          <NumberField v-model="part.amount" label="How much" :problem="problems[`spread.${i}.amount`]" />
          <button class="press quiet small" type="button" @click="draft.spread.splice(i, 1)">remove</button>
        </div>
        <button class="press small" type="button" @click="draft.spread.push({ where: '', amount: 1 })">
          another place
        </button>
      </div>
    </details>
    <details :open="!!Object.keys(line.attributes).length || !!line.also.length">
      <summary>Colour, material and more, for other ways to sort</summary>
      <div class="stack tight inside">
        <p class="small soft">Grey is what Stube reads from its name and category; write to say otherwise.</p>
        <div class="three">
          <label v-for="attribute in sides" :key="attribute" class="field"
            ><span>{{ attribute }}</span
            ><input v-model="draft.attributes[attribute]" class="write" maxlength="60" :placeholder="told(attribute)"
          /></label>
        </div>
        <label class="field"
          ><span>Also found under (hold a key to choose several)</span
          ><select v-model="draft.also" class="write also" multiple>
            <optgroup v-for="{ family, own } in families" :key="family.id" :label="family.name">
              <option v-for="one in own" :key="one.id" :value="one.id">{{ one.name }}</option>
            </optgroup>
          </select></label
        >
      </div>
    </details>
    <PhotoStrip :line-id="line.id" />
  </EntityDialog>
</template>

<style scoped>
.inside {
  padding: 6px 0 10px 14px;
  border-left: 3px solid var(--rule);
}
.part {
  display: grid;
  grid-template-columns: 1fr 90px auto;
  gap: 10px;
  align-items: end;
}
.also {
  height: 130px;
}
@media (max-width: 520px) {
  .three {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
