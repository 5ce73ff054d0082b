<script setup lang="ts">
/** Rules of thumb of this site: names, units, room to grow, how full is full. */
import { reactive, watchEffect } from 'vue';
import type { LengthSystem } from '@stube/core/model/site';
import { EVERYDAY_MEASURES } from '@stube/core/pile/measures';
import { useForm } from '../../parts/form.ts';
import { limitSaid } from '../../parts/limit-said.ts';
import { percent } from '../../parts/numbers.ts';
import NumberField from '../../parts/NumberField.vue';
import TextField from '../../parts/TextField.vue';
import { useSite } from '../../data/site.ts';

const store = useSite();
const draft = reactive({
  name: '',
  system: 'metric' as LengthSystem,
  currency: 'EUR',
  growth: 10,
  fillLimit: 80,
  /** Litres of everyday measures as they are held here, by key. */
  measures: {} as Record<string, number | null>,
  restDays: [] as number[],
  keepsNew: false,
});
/** Those that have a size of their own: metres and kilograms follow from what they are of. */
const MEASURED = EVERYDAY_MEASURES.filter((measure) => measure.litres > 0 && measure.key !== 'litre');
const DAYS = ['Sunday', 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday'];
/** A week begins on Monday. */
const WEEK = [1, 2, 3, 4, 5, 6, 0];
watchEffect(() => {
  const site = store.site;
  if (site)
    Object.assign(draft, {
      name: site.name,
      system: site.system,
      currency: site.currency,
      growth: Math.round(site.growth * 100),
      fillLimit: Math.round(site.fillLimit * 100),
      measures: Object.fromEntries(MEASURED.map(({ key, litres }) => [key, site.measures[key] ?? litres])),
      restDays: [...site.restDays],
      keepsNew: site.keepsNew,
    });
});
const { problems, submit } = useForm();
const save = () =>
  submit(async () => {
    const site = store.site!;
    const next = {
      name: draft.name,
      system: draft.system,
      currency: draft.currency,
      growth: Number(draft.growth) / 100,
      fillLimit: Number(draft.fillLimit) / 100,
    };
    const changed = Object.fromEntries(
      Object.entries(next).filter(
        ([field, value]) =>
          Math.abs(Number(value) - Number(site[field as keyof typeof next])) > 1e-9 ||
          (typeof value === 'string' && value !== site[field as keyof typeof next]),
      ),
    );
    const measures = Object.fromEntries(
      MEASURED.flatMap(({ key, litres }) => {
        const own = draft.measures[key] ?? litres;
        return Math.abs(own - litres) > 1e-9 ? [[key, own]] : [];
      }),
    );
    if (JSON.stringify(measures) !== JSON.stringify(site.measures)) Object.assign(changed, { measures });
    if (draft.keepsNew !== site.keepsNew) Object.assign(changed, { keepsNew: draft.keepsNew });
    if ([...draft.restDays].sort().join() !== [...site.restDays].sort().join())
      Object.assign(changed, { restDays: [...draft.restDays] });
    if (Object.keys(changed).length) await store.patch('site', site, () => changed);
  });
</script>

<template>
  <form class="sheet stack tight" novalidate @submit.prevent="save">
    <h2>Rules of this site</h2>
    <TextField v-model="draft.name" label="Name" :problem="problems.name" @commit="save" />
    <div class="four">
      <label class="field"
        ><span>Lengths in</span
        ><select v-model="draft.system" class="write" @change="save">
          <option value="metric">centimetres</option>
          <option value="millimetre">millimetres</option>
          <option value="imperial">feet and inches</option>
        </select></label
      >
      <TextField v-model="draft.currency" label="Currency" :problem="problems.currency" @commit="save" />
      <NumberField
        v-model="draft.growth"
        label="Room to grow, %"
        :problem="limitSaid(problems.growth, percent)"
        @commit="save"
      />
      <NumberField
        v-model="draft.fillLimit"
        label="Fill a container to, %"
        :problem="limitSaid(problems.fillLimit, percent)"
        @commit="save"
      />
    </div>
    <fieldset class="stack tight">
      <legend class="field-name">Days on which nobody works here</legend>
      <div class="row">
        <label v-for="day in WEEK" :key="day" class="check"
          ><input v-model="draft.restDays" type="checkbox" :value="day" @change="save" />{{ DAYS[day]!.slice(0, 3)
          }}<span class="hidden-text">{{ DAYS[day]!.slice(3) }}</span></label
        >
      </div>
    </fieldset>
    <label class="check"
      ><input v-model="draft.keepsNew" type="checkbox" @change="save" />A new line of the pile stays unless it says
      otherwise; else it is decided one by one</label
    >
    <details>
      <summary>How much your everyday measures hold, in litres</summary>
      <div class="four measures">
        <NumberField
          v-for="measure in MEASURED"
          :key="measure.key"
          :model-value="draft.measures[measure.key] ?? null"
          :label="`A ${measure.one}`"
          :problem="problems[`measures.${measure.key}`]"
          @update:model-value="draft.measures[measure.key] = $event ?? null"
          @commit="save"
        />
      </div>
    </details>
    <p class="small soft">
      A full system breaks with the next thing that comes in; so a tenth stays free, and no container is filled above
      four fifths.
    </p>
  </form>
</template>

<style scoped>
.measures {
  padding-top: 8px;
}
.four {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px 12px;
}
</style>
