<script setup lang="ts">
/** Rules of thumb of this site: names, units, room to grow, how full is full. */
import { computed, reactive, watchEffect } from 'vue';
import type { LengthSystem, Site } from '@stube/core/model';
import { EVERYDAY_MEASURES } from '@stube/core/contents';
import { useForm } from '../../../parts/form.ts';
import { limitSaid } from '../../../parts/limit-said.ts';
import { percent } from '../../../parts/numbers.ts';
import NumberField from '../../../parts/NumberField.vue';
import TextField from '../../../parts/TextField.vue';
import { useSite } from '../../../data/site.ts';

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
  timeZone: '',
});
/** Every zone there is, and the one that the site has though this browser does not list it. */
const zones = computed(() =>
  [...new Set([...Intl.supportedValuesOf('timeZone'), draft.timeZone])].filter(Boolean).sort(),
);
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
      timeZone: site.timeZone ?? '',
    });
});
const { problems, submit } = useForm();
/** Each rule is written for itself: one that cannot be holds up no other. */
const save = (change: Partial<Site> | ((now: Site) => Partial<Site>)) =>
  submit(() => store.patch('site', store.site!, change));
const rest = (day: number, on: boolean) =>
  save(({ restDays }) => ({ restDays: [...restDays.filter((one) => one !== day), ...(on ? [day] : [])] }));
/** Only what is held otherwise than usual is kept. */
const measure = (key: string, usual: number) => {
  const own = draft.measures[key] ?? usual;
  return save(({ measures: { [key]: _before, ...others } }) => ({
    measures: Math.abs(own - usual) > 1e-9 ? { ...others, [key]: own } : others,
  }));
};
</script>

<template>
  <form class="sheet stack tight" novalidate @submit.prevent>
    <h2>Rules of this site</h2>
    <TextField v-model="draft.name" label="Name" :problem="problems.name" @commit="save({ name: draft.name })" />
    <div class="four">
      <label class="field"
        ><span>Lengths in</span
        ><select v-model="draft.system" class="write" @change="save({ system: draft.system })">
          <option value="metric">centimetres</option>
          <option value="millimetre">millimetres</option>
          <option value="imperial">feet and inches</option>
        </select></label
      >
      <TextField
        v-model="draft.currency"
        label="Currency"
        :problem="problems.currency"
        @commit="save({ currency: draft.currency })"
      />
      <NumberField
        v-model="draft.growth"
        label="Room to grow, %"
        :problem="limitSaid(problems.growth, percent)"
        @commit="save({ growth: Number(draft.growth) / 100 })"
      />
      <NumberField
        v-model="draft.fillLimit"
        label="Fill a container to, %"
        :problem="limitSaid(problems.fillLimit, percent)"
        @commit="save({ fillLimit: Number(draft.fillLimit) / 100 })"
      />
      <label class="field"
        ><span>Time zone</span
        ><select v-model="draft.timeZone" class="write" @change="save({ timeZone: draft.timeZone || null })">
          <option value="">as on each device</option>
          <option v-for="zone in zones" :key="zone" :value="zone">{{ zone.replaceAll('_', ' ') }}</option></select
        ><span v-if="problems.timeZone" class="problem">{{ problems.timeZone }}</span></label
      >
    </div>
    <fieldset class="stack tight">
      <legend class="field-name">Days on which nobody works here</legend>
      <div class="row">
        <label v-for="day in WEEK" :key="day" class="check"
          ><input
            :checked="draft.restDays.includes(day)"
            type="checkbox"
            @change="rest(day, ($event.target as HTMLInputElement).checked)"
          />{{ DAYS[day]!.slice(0, 3) }}<span class="hidden-text">{{ DAYS[day]!.slice(3) }}</span></label
        >
      </div>
    </fieldset>
    <label class="check"
      ><input v-model="draft.keepsNew" type="checkbox" @change="save({ keepsNew: draft.keepsNew })" />A new line of the
      pile stays unless it says otherwise; else it is decided one by one</label
    >
    <details>
      <summary>How much your everyday measures hold, in litres</summary>
      <div class="four measures">
        <NumberField
          v-for="{ key, one, litres } in MEASURED"
          :key="key"
          :model-value="draft.measures[key] ?? null"
          :label="`A ${one}`"
          :problem="problems[`measures.${key}`]"
          @update:model-value="draft.measures[key] = $event ?? null"
          @commit="measure(key, litres)"
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
