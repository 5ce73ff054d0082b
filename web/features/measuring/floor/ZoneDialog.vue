<script setup lang="ts">
/** A zone of a room: what is done there, and where its middle is. */
import { computed, reactive } from 'vue';
import { ZONE_FLOOR } from '@stube/core/floor';
import { type Room, type Zone, ZONE_KINDS, type ZoneKind } from '@stube/core/model';
import CautionPreview from '../../../parts/cautions/CautionPreview.vue';
import EntityDialog from '../../../parts/EntityDialog.vue';
import LengthField from '../../../parts/LengthField.vue';
import FloorPoint from '../../../parts/FloorPoint.vue';
import TextField from '../../../parts/TextField.vue';

const props = defineProps<{ zone?: Zone; room: Room }>();
const emit = defineEmits<{ close: [] }>();
const draft = reactive({
  name: props.zone?.name ?? '',
  kind: props.zone?.kind ?? ('reading' as ZoneKind),
  x: props.zone?.x ?? Math.round(props.room.width / 2),
  y: props.zone?.y ?? Math.round(props.room.depth / 2),
  width: props.zone?.width ?? null,
  depth: props.zone?.depth ?? null,
});
const usual = computed(() => ZONE_FLOOR[draft.kind]);
const values = () => {
  const name = draft.name.trim() || `${draft.kind[0]!.toUpperCase()}${draft.kind.slice(1)}`;
  return { ...draft, name, ...(props.zone ? {} : { roomId: props.room.id }) };
};
const preview = computed<Zone>(() => ({
  id: 'new',
  version: 0,
  siteId: '',
  roomId: props.room.id,
  ...props.zone,
  ...draft,
}));
</script>

<template>
  <EntityDialog
    v-slot="{ problems }"
    table="zone"
    :row="zone"
    :title="zone?.name ?? 'A zone of the room'"
    :width="420"
    :values="values"
    removal="Remove"
    @close="emit('close')"
  >
    <label class="field"
      ><span>What is done there</span
      ><select v-model="draft.kind" class="write">
        <option v-for="kind in ZONE_KINDS" :key="kind">{{ kind }}</option>
      </select></label
    >
    <TextField v-model="draft.name" label="Name" :problem="problems.name" placeholder="as the activity" />
    <div v-if="usual.width" class="pair">
      <LengthField
        :model-value="draft.width ?? usual.width"
        label="Needs, from left to right"
        :problem="problems.width"
        @update:model-value="draft.width = $event === usual.width ? null : $event"
      /><LengthField
        :model-value="draft.depth ?? usual.depth"
        label="Needs, from front to back"
        :problem="problems.depth"
        @update:model-value="draft.depth = $event === usual.depth ? null : $event"
      />
    </div>
    <FloorPoint v-model:x="draft.x" v-model:y="draft.y" :problems="problems" />
    <CautionPreview table="zone" :row="preview" />
  </EntityDialog>
</template>

<style scoped>
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}
</style>
