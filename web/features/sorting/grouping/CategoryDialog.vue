<script setup lang="ts">
/** A category: what it is called, how it lies, who uses it, and what that asks of its container and place. */
import { counted } from '@stube/core/notation';
import { computed, reactive, ref } from 'vue';
import { PACKING_WORDS } from '@stube/core/contents';
import { HAZARD_WORDS } from '@stube/core/hazards';
import { type Category, type CategoryTraits, ZONE_KINDS } from '@stube/core/model';
import EntityDialog from '../../../parts/EntityDialog.vue';
import NumberField from '../../../parts/NumberField.vue';
import TextField from '../../../parts/TextField.vue';
import { useSite } from '../../../data/site.ts';
import PeopleChoice from '../../house/people/PeopleChoice.vue';
import LimitFields from '../../../parts/LimitFields.vue';
import { useMerging } from './merging.ts';

const props = defineProps<{ category?: Category; familyId: string }>();
const emit = defineEmits<{ close: [] }>();
const store = useSite();
const old = props.category;
const draft = reactive({
  name: old?.name ?? '',
  familyId: props.familyId,
  synonyms: (old?.synonyms ?? []).join(', '),
  otherName: old?.otherName ?? '',
  supervised: old?.supervised ?? false,
  severalRooms: old?.severalRooms ?? '',
  packingKind: old?.packingKind ?? ('rigid' as CategoryTraits['packingKind']),
  view: old?.view ?? null,
  lid: old?.lid ?? false,
  lightSensitive: old?.lightSensitive ?? false,
  zoneKind: old?.zoneKind ?? ('whole room' as CategoryTraits['zoneKind']),
  perWeek: old?.perWeek ?? (2 as number | null),
  hazards: [...(old?.hazards ?? [])],
  users: [...(old?.users ?? [])],
  tidiers: [...(old?.tidiers ?? [])],
  limit: old?.limit ?? null,
});
const values = () => {
  const words = draft.synonyms.split(',').map((word) => word.trim());
  return {
    ...draft,
    synonyms: [...new Set(words.filter(Boolean))],
  };
};
const lines = computed(() => store.data.line.filter((line) => line.categoryId === old?.id).length);
const removal = computed(
  () => `Remove${lines.value ? `; its ${counted(lines.value, 'line stays', 'lines stay')}, unsorted` : ''}`,
);

const { merge, split } = useMerging();
const others = computed(() =>
  store.data.category.filter((category) => category.id !== old?.id).sort((a, b) => a.name.localeCompare(b.name)),
);
const into = ref('');
const part = reactive({ name: '', lines: [] as string[] });
const ownLines = computed(() =>
  store.data.line.filter((line) => line.categoryId === old?.id && line.decision === 'keep'),
);
async function mergeInto(): Promise<void> {
  const target = store.maps.category.get(into.value);
  if (old && target && (await merge(target, [old]))) emit('close');
}
async function partOff(): Promise<void> {
  const chosen = ownLines.value.filter((ownLine) => part.lines.includes(ownLine.id));
  if (old && (await split(old, part.name.trim() || chosen[0]!.name.slice(0, 60), old.familyId, chosen))) emit('close');
}
</script>

<template>
  <EntityDialog
    table="category"
    :row="old"
    :title="old?.name ?? 'A category'"
    :width="580"
    :values="values"
    :removal="removal"
    @close="emit('close')"
  >
    <template #default="{ problems }">
      <div class="pair">
        <TextField v-model="draft.name" label="Name" :problem="problems.name" /><label class="field"
          ><span>Family</span
          ><select v-model="draft.familyId" class="write">
            <option v-for="family in store.data.family" :key="family.id" :value="family.id">{{ family.name }}</option>
          </select></label
        >
      </div>
      <TextField
        v-model="draft.synonyms"
        label="Other words for it, with commas; it is found by each"
        :problem="problems.synonyms"
      />
      <TextField
        v-model="draft.otherName"
        label="Second line on its labels: another language, or smaller"
        :problem="problems.otherName"
      />
      <div class="pair">
        <label class="field"
          ><span>How it lies</span
          ><select v-model="draft.packingKind" class="write">
            <option v-for="(words, lie) in PACKING_WORDS" :key="lie" :value="lie">{{ words }}</option>
          </select></label
        >
        <label class="field"
          ><span>Used in</span
          ><select v-model="draft.zoneKind" class="write">
            <option v-for="kind in ZONE_KINDS" :key="kind">{{ kind }}</option>
          </select></label
        >
        <NumberField v-model="draft.perWeek" label="Fetched, times a week" :problem="problems.perWeek" />
        <label class="field"
          ><span>To be seen?</span
          ><select v-model="draft.view" class="write">
            <option :value="null">no matter</option>
            <option value="show">show it: it should be used</option>
            <option value="hide">hide it: a calm room</option>
          </select></label
        >
      </div>
      <div class="row">
        <label class="check"><input v-model="draft.lid" type="checkbox" />wants a lid</label
        ><label class="check"><input v-model="draft.lightSensitive" type="checkbox" />keep out of the sun</label
        ><label class="check"
          ><input v-model="draft.supervised" type="checkbox" />children use it with an adult: above their reach, or
          locked</label
        >
      </div>
      <PeopleChoice v-model="draft.users" legend="Who uses it? Nobody ticked: whoever comes in, where it is safe." />
      <PeopleChoice v-model="draft.tidiers" legend="Who tidies it? Nobody ticked: those who use it." />
      <TextField
        v-model="draft.severalRooms"
        label="Kept in several rooms on purpose? Why"
        placeholder="needed at once in both"
        :problem="problems.severalRooms"
      />
      <LimitFields v-model="draft.limit" yearly :problem="problems['limit.count']" />
      <fieldset>
        <legend class="field-name">Usual hazards</legend>
        <div class="stack tight">
          <label v-for="(words, id) in HAZARD_WORDS" :key="id" class="check"
            ><input v-model="draft.hazards" type="checkbox" :value="id" />{{ words }}</label
          >
        </div>
      </fieldset>
    </template>
    <template #after>
      <details v-if="old" class="stack">
        <summary>Merge or part</summary>
        <div class="row nowrap">
          <select v-model="into" class="write" aria-label="Merge into">
            <option value="" disabled>merge it into …</option>
            <option v-for="other in others" :key="other.id" :value="other.id">{{ other.name }}</option></select
          ><button class="press small" type="button" :disabled="!into" @click="mergeInto">Merge</button>
        </div>
        <fieldset v-if="ownLines.length > 1">
          <legend class="field-name">Lines that become a category of their own</legend>
          <div class="row">
            <label v-for="ownLine in ownLines" :key="ownLine.id" class="check"
              ><input v-model="part.lines" type="checkbox" :value="ownLine.id" />{{ ownLine.name }}</label
            >
          </div>
          <div class="row nowrap">
            <input
              v-model="part.name"
              class="write"
              maxlength="60"
              aria-label="Name of the new category"
              placeholder="its name"
            /><button class="press small" type="button" :disabled="!part.lines.length" @click="partOff">
              Make it a category
            </button>
          </div>
        </fieldset>
      </details>
    </template>
  </EntityDialog>
</template>

<style scoped>
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px 12px;
}
.nowrap {
  flex-wrap: nowrap;
  padding: 6px 0;
}
</style>
