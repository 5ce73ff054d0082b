<script setup lang="ts">
/** A way out, a heater or a socket: what storage keeps clear of. */
import { computed, reactive } from 'vue';
import { FIXTURE_KINDS, type Fixture, type FixtureKind, type Room } from '@stube/core/model/entities';
import { CLEARANCE } from '@stube/core/cautions/fixtures';
import CautionPreview from '../cautions/CautionPreview.vue';
import EntityDialog from '../../parts/EntityDialog.vue';
import FloorPoint from '../../parts/FloorPoint.vue';
import TextField from '../../parts/TextField.vue';
import { said } from '../../parts/numbers.ts';

const props = defineProps<{ fixture?: Fixture; room: Room }>();
const emit = defineEmits<{ close: [] }>();
const draft = reactive({
  kind: props.fixture?.kind ?? ('exit' as FixtureKind),
  name: props.fixture?.name ?? '',
  x: props.fixture?.x ?? Math.round(props.room.width / 2),
  y: props.fixture?.y ?? 0,
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
    :title="fixture ? fixture.name || fixture.kind : 'What stays clear'"
    :width="420"
    :values="values"
    removal="Remove"
    @close="emit('close')"
  >
    <label class="field"
      ><span>What it is</span
      ><select v-model="draft.kind" class="write">
        <option v-for="kind in FIXTURE_KINDS" :key="kind">{{ kind }}</option>
      </select></label
    >
    <p class="small soft">
      Furniture keeps {{ said(`${CLEARANCE[draft.kind]} mm`) }} away from it; local codes may ask for more.
    </p>
    <TextField
      v-model="draft.name"
      label="What you call it"
      :problem="problems.name"
      placeholder="such as Garden door"
    />
    <FloorPoint v-model:x="draft.x" v-model:y="draft.y" :problems="problems" />
    <CautionPreview table="fixture" :row="preview" />
  </EntityDialog>
</template>
