<script setup lang="ts">
/** A consumable: least and wanted amount, pack, price, and how its use is known (practices S1, S2). */
import { computed, reactive } from 'vue';
import type { Par } from '@stube/core/model';
import EntityDialog from '../../../parts/EntityDialog.vue';
import MoneyField from '../../../parts/MoneyField.vue';
import { limitInKilos } from '../../../parts/limit-said.ts';
import NumberField from '../../../parts/NumberField.vue';
import TextField from '../../../parts/TextField.vue';
import { useSite } from '../../../data/site.ts';

const props = defineProps<{ par?: Par }>();
const emit = defineEmits<{ close: [] }>();
const store = useSite();
const GRAMS = 1000;
const kilos = (grams: number | null | undefined) => (grams == null ? null : grams / GRAMS);
const draft = reactive({
  lineId: props.par?.lineId ?? '',
  unit: props.par?.unit ?? 'pieces',
  least: (props.par?.least ?? 10) as number | null,
  wanted: (props.par?.wanted ?? 50) as number | null,
  pack: (props.par?.pack ?? 1) as number | null,
  price: props.par?.price ?? 0,
  leadDays: (props.par?.leadDays ?? 3) as number | null,
  use: props.par?.use ?? ('counted' as Par['use']),
  perDay: (props.par?.perDay ?? 0) as number | null,
  from: kilos(props.par?.fromGrams),
  to: kilos(props.par?.toGrams),
  nextId: props.par?.nextId ?? null,
  expires: props.par?.expires ?? '',
  opened: props.par?.opened ?? '',
  keepsDays: (props.par?.keepsDays ?? null) as number | null,
  useId: props.par?.useId ?? null,
  backId: props.par?.backId ?? null,
});
const USE = { counted: 'as it is counted', child: 'so many a child and day', day: 'so many a day open' } as const;
const lines = computed(() =>
  store.data.line.filter(({ decision }) => decision === 'keep').sort((a, b) => a.name.localeCompare(b.name)),
);
const places = computed(() =>
  store.data.unit.map((unit) => ({
    unit,
    spaces: store.data.compartment.filter(({ unitId }) => unitId === unit.id),
  })),
);
const values = () => {
  const { from, to, expires, opened, ...rest } = draft;
  const grams = (kg: number | null) => (kg === null ? null : Math.round(kg * GRAMS));
  return {
    ...rest,
    least: rest.least ?? 0,
    wanted: rest.wanted ?? 0,
    pack: rest.pack ?? 0,
    leadDays: rest.leadDays ?? 0,
    perDay: rest.perDay ?? 0,
    fromGrams: grams(from),
    toGrams: grams(to),
    expires: expires || null,
    opened: opened || null,
  };
};
</script>

<template>
  <EntityDialog
    v-slot="{ problems }"
    table="par"
    :row="par"
    :title="par ? (store.maps.line.get(par.lineId)?.name ?? 'A consumable') : 'A consumable'"
    :width="560"
    :values="values"
    removal="It is no longer restocked"
    :save="par ? 'Save' : 'Restock it'"
    @close="emit('close')"
    @made="emit('close')"
  >
    <label v-if="!par" class="field"
      ><span>What is used up</span
      ><select v-model="draft.lineId" class="write">
        <option value="">choose</option>
        <option v-for="line in lines" :key="line.id" :value="line.id">{{ line.name }}</option></select
      ><span v-if="problems.lineId" class="wrong">Choose what is used up</span></label
    >
    <div class="three">
      <NumberField v-model="draft.least" label="Least" :problem="problems.least" />
      <NumberField v-model="draft.wanted" label="Wanted" :problem="problems.wanted" />
      <TextField v-model="draft.unit" label="Counted in" :problem="problems.unit" />
      <NumberField v-model="draft.pack" label="In a pack" :problem="problems.pack" />
      <MoneyField v-model="draft.price" label="Price of a pack" :problem="problems.price" />
      <NumberField v-model="draft.leadDays" label="Days until it comes" whole :problem="problems.leadDays" />
    </div>
    <div class="three">
      <label class="field"
        ><span>How its use is known</span
        ><select v-model="draft.use" class="write">
          <option v-for="(words, key) in USE" :key="key" :value="key">{{ words }}</option>
        </select></label
      >
      <NumberField
        v-if="draft.use !== 'counted'"
        v-model="draft.perDay"
        :label="draft.use === 'child' ? 'A child and day' : 'A day open'"
        :problem="problems.perDay"
      />
    </div>
    <div v-if="draft.use === 'child'" class="three">
      <NumberField v-model="draft.from" label="Fits from, kg" optional :problem="limitInKilos(problems.fromGrams)" />
      <NumberField v-model="draft.to" label="to, kg" optional :problem="limitInKilos(problems.toGrams)" />
      <label class="field"
        ><span>The next size</span
        ><select v-model="draft.nextId" class="write">
          <option :value="null">none</option>
          <option v-for="line in lines" :key="line.id" :value="line.id">{{ line.name }}</option>
        </select></label
      >
    </div>
    <div class="three">
      <label v-for="key in ['useId', 'backId'] as const" :key="key" class="field"
        ><span>{{ key === 'useId' ? 'Used at' : 'Back-stock at' }}</span
        ><select v-model="draft[key]" class="write">
          <option :value="null">not told</option>
          <optgroup v-for="{ unit, spaces } in places" :key="unit.id" :label="unit.name">
            <option v-for="space in spaces" :key="space.id" :value="space.id">{{ space.name }}</option>
          </optgroup>
        </select></label
      >
      <TextField v-model="draft.expires" label="Spoils on" type="date" :problem="problems.expires" />
      <TextField v-model="draft.opened" label="Opened on" type="date" :problem="problems.opened" />
      <NumberField
        v-model="draft.keepsDays"
        label="Days it keeps once open"
        optional
        whole
        :problem="problems.keepsDays"
      />
    </div>
  </EntityDialog>
</template>

<style scoped>
.three {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 10px 12px;
  align-items: end;
}
@media (max-width: 520px) {
  .three {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
