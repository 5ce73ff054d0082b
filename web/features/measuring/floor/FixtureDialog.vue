<script setup lang="ts">
/** A door, a window, a heater or a socket: what storage keeps clear of. */
import { computed, reactive } from 'vue';
import { type Fixture, FIXTURE_KINDS, type FixtureKind, type Room } from '@stube/core/model';
import { CLEARANCE } from '@stube/core/cautions';
import { inRoundNumbers } from '@stube/core/measuring';
import CautionPreview from '../../../parts/cautions/CautionPreview.vue';
import EntityDialog from '../../../parts/EntityDialog.vue';
import FloorPoint from '../../../parts/FloorPoint.vue';
import LengthField from '../../../parts/LengthField.vue';
import TextField from '../../../parts/TextField.vue';
import { said } from '../../../parts/numbers.ts';
import { useSite } from '../../../data/site.ts';

const props = defineProps<{ fixture?: Fixture; room: Room }>();
const emit = defineEmits<{ close: [] }>();
const store = useSite();
type Sizes = Pick<Fixture, 'width' | 'height' | 'sill' | 'swing'>;
/** Usual sizes, mm, as most are built (our own judgement). */
const USUAL: Record<FixtureKind, Sizes> = {
  exit: { width: 900, height: 2050, sill: 0, swing: 'left' },
  door: { width: 850, height: 2050, sill: 0, swing: 'left' },
  window: { width: 1200, height: 1200, sill: 900, swing: null },
  heater: { width: 1000, height: 600, sill: 150, swing: null },
  socket: { width: 80, height: 80, sill: 300, swing: null },
};
const NAMES: Record<FixtureKind, string> = {
  exit: 'a way out',
  door: 'a door to another room',
  window: 'a window',
  heater: 'a heater',
  socket: 'a socket',
};
const usualOf = (kind: FixtureKind): Sizes => {
  const { width, height, sill, swing } = USUAL[kind];
  const round = (mm: number) => inRoundNumbers(mm, store.site?.system ?? 'metric');
  return { width: round(width), height: round(height), sill: round(sill), swing };
};
const start = props.fixture ?? usualOf('exit');
const draft = reactive({
  kind: props.fixture?.kind ?? ('exit' as FixtureKind),
  name: props.fixture?.name ?? '',
  x: props.fixture?.x ?? Math.round(props.room.width / 2),
  y: props.fixture?.y ?? 0,
  width: start.width,
  height: start.height,
  sill: start.sill,
  swing: start.swing,
});
const values = () => ({ ...draft, ...(props.fixture ? {} : { roomId: props.room.id }) });
const preview = computed<Fixture>(() => ({
  id: 'new',
  version: 0,
  siteId: '',
  roomId: props.room.id,
  ...props.fixture,
  ...draft,
}));
</script>

<template>
  <EntityDialog
    v-slot="{ problems }"
    table="fixture"
    :row="fixture"
    :title="fixture ? fixture.name || NAMES[fixture.kind] : 'Door, window, heater or socket'"
    :width="460"
    :values="values"
    removal="Remove"
    @close="emit('close')"
  >
    <label class="field"
      ><span>What it is</span
      ><select v-model="draft.kind" class="write" @change="Object.assign(draft, usualOf(draft.kind))">
        <option v-for="kind in FIXTURE_KINDS" :key="kind" :value="kind">{{ NAMES[kind] }}</option>
      </select></label
    >
    <p v-if="CLEARANCE[draft.kind]" class="small soft">
      Furniture keeps {{ said(`${CLEARANCE[draft.kind]} mm`) }} away from it; local codes may ask for more.
    </p>
    <TextField
      v-model="draft.name"
      label="What you call it"
      :problem="problems.name"
      placeholder="such as Garden door"
    />
    <div class="three">
      <LengthField v-model="draft.width" label="Wide" :problem="problems.width" /><LengthField
        v-model="draft.height"
        label="High"
        :problem="problems.height"
      /><LengthField
        v-model="draft.sill"
        :label="draft.kind === 'window' ? 'Sill at' : 'Above floor'"
        :problem="problems.sill"
      />
    </div>
    <label v-if="draft.kind === 'exit' || draft.kind === 'door'" class="field"
      ><span>It opens, seen from inside</span
      ><select v-model="draft.swing" class="write">
        <option value="left">into the room, hinges at the left</option>
        <option value="right">into the room, hinges at the right</option>
        <option value="out">out of the room</option>
        <option :value="null">not at all: an opening, or it slides</option>
      </select></label
    >
    <FloorPoint v-model:x="draft.x" v-model:y="draft.y" :problems="problems" />
    <CautionPreview table="fixture" :row="preview" />
  </EntityDialog>
</template>
