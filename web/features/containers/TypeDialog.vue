<script setup lang="ts">
/** A kind of container: outside for the shelf, inside for what goes in. */
import { reactive } from 'vue';
import Dialog from 'primevue/dialog';
import type { ContainerType } from '@stube/core/model/entities';
import { useForm } from '../../parts/form.ts';
import FormEnd from '../../parts/FormEnd.vue';
import LengthField from '../../parts/LengthField.vue';
import TextField from '../../parts/TextField.vue';
import { useSite } from '../../data/site.ts';

const props = defineProps<{ type?: ContainerType }>();
const emit = defineEmits<{ close: [] }>();
const store = useSite();
const START = {
  name: '',
  form: 'box',
  outWidth: 300,
  outDepth: 350,
  outHeight: 200,
  inWidth: 285,
  inDepth: 335,
  inHeight: 190,
  seeThrough: false,
  lid: false,
  handle: false,
  stackable: false,
  mass: 400,
  price: 0,
  pack: 1,
  material: 'plastic',
  owned: 0,
} as const;
const fields = Object.keys(START) as (keyof typeof START)[];
const draft = reactive(
  Object.fromEntries(fields.map((field) => [field, props.type?.[field] ?? START[field]])) as Record<string, never>,
) as unknown as Omit<ContainerType, 'id' | 'siteId' | 'version'> & { price: number };
const money = reactive({ price: (draft.price / 100).toFixed(2) });
const { problems, busy, submit } = useForm();
const SIDES = [
  ['Width', 'wide'],
  ['Depth', 'deep'],
  ['Height', 'high'],
] as const;
const MATERIALS = ['plastic', 'clear', 'wood', 'basket', 'card', 'metal', 'cloth', 'glass'];

async function save(): Promise<void> {
  const values = {
    ...draft,
    price: Math.round(Number(money.price.replace(',', '.')) * 100),
    pack: Number(draft.pack),
    owned: Number(draft.owned),
    mass: Number(draft.mass),
  };
  if (
    await submit(() =>
      props.type ? store.patch('containerType', props.type, values) : store.create('containerType', values),
    )
  )
    emit('close');
}
async function drop(): Promise<void> {
  if (props.type && (await store.remove('containerType', props.type, props.type.name))) emit('close');
}
</script>

<template>
  <Dialog
    visible
    modal
    :header="type?.name ?? 'A kind of container'"
    :style="{ width: 'min(560px, 94vw)' }"
    @update:visible="emit('close')"
  >
    <form class="stack" novalidate @submit.prevent="save">
      <TextField v-model="draft.name" label="Name" :problem="problems.name" />
      <div class="three">
        <LengthField
          v-for="[side, word] in SIDES"
          :key="side"
          v-model="draft[`out${side}`]"
          :label="`Outside ${word}`"
          :problem="problems[`out${side}`]"
        />
      </div>
      <div class="three">
        <LengthField
          v-for="[side, word] in SIDES"
          :key="side"
          v-model="draft[`in${side}`]"
          :label="`Inside ${word}`"
          :problem="problems[`in${side}`]"
        />
      </div>
      <div class="three">
        <label class="field"
          ><span>Form</span
          ><select v-model="draft.form" class="write">
            <option value="box">straight sides</option>
            <option value="tapered">narrower at the foot</option>
            <option value="round">round</option>
          </select></label
        >
        <label class="field"
          ><span>Of</span
          ><select v-model="draft.material" class="write">
            <option v-for="one in MATERIALS" :key="one">{{ one }}</option>
          </select></label
        >
        <label class="field"
          ><span>Empty, grams</span><input v-model="draft.mass" class="write" inputmode="numeric" /><span
            v-if="problems.mass"
            class="wrong"
            >{{ problems.mass }}</span
          ></label
        >
      </div>
      <div class="row">
        <label class="check"><input v-model="draft.seeThrough" type="checkbox" />seen through</label
        ><label class="check"><input v-model="draft.lid" type="checkbox" />has a lid</label
        ><label class="check"><input v-model="draft.handle" type="checkbox" />has a handle</label
        ><label class="check"><input v-model="draft.stackable" type="checkbox" />can be stacked on</label>
      </div>
      <div class="three">
        <TextField v-model="money.price" :label="`Price, ${store.site?.currency ?? ''}`" :problem="problems.price" />
        <label class="field"
          ><span>Pieces in a pack</span><input v-model="draft.pack" class="write" inputmode="numeric" /><span
            v-if="problems.pack"
            class="wrong"
            >{{ problems.pack }}</span
          ></label
        >
        <label class="field"
          ><span>Owned</span><input v-model="draft.owned" class="write" inputmode="numeric" /><span
            v-if="problems.owned"
            class="wrong"
            >{{ problems.owned }}</span
          ></label
        >
      </div>
      <FormEnd :problem="problems.form" :busy="busy" :remove="type && 'Remove'" @remove="drop" />
    </form>
  </Dialog>
</template>

<style scoped>
.three {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 10px;
}
</style>
