<script setup lang="ts">
/** A new room, or one that is there: its size and who comes in. */
import { reactive } from 'vue';
import { inRoundNumbers } from '@stube/core/measuring';
import { type Room, WALL_KINDS } from '@stube/core/model';
import CautionPreview from '../../../parts/cautions/CautionPreview.vue';
import EntityDialog from '../../../parts/EntityDialog.vue';
import LengthField from '../../../parts/LengthField.vue';
import PeopleChoice from '../people/PeopleChoice.vue';
import TextField from '../../../parts/TextField.vue';
import { useSite } from '../../../data/site.ts';

const props = defineProps<{ room?: Room }>();
const emit = defineEmits<{ close: []; made: [id: string] }>();
const store = useSite();
const WALL_WORDS = { masonry: 'brick, stone or concrete', plasterboard: 'plasterboard', timber: 'timber' };
const round = (mm: number) => inRoundNumbers(mm, store.site?.system ?? 'metric');
const draft = reactive({
  name: props.room?.name ?? '',
  width: props.room?.width ?? round(4500),
  depth: props.room?.depth ?? round(3600),
  height: props.room?.height ?? round(2500),
  people: [...(props.room?.people ?? [])],
  pets: props.room?.pets ?? false,
  wallKind: props.room?.wallKind ?? null,
  mayDrill: props.room?.mayDrill ?? null,
});
</script>

<template>
  <EntityDialog
    v-slot="{ problems }"
    table="room"
    :row="room"
    :title="room?.name ?? 'A room'"
    :width="480"
    :values="() => draft"
    removal="Remove the room"
    :save="room ? 'Save' : 'Add the room'"
    @made="emit('made', $event)"
    @close="emit('close')"
  >
    <TextField v-model="draft.name" label="Name of the room" :problem="problems.name" placeholder="such as Playroom" />
    <div class="three">
      <LengthField v-model="draft.width" label="Wide" :problem="problems.width" /><LengthField
        v-model="draft.depth"
        label="Deep"
        :problem="problems.depth"
      /><LengthField v-model="draft.height" label="High" :problem="problems.height" />
    </div>
    <div v-if="room" class="walls">
      <label class="field"
        ><span>Its walls</span
        ><select v-model="draft.wallKind" class="write">
          <option :value="null">not known</option>
          <option v-for="kind in WALL_KINDS" :key="kind" :value="kind">{{ WALL_WORDS[kind] }}</option>
        </select></label
      ><label class="field"
        ><span>May they be drilled?</span
        ><select v-model="draft.mayDrill" class="write">
          <option :value="null">nobody said</option>
          <option :value="true">yes</option>
          <option :value="false">no, rented or protected</option>
        </select></label
      >
    </div>
    <PeopleChoice
      v-model="draft.people"
      legend="Who comes in? Reach and cautions are reckoned for them; nobody ticked means everybody."
    />
    <label class="check"
      ><input v-model="draft.pets" type="checkbox" />A pet comes in too: it chews what stands open and low</label
    >
    <CautionPreview v-if="room" table="room" :row="{ ...room, ...draft }" />
  </EntityDialog>
</template>

<style scoped>
.walls {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}
.three {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 12px;
}
</style>
