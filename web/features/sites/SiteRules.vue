<script setup lang="ts">
/** Rules of thumb of this site: names, units, room to grow, how full is full. */
import { reactive, watchEffect } from 'vue';
import { useForm } from '../../parts/form.ts';
import NumberField from '../../parts/NumberField.vue';
import TextField from '../../parts/TextField.vue';
import { useSite } from '../../data/site.ts';

const store = useSite();
const draft = reactive({
  name: '',
  system: 'metric' as 'metric' | 'imperial',
  currency: 'EUR',
  growth: 10,
  fillLimit: 80,
});
watchEffect(() => {
  const site = store.site;
  if (site)
    Object.assign(draft, {
      name: site.name,
      system: site.system,
      currency: site.currency,
      growth: Math.round(site.growth * 100),
      fillLimit: Math.round(site.fillLimit * 100),
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
    if (Object.keys(changed).length) await store.patch('site', site, changed);
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
          <option value="metric">millimetres</option>
          <option value="imperial">feet and inches</option>
        </select></label
      >
      <TextField v-model="draft.currency" label="Currency" :problem="problems.currency" @commit="save" />
      <NumberField v-model="draft.growth" label="Room to grow, %" :problem="problems.growth" @commit="save" />
      <NumberField
        v-model="draft.fillLimit"
        label="Fill a container to, %"
        :problem="problems.fillLimit"
        @commit="save"
      />
    </div>
    <p class="small soft">
      A full system breaks with the next thing that comes in; so a tenth stays free, and no container is filled above
      four fifths.
    </p>
  </form>
</template>

<style scoped>
.four {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px 12px;
}
</style>
